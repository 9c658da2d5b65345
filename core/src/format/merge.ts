import { applied, diff } from './change.ts'
import type { Past } from './document.ts'
import { type ImportPlan, newIn, planImport, sameFigures } from './importPlan.ts'
import {
  type HoxenDocument,
  type KeptName,
  LIST_NAMES,
  LISTS,
  type ListName,
  type ListRow,
  SINGLE_NAMES,
} from './kept.ts'
import { changedSince, descent, joined, markedAt, markOf, onward, type Trail, trailKey } from './trail.ts'

/** Everything on one device, and how it came about. */
export interface WithPast {
  readonly document: HoxenDocument
  /** Left out by a plain file, which knows nothing of it. */
  readonly past?: Past | undefined
}

type Row = { readonly id: string }

/** A thing that was changed on both sides since they last met, or changed on one and taken away on the other. */
export interface Conflict {
  readonly place: string
  readonly name: ListName
  readonly mine?: ListRow<ListName>
  readonly theirs?: ListRow<ListName>
  /** Side that touched it last, by its own clock: told, and no answer. */
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
  /** Things that were changed or taken away here since, and stay so. */
  readonly older: readonly Older[]
  /** Taken away there and not touched here since. */
  readonly removed: readonly { readonly name: ListName; readonly row: ListRow<ListName> }[]
  readonly asked: readonly Conflict[]
  /** Trails after the merge, whatever is answered. */
  readonly trails: Readonly<Record<string, Trail>>
  /** Trails of what is asked about, both sides' in one. */
  readonly askedTrails: Readonly<Record<string, Trail>>
  /** The same of what was changed here and there in other fields, and is brought together without a question. */
  readonly broughtTrails: Readonly<Record<string, Trail>>
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
  return { plan, older: [], removed: [], asked: [], trails, askedTrails: {}, broughtTrails: {} }
}

const isOf = (field: string, fields: readonly string[]): boolean =>
  fields.some((one) => one === field || one.startsWith(`${field}.`) || field.startsWith(`${one}.`))

/**
 * A thing changed on both sides since they last met, field by field: what only one side changed is as that side has it.
 * @returns both ways it could be, which differ in what is to be asked; undefined where the trails do not tell, or what comes of it
 * can be no such thing
 */
function byField(
  name: ListName,
  mine: Row,
  theirs: Row,
  a: Trail,
  b: Trail,
): { readonly mine: Row; readonly theirs: Row; readonly asked: boolean } | undefined {
  const [here, there] = [changedSince(a, b), changedSince(b, a)]
  if (here === undefined || there === undefined) return undefined
  const edits = diff({ ...mine }, { ...theirs }).map((edit) => ({ edit, field: edit.path.join('.') }))
  const onlyThere = edits.filter(({ field }) => isOf(field, there) && !isOf(field, here))
  // A difference that no step tells of is asked about like one that both changed.
  const open = edits.filter(({ field }) => isOf(field, here) === isOf(field, there))
  const made = (row: Row, some: typeof edits): unknown =>
    applied({ ...row }, { name, key: row.id, did: 'edit', edits: some.map(({ edit }) => edit) })
  const brought = made(mine, onlyThere) as Row
  const other = made(brought, open) as Row
  const { schema } = LISTS[name]
  if (![brought, other].every((row) => schema.safeParse(row).success)) return undefined
  return { mine: brought, theirs: other, asked: open.length > 0 }
}

/** Gathers what becomes of each thing, list by list. */
class Bringing {
  readonly older: Older[] = []
  readonly removed: Merge['removed'][number][] = []
  readonly asked: Conflict[] = []
  readonly trails: Record<string, Trail> = {}
  readonly askedTrails: Record<string, Trail> = {}
  readonly broughtTrails: Record<string, Trail> = {}

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
    this.asked.push({ place, name, ...rows, later } as Conflict)
  }

  /** Changed on both sides: field by field where the trails tell which, asked about where both changed the same. */
  private apart(name: ListName, before: Row | undefined, after: Row, a: Trail, b: Trail): Row | 'asked' {
    const both = before && byField(name, before, after, a, b)
    if (both === undefined || both.asked) {
      this.ask(name, after.id, both?.mine ?? before, both?.theirs ?? after, a, b)
      return 'asked'
    }
    this.broughtTrails[trailKey(name, after.id)] = joined(a, b)
    return both.mine
  }

  /** One thing of theirs. @returns what it would do here, or what it and mine are together */
  row(
    name: ListName,
    before: Row | undefined,
    after: Row,
  ): 'added' | 'changed' | 'same' | 'kept' | 'asked' | Row {
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
    return this.apart(name, before, after, a, b)
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
      else if (typeof what === 'object' && before !== undefined) changed.push({ before, after: what })
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
  const { older, removed, asked, trails, askedTrails, broughtTrails } = bring
  return {
    plan: { lists: Object.fromEntries(lists) as ImportPlan['lists'], singles },
    older,
    removed,
    asked,
    trails,
    askedTrails,
    broughtTrails,
  }
}

/** Answers to what a merge asks. */
export interface Answers {
  /** By place, one to each thing that both sides changed. */
  readonly sides: Readonly<Record<string, 'mine' | 'theirs'>>
  /** Whether what was taken away there is taken away here too; asked where there is any. */
  readonly takeAway?: boolean | undefined
}

/** Number of questions that still want an answer. */
export const unanswered = ({ asked, removed }: Merge, { sides, takeAway }: Answers): number =>
  asked.filter(({ place }) => sides[place] === undefined).length +
  Number(removed.length > 0 && takeAway === undefined)

/**
 * Rows written once every question is answered.
 * @param nowMs [ms since 1970]
 * @param tail tells this mark from others
 * @throws where a question was left open
 */
export function merged(
  theirs: HoxenDocument,
  merge: Merge,
  answers: Answers,
  nowMs: number,
  tail: string,
): Taken {
  if (unanswered(merge, answers) > 0) throw new Error('not every question was answered')
  const lists: Record<string, Row[]> = {}
  const fresh = newIn(theirs, merge.plan)
  for (const name of LIST_NAMES) lists[name] = [...fresh[name]]
  const trails: Record<string, Trail> = { ...merge.trails }
  const gone = merge.removed.map(({ name, row }) => ({ name, id: row.id }))
  const removed = answers.takeAway === true ? gone : []
  // What stays is newer than its going.
  if (answers.takeAway === false)
    for (const { name, id } of gone) {
      const place = trailKey(name, id)
      trails[place] = onward(trails[place] ?? [], nowMs, tail, [])
    }
  for (const [place, trail] of Object.entries(merge.broughtTrails))
    trails[place] = onward(trail, nowMs, tail, [])
  for (const { place, name, mine, theirs: other } of merge.asked) {
    // Of fields, only those that were asked about are of this step.
    const asked = mine && other && diff({ ...mine }, { ...other }).map(({ path }) => path.join('.'))
    trails[place] = onward(merge.askedTrails[place] ?? [], nowMs, tail, asked)
    const row = answers.sides[place] === 'mine' ? mine : other
    if (row !== undefined) lists[name]?.push(row)
    else if (mine !== undefined) removed.push({ name, id: mine.id })
  }
  const singles = Object.fromEntries(merge.plan.singles.map((name) => [name, theirs[name]]))
  return { document: { ...lists, ...singles } as unknown as HoxenDocument, removed, trails }
}

/** What a backup changes when all is to be again as it was saved. */
export interface Restoring {
  readonly plan: ImportPlan
  readonly removed: Merge['removed']
  readonly taken: Taken
}

/** Makes all lists as a backup has them, and the single things it holds; what is not in it goes. */
export function planRestore(mine: HoxenDocument, backup: HoxenDocument): Restoring {
  const plan = planImport(mine, backup)
  const removed = LIST_NAMES.flatMap((name) => {
    const there = new Set(backup[name].map(({ id }) => id))
    return (mine[name] as readonly ListRow<ListName>[])
      .filter(({ id }) => !there.has(id))
      .map((row) => ({ name, row }))
  })
  const singles = Object.fromEntries(plan.singles.map((name) => [name, backup[name]]))
  const lists = Object.fromEntries(LIST_NAMES.map((name) => [name, newIn(backup, plan)[name]]))
  return {
    plan,
    removed,
    taken: {
      document: { ...lists, ...singles } as unknown as HoxenDocument,
      removed: removed.map(({ name, row }) => ({ name, id: row.id })),
      trails: {},
    },
  }
}
