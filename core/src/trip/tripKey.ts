import type { Item } from '../gear/index.ts'
import { keyOfData } from '../quantity/index.ts'
import { sortOf } from './carried.ts'
import { type Demand, demandsOf, type TripAbout } from './demand.ts'
import type { TripPlan } from './tripSchema.ts'

/** A demand as it is judged and told: what is judged at other angles follows from the day at the plan's own. */
const asAsked = ({ otherAngles: _other, ...asked }: Demand) => asked

/** A thing as far as a kit can use it: what it is called changes no answer. */
const asUsed = ({ name: _name, notes: _notes, ...item }: Item) => item

/**
 * Key of a trip's search: all that it really asks and nothing else, so that the same question has the same key whatever else is set on
 * the pages meanwhile. Limits are left out: they need no new search.
 * @param lent things of nobody's that may come
 */
export function tripKey(trip: TripPlan, about: TripAbout, lent: readonly Item[] = []): string {
  const { demands, problems } = demandsOf(trip, about)
  const usable = [...about.gear.items, ...lent]
    .filter((item) => sortOf(item) !== undefined)
    .sort((a, b) => (a.id < b.id ? -1 : 1))
  return keyOfData([
    demands.map(asAsked),
    problems,
    usable.map(asUsed),
    lent.map(({ id }) => id),
    trip.watchCounts === true,
  ])
}
