import { type Day, dayOf, FIRST_JOB, USUAL_DAYS } from '../day/index.ts'
import type { Item } from '../gear/index.ts'

/** Questions over several days, and how many things each names together. */
export const OVER_DAYS_COUNT = Object.freeze({ tips: 2, line: 1, next: 1 })
export type OverDaysQuestion = keyof typeof OVER_DAYS_COUNT

/** A usual kind of day, by its name. */
export interface NamedDay {
  readonly name: string
  readonly day: Day
}

/** The usual kinds of day for this caster and these schools. */
export const usualDays = ({ caster, schools, flyKnot }: Day): readonly NamedDay[] =>
  USUAL_DAYS.map(({ name, job }) => ({
    name,
    day: dayOf({ job: { ...FIRST_JOB, ...job, caster }, schools, flyKnot }),
  }))

/** Cover of one day. */
export interface Serving {
  readonly name: string
  /** A rig holds without any of them. */
  readonly without: boolean
  readonly items: readonly Item[]
}

/** Some things, and the days on which one of them serves. */
export interface Cover {
  readonly items: readonly Item[]
  readonly days: readonly string[]
  /** Days on which no more is needed. */
  readonly without: readonly string[]
  readonly of: number
}

/** Every way to take so many of a list, or fewer; the first of the list first. */
function choose<T>(list: readonly T[], count: number): readonly (readonly T[])[] {
  if (count === 0) return [[]]
  return list.flatMap((one, i) => [
    [one],
    ...choose(list.slice(i + 1), count - 1).map((more) => [one, ...more]),
  ])
}

/**
 * The few things that serve on the most days on which something is needed; of equals the fewest, then those that serve the
 * oftenest each.
 */
export function coverOf(servings: readonly Serving[], count: number): Cover {
  const open = servings.filter(({ without }) => !without)
  const items = [...new Map(open.flatMap((each) => each.items).map((item) => [item.id, item])).values()]
  const served = new Map(
    items.map(({ id }) => [id, open.filter((each) => each.items.some((i) => i.id === id))]),
  )
  const daysOf = (some: readonly Item[]): readonly string[] =>
    open.filter((each) => some.some(({ id }) => served.get(id)?.includes(each))).map(({ name }) => name)
  const times = (some: readonly Item[]): number =>
    some.reduce((sum, { id }) => sum + (served.get(id)?.length ?? 0), 0)
  const [best = []] = choose(items, count)
    .map((some) => ({ some, days: daysOf(some).length, times: times(some) }))
    .sort((a, b) => b.days - a.days || a.some.length - b.some.length || b.times - a.times)
    .map(({ some }) => some)
  return {
    items: best,
    days: daysOf(best),
    without: servings.filter(({ without }) => without).map(({ name }) => name),
    of: servings.length,
  }
}

/** Things worth trying for several days: each once. */
export const distinct = (each: readonly (readonly Item[])[]): readonly Item[] => [
  ...new Map(each.flat().map((item) => [item.id, item])).values(),
]
