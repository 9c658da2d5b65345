import type { Item, Job, Kind, RigChoice, Rigging, Run, Settings, WaterChoice } from '@hoxen/core/gear'
import type { GaugeRecord } from '@hoxen/core/water'
import Dexie, { type EntityTable, type Transaction } from 'dexie'
import type { Change } from './change.ts'

/** An item as stored; `added` keeps the angler's own order. */
export interface StoredItem {
  readonly id: string
  readonly kind: Kind
  readonly added: number
  readonly item: Item
}

/** A run of water as stored; `added` keeps the angler's own order. */
export interface StoredRun {
  readonly id: string
  readonly added: number
  readonly run: Run
}

/** The last that was heard of a gauge, or read from its file. Kept for when it is silent; not part of what can be undone. */
export interface StoredGauge {
  readonly id: string
  readonly record: GaugeRecord
  readonly from: 'gauge' | 'file'
}

/** Single things: the job, the rig in the strip, the pinned rig, the settings. */
export interface Documents {
  readonly job: Job
  readonly rig: RigChoice
  readonly pinned: RigChoice
  readonly settings: Settings
  readonly rigging: Rigging
  readonly water: WaterChoice
}
export type DocumentKey = keyof Documents

export interface StoredDocument {
  readonly key: DocumentKey
  readonly value: Documents[DocumentKey]
}

export interface HistoryEntry {
  readonly seq: number
  readonly at: number
  readonly label: string
  readonly changes: readonly Change[]
  /** 1 when taken back and waiting to be redone. */
  readonly undone: 0 | 1
}

interface Migration {
  readonly version: number
  readonly tables: Readonly<Record<string, string>>
  readonly upgrade?: (transaction: Transaction) => Promise<unknown>
}

/** Every shape the stored data has had. Append; never edit one that has shipped. */
const MIGRATIONS: readonly Migration[] = [
  { version: 1, tables: { items: 'id, kind, added', documents: 'key', history: '++seq, undone' } },
  { version: 2, tables: { runs: 'id, added', gauges: 'id' } },
]

class HoxenDatabase extends Dexie {
  readonly items!: EntityTable<StoredItem, 'id'>
  readonly documents!: EntityTable<StoredDocument, 'key'>
  readonly runs!: EntityTable<StoredRun, 'id'>
  readonly gauges!: EntityTable<StoredGauge, 'id'>
  readonly history!: EntityTable<HistoryEntry, 'seq'>

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
