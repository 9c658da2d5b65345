import type { Item } from '../gear/index.ts'
import { sortOf } from './carried.ts'
import type { Covered } from './covering.ts'
import type { Missing } from './missing.ts'
import { CARRIED, type Carried } from './vocabulary.ts'

/** How many things of each sort a kit has. */
export const countsOf = (
  kit: ReadonlySet<string>,
  byId: ReadonlyMap<string, Item>,
): readonly (readonly [sort: Carried, count: number])[] =>
  CARRIED.map((sort) => {
    const some = [...kit].filter((id) => {
      const item = byId.get(id)
      return item !== undefined && sortOf(item) === sort
    })
    return [sort, some.length] as const
  })

/** The thing that would add most to what is covered by now, and of how many open demands; undefined where none would. */
export function mostMissing(
  covered: readonly Covered[],
  missing: readonly Missing[],
): { readonly item: Item; readonly adds: number; readonly open: number } | undefined {
  const open = new Set(covered.filter(({ ways }) => ways.length === 0).map(({ demand }) => demand.id))
  // What was open when it was asked for may be covered by now.
  const [first] = missing
    .map(({ item, adds }) => ({ item, adds: adds.filter(({ demand }) => open.has(demand.id)).length }))
    .sort((a, b) => b.adds - a.adds)
  return first === undefined || first.adds === 0 ? undefined : { ...first, open: open.size }
}
