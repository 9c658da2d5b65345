import type { Head, HeadStyle, Leader, Reel, Rod, RunningLine, SinkingLeader, Tip } from '../gear/index.ts'
import {
  KG_PER_GRAIN,
  KG_PER_M_PER_GRAIN_PER_FOOT,
  KG_PER_POUND,
  M_PER_FOOT,
  M_PER_INCH,
  STANDARD_GRAVITY_MPS2,
} from '../quantity/index.ts'
import { LEVEL_TIPS_M } from '../sink/index.ts'

/**
 * Parts as anybody sells or cuts them, on a grid: of no maker, and with no word of what goes with what. What goes together is
 * for the search and the ledger to say.
 */
export const poundsN = (pounds: number): number => pounds * KG_PER_POUND * STANDARD_GRAVITY_MPS2

const feet = (n: number): number => n * M_PER_FOOT
const whole = (from: number, to: number): readonly number[] =>
  Array.from({ length: to - from + 1 }, (_, i) => from + i)
/** Every pair of two lists. */
const pairs = <A, B>(some: readonly A[], others: readonly B[]): readonly (readonly [A, B])[] =>
  some.flatMap((a) => others.map((b) => [a, b] as const))

/** Says what it is, and that it is nobody's. */
const base = <K extends string>(kind: K, ...marks: readonly (string | number)[]) => ({
  kind,
  id: ['look-for', kind, ...marks].join('-').replaceAll('.', '_'),
  name: 'Look for',
})
const ROD_SORTS = [
  { hands: 'single', numbers: [4, 8], feet: [9, 9.5] },
  { hands: 'trout-two-hander', numbers: [2, 5], feet: [10.5, 11, 11.5] },
  { hands: 'switch', numbers: [5, 8], feet: [10.5, 11, 11.5] },
  { hands: 'two-hander', numbers: [6, 10], feet: [12, 12.5, 13, 13.5, 14, 15] },
  { hands: 'surf', numbers: [8, 10], feet: [11] },
] as const

export const GENERIC_RODS: readonly Rod[] = ROD_SORTS.flatMap(
  ({ hands, numbers: [low, high], feet: lengths }) =>
    pairs(whole(low, high), lengths).map(([lineNumber, ft]) => ({
      ...base('rod', hands, lineNumber, ft),
      hands,
      lineNumber,
      lengthM: feet(ft),
    })),
)

/** Heads from the lightest of trout rods to the heaviest of a no. 12, each about 3 % over the one before [gr]. */
const HEAD_GRAINS: readonly number[] = Array.from(
  { length: 56 },
  (_, i) => 5 * Math.round((170 * 1.031 ** i) / 5),
)
/** Trout lines by the number on their box. */
const TROUT_NUMBERS = whole(4, 12)
const TROUT_LINE_M = feet(85)

/** Lengths that heads of a kind are made in [ft]. [practice] */
const HEAD_FEET = {
  skagit: [11.5, 16, 20, 22.5, 25],
  scandi: [23, 26, 30, 33, 36, 40],
  overhead: [28, 31, 34],
  integrated: [26, 30, 33],
} as const

/** Kinds of head a whole rig is put together for. */
export const SPECIFIED_STYLES = ['skagit', 'scandi', 'integrated', 'overhead', 'weight-forward'] as const
export type SpecifiedStyle = (typeof SPECIFIED_STYLES)[number] & HeadStyle

/** Rods that take the shorter of what is made. */
const LIGHT_RODS: readonly Rod['hands'][] = ['trout-two-hander', 'single']
/** Lengths heads and tips are made in, for light rods and for all others [ft]: shorter or longer there is none to look for. [practice] */
const MADE_FEET = {
  skagit: { light: [11, 18], full: [18, 27] },
  scandi: { light: [20, 30], full: [26, 42] },
  'multi-density': { light: [20, 30], full: [26, 36] },
  overhead: { light: [24, 36], full: [26, 40] },
  integrated: { light: [20, 32], full: [26, 40] },
  floating: { light: [5, 8], full: [8, 12] },
  'part-sinking': { light: [5, 12], full: [8, 12] },
  level: { light: [2.5, 12], full: [2.5, 15] },
  tapered: { light: [5, 12], full: [8, 15] },
  'sinking-leader': { light: [5, 12], full: [5, 15] },
} as const

/** Lengths such a head or tip is made in for a rod [m]. [practice] */
export function madeM(
  sort: keyof typeof MADE_FEET,
  { hands }: Pick<Rod, 'hands'>,
): { low: number; high: number } {
  const [low, high] = MADE_FEET[sort][LIGHT_RODS.includes(hands) ? 'light' : 'full']
  return { low: feet(low), high: feet(high) }
}

const headsOf = (style: keyof typeof HEAD_FEET, density: Head['density'] = 'floating'): readonly Head[] =>
  pairs(HEAD_GRAINS, HEAD_FEET[style])
    // A head is neither a rope nor a thread.
    .filter(([grains, ft]) => grains / ft > 7 && grains / ft < 36)
    .map(([grains, ft]) => ({
      ...base('head', style, density, grains, ft),
      style,
      density,
      massKg: grains * KG_PER_GRAIN,
      lengthM: feet(ft),
    }))

export const GENERIC_HEADS: Readonly<Record<SpecifiedStyle, readonly Head[]>> = {
  skagit: headsOf('skagit'),
  scandi: headsOf('scandi'),
  integrated: headsOf('integrated'),
  overhead: [...headsOf('overhead'), ...headsOf('overhead', 'intermediate')],
  'weight-forward': TROUT_NUMBERS.map((labelNumber) => ({
    ...base('head', 'weight-forward', labelNumber),
    style: 'weight-forward',
    lengthM: TROUT_LINE_M,
    labelNumber,
    labelStandard: 'single-hand',
  })),
}

const LEVEL_TIPS: readonly Tip[] = pairs([8, 11, 14, 17], LEVEL_TIPS_M).map(([grains, lengthM]) => ({
  ...base('tip', 'level', grains, Math.round((lengthM / M_PER_FOOT) * 10) / 10),
  build: 'level',
  lengthM,
  kgPerM: grains * KG_PER_M_PER_GRAIN_PER_FOOT,
}))
const PART_SINKING_TIPS: readonly Tip[] = [2.5, 5, 7.5].map((ft) => ({
  ...base('tip', 'part-sinking', ft),
  build: 'part-sinking',
  lengthM: feet(10),
  sinkingLengthM: feet(ft),
}))
const TAPERED_TIPS: readonly Tip[] = whole(3, 10).map((rodNumber) => ({
  ...base('tip', 'tapered', rodNumber),
  build: 'tapered',
  lengthM: feet(10),
  rodNumber,
}))
const SINKING_LEADERS: readonly SinkingLeader[] = [1.5, 3, 5, 7].map((rate) => ({
  ...base('sinking-leader', rate),
  lengthM: feet(10),
  sinkRateMps: rate * M_PER_INCH,
}))
export const GENERIC_TIPS: readonly (Tip | SinkingLeader)[] = [
  { ...base('tip', 'floating'), build: 'floating', lengthM: feet(10) },
  { ...base('tip', 'floating', 6), build: 'floating', lengthM: feet(6), massKg: 30 * KG_PER_GRAIN },
  ...PART_SINKING_TIPS,
  ...LEVEL_TIPS,
  ...TAPERED_TIPS,
  ...SINKING_LEADERS,
]

/** Nylon of a breaking load is about so thick: 0.09 mm for each root of a pound. [estimate] Common practice, no source. */
export const nylonM = (breakingN: number): number => 0.09e-3 * Math.sqrt(breakingN / poundsN(1))
const BUTT_M = 0.5e-3

/** A leader of a strength: level all along, or down to it from a stout butt. */
export const leaderOf = (form: Leader['form'], lengthM: number, breakingN: number): Leader => ({
  ...base('leader', form, Math.round(lengthM * 1000), Math.round(breakingN * 10)),
  form,
  material: 'nylon',
  lengthM,
  breakingN,
  buttDiameterM: form === 'level' ? nylonM(breakingN) : Math.max(BUTT_M, nylonM(breakingN)),
  pointDiameterM: nylonM(breakingN),
})
/** Strengths that tippet is sold in [lb]. [practice] */
const LEADER_POUNDS = [4, 5, 6, 8, 10, 12, 15, 20, 25, 30]

/** Leaders of every form and length, in the two strengths next to what the fish want. @param neededN [N] */
export function genericLeaders(neededN: number): readonly Leader[] {
  const next = LEADER_POUNDS.findIndex((pounds) => poundsN(pounds) >= neededN)
  const at = next === -1 ? LEADER_POUNDS.length - 1 : Math.max(1, next)
  const strengths = LEADER_POUNDS.slice(at - 1, at + 1).map(poundsN)
  return [
    ...pairs([3, 4, 5, 6], strengths).flatMap(([ft, breakingN]) => [
      leaderOf('level', feet(ft), breakingN),
      leaderOf('stepped', feet(ft), breakingN),
    ]),
    ...pairs([7.5, 9, 11, 13, 15, 18], strengths).map(([ft, breakingN]) =>
      leaderOf('tapered', feet(ft), breakingN),
    ),
  ]
}

export const GENERIC_RUNNING_LINES: readonly RunningLine[] = [
  ...[20, 25, 30, 35].map((pounds) => ['coated', pounds] as const),
  ...[25, 30, 40, 50].map((pounds) => ['mono', pounds] as const),
].map(([build, pounds]) => ({ ...base('running-line', build, pounds), build, breakingN: poundsN(pounds) }))

export const GENERIC_REELS: readonly Reel[] = whole(4, 14).map((forNumber) => ({
  ...base('reel', forNumber),
  forNumber,
  cage: 'full',
}))
