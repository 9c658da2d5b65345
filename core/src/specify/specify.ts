import type { Day } from '../day/index.ts'
import type { Gear, Head, Item, Leader, Reel, Rod, RunningLine } from '../gear/index.ts'
import { neededStrengthN } from '../leader/index.ts'
import {
  BREAK_COST,
  candidatesOf,
  costOf,
  judge,
  judgeSwungInSteps,
  matchInSteps,
  type RankedRig,
  rankCost,
  searchInSteps,
} from '../match/index.ts'
import { backingWantedM, woundVolumeM3 } from '../reel/index.ts'
import {
  CHECKS,
  type Check,
  type CheckCode,
  type CheckDefinition,
  lineOf,
  type RigParts,
  type RigSlot,
  type Steps,
  through,
  woundLines,
} from '../rig/index.ts'
import type { TipItem } from '../sink/index.ts'
import {
  GENERIC_HEADS,
  GENERIC_REELS,
  GENERIC_RODS,
  GENERIC_RUNNING_LINES,
  GENERIC_TIPS,
  genericLeaders,
  SPECIFIED_STYLES,
  type SpecifiedStyle,
} from './generic.ts'
import { type FigureSpan, spansInSteps } from './spans.ts'

/** Parts that are there already, by item or by typed figures; null where none is to be. */
export interface FixedParts {
  readonly rod?: Rod | undefined
  readonly head?: Head | undefined
  readonly tip?: TipItem | null | undefined
  readonly leader?: Leader | null | undefined
  readonly runningLine?: RunningLine | undefined
  readonly reel?: Reel | undefined
}

/** A whole rig of one kind of head: parts that are there, and of the others what to look for. */
export interface SpecifiedRig {
  readonly style: SpecifiedStyle
  readonly rig: RankedRig
  /** Parts that are to be looked for. */
  readonly open: readonly RigSlot[]
  readonly spans: readonly FigureSpan[]
}

export type Specified =
  | { readonly outcome: 'specified'; readonly rigs: readonly SpecifiedRig[] }
  /** Parts that are there and cannot go together in this day, and the line that says so; which of them it is about, `clashInSteps` finds. */
  | { readonly outcome: 'do-not-go-together'; readonly line: Check; readonly nearest: SpecifiedRig }

const SLOTS = {
  rod: 'rodId',
  head: 'headId',
  tip: 'tipId',
  leader: 'leaderId',
  runningLine: 'runningLineId',
  reel: 'reelId',
} as const satisfies Readonly<Record<keyof FixedParts, RigSlot>>

const PARTS = Object.keys(SLOTS) as readonly (keyof FixedParts)[]

/** Slots of a rig to be looked for; a line in one piece brings its running line along. */
const openSlots = (fixed: FixedParts, { head, tip, leader }: RigParts): readonly RigSlot[] =>
  PARTS.filter((part) => fixed[part] === undefined)
    .filter((part) => !(part === 'runningLine' && head.onePiece))
    .filter((part) => !(part === 'tip' && tip === null) && !(part === 'leader' && leader === null))
    .map((part) => SLOTS[part])

/** Lines that a rod alone decides. */
const OF_RODS = (CHECKS as readonly CheckDefinition<CheckCode>[]).flatMap((check) =>
  check.looks.filter(({ needs }) => needs.every((part) => part === 'rod')).map((look) => ({ check, look })),
)

/** Rods by how well they answer the fish and the cast by themselves, best first. */
export function byDay(rods: readonly Rod[], day: Day): readonly Rod[] {
  const cost = (rod: Rod): number =>
    costOf(
      OF_RODS.flatMap(({ check, look }) => {
        const finding = look.run({ rod } as RigParts, day)
        return finding === null ? [] : [lineOf(check.code, finding)]
      }),
    )
  return rods
    .map((rod) => ({ rod, cost: cost(rod) }))
    .sort((a, b) => a.cost - b.cost)
    .map(({ rod }) => rod)
}

/** Rods to look among where none is there: the best for the day; for the surf, surf rods. */
const MOST_RODS = 8
const rodsFor = (day: Day): readonly Rod[] =>
  byDay(
    GENERIC_RODS.filter(({ hands }) => (hands === 'surf') === (day.water === 'surf')),
    day,
  ).slice(0, MOST_RODS)

/** Heads of one kind to look among; a head that is there is the only one. */
function gearFor(fixed: FixedParts, style: SpecifiedStyle, day: Day): Gear {
  const either = <T extends Item>(own: T | null | undefined, grid: readonly T[]): readonly T[] =>
    own === undefined ? grid : own === null ? [] : [own]
  return {
    items: [
      ...either(fixed.rod, rodsFor(day)),
      ...either(fixed.head, GENERIC_HEADS[style]),
      ...either<TipItem>(fixed.tip, GENERIC_TIPS),
      ...either(fixed.leader, genericLeaders(neededStrengthN(day.fishKg, day.flyKnot))),
      ...either(fixed.runningLine, GENERIC_RUNNING_LINES),
      ...either(fixed.reel, GENERIC_REELS),
    ],
  }
}

/** Rods with heads whose tips are swung until one holds, and tips of each. */
const MOST_PAIRS = 2
const MOST_TIPS = 8

/** The day without what the job says of the gear to use. The same object for the same day: caches are keyed by it. */
const days = new WeakMap<Day, Day>()
export function anyOf(day: Day): Day {
  const asked: Day = days.get(day) ?? { ...day, style: 'any', rodId: undefined }
  days.set(day, asked)
  return asked
}

/** The best whole rig of one kind of head, swung: the first that holds, or the nearest to it. */
export function* bestRig(fixed: FixedParts, day: Day, style: SpecifiedStyle): Steps<RankedRig | undefined> {
  const asked = anyOf(day)
  const tries = fixed.tip === undefined && !mustCarryTip(style) ? [{ ...fixed, tip: null }, fixed] : [fixed]
  let best: RankedRig | undefined
  for (const parts of tries) {
    const gear = gearFor(parts, style, asked)
    const first = yield* matchInSteps(gear, asked, MOST_PAIRS)
    const c = candidatesOf(gear, asked)
    const tips = parts.tip == null ? c.tips : c.tips.filter((tip) => tip?.item === parts.tip)
    const leaders = parts.leader == null ? c.leaders : c.leaders.filter((leader) => leader === parts.leader)
    for (const { rig } of first.cards) {
      const pair = { ...c, tips, leaders, rods: [rig.parts.rod], heads: [rig.parts.head] }
      for (const found of yield* searchInSteps(pair, asked, { limit: MOST_TIPS, oneFor: 'tip' })) {
        // What breaks some other line is not worth a swing.
        const broken = found.cost >= BREAK_COST
        if (broken && best !== undefined) break
        const swung = broken ? judge(found.parts, asked) : yield* judgeSwungInSteps(found.parts, asked)
        if (best === undefined || rankCost(swung.score) < rankCost(best.score)) best = swung
        if (swung.verdict === 'holds') return swung
      }
    }
  }
  return best
}

/** Only a Skagit must carry a tip; for another head none is looked for where it holds without. */
const mustCarryTip = (style: SpecifiedStyle): boolean => style === 'skagit'

const styleOf = (head: Head): SpecifiedStyle =>
  SPECIFIED_STYLES.find((style) => style === head.style) ??
  (head.style === 'multi-density' ? 'scandi' : 'weight-forward')

/** The kinds of head worth asking for: all of them, or the one that is there; in the surf, and for its rods, heads cast overhead. */
export const stylesFor = (
  { head, rod }: FixedParts,
  { water }: Pick<Day, 'water'>,
  wanted?: SpecifiedStyle,
): readonly SpecifiedStyle[] => {
  if (head !== undefined) return [styleOf(head)]
  if (wanted !== undefined) return [wanted]
  const surf = rod === undefined ? water === 'surf' : rod.hands === 'surf'
  return surf ? ['overhead'] : SPECIFIED_STYLES
}

const byCost = (a: { readonly rig: RankedRig }, b: { readonly rig: RankedRig }): number =>
  rankCost(a.rig.score) - rankCost(b.rig.score)

/**
 * A whole rig for a day round the parts that are there: of every other part what to look for, found by the same search, ledger and swing
 * as a rig that is owned. One for each kind of head that makes one, best first; how far their figures may go is not computed yet.
 */
export function* specifyInSteps(day: Day, fixed: FixedParts, style?: SpecifiedStyle): Steps<Specified> {
  const found: SpecifiedRig[] = []
  for (const each of stylesFor(fixed, day, style)) {
    const rig = yield* bestRig(fixed, day, each)
    if (rig !== undefined) found.push({ style: each, rig, open: openSlots(fixed, rig.parts), spans: [] })
  }
  return among(found)
}

/** Those kinds of head that break nowhere, best first. */
const sound = (found: readonly SpecifiedRig[]): readonly SpecifiedRig[] =>
  found.filter(({ rig }) => rig.verdict !== 'breaks').sort(byCost)

/** The slots of the parts that a line of the ledger reads. */
const readBy = (code: CheckCode): readonly RigSlot[] => [
  ...new Set(
    (CHECKS as readonly CheckDefinition<CheckCode>[])
      .filter((check) => check.code === code)
      .flatMap(({ looks }) => looks.flatMap(({ needs }) => needs.map((part) => SLOTS[part]))),
  ),
]

/**
 * The fewest of the parts that are there with which a line breaks already: two that do not go together; one that is not for such
 * a day; or none, where the day itself asks too much.
 */
export function* clashInSteps(
  day: Day,
  fixed: FixedParts,
  { line: { code: line }, nearest: { style } }: Pick<Apart, 'line' | 'nearest'>,
): Steps<readonly RigSlot[]> {
  const there = PARTS.filter((part) => fixed[part] != null && readBy(line).includes(SLOTS[part]))
  const pairs = there.flatMap((one, i) => there.slice(i + 1).map((other) => [one, other]))
  for (const some of [[], ...there.map((one) => [one]), ...pairs]) {
    const only = Object.fromEntries(some.map((part) => [part, fixed[part]]))
    const rig = yield* bestRig(only, day, style)
    if (rig?.checks.some(({ code, state }) => code === line && state === 'breaks'))
      return some.map((part) => SLOTS[part])
  }
  return there.map((part) => SLOTS[part])
}
type Apart = Extract<Specified, { outcome: 'do-not-go-together' }>

/** Rigs of all kinds of head, best first: those that break nowhere, or, where there is none, the nearest to it. */
function among(found: readonly SpecifiedRig[]): Specified {
  const rigs = sound(found)
  if (rigs.length > 0) return { outcome: 'specified', rigs }
  const [nearest] = [...found].sort(byCost)
  if (nearest === undefined) throw new Error('no rig to look for')
  const line = nearest.rig.checks.find((check) => check.state === 'breaks')
  if (line === undefined) throw new Error('nothing breaks')
  return { outcome: 'do-not-go-together', line, nearest }
}

/** Union of what was found kind by kind. @param each at least one */
export function together(each: readonly Specified[]): Specified {
  const rigs = sound(each.flatMap((found) => (found.outcome === 'specified' ? found.rigs : [])))
  if (rigs.length > 0) return { outcome: 'specified', rigs }
  const [nearest] = each
    .flatMap((found) => (found.outcome === 'specified' ? [] : [found]))
    .sort((a, b) => byCost(a.nearest, b.nearest))
  if (nearest === undefined) throw new Error('nothing to put together')
  return nearest
}

/** A specified rig with how far each figure of its open parts may go. */
export function* withSpansInSteps(day: Day, specified: SpecifiedRig): Steps<SpecifiedRig> {
  return { ...specified, spans: yield* spansInSteps(specified.rig, anyOf(day), specified.open) }
}

/** The same, run to completion. */
export function specify(day: Day, fixed: FixedParts, style?: SpecifiedStyle): Specified {
  const found = through(specifyInSteps(day, fixed, style))
  return found.outcome === 'specified'
    ? { ...found, rigs: found.rigs.map((rig) => through(withSpansInSteps(day, rig))) }
    : found
}

/** Spool volume that a rig's line and the backing for its fish take, wound as usual [m³]. [estimate] */
export const spoolWantedM3 = (parts: RigParts, fishKg: number): number =>
  woundLines(parts, undefined, backingWantedM(parts.rod, fishKg).low).reduce(
    (sum, { lengthM, diameterM }) => sum + woundVolumeM3(lengthM, diameterM),
    0,
  )
