import type { Past } from './document.ts'
import { type ImportPlan, newIn, planImport, sameFigures } from './importPlan.ts'
import {
  type HoxenDocument,
  type KeptName,
  LIST_NAMES,
  type ListName,
  type ListRow,
  SINGLE_NAMES,
} from './kept.ts'
import { descent, joined, markedAt, markOf, onward, type Trail, trailKey } from './trail.ts'

/** Everything on one device, and how it came about. */
export interface WithPast {
  readonly document: HoxenDocument
  /** Left out by a plain file, which knows nothing of it. */
  readonly past?: Past | undefined
}

type Row = { readonly id: string }

/** A thing that was changed on both sides since they last met, or changed on one and taken away on the other. */
export interface Asked {
  readonly place: string
  readonly name: ListName
  readonly mine?: ListRow<ListName>
  readonly theirs?: ListRow<ListName>
  /** Side that touched it last, by its own clock. */
  readonly later: 'mine' | 'theirs'
}

/** A thing of the file that is older than what is here. */
export interface Older {
  readonly place: string
  readonly name: ListName
  readonly theirs: ListRow<ListName>
  /** Left out where it was taken away here. */
  readonly mine?: ListRow<ListName>
}

/** Plan of bringing another device's file in: per thing the newer state wins, nothing is replaced wholesale. */
export interface Merge {
  readonly plan: ImportPlan
  /** Things that were changed or taken away here since, and stay so unless the file’s older state is wanted back. */
  readonly older: readonly Older[]
  /** Taken away there and not touched here since. */
  readonly removed: readonly { readonly name: ListName; readonly row: ListRow<ListName> }[]
  readonly asked: readonly Asked[]
  /** Trails after the merge, whatever is answered. */
  readonly trails: Readonly<Record<string, Trail>>
  /** Trails of what is asked about, both sides' in one. */
  readonly askedTrails: Readonly<Record<string, Trail>>
}

/** Rows to be written, all in one step. */
export interface Taken {
  readonly document: HoxenDocument
  readonly removed: readonly { readonly name: ListName; readonly id: string }[]
  readonly trails: Readonly<Record<string, Trail>>
}

const NO_PAST: Past = { trails: {}, gone: {} }

/** A thing from a plain file bears a mark of what it is: the same file on two devices is then the same thing. */
export const withoutPast = (row: unknown): Trail => [markOf(JSON.stringify(row))]

/** A plain file adds and changes; it knows of nothing that was taken away. */
function plainMerge(mine: HoxenDocument, theirs: HoxenDocument): Merge {
  const plan = planImport(mine, theirs)
  const trails = Object.fromEntries(
    LIST_NAMES.flatMap((name) =>
      plan.lists[name].added.map((row) => [trailKey(name, row.id), withoutPast(row)]),
    ),
  )
  return { plan, older: [], removed: [], asked: [], trails, askedTrails: {} }
}

/** Gathers what becomes of each thing, list by list. */
class Bringing {
  readonly older: Older[] = []
  readonly removed: Merge['removed'][number][] = []
  readonly asked: Asked[] = []
  readonly trails: Record<string, Trail> = {}
  readonly askedTrails: Record<string, Trail> = {}

  constructor(
    private readonly mine: Past,
    private readonly theirs: Past,
  ) {}

  private ask(
    name: ListName,
    id: string,
    mine: Row | undefined,
    theirs: Row | undefined,
    a: Trail,
    b: Trail,
  ): void {
    const place = trailKey(name, id)
    const later = markedAt(b) > markedAt(a) ? 'theirs' : 'mine'
    this.askedTrails[place] = later === 'mine' ? joined(a, b) : joined(b, a)
    const rows = { ...(mine && { mine }), ...(theirs && { theirs }) }
    this.asked.push({ place, name, ...rows, later } as Asked)
  }

  /** One thing of theirs. @returns what it would do here */
  row(name: ListName, before: Row | undefined, after: Row): 'added' | 'changed' | 'same' | 'kept' | 'asked' {
    const place = trailKey(name, after.id)
    const b = this.theirs.trails[place] ?? []
    const a = (before === undefined ? this.mine.gone[place] : this.mine.trails[place]) ?? []
    if (before !== undefined && sameFigures(before, after)) {
      this.trails[place] = markedAt(b) > markedAt(a) ? joined(b, a) : joined(a, b)
      return 'same'
    }
    const removedHere = before === undefined && this.mine.gone[place] !== undefined
    const came = before === undefined && !removedHere ? 'theirs-newer' : descent(a, b)
    if (came === 'theirs-newer') {
      this.trails[place] = joined(b, a)
      return before === undefined ? 'added' : 'changed'
    }
    if (came === 'mine-newer') {
      this.askedTrails[place] = joined(a, b)
      this.older.push({ place, name, theirs: after, ...(before && { mine: before }) } as Older)
      return 'kept'
    }
    this.ask(name, after.id, before, after, a, b)
    return 'asked'
  }

  /** A thing of mine that was taken away there. */
  gone(name: ListName, row: Row): void {
    const place = trailKey(name, row.id)
    const [a, b] = [this.mine.trails[place] ?? [], this.theirs.gone[place] ?? []]
    const came = descent(a, b)
    if (came === 'mine-newer') return
    if (came === 'theirs-newer') {
      this.removed.push({ name, row: row as ListRow<ListName> })
      this.trails[place] = joined(b, a)
    } else this.ask(name, row.id, row, undefined, a, b)
  }

  /** Of what is set now the later setting stands; nobody is asked about it. */
  single(name: KeptName, before: unknown, after: unknown): boolean {
    if (after === undefined || sameFigures(before, after)) return false
    const place = trailKey(name, '')
    const [a, b] = [this.mine.trails[place] ?? [], this.theirs.trails[place] ?? []]
    const came = before === undefined ? 'theirs-newer' : descent(a, b)
    if (came === 'mine-newer' || (came !== 'theirs-newer' && markedAt(a) >= markedAt(b))) return false
    this.trails[place] = joined(b, a)
    return true
  }
}

/** Brings what another device knows beside what is here. A file without a past is taken as a plain one: it adds and changes. */
export function planMerge(mine: WithPast, theirs: WithPast): Merge {
  if (theirs.past === undefined) return plainMerge(mine.document, theirs.document)
  const bring = new Bringing(mine.past ?? NO_PAST, theirs.past)
  const lists = LIST_NAMES.map((name) => {
    const here = new Map<string, Row>(mine.document[name].map((row) => [row.id, row]))
    const added: Row[] = []
    const changed: { before: Row; after: Row }[] = []
    let same = 0
    for (const after of theirs.document[name]) {
      const before = here.get(after.id)
      here.delete(after.id)
      const what = bring.row(name, before, after)
      if (what === 'added') added.push(after)
      else if (what === 'changed' && before !== undefined) changed.push({ before, after })
      else if (what === 'same') same++
    }
    for (const row of here.values())
      if (theirs.past?.gone[trailKey(name, row.id)] !== undefined) bring.gone(name, row)
    return [name, { added, changed, same }]
  })
  // What neither has any more stays known as taken away, for a third device.
  for (const [place, trail] of Object.entries(theirs.past.gone))
    if (mine.past?.trails[place] === undefined && mine.past?.gone[place] === undefined)
      bring.trails[place] ??= trail
  const singles = SINGLE_NAMES.filter((name) =>
    bring.single(name, mine.document[name], theirs.document[name]),
  )
  const { older, removed, asked, trails, askedTrails } = bring
  return {
    plan: { lists: Object.fromEntries(lists) as ImportPlan['lists'], singles },
    older,
    removed,
    asked,
    trails,
    askedTrails,
  }
}

/**
 * Rows written once every question is answered. @param answers by place; what is not answered is taken as it was touched last @param olderToo whether the file’s older states are wanted back
 * @param nowMs [ms since 1970] @param tail tells this mark from others
 */
export function merged(
  theirs: HoxenDocument,
  merge: Merge,
  answers: Readonly<Record<string, 'mine' | 'theirs'>>,
  olderToo: boolean,
  nowMs: number,
  tail: string,
): Taken {
  const lists: Record<string, Row[]> = {}
  const fresh = newIn(theirs, merge.plan)
  for (const name of LIST_NAMES) lists[name] = [...fresh[name]]
  const removed = merge.removed.map(({ name, row }) => ({ name, id: row.id }))
  const trails: Record<string, Trail> = { ...merge.trails }
  for (const { place, name, mine, theirs: other, later } of merge.asked) {
    trails[place] = onward(merge.askedTrails[place] ?? [], nowMs, tail)
    if ((answers[place] ?? later) === 'mine') continue
    if (other !== undefined) lists[name]?.push(other)
    else if (mine !== undefined) removed.push({ name, id: mine.id })
  }
  for (const { place, name, theirs: older } of olderToo ? merge.older : []) {
    trails[place] = onward(merge.askedTrails[place] ?? [], nowMs, tail)
    lists[name]?.push(older)
  }
  const singles = Object.fromEntries(merge.plan.singles.map((name) => [name, theirs[name]]))
  return { document: { ...lists, ...singles } as unknown as HoxenDocument, removed, trails }
}
