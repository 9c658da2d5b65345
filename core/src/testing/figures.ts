import { dLoopDepth, loopsToHold, PULL_M, shootLengthM, USUAL_LAUNCH_M } from '../cast/index.ts'
import { WADING } from '../day/index.ts'
import type { FlyShape, Hands, Rod, WindowStyle } from '../gear/index.ts'
import { indicatorRig, leaderRule, neededStrengthN } from '../leader/index.ts'
import { doubleTaper, equalMassCarry, massOfFirst } from '../line/index.ts'
import {
  convert,
  findUnit,
  KG_PER_GRAIN,
  KG_PER_POUND,
  M_PER_FOOT,
  M_PER_INCH,
  STANDARD_GRAVITY_MPS2,
} from '../quantity/index.ts'
import { backingWantedM, reelNumbersFor } from '../reel/index.ts'
import * as rods from '../rod/index.ts'
import { criticalAngle } from '../sink/critical.ts'
import { tideTurns } from '../tide/index.ts'
import { levelFactors } from '../water/index.ts'

/** A figure from outside the project beside ours. */
export interface OutsideFigure {
  readonly code: string
  readonly what: string
  readonly unit: string
  /** The figure from outside, and how far ours may be from it. */
  readonly theirs: number
  readonly within: number
  readonly ours: number
}

/**
 * Figures of one number. @param within how far ours may be from theirs, or the share of theirs that is
 * @param rows what, their figure, ours in SI or as it is where the unit is none of length, mass, force …
 */
const figures = (
  code: string,
  unit: string,
  within: number | { readonly share: number },
  rows: readonly Row[],
): readonly OutsideFigure[] =>
  rows.map(([what, theirs, si]) => ({
    code,
    what,
    unit,
    theirs,
    within: typeof within === 'number' ? within : within.share * theirs,
    ours: findUnit(unit)?.fromSi(si) ?? si,
  }))
const EXACT = 1e-9

type Row = readonly [what: string, theirs: number, si: number]
/** One of each number and their figure for it. */
const numbered = <V, T>(
  theirs: Readonly<Record<number, V>>,
  one: (number: number, theirs: V) => T,
): readonly T[] => Object.entries(theirs).map(([number, figure]) => one(Number(number), figure))

const feet = (n: number): number => n * M_PER_FOOT
const rod = (lineNumber: number, lengthFt: number, hands: Hands = 'two-hander', more = {}): Rod => ({
  ...{ kind: 'rod', id: 'r', name: 'r', lineNumber, lengthM: feet(lengthFt), hands },
  ...more,
})
const TROUT = 'trout-two-hander'

/** What a solver found; anything else is a fault of the table. */
function found<T extends { readonly outcome: string }, K extends T['outcome']>(
  result: T,
  outcome: K,
): Extract<T, { readonly outcome: K }> {
  if (result.outcome !== outcome) throw new Error(`${result.outcome}, not ${outcome}`)
  return result as Extract<T, { readonly outcome: K }>
}

const massOf = (number: number, ft: number): number =>
  massOfFirst(found(doubleTaper(number, feet(8)), 'made').line, feet(ft))
const centreOf = (of: Rod, style: WindowStyle, options?: rods.WindowOptions): number =>
  found(rods.windowFor(of, style, options), 'window').window.centreKg
const asSingle = (of: Rod, school: Parameters<typeof rods.singleHandEquivalent>[1]): number =>
  rods.singleHandEquivalent(of, school)
const leader = (of: Rod, style: 'scandi' | 'skagit', weighting: FlyShape['weighting'], sinkMps?: number) =>
  leaderRule(of, style, sinkMps, { dress: 'medium', weighting })
const loopM = (arcFt: number): number => found(dLoopDepth(feet(14), feet(arcFt)), 'found').depthM
const converted = (value: number, from: string, to: string): number =>
  found(convert(value, from, to), 'converted').value

const M2 = { constituents: [{ name: 'M2', amplitudeM: 1.5, phaseDeg: 120 }], meanM: 2 }
function halfTideMin(): number {
  const from = Date.UTC(2026, 10, 27)
  const turns = tideTurns(M2, from, from + 2 * 86_400_000)
  return ((turns.at(-1)?.atMs ?? 0) - (turns[0]?.atMs ?? 0)) / 60_000 / (turns.length - 1)
}

const REELS = [
  ['switch no. 6', rod(6, 11, 'switch'), 7, 8],
  ['12 ft no. 7', rod(7, 12), 10, 11],
  ['13 ft no. 8', rod(8, 13), 11, 12],
  ['13½ ft no. 7', rod(7, 13.5), 11, 12],
] as const
const SPEY = { caster: { mainly: 'spey' } } as const
const DEGREES = 180 / Math.PI

const float = indicatorRig(1.5, 0.6)
const fastTip = leader(rod(8, 13), 'skagit', 'heavy', 7 * M_PER_INCH)
const scandi = leader(rod(8, 13), 'scandi', 'unweighted')
const light = leader(rod(4, 11, TROUT), 'scandi', 'unweighted')
const switchBacking = backingWantedM(rod(6, 11, 'switch'), 4)
const coatedLoops = loopsToHold('coated', feet(54), feet(13))
const weighted = leader(rod(4, 11, TROUT), 'scandi', 'heavy')
const carryM = found(equalMassCarry(9, feet(8), 375 * KG_PER_GRAIN), 'found').carryM

/** Every figure from outside that ours is held to; `CLAIMS` says whose each is. */
export const OUTSIDE_FIGURES: readonly OutsideFigure[] = [
  ...figures(
    'C1',
    'gr',
    1,
    numbered({ 30: 240, 35: 284, 40: 328, 45: 372 }, (ft, gr) => [
      `no. 9 double taper, 8 ft taper: weight of the first ${ft} ft`,
      gr,
      massOf(9, ft),
    ]),
  ),
  ...figures('C2', 'gr', 1, [
    ['no. 8 double taper, 8 ft taper: weight of the first 40 ft', 287, massOf(8, 40)],
  ]),
  ...figures('C3', 'ft', 0.5, [['carry of a no. 9 that weighs as much as a 375 gr head', 45, carryM]]),
  ...figures('C4', 'ft', EXACT, [
    ['longest comfortable cast of a single-hander', 60, rods.castSpanM(rod(10, 9, 'single')).high],
  ]),
  ...figures(
    'C5',
    'mm',
    0.003,
    numbered({ 6: 0.405, 7: 0.435, 8: 0.47 }, (go, mm) => [`${go} gō`, mm, converted(go, 'go', 'm')]),
  ),
  ...figures('C6', 'ft', EXACT, [
    ['shortest usual rod for casts of 60 ft', 10.5, rods.rodLengthForCast(feet(60)).low],
    ['longest usual rod for casts of 60 ft', 11.5, rods.rodLengthForCast(feet(60)).high],
    ['shortest usual rod for casts of 80 ft', 12.5, rods.rodLengthForCast(feet(80)).low],
    ['longest usual rod for casts of 80 ft', 13, rods.rodLengthForCast(feet(80)).high],
    ['shortest usual rod for casts of 110 ft', 14, rods.rodLengthForCast(feet(110)).low],
    ['longest usual rod for casts of 110 ft', 15, rods.rodLengthForCast(feet(110)).high],
  ]),
  ...figures('C7', 'lb', EXACT, [
    ['largest fish for a trout spey rod no. 2', 4, rods.fishSpanKg(rod(2, 11, TROUT)).high],
    ['largest fish for a trout spey rod no. 4', 8, rods.fishSpanKg(rod(4, 11, TROUT)).high],
  ]),
  ...figures('C9', '', 0, [
    ['single-hand number of a trout spey rod no. 4, three up', 7, asSingle(rod(4, 11, TROUT), 'plus-three')],
    ['single-hand number of a trout spey rod no. 5, two up', 7, asSingle(rod(5, 11, TROUT), 'plus-two')],
    ['single-hand number of a two-hander no. 6, by default', 9, asSingle(rod(6, 12), 'by-number')],
    ['single-hand number of a switch rod no. 5, by default', 8, asSingle(rod(5, 11, 'switch'), 'by-number')],
  ]),
  ...figures('C10', 'gr', { share: 0.02 }, [
    ['two-hander no. 6, overhead', 340, centreOf(rod(6, 12.5), 'overhead')],
    ['two-hander no. 7, overhead', 400, centreOf(rod(7, 12.5), 'overhead')],
    ['two-hander no. 8, overhead', 460, centreOf(rod(8, 12.5), 'overhead')],
    [
      'two-hander no. 7, overhead, by one who mainly spey casts',
      460,
      centreOf(rod(7, 12.5), 'overhead', SPEY),
    ],
  ]),
  ...figures('C11', 'gr', { share: 0.01 }, [
    ['12½ ft two-hander no. 6, Skagit', 425, centreOf(rod(6, 12.5), 'skagit')],
    ['13 ft two-hander no. 7, Scandi', 480, centreOf(rod(7, 13), 'scandi')],
    ['single-hander no. 6, short Skagit', 240, centreOf(rod(6, 9, 'single'), 'skagit')],
  ]),
  ...figures('C12', 'gr', { share: 0.01 }, [
    ['11 ft surf rod 8/9, overhead', 520, centreOf(rod(8, 11, 'surf', { lineNumberHigh: 9 }), 'overhead')],
  ]),
  ...figures('C18', '°', 0.05, [
    ['angle of a line that sinks at 0.2 of the current', 11.4, DEGREES * criticalAngle(0.2, 1)],
    ['angle of a line that sinks at 0.5 of the current', 28, DEGREES * criticalAngle(0.5, 1)],
  ]),
  ...figures('C20', 'ft', EXACT, [
    ['shortest leader on a fast tip', 3, fastTip.lowM],
    ['longest leader on a fast tip', 6, fastTip.highM],
  ]),
  ...figures('C21', '×', 0.005, [
    ['twice the flow: depth', 1.32, levelFactors(2).depth],
    ['twice the flow: velocity', 1.27, levelFactors(2).velocity],
    ['twice the flow: width', 1.2, levelFactors(2).width],
  ]),
  ...figures('C22', 'ft', EXACT, [
    ['shortest leader on a floating Scandi, 13 ft rod', 13, scandi.lowM],
    ['longest leader on a floating Scandi, 13 ft rod', 19.5, scandi.highM],
  ]),
  ...figures('C23', 'ft', EXACT, [
    ['shortest leader on a trout spey rod, unweighted fly', 12, light.lowM],
    ['longest leader on a trout spey rod, unweighted fly', 14, light.highM],
    ['middle of the rule with a weighted fly', 9, (weighted.lowM + weighted.highM) / 2],
  ]),
  ...figures('C25', '×', EXACT, [
    ['float to weight over the depth, at least', 1.2, float.floatToWeight.low / 1.5],
    ['float to weight over the depth, at most', 1.3, float.floatToWeight.high / 1.5],
  ]),
  ...figures('C25', 'in', EXACT, [['weight to fly', 36, float.weightToFlyM]]),
  ...figures(
    'C26',
    '',
    0,
    [6, 5, 4, 3].map((pulls, i) => [
      `54 ft of coated line: pulls in loop ${i + 1}`,
      pulls,
      Math.round((coatedLoops[i] ?? 0) / PULL_M),
    ]),
  ),
  ...figures('C26', 'ft', 0.5, [
    ['44 ft of mono: length of its loops', 22, loopsToHold('mono', feet(44), feet(13))[0] ?? 0],
  ]),
  ...figures('C28', 'ft', 0.5, [
    ['34 g with a coated running line shoots', 50.5, shootLengthM(0.034, 0.0013, USUAL_LAUNCH_M)],
    ['34 g with 0.50 mm mono shoots', 61.5, shootLengthM(0.034, 0.00022, USUAL_LAUNCH_M)],
  ]),
  ...figures('C29', 'm', 0, [
    ['backing on a switch rod, at least', 80, switchBacking.low],
    ['backing on a switch rod, at most', 100, switchBacking.high],
  ]),
  ...figures('C29', 'yd', EXACT, [['backing for fish that run', 200, backingWantedM(rod(8, 13), 5).high]]),
  ...figures(
    'C30',
    'no.',
    0,
    REELS.flatMap(([name, of, low, high]) => [
      [`smallest single-hand reel for a ${name}`, low, reelNumbersFor(of).low] as const,
      [`largest single-hand reel for a ${name}`, high, reelNumbersFor(of).high] as const,
    ]),
  ),
  ...figures('C33', 'ft', 0.005, [
    ['depth of a D loop of 26 ft under a 14 ft rod tip', 9.46, loopM(26)],
    ['depth of a D loop of 33 ft under a 14 ft rod tip', 13.49, loopM(33)],
    ['depth of a D loop of 16 ft under a 14 ft rod tip', 2.7, loopM(16)],
  ]),
  ...figures('C35', 'gr', { share: 0.01 }, [
    ...numbered(
      { 6: 428, 7: 479, 8: 541, 9: 612, 10: 694, 12: 887 },
      (no, gr): Row => [`12½ ft two-hander no. ${no}, Skagit`, gr, centreOf(rod(no, 12.5), 'skagit')],
    ),
    ['12½ ft two-hander no. 10, Scandi', 687, centreOf(rod(10, 12.5), 'scandi')],
  ]),
  ...figures(
    'C37',
    'lb',
    { share: 0.03 },
    numbered({ 2: 5.8, 8: 12, 14: 16, 30: 24 }, (fish, lb) => [
      `tippet for a ${fish} lb fish on a tight line`,
      lb,
      neededStrengthN(fish * KG_PER_POUND) / STANDARD_GRAVITY_MPS2,
    ]),
  ),
  ...figures('C43', 'ft²/s', 0.02, [
    ['depth × current that is not to be waded', 10, WADING.not.product / feet(1) ** 2],
  ]),
  ...figures('C43', 'ft²/s', 0.03, [
    ['depth × current from which to take care', 6, WADING.care.product / feet(1) ** 2],
  ]),
  ...figures(
    'C44',
    '',
    5e-5,
    numbered({ 1: 0.3017, 2: 0.4935, 5: 0.7138, 10: 0.8106 }, (alpha, drop) => [
      `uniform cantilever, PL²/EI = ${alpha}: drop over length`,
      drop,
      rods.bentRod(alpha).dropShare,
    ]),
  ),
  ...figures('C45', 'min', 0.5, [
    ['from high to low water under M2 alone', 180 / (28.9841042 / 60), halfTideMin()],
  ]),
  ...figures('–', 'mg', EXACT, [['one grain', 64.79891, converted(1, 'gr', 'kg') * 1e6]]),
  ...figures('–', '', 5e-7, [
    [
      'lightly loaded cantilever, PL²/EI = 0.01: drop over length (Euler–Bernoulli)',
      0.01 / 3,
      rods.bentRod(0.01).dropShare,
    ],
  ]),
]
