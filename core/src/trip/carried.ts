import { byFigures, type Gear, type Item, itemsOf } from '../gear/index.ts'
import type { RigChoice } from '../rig/index.ts'
import type { Covered, Way } from './covering.ts'
import type { CoverQuestion } from './coverModel.ts'
import type { TripLimits } from './tripSchema.ts'
import type { Carried } from './vocabulary.ts'

/** Sort a thing counts as where a limit is set; undefined for what no limit counts: flies, tippet, backing. */
const SORT: Partial<Readonly<Record<Item['kind'], Exclude<Carried, 'items'>>>> = Object.freeze({
  rod: 'rods',
  reel: 'reels',
  head: 'heads',
  tip: 'tips',
  'sinking-leader': 'tips',
  leader: 'leaders',
  'running-line': 'lines',
})
export const sortOf = ({ kind }: Pick<Item, 'kind'>): Exclude<Carried, 'items'> | undefined => SORT[kind]

/** Things a way needs in any case, its reel apart. */
const idsOf = ({ rig }: Way): readonly string[] => Object.values(rig).filter((id) => id !== null)

/**
 * The question of the smallest kit, of everything that covers something and everything that must come.
 * @param lent things among the gear that are nobody's
 */
export function questionOf(
  gear: Gear,
  covered: readonly Covered[],
  limits: TripLimits,
  lent: ReadonlySet<string> = new Set(),
): CoverQuestion {
  return {
    // In an order of their own: of kits that are equally good the solver takes the first.
    items: byFigures(gear.items).flatMap((item) => {
      const sort = sortOf(item)
      return sort === undefined
        ? []
        : [{ id: item.id, sort, ...(lent.has(item.id) ? { borrowed: true } : {}) }]
    }),
    demands: covered.map(({ demand, ways }) => ({
      weight: demand.on.length,
      ways: ways.map((way) => ({
        ids: idsOf(way),
        oneOf: way.reelIds.includes(null) ? [] : way.reelIds.filter((id) => id !== null),
        margin: way.margin,
      })),
    })),
    limits,
  }
}

/** A rig of a kit on one demand. */
export interface KitRig {
  readonly choice: RigChoice
  readonly way: Way
}

/** The rig of a kit that covers a demand with most room to spare; undefined where none does. */
export function rigWith(kit: ReadonlySet<string>, { ways }: Covered): KitRig | undefined {
  let best: KitRig | undefined
  for (const way of ways) {
    if (best !== undefined && way.margin <= best.way.margin) continue
    if (!idsOf(way).every((id) => kit.has(id))) continue
    const reelId = way.reelIds.find((id) => id === null || kit.has(id))
    if (reelId !== undefined) best = { choice: { ...way.rig, reelId }, way }
  }
  return best
}

/** Days’ demands a kit covers, and of how many. */
export function coverageOf(
  covered: readonly Covered[],
  kit: ReadonlySet<string>,
): readonly [covered: number, of: number] {
  const sum = (some: readonly Covered[]): number =>
    some.reduce((all, { demand }) => all + demand.on.length, 0)
  return [sum(covered.filter((each) => rigWith(kit, each) !== undefined)), sum(covered)]
}

/** Demands a kit covers that it no longer does without one of its items. */
export function fallsWithout(
  kit: ReadonlySet<string>,
  covered: readonly Covered[],
  id: string,
): readonly Covered[] {
  const less = new Set([...kit].filter((each) => each !== id))
  return covered.filter((each) => rigWith(kit, each) !== undefined && rigWith(less, each) === undefined)
}

/** Flies of the trip that are in the gear: they come, and are not counted. */
export const fliesToPack = (gear: Gear, covered: readonly Covered[]): readonly Item[] => {
  const wanted = new Set(covered.map(({ demand }) => demand.fly.id))
  return itemsOf(gear, 'fly').filter(({ id }) => wanted.has(id))
}
