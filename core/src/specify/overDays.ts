import type { Day } from '../day/index.ts'
import type { Gear, Head, Item } from '../gear/index.ts'
import { BREAK_COST, type RankedRig } from '../match/index.ts'
import { checkSlots, type RigSlot, type Steps, through } from '../rig/index.ts'
import {
  type Cover,
  coverOf,
  distinct,
  type NamedDay,
  OVER_DAYS_COUNT,
  type OverDaysQuestion,
  type Serving,
} from './cover.ts'
import { GENERIC_TIPS } from './generic.ts'
import { bestOnce, standing, suggestions } from './missing.ts'
import { bestRig, type FixedParts, stylesFor } from './specify.ts'

/** Parts there when it is asked what would serve several days: one's own gear, and the parts a rig is built round. */
export interface Standing {
  readonly gear: Gear
  readonly fixed: FixedParts
}

interface OverDays {
  /** Things worth trying, from the sight of one day. */
  readonly candidates: (standing: Standing, day: Day) => Steps<readonly Item[]>
  /** Whether a rig holds on a day without any of them. */
  readonly without: (standing: Standing, day: Day) => Steps<boolean>
  /** Those of them with which one does. */
  readonly serving: (standing: Standing, day: Day, items: readonly Item[]) => Steps<readonly Item[]>
}

/** Parts of which some one is asked for. */
const SLOT = { tip: 'tipId', head: 'headId' } as const satisfies Readonly<Record<string, RigSlot>>

/** Whether rod and head are for such a water at all. */
const forWater = ({ checks }: RankedRig): boolean =>
  checks.every(({ code, state }) => code !== 'water' || state === 'holds')

/**
 * Whether some whole rig round these parts breaks nowhere, and holds in every line that the part asked for has a say in: what
 * rod and day make of each other is not its doing.
 */
function* servesRound(fixed: FixedParts, day: Day, part: keyof typeof SLOT): Steps<boolean> {
  for (const style of stylesFor(fixed, day)) {
    const rig = yield* bestRig(fixed, day, style)
    if (rig === undefined || rig.verdict === 'breaks' || !forWater(rig)) continue
    if (rig.checks.every(({ code, state }) => state === 'holds' || !checkSlots(code).includes(SLOT[part])))
      return true
  }
  return false
}

/** Of some items those that serve as this part of a rig round the parts that are there. */
const servingAs = (part: keyof typeof SLOT): OverDays['serving'] =>
  function* ({ fixed }, day, items) {
    const out: Item[] = []
    for (const item of items) if (yield* servesRound({ ...fixed, [part]: item }, day, part)) out.push(item)
    return out
  }

/** The heads of the best whole rigs of every kind on a day. */
function* headsFor({ fixed }: Standing, day: Day): Steps<readonly Head[]> {
  const out: Head[] = []
  for (const style of stylesFor(fixed, day)) {
    const rig = yield* bestRig(fixed, day, style)
    if (rig !== undefined && rig.verdict !== 'breaks') out.push(rig.parts.head.head)
  }
  return out
}

/** Items that are swung on a day, the most hopeful first. */
const MOST_TRIED = 4

/** Kinds of gear that stand in one place of a rig. */
const PLACE_OF: Partial<Readonly<Record<Item['kind'], string>>> = { 'sinking-leader': 'tip' }
const placeOf = ({ kind }: Item): string => PLACE_OF[kind] ?? kind

/** One's own gear with an item, and in its place nothing else: what it does is then seen at once. */
const withOnly = ({ items }: Gear, item: Item): Gear => ({
  items: [...items.filter((own) => placeOf(own) !== placeOf(item)), item],
})

/** Whether something of one's own holds on a day. */
function* holdsAlready(gear: Gear, day: Day): Steps<boolean> {
  return (yield* bestOnce(gear, day))?.verdict === 'holds'
}

/** Of some items those that, added to one's own, make a rig hold. */
function* mending({ gear }: Standing, day: Day, items: readonly Item[]): Steps<readonly Item[]> {
  const before = yield* standing(gear, day)
  const hopeful: { readonly item: Item; readonly cost: number }[] = []
  for (const item of items) {
    const { cost } = yield* standing(withOnly(gear, item), day)
    if (cost < before.cost && cost < BREAK_COST) hopeful.push({ item, cost })
  }
  hopeful.sort((a, b) => a.cost - b.cost)
  const out: Item[] = []
  for (const { item } of hopeful.slice(0, MOST_TRIED)) {
    const best = yield* bestOnce(withOnly(gear, item), day)
    if (best?.verdict === 'holds') out.push(item)
  }
  return out
}

/** Questions over several days. One more is one more entry. */
export const OVER_DAYS = {
  /** Two tips for one rod and head. */
  tips: {
    // biome-ignore lint/correctness/useYield: they are known beforehand
    *candidates() {
      return GENERIC_TIPS
    },
    without: ({ fixed }, day) => servesRound({ ...fixed, tip: null }, day, 'tip'),
    serving: servingAs('tip'),
  },
  /** One head for a rod. */
  line: {
    candidates: headsFor,
    // biome-ignore lint/correctness/useYield: without a head there is no rig
    *without() {
      return false
    },
    serving: servingAs('head'),
  },
  /** The next part to get. */
  next: {
    *candidates({ gear }, day) {
      // A day on which something holds already wants nothing.
      return (yield* holdsAlready(gear, day)) ? [] : yield* suggestions(gear, day)
    },
    without: ({ gear }, day) => holdsAlready(gear, day),
    serving: mending,
  },
} as const satisfies Readonly<Record<OverDaysQuestion, OverDays>>

/** Candidates of a question that serve on one day. */
export function* servingInSteps(
  question: OverDaysQuestion,
  about: Standing,
  { name, day }: NamedDay,
  items: readonly Item[],
): Steps<Serving> {
  const { without, serving }: OverDays = OVER_DAYS[question]
  if (yield* without(about, day)) return { name, without: true, items: [] }
  return { name, without: false, items: yield* serving(about, day, items) }
}

/** The same, run to completion. @internal asked for by tests alone */
export function overDays(question: OverDaysQuestion, about: Standing, days: readonly NamedDay[]): Cover {
  const { candidates }: OverDays = OVER_DAYS[question]
  const items = distinct(days.map(({ day }) => through(candidates(about, day))))
  return coverOf(
    days.map((each) => through(servingInSteps(question, about, each, items))),
    OVER_DAYS_COUNT[question],
  )
}
