import type { Heard } from '@hoxen/core/day'
import {
  type Change,
  type HoxenDocument,
  type KeptName,
  type Raw,
  type Trail,
  upgraded,
} from '@hoxen/core/format'
import Dexie, { type Table, type Transaction } from 'dexie'

/** Anything that is kept, whatever its sort: one of a list under its identifier, or a single thing under none. */
export interface KeptRow {
  readonly name: KeptName
  readonly key: string
  /** The angler's own order within a list. */
  readonly place: number
  readonly value: Raw
  /** The states it has been through; none for what was there before trails were kept. */
  readonly trail?: Trail
}

/** Tombstone of what was taken away, for other devices to know. */
export interface GoneRow {
  readonly name: KeptName
  readonly key: string
  readonly trail: Trail
  /** Put aside and not taken away: what it was, so that it comes back as itself. No other device is told. */
  readonly aside?: Raw
}

/** The last that was heard of a gauge, or read from its file. Kept for when it is silent; not part of what can be undone. */
export interface StoredGauge extends Heard {
  readonly id: string
}

/** Draft typed into a form and not saved, by form and tab. */
export interface Draft {
  readonly form: string
  readonly tab: string
  /** When it was typed [ms since 1970]. */
  readonly at: number
  readonly text: Readonly<Record<string, string>>
}

export interface HistoryEntry {
  readonly seq: number
  readonly at: number
  /** The tab that did it; nobody else takes it back. */
  readonly tab: string
  readonly label: string
  readonly changes: readonly Change[]
  /** Trails that came with it from a file or another device, as they were before and after: taken back, they are as before. */
  readonly told?: {
    readonly was: Readonly<Record<string, Trail | null>>
    readonly is: Readonly<Record<string, Trail>>
  }
  /** 1 when taken back and waiting to be redone. */
  readonly undone: 0 | 1
}

/** Own data from before the demo was opened; not part of what can be undone. */
export interface Aside {
  readonly id: 'before-demo'
  readonly document: HoxenDocument
}

/** Fact that this device alone knows, and no file carries. */
export interface DeviceFact {
  readonly id: 'saved'
  /** When everything was last saved to a file [ms since 1970]. */
  readonly atMs: number
}

interface Migration {
  readonly version: number
  readonly tables: Readonly<Record<string, string | null>>
  readonly upgrade?: (transaction: Transaction) => Promise<unknown>
}

/** Gathers the tables of versions 1 and 2 into a document of their day, and that one of today. */
async function gatherTables(transaction: Transaction): Promise<void> {
  const rows = async (table: string, order: string): Promise<Raw[]> =>
    transaction.table<Raw>(table).orderBy(order).toArray()
  const items = (await rows('items', 'added')).map((row) => row.item)
  const runs = (await rows('runs', 'added')).map((row) => row.run)
  const singles = (await rows('documents', 'key')).map((row) => [row.key, row.value] as const)
  await keepDocument(transaction, { gear: { items }, runs, ...Object.fromEntries(singles) }, 1)
  await transaction.table('history').clear()
}

/** Replaces all that is kept by a document of an older version, brought up to today's. */
async function keepDocument(transaction: Transaction, document: Raw, from: number): Promise<void> {
  const { gear, ...rest } = upgraded(document, from)
  const rows = Object.entries({ ...rest, items: (gear as Raw).items }).flatMap(([name, value]): KeptRow[] =>
    Array.isArray(value)
      ? value.map((row: Raw, i) => ({
          name: name as KeptName,
          key: String(row.id),
          place: i + 1,
          value: row,
        }))
      : value === undefined
        ? []
        : [{ name: name as KeptName, key: '', place: 0, value: value as Raw }],
  )
  await transaction.table('kept').bulkPut(rows)
}

/**
 * Every shape the stored data has had. Append; never edit one that has shipped. What is kept needs no table of its own: a
 * new sort is an entry in core's `format`, and a change of a sort a step there, made here in an upgrade of the rows.
 */
const MIGRATIONS: readonly Migration[] = [
  { version: 1, tables: { items: 'id, kind, added', documents: 'key', history: '++seq, undone' } },
  { version: 2, tables: { runs: 'id, added', gauges: 'id' } },
  {
    version: 3,
    tables: {
      kept: '[name+key], [name+place]',
      history: '++seq, [tab+undone]',
      drafts: '[form+tab], form',
    },
    upgrade: gatherTables,
  },
  { version: 4, tables: { items: null, documents: null, runs: null } },
  { version: 5, tables: { aside: 'id' } },
  { version: 6, tables: { gone: '[name+key]', device: 'id' } },
]

class HoxenDatabase extends Dexie {
  readonly kept!: Table<KeptRow, [string, string]>
  readonly history!: Table<HistoryEntry, number, Omit<HistoryEntry, 'seq'>>
  readonly gauges!: Table<StoredGauge, string>
  readonly drafts!: Table<Draft, [string, string]>
  readonly aside!: Table<Aside, Aside['id']>
  readonly gone!: Table<GoneRow, [string, string]>
  readonly device!: Table<DeviceFact, DeviceFact['id']>

  constructor() {
    // A change need not wait for the disk: the browser writes it within a moment, and the page redraws at once.
    super('hoxen', { chromeTransactionDurability: 'relaxed' })
    for (const { version, tables, upgrade } of MIGRATIONS) {
      const step = this.version(version).stores(tables)
      if (upgrade) step.upgrade(upgrade)
    }
  }
}

export const db = new HoxenDatabase()

/** Opens the store, or says why it cannot be: a private window may forbid it. */
export const openStore = async (): Promise<void> => void (await db.open())

type Trouble = 'newer-tab' | 'older-tab'
let tell: ((trouble: Trouble) => void) | undefined

/** Says when another tab's Hoxen is of another version: a newer one has taken the store over, or an older one holds it. */
export function onVersionTrouble(listener: (trouble: Trouble) => void): void {
  tell = listener
}

// A newer page wants to change the store's shape: this one lets go of it, or the newer could never open.
db.on('versionchange', () => {
  db.close({ disableAutoOpen: true })
  tell?.('newer-tab')
  return false
})
db.on('blocked', () => tell?.('older-tab'))
