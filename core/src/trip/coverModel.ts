import {
  type Programme,
  type Solution,
  type Solve,
  type Solving,
  solvedInSteps,
  solveThrough,
} from './programme.ts'
import type { TripLimits } from './tripSchema.ts'
import { CARRIED, type Carried } from './vocabulary.ts'

/** The covering problem by itself: things, demands, the ways each is covered in, and limits. */
export interface CoverQuestion {
  readonly items: readonly {
    readonly id: string
    readonly sort: Exclude<Carried, 'items'>
    readonly borrowed?: boolean
  }[]
  readonly demands: readonly {
    readonly weight: number
    readonly ways: readonly {
      /** All of these are needed … */
      readonly ids: readonly string[]
      /** … and, where there are any, one of these. */
      readonly oneOf: readonly string[]
      readonly margin: number
    }[]
  }[]
  readonly limits: TripLimits
}

/** A kit: most demands covered, then the fewest rods, then the fewest items, then the largest worst margin. */
export interface Kit {
  readonly ids: readonly string[]
  /** Days’ demands covered. */
  readonly weight: number
  /** Whether no kit of the rigs that were swung is better. */
  readonly optimal: boolean
  /** Where it is not: how many days’ demands more some kit might cover. */
  readonly gap?: number
}

type Terms = [number, number][]
type Row = { low?: number; high?: number; terms: Terms }
type Column = Programme['columns'][number]

/** The programme under construction: what is carried, what is covered, and by which way. */
interface Draft {
  readonly columns: Column[]
  readonly rows: Row[]
  readonly column: ReadonlyMap<string, number>
  /** Column of each demand. */
  readonly covered: readonly number[]
  /** Columns of each demand’s ways. */
  readonly ways: readonly (readonly number[])[]
}

/** Items that can matter: part of some way, or told to come. */
function relevant({ items, demands, limits }: CoverQuestion): CoverQuestion['items'] {
  const used = new Set(demands.flatMap(({ ways }) => ways.flatMap(({ ids, oneOf }) => [...ids, ...oneOf])))
  for (const id of limits.must ?? []) used.add(id)
  return items.filter(({ id }) => used.has(id))
}

/**
 * A way counts no further than each thing it needs is carried: of all ways of a demand that need a thing together, which makes the
 * relaxation as tight as in facility location (Cornuéjols, Nemhauser & Wolsey 1990). So only what is carried need be whole.
 */
function draftOf(question: CoverQuestion): Draft {
  const items = relevant(question)
  const home = new Set(question.limits.home ?? [])
  const must = new Set(question.limits.must ?? [])
  const columns: Column[] = items.map(({ id }) => ({
    worth: 0,
    low: must.has(id) ? 1 : 0,
    high: home.has(id) ? 0 : 1,
    whole: true,
  }))
  const column = new Map(items.map(({ id }, i) => [id, i]))
  const rows: Row[] = []
  const part: Column = { worth: 0, low: 0, high: 1, whole: false }
  const add = (): number => columns.push(part) - 1
  const covered: number[] = []
  const ways: number[][] = []
  for (const demand of question.demands) {
    const [c, mine] = [add(), demand.ways.map(add)]
    covered.push(c)
    ways.push(mine)
    rows.push({ low: 0, high: 0, terms: [[c, -1], ...mine.map((y): [number, number] => [y, 1])] })
    const needing = new Map<string, number[]>()
    const needs = (key: string, y: number | undefined): void => {
      if (y !== undefined) needing.set(key, [...(needing.get(key) ?? []), y])
    }
    for (const [i, { ids, oneOf }] of demand.ways.entries()) {
      for (const id of ids) needs(id, mine[i])
      if (oneOf.length > 0 && !oneOf.some((id) => ids.includes(id)))
        needs([...oneOf].sort().join('|'), mine[i])
    }
    for (const [key, some] of needing)
      rows.push({
        high: 0,
        terms: [
          ...some.map((y): [number, number] => [y, 1]),
          ...key.split('|').flatMap((id): Terms => {
            const x = column.get(id)
            return x === undefined ? [] : [[x, -1]]
          }),
        ],
      })
  }
  return { columns, rows: [...rows, ...limitRows(question, items)], column, covered, ways }
}

/** No more of a sort than may be carried. */
function limitRows({ limits }: CoverQuestion, items: CoverQuestion['items']): readonly Row[] {
  const count = (of: (item: CoverQuestion['items'][number]) => boolean): Terms =>
    items.flatMap((item, i): Terms => (of(item) ? [[i, 1]] : []))
  const rows = CARRIED.flatMap((sort): readonly Row[] => {
    const high = limits[sort]
    return high === undefined
      ? []
      : [{ high, terms: count((item) => sort === 'items' || item.sort === sort) }]
  })
  return [...rows, { high: limits.borrowed ?? 0, terms: count(({ borrowed }) => borrowed === true) }]
}

/** A rod more counts as so many items, more than any kit has. */
const ROD_COUNTS = 1000

/** What a column is worth where coverage comes first, then rods, then items. */
function worths(question: CoverQuestion, draft: Draft): readonly number[] {
  const items = relevant(question)
  const rods = items.filter(({ sort }) => sort === 'rods').length
  const most = ROD_COUNTS * Math.min(rods, question.limits.rods ?? rods) + items.length + 1
  const worth = new Array<number>(draft.columns.length).fill(0)
  for (const [i, { sort }] of items.entries()) worth[i] = sort === 'rods' ? -ROD_COUNTS - 1 : -1
  for (const [d, c] of draft.covered.entries()) worth[c] = most * (question.demands[d]?.weight ?? 0)
  return worth
}

const sum = (terms: Terms, values: readonly number[]): number =>
  terms.reduce((total, [i, times]) => total + times * (values[i] ?? 0), 0)

/** Worth of the mean margin beside the worst: it only settles ties. */
const MEAN_COUNTS = 1e-3

/** Of kits as good in coverage, rods and items, the one with the largest worst margin. */
function* widest(
  question: CoverQuestion,
  draft: Draft,
  found: readonly number[],
  limitS?: number,
): Solving<Solution> {
  const items = relevant(question)
  const rods: Terms = items.flatMap(({ sort }, i): Terms => (sort === 'rods' ? [[i, 1]] : []))
  const all: Terms = items.map((_, i) => [i, 1])
  const weighed: Terms = draft.covered.map((c, d) => [c, question.demands[d]?.weight ?? 0])
  const t = draft.columns.length
  const margins = draft.ways.map(
    (mine, d): Terms => mine.map((y, i) => [y, question.demands[d]?.ways[i]?.margin ?? 0]),
  )
  const count = Math.max(1, draft.covered.length)
  const worth = new Array<number>(t).fill(0)
  for (const [y, margin] of margins.flat()) worth[y] = (MEAN_COUNTS * margin) / count
  const columns = [
    ...draft.columns.map((column, i) => ({ ...column, worth: worth[i] ?? 0 })),
    { worth: 1, low: 0, high: 1, whole: false },
  ]
  const rows: Row[] = [
    ...draft.rows,
    { low: Math.round(sum(weighed, found)), terms: weighed },
    { high: Math.round(sum(rods, found)), terms: rods },
    { high: Math.round(sum(all, found)), terms: all },
    // The worst of those that are covered: t ≤ margin + 1 − covered.
    ...draft.covered.map(
      (c, d): Row => ({
        high: 1,
        terms: [[t, 1], [c, 1], ...(margins[d] ?? []).map(([y, m]): [number, number] => [y, -m])],
      }),
    ),
  ]
  return yield* solvedInSteps({ columns, rows }, limitS)
}

/** The kit that covers most, then with the fewest rods, then with the fewest items; its margins are as they come. */
function* smallest(
  question: CoverQuestion,
  draft: Draft,
  limitS?: number,
): Solving<Kit & { readonly values: readonly number[] }> {
  const worth = worths(question, draft)
  const columns = draft.columns.map((column, i) => ({ ...column, worth: worth[i] ?? 0 }))
  const programme = { columns, rows: draft.rows }
  const { outcome, values, worth: found, bound } = yield* solvedInSteps(programme, limitS)
  const weighed: Terms = draft.covered.map((c, d) => [c, question.demands[d]?.weight ?? 0])
  const kit = { values, ids: idsIn(draft, values), weight: Math.round(sum(weighed, values)) }
  if (outcome === 'optimal') return { ...kit, optimal: true }
  const unit = (worth[draft.covered[0] ?? -1] ?? 0) / (question.demands[0]?.weight ?? 1)
  return { ...kit, optimal: false, gap: unit > 0 ? Math.max(1, Math.floor((bound - found) / unit)) : 0 }
}

const idsIn = ({ column }: Draft, values: readonly number[]): readonly string[] =>
  [...column].flatMap(([id, i]) => ((values[i] ?? 0) > 0.5 ? [id] : []))

/** The same, by itself. @param limitS time it may take [s] */
export function* smallestKitInSteps(question: CoverQuestion, limitS?: number): Solving<Kit> {
  const { values: _values, ...kit } = yield* smallest(question, draftOf(question), limitS)
  return kit
}

/**
 * The best kit, by mixed-integer programming: coverage, rods and items in one programme, the margin in a second one that keeps them.
 * @param limitS time each may take [s]; then the best so far is given, with the gap that is proven
 */
export function* bestKitInSteps(question: CoverQuestion, limitS?: number): Solving<Kit> {
  const draft = draftOf(question)
  yield
  const { values, ...first } = yield* smallest(question, draft, limitS)
  if (!first.optimal || first.weight === 0) return first
  const second = yield* widest(question, draft, values, limitS)
  return second.values.length === 0
    ? { ...first, optimal: false, gap: 0 }
    : { ids: idsIn(draft, second.values), weight: first.weight, optimal: second.outcome === 'optimal' }
}

/** The same, with a solver at hand. */
export const bestKit = (question: CoverQuestion, solve: Solve, limitS?: number): Kit =>
  solveThrough(bestKitInSteps(question, limitS), solve)

/** One step of the staircase: what so many items cover at best. */
export interface Step {
  readonly items: number
  readonly weight: number
  readonly ids: readonly string[]
}

/** Fewest items any way needs: fewer cover nothing. */
const leastItems = ({ demands }: CoverQuestion): number =>
  Math.min(
    ...demands.flatMap(({ ways }) => ways.map(({ ids, oneOf }) => ids.length + (oneOf.length > 0 ? 1 : 0))),
  )

/** What each size of kit covers at best, one step after another, up to a kit's own size; each step is solved for itself. */
export function* staircaseInSteps(
  question: CoverQuestion,
  { ids, weight }: Kit,
  solve: Solve,
): Generator<Step> {
  const { limits } = question
  const least = leastItems(question)
  for (let items = 1; items <= ids.length; items++) {
    if (items < least || items < (limits.must?.length ?? 0)) yield { items, weight: 0, ids: [] }
    else if (items === ids.length) yield { items, weight, ids }
    else {
      const kit = solveThrough(smallestKitInSteps({ ...question, limits: { ...limits, items } }), solve)
      yield { items, weight: kit.weight, ids: kit.ids }
    }
  }
}
