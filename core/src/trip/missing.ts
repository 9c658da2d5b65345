import type { Gear, Item } from '../gear/index.ts'
import { candidatesOf } from '../match/index.ts'
import type { Steps } from '../rig/index.ts'
import { isTipItem } from '../sink/index.ts'
import { GENERIC_TIPS, suggestions } from '../specify/index.ts'
import { type Covered, CoveringSearch } from './covering.ts'
import type { Demand, TripAbout } from './demand.ts'
import { stillPairs, stillRigs } from './still.ts'
import type { TripLimits } from './tripSchema.ts'

/** Demands one thing more would cover. */
export interface Missing {
  readonly item: Item
  readonly adds: readonly Covered[]
  /** Days’ demands. */
  readonly weight: number
}

/** Things of nobody's that are let into a kit at once. */
const MOST_LENT = 4

/** What may be borrowed for a trip: where its limits let anything in, the things that add most. */
export const lentFor = ({ borrowed = 0 }: TripLimits, missing: readonly Missing[]): readonly Item[] =>
  borrowed > 0 ? missing.slice(0, MOST_LENT).map(({ item }) => item) : []

/** Uncovered demands that are asked what they lack, and things that are swung for each. */
const MOST_ASKED = 8
const MOST_TRIED = 12
/** Rigs with a thing that are swung for one demand. */
const RIGS_EACH = 6

const placeOf = (item: Item): string => (isTipItem(item) ? 'tip' : item.kind)
/** One's own gear with a thing, and in its place nothing else. */
const withOnly = ({ items }: Gear, item: Item): Gear => ({
  items: [...items.filter((own) => placeOf(own) !== placeOf(item)), item],
})

/** Whether a rig with a thing holds before it swings. */
function* mayCover(about: TripAbout, { day }: Demand, item: Item, watchCounts: boolean): Steps<boolean> {
  const c = candidatesOf(withOnly(about.gear, item), day)
  const pairs = yield* stillPairs(c, day, watchCounts)
  return (yield* stillRigs(c, day, pairs, watchCounts, 1)).rigs.length > 0
}

/** Things nobody owns yet that are worth trying for these demands: tips of every kind, and the parts of the best whole rigs. */
function* candidates({ gear }: TripAbout, [worst]: readonly Demand[]): Steps<readonly Item[]> {
  const parts = worst === undefined ? [] : yield* suggestions(gear, worst.day)
  return [...new Map([...GENERIC_TIPS, ...parts].map((item) => [item.id, item])).values()]
}

/**
 * What each thing that nobody owns yet would add, the most first: swung with it in the place of one's own. A bounded search: of very
 * many demands the weightiest, of very many things those most of them let hope.
 */
export function* missingInSteps(
  about: TripAbout,
  uncovered: readonly Demand[],
  watchCounts: boolean,
): Steps<readonly Missing[]> {
  const open = [...uncovered].sort((a, b) => b.on.length - a.on.length).slice(0, MOST_ASKED)
  if (open.length === 0) return []
  const hopeful: { readonly item: Item; readonly demands: readonly Demand[] }[] = []
  for (const item of yield* candidates(about, open)) {
    const demands: Demand[] = []
    for (const demand of open) {
      if (yield* mayCover(about, demand, item, watchCounts)) demands.push(demand)
      yield
    }
    if (demands.length > 0) hopeful.push({ item, demands })
  }
  hopeful.sort((a, b) => b.demands.length - a.demands.length)
  const out: Missing[] = []
  for (const { item, demands } of hopeful.slice(0, MOST_TRIED)) {
    const search = new CoveringSearch({ ...about, gear: withOnly(about.gear, item) }, watchCounts)
    yield* search.begin(demands)
    yield* search.more({ rigs: RIGS_EACH, onlyOpen: true })
    const adds = search.covered().filter(({ ways }) => ways.length > 0)
    if (adds.length > 0)
      out.push({ item, adds, weight: adds.reduce((sum, { demand }) => sum + demand.on.length, 0) })
  }
  return out.sort((a, b) => b.weight - a.weight)
}
