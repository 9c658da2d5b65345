import {
  applied,
  type Change,
  changeOf,
  fits,
  type HoxenDocument,
  inverse,
  type KeptName,
  type ListName,
  type ListRow,
  type Raw,
  type RowRef,
  type SingleName,
  type SingleValue,
  type Trail,
  trailKey,
} from '@hoxen/core/format'
import type { UnitSystem } from '@hoxen/core/quantity'
import { db, type HistoryEntry, type KeptRow } from './database.ts'
import { changed } from './live.ts'
import { inPortions, type Watched } from './portions.ts'
import { inOrder, listOf, rowsAt, singleOf, stepsOf } from './reading.ts'
import { thisTab } from './tab.ts'
import {
  fieldsTouched,
  NOTHING_TOLD,
  type ToldTrails,
  tellTrails,
  trailsAt,
  writeWithTrails,
} from './trails.ts'
import { nextMoment } from './underway.ts'

/** Transaction of a change. It reads what is stored at that moment, its own writes included; all or nothing is written. */
export interface Tx {
  readonly one: <N extends SingleName>(name: N) => Promise<SingleValue<N> | undefined>
  readonly all: <N extends ListName>(name: N) => Promise<readonly ListRow<N>[]>
  readonly find: <N extends ListName>(name: N, id: string) => Promise<ListRow<N> | undefined>
  /** Undefined takes it away. */
  readonly set: <N extends SingleName>(name: N, value: SingleValue<N> | undefined) => void
  /** Adds, or replaces what has the same identifier. */
  readonly put: <N extends ListName>(name: N, rows: readonly ListRow<N>[]) => void
  /** Makes the difference between two states of a row to the row as it is now; nothing where it is gone. */
  readonly edit: <N extends ListName>(name: N, was: ListRow<N>, is: ListRow<N>) => Promise<void>
  readonly remove: (name: ListName, ids: readonly string[]) => void
  /** Takes away without another device being told: it comes back. */
  readonly putAside: (name: ListName, ids: readonly string[]) => void
  /** Own document from before the demo was opened. */
  readonly ownAside: () => Promise<HoxenDocument | undefined>
  /** Keeps it, or with none lets it go; not part of what can be undone. */
  readonly keepOwnAside: (own: HoxenDocument | undefined) => void
  /** The states a thing has been through, where another device or a file knows them. @param place as `trailKey` writes it */
  readonly trail: (place: string, trail: Trail) => void
}

/** Result of undo and redo: the step's label, and whether it was made or had to be let be. */
export interface Walked {
  readonly label: string
  /** False when what it would change is no longer as the step left it; the step is then forgotten. */
  readonly done: boolean
}

/** Said when something cannot be kept. Nothing was changed. */
export class NotKept extends Error {}

/** Changes older than this many are forgotten. */
const HISTORY_KEPT = 200
const TRIM_EVERY = 20

/** The registry with its schemas: not needed for a first look at the page, and asked for before a transaction begins. */
const registry = () => import('./files.ts')
type Registry = Awaited<ReturnType<typeof registry>>

/** Writes of a transaction, buffered by name and key until it commits. */
class Gathered implements Tx {
  readonly writes = new Map<string, RowRef & { readonly value: Raw | undefined }>()
  readonly aside = new Set<string>()
  readonly trails = new Map<string, Trail>()
  /** Fate of what is put aside; none where nothing does. */
  own: { readonly document: HoxenDocument | undefined } | undefined

  private gather(name: KeptName, key: string, value: unknown): void {
    this.writes.set(`${name} ${key}`, { name, key, value: value as Raw | undefined })
  }

  one = async <N extends SingleName>(name: N): Promise<SingleValue<N> | undefined> => {
    const own = this.writes.get(`${name} `)
    return own === undefined ? singleOf(name) : (own.value as SingleValue<N> | undefined)
  }

  find = async <N extends ListName>(name: N, id: string): Promise<ListRow<N> | undefined> => {
    const own = this.writes.get(`${name} ${id}`)
    const value = own === undefined ? (await db.kept.get([name, id]))?.value : own.value
    return value as ListRow<N> | undefined
  }

  all = async <N extends ListName>(name: N): Promise<readonly ListRow<N>[]> => {
    const rows = new Map((await listOf(name)).map((row) => [row.id, row]))
    for (const write of this.writes.values()) {
      if (write.name !== name) continue
      if (write.value === undefined) rows.delete(write.key)
      else rows.set(write.key, write.value as ListRow<N>)
    }
    return [...rows.values()]
  }

  set = (name: SingleName, value: unknown): void => this.gather(name, '', value)
  put = (name: ListName, rows: readonly { readonly id: string }[]): void => {
    for (const row of rows) this.gather(name, row.id, row)
  }
  edit = async <N extends ListName>(name: N, was: ListRow<N>, is: ListRow<N>): Promise<void> => {
    const now = await this.find(name, was.id)
    const change = now && changeOf({ name, key: was.id }, was as unknown as Raw, is as unknown as Raw)
    if (now !== undefined && change !== undefined)
      this.put(name, [applied(now as unknown as Raw, change) as unknown as ListRow<N>])
  }
  remove = (name: ListName, ids: readonly string[]): void => {
    for (const id of ids) this.gather(name, id, undefined)
  }
  putAside = (name: ListName, ids: readonly string[]): void => {
    this.remove(name, ids)
    for (const id of ids) this.aside.add(trailKey(name, id))
  }
  ownAside = async (): Promise<HoxenDocument | undefined> => (await db.aside.get('before-demo'))?.document
  keepOwnAside = (document: HoxenDocument | undefined): void => {
    this.own = { document }
  }
  trail = (place: string, trail: Trail): void => void this.trails.set(place, trail)
}

/** A value as its schema keeps it. */
function sound(
  { LISTS, SINGLES, isList, problemsOf, sayProblem }: Registry,
  units: UnitSystem,
  name: KeptName,
  value: unknown,
): Raw {
  const { schema, words } = isList(name) ? LISTS[name] : SINGLES[name]
  const parsed = schema.safeParse(value)
  if (parsed.success) return parsed.data as Raw
  const [first] = problemsOf(parsed.error, schema, value)
  const called = isList(name) ? `this ${words.one}` : words.one
  const why = first === undefined ? '' : ` ${sayProblem(first, units)}`
  throw new NotKept(
    `${called[0]?.toUpperCase()}${called.slice(1)} can’t be saved.${why} Nothing was changed.`,
  )
}

/** Whether every list still has room for what is added. */
async function refuseBeyondLimits({ LISTS, isList }: Registry, changes: readonly Change[]): Promise<void> {
  const grows = new Map<ListName, number>()
  for (const { name, did } of changes)
    if (isList(name) && did !== 'edit') grows.set(name, (grows.get(name) ?? 0) + (did === 'add' ? 1 : -1))
  for (const [name, by] of grows) {
    const { limit, words } = LISTS[name]
    if (by <= 0) continue
    const count = (await inOrder(name).count()) + by
    if (count > limit)
      throw new NotKept(
        `Hoxen stores up to ${limit.toLocaleString('en')} ${words.many}, and this would make ${count.toLocaleString('en')}. Nothing was changed.`,
      )
  }
}

/** A row as changes see it: its value, and for a list its place in the angler's order. */
type State = { readonly value: Raw; readonly place: number }

const stateOf = (row: KeptRow | undefined): State | undefined => row && { value: row.value, place: row.place }

async function statesOf(places: readonly RowRef[]): Promise<readonly (State | undefined)[]> {
  return (await rowsAt(db.kept, places)).map(stateOf)
}

const placesOf = (changes: readonly Change[]): ReadonlySet<string> =>
  new Set(changes.map(({ name, key }) => trailKey(name, key)))

/** Applies known changes in one batch. @param checked returns a value as its schema keeps it */
async function perform(
  known: Registry,
  changes: readonly Change[],
  before: readonly (State | undefined)[],
  told: ToldTrails,
  checked: (name: KeptName, value: Raw) => Raw,
  watched: Watched = {},
): Promise<void> {
  await refuseBeyondLimits(known, changes)
  const put: KeptRow[] = []
  const gone: RowRef[] = []
  changes.forEach((change, i) => {
    const { name, key } = change
    const after = applied(before[i], change) as State | undefined
    if (after === undefined) gone.push({ name, key })
    else put.push({ name, key, place: after.place, value: checked(name, after.value) })
  })
  await writeWithTrails(put, gone, told, fieldsTouched(changes), Date.now(), watched)
}

/** Units that a refusal is told in. */
const unitsNow = async (): Promise<UnitSystem> => (await singleOf('settings'))?.units ?? 'trade'

/** The changes that writes come to: what is there already is no change; what is new takes the next places. */
async function changesOf(
  known: Registry,
  writes: readonly (RowRef & { readonly value: Raw | undefined })[],
  watched: Watched,
): Promise<{ changes: readonly Change[]; before: readonly (State | undefined)[] }> {
  const next = new Map<KeptName, number>()
  const units = await unitsNow()
  for (const { name } of writes)
    if (known.isList(name) && !next.has(name)) next.set(name, (await inOrder(name).last())?.place ?? 0)
  const changes: Change[] = []
  const before: (State | undefined)[] = []
  const see = ({ name, key, value }: (typeof writes)[number], was: State | undefined): void => {
    let after: State | undefined
    if (value !== undefined) {
      if (was === undefined && known.isList(name)) next.set(name, (next.get(name) ?? 0) + 1)
      const place = was?.place ?? (known.isList(name) ? (next.get(name) ?? 0) : 0)
      after = { value: sound(known, units, name, value), place }
    }
    const change = changeOf({ name, key }, was, after)
    if (change === undefined) return
    changes.push(change)
    before.push(was)
  }
  await inPortions(writes, watched, [0, 0.5], async (portion) => {
    const states = await statesOf(portion)
    portion.forEach((write, i) => {
      see(write, states[i])
    })
  })
  return { changes, before }
}

async function putAside(own: Gathered['own']): Promise<void> {
  if (own === undefined) return
  if (own.document === undefined) await db.aside.delete('before-demo')
  else await db.aside.put({ id: 'before-demo', document: own.document })
}

/** One who writes: what a tab does, only it takes back. */
export class Writer {
  /** @param told which names a change has changed, and when it began */
  constructor(
    private readonly tab: () => string,
    private readonly told: (names: ReadonlySet<KeptName>, moment: number) => void = () => {},
  ) {}

  /**
   * The only way stored data changes: reads and writes of `change` happen in one transaction, all or none, and are recorded under one
   * label as a diff with its inverse.
   * @param change may wait for nothing but the reads it is given
   * @param watched is told how far it is, and may stop it: then nothing is changed
   * @returns false when it changes nothing
   */
  async commit(
    label: string,
    change: (tx: Tx) => Promise<void> | void,
    watched: Watched = {},
  ): Promise<boolean> {
    const known = await registry()
    const names = new Set<KeptName>()
    let moment = 0
    const made = await db.transaction('rw', db.kept, db.gone, db.history, db.aside, async () => {
      moment = nextMoment()
      const gathered = new Gathered()
      await change(gathered)
      await putAside(gathered.own)
      const { changes, before } = await changesOf(known, [...gathered.writes.values()], watched)
      const was = await trailsAt(gathered.trails.keys())
      await tellTrails(gathered.trails, placesOf(changes))
      if (changes.length === 0) return false
      // They were checked when they were gathered.
      await perform(known, changes, before, gathered, (_name, value) => value, watched)
      const told = { was: Object.fromEntries(was), is: Object.fromEntries(gathered.trails) }
      await this.remember(label, changes, gathered.trails.size === 0 ? {} : { told })
      for (const { name } of changes) names.add(name)
      return true
    })
    this.told(names, moment)
    return made
  }

  private async remember(
    label: string,
    changes: readonly Change[],
    told: Pick<HistoryEntry, 'told'>,
  ): Promise<void> {
    await stepsOf(this.tab(), 1).delete()
    const seq = await db.history.add({ at: Date.now(), tab: this.tab(), label, changes, ...told, undone: 0 })
    if (seq % TRIM_EVERY === 0)
      await db.history
        .where('seq')
        .below(seq - HISTORY_KEPT)
        .delete()
  }

  private async walk(
    pick: () => Promise<HistoryEntry | undefined>,
    road: (entry: HistoryEntry) => readonly Change[],
    undone: 0 | 1,
  ): Promise<Walked | undefined> {
    const known = await registry()
    const names = new Set<KeptName>()
    let moment = 0
    const walked = await db.transaction('rw', db.kept, db.gone, db.history, async () => {
      moment = nextMoment()
      const entry = await pick()
      if (entry === undefined) return undefined
      const changes = road(entry)
      const units = await unitsNow()
      const states = await statesOf(changes)
      const done = changes.every((change, i) => fits(states[i], change))
      if (done) {
        // A merge that is taken back is no newer edit: its trails are as they were.
        const trails = new Map(Object.entries((undone === 1 ? entry.told?.was : entry.told?.is) ?? {}))
        await tellTrails(trails, placesOf(changes))
        await perform(known, changes, states, { ...NOTHING_TOLD, trails }, (name, value) =>
          sound(known, units, name, value),
        )
        await db.history.update(entry.seq, { undone })
        for (const { name } of changes) names.add(name)
      } else await db.history.delete(entry.seq)
      return { label: entry.label, done }
    })
    this.told(names, moment)
    return walked
  }

  /** Takes back the latest step of this tab, if all is still as it left it. @returns undefined when there is none */
  undo(): Promise<Walked | undefined> {
    return this.walk(
      () => stepsOf(this.tab(), 0).last(),
      ({ changes }) => [...changes].reverse().map(inverse),
      1,
    )
  }

  /** Makes the latest step that was taken back again. */
  redo(): Promise<Walked | undefined> {
    return this.walk(
      () => stepsOf(this.tab(), 1).first(),
      ({ changes }) => changes,
      0,
    )
  }
}

export const writer = new Writer(thisTab, changed)
