import type { Gear } from '../gear/index.ts'
import { sortOf } from './carried.ts'
import type { TripLimits } from './tripSchema.ts'
import { CARRIED, type Carried } from './vocabulary.ts'

/** The smallest set of a trip's limits that no kit can keep. */
export type Contradiction =
  /** Told to come and to stay at home. */
  | { readonly between: 'must-home'; readonly ids: readonly string[] }
  /** More must come than may. */
  | {
      readonly between: 'must-limit'
      readonly sort: Carried
      readonly limit: number
      readonly ids: readonly string[]
    }
  /** Nothing can be fished without one of these. */
  | { readonly between: 'none-of'; readonly sort: Carried; readonly ids: readonly string[] }

/** Sorts no rig does without. */
const NEEDED: readonly Carried[] = ['rods', 'heads', 'items']

/** The limits that contradict one another, the fewest that do; undefined where they can all be kept. */
export function contradictionOf({ items }: Gear, limits: TripLimits): Contradiction | undefined {
  const home = new Set(limits.home)
  const there = new Map(items.map((item) => [item.id, sortOf(item)]))
  const must = [...new Set(limits.must)].filter((id) => there.has(id))
  const both = must.find((id) => home.has(id))
  if (both !== undefined) return { between: 'must-home', ids: [both] }
  const none = NEEDED.find((sort) => limits[sort] === 0)
  if (none !== undefined) return { between: 'none-of', sort: none, ids: [] }
  const over = CARRIED.flatMap((sort): readonly Contradiction[] => {
    const limit = limits[sort]
    const ids = must.filter(
      (id) => there.get(id) !== undefined && (sort === 'items' || there.get(id) === sort),
    )
    return limit !== undefined && ids.length > limit
      ? [{ between: 'must-limit', sort, limit, ids: ids.slice(0, limit + 1) }]
      : []
  })
  return [...over].sort((a, b) => a.ids.length - b.ids.length)[0]
}
