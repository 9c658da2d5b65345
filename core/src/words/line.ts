import { CARRY_M, SHORT_TAPER_REACH_M, TURNOVER_MODEL, type TurnoverResult } from '../cast/index.ts'
import { type CarryResult, type CutEnd, SINGLE_HAND_LENGTH_M, singleHandKg } from '../line/index.ts'
import { printIn, printMeasure, printRange, printShare, type UnitSystem } from '../quantity/index.ts'
import type { MaterialReading } from '../sink/index.ts'
import { figure, type Said, said } from './said.ts'

interface Whole {
  readonly massKg: number
  readonly lengthM: number
}

/** A head's weight and length: “460 gr in 23 ft”. */
const sayWhole = ({ massKg, lengthM }: Whole, system: UnitSystem): string =>
  `${printMeasure(massKg, 'lineMass', system)} in ${printMeasure(lengthM, 'length', system)}`

/** What a head weighs before it is cut. */
export const sayUncut = (name: string, whole: Whole, system: UnitSystem): string =>
  `${name}: ${sayWhole(whole, system)}. Enter a target weight, or drag the cut. No real line is harmed.`

/** What is cut off which end, and what that leaves. @param cutM [m] @param frontKgPerM at the front of what is left */
export function sayCut(
  cutM: number,
  from: CutEnd,
  left: Whole & { readonly frontKgPerM: number },
  system: UnitSystem,
): Said {
  const show = printIn(system)
  return said`Cut ${figure(show(cutM, 'length'))} off the ${from}. That leaves ${sayWhole(left, system)}, with ${show(left.frontKgPerM, 'massPerLength')} at the front.`
}

/** Why a head cannot be cut to a weight; undefined where it can. @param leastKg, wholeKg what may be left, what it weighs */
export function sayUncuttable(
  targetKg: number,
  leastKg: number,
  wholeKg: number,
  system: UnitSystem,
): string | undefined {
  const show = printIn(system)
  if (targetKg > wholeKg)
    return `It weighs ${show(wholeKg, 'lineMass')}. Enter less than that: cutting adds nothing.`
  return targetKg < leastKg ? `At least ${show(leastKg, 'lineMass')} must be left.` : undefined
}

/** A head before a level piece goes behind it. @param bellyKgPerM at its belly */
export const sayBeforeCheater = (
  name: string,
  whole: Whole,
  bellyKgPerM: number,
  system: UnitSystem,
): string =>
  `A level piece looped in between running line and head: ${name} weighs ${sayWhole(whole, system)}, ${printMeasure(bellyKgPerM, 'massPerLength', system)} at its belly.`

/** What a level piece adds [kg], and the head with it. */
export const sayWithCheater = (addedKg: number, long: Whole, system: UnitSystem): Said =>
  said`It adds ${figure(printMeasure(addedKg, 'lineMass', system))}: ${sayWhole(long, system)}; the front stays as it is.`

/** What the speeds of a turnover stand for. @param launchMps speed of the loop as it leaves */
export const sayTurnoverModel = (launchMps: number, system: UnitSystem): string =>
  `The loop leaves at about ${printMeasure(launchMps, 'current', system)} (from your casting habit) and unrolls to the fly, which falls meanwhile. “Straight” means the fly arrives with speed, having dropped less than ${printMeasure(TURNOVER_MODEL.straightDropM, 'length', system)}. Use it to compare flies, tips and leaders, not to read speeds.`

/** Outcome of a turnover. @param launchMps speed of the loop as it leaves */
export function sayTurnover(result: TurnoverResult, launchMps: number, system: UnitSystem): string {
  if (result.outcome !== 'turned-over') return 'Nothing to unroll.'
  const { straight, speedAtFlyMps, dropM, energyLeft } = result
  const how = straight
    ? 'Straight'
    : speedAtFlyMps < TURNOVER_MODEL.arrivesMps
      ? 'Dies before it straightens'
      : `Drops ${printMeasure(dropM, 'length', system)} before the loop is out`
  return `${how}: the fly has ${(speedAtFlyMps / launchMps).toFixed(1)} times the launch speed, and ${printShare(energyLeft, 1)} of the energy is left.`
}

/** Length of double taper that weighs what a head weighs. @param number single-hand line number */
export const sayCarry = (carryM: number, number: number, lengthM: number, system: UnitSystem): Said =>
  said`Casts the weight of ${figure(printMeasure(carryM, 'length', system))} of no. ${String(number)} double taper in ${printMeasure(lengthM, 'length', system)}.`

/** Weight of a length of double taper, as it is printed. @param lengthM line out @param taperM front taper [m] */
export function sayLineOut(
  weight: string,
  lengthM: number,
  number: number,
  taperM: number,
  system: UnitSystem,
): Said {
  const show = printIn(system)
  return said`${show(lengthM, 'length')} of a no. ${String(number)} double taper with a front taper of ${show(taperM, 'length')} weighs ${figure(weight)}.`
}

/** A head as a length of double taper. */
export function sayAsLineOut(carry: CarryResult, headKg: number, system: UnitSystem): Said {
  const head = printMeasure(headKg, 'lineMass', system)
  return carry.outcome === 'found'
    ? said`A head of ${head} is ${figure(printMeasure(carry.carryM, 'length', system))} of that line, packed into its own length.`
    : [`A head of ${head} weighs more than the longest of such lines.`]
}

/** What a line number stands for, and how far a standard line is carried. @param weighs prints the weight of a length out */
export function sayNumberStandsFor(
  number: number,
  weighs: (lengthM: number) => string,
  system: UnitSystem,
): string {
  const show = printIn(system)
  return `The number stands for ${show(singleHandKg(number) ?? 0, 'lineMass')}, its first ${show(SINGLE_HAND_LENGTH_M, 'length')}. A standard line is comfortable to ${show(CARRY_M.comfortable, 'length')} in the air, ${weighs(CARRY_M.comfortable)}, and hard work beyond ${show(CARRY_M.most, 'length')}, ${weighs(CARRY_M.most)}. To cast far, or a big fly, a rod needs that weight in a shorter head, clearly more than its number says.`
}

/** How far a short front taper still works. */
export const sayShortTaper = (system: UnitSystem): string =>
  `A short one, on a 9 ft rod, still works to ${printRange(SHORT_TAPER_REACH_M, 'length', system)}.`

/** Sizes to one decimal, without a nought: “9”, “9.4”. */
export const saySize = (exact: number): string => exact.toFixed(1).replace(/\.0$/, '')

/** How far a weight is from the number on the box. @param off sizes, negative where it is heavier */
export function sayLabelOff(off: number): string {
  const by = Math.abs(off)
  if (by < 0.5) return 'the weight agrees.'
  const sizes = saySize(by)
  return `by weight it is ${sizes} ${sizes === '1' ? 'size' : 'sizes'} ${off < 0 ? 'heavier' : 'lighter'}.`
}

/** How sure it is which level material was weighed. */
export function sayReading({ outcome, deviation, nearest, sinkingGrainsPerFt }: MaterialReading): string {
  const off = printShare(Math.abs(deviation), 1)
  if (outcome === 'joined' && sinkingGrainsPerFt !== undefined)
    return `The scale tells only the sum: its sinking part weighs between ${sinkingGrainsPerFt.low.toFixed(1)} and ${sinkingGrainsPerFt.high.toFixed(1)} gr/ft, as the floating part may be light or heavy. Weigh a cut-off piece, or time how fast it sinks, to tell more.`
  if (outcome === 'named') return `Within ${off} of its nominal weight: as sure as scale and tape are.`
  const [first, second] = nearest
  return `Nearest are ${first?.material ?? ''} (${off} off) and ${second?.material ?? ''}. Measure the length again without its loops; a caliper on the coating would settle it.`
}

/** A measure among the level materials, or what lies there before one. */
export function sayAmongMaterials(reading: MaterialReading | undefined, system: UnitSystem): string {
  if (reading === undefined) return 'Level materials by weight per foot'
  const between = reading.nearest
    .map(({ material }) => material)
    .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }))
  return `${printMeasure(reading.kgPerM, 'massPerLength', system)} among the level materials: ${reading.material ?? `between ${between.join(' and ')}`}`
}

/** Less than this is no deviation anyone could weigh. */
const EXACT = 0.0005

/** Material of a tip by its weight and length. */
export function sayMaterial({ material, deviation, nearest: [near, next] }: MaterialReading): string {
  return material === null
    ? `Between ${near?.material ?? ''} and ${next?.material ?? ''}: weigh and measure again`
    : `By weight and length this is ${material}${Math.abs(deviation) < EXACT ? '' : `, ${printShare(Math.abs(deviation), 1)} off`}`
}

/** Numbers a head has by weight. */
export function sayNumbers(
  singleHand: { readonly number: number; readonly beyond?: string },
  twoHand: { readonly number: number; readonly of: string; readonly beyond?: string },
): string {
  const beyond = (reading: { readonly beyond?: string }): string =>
    reading.beyond === undefined ? '' : ' or beyond'
  return `By weight a single-hand no. ${singleHand.number}${beyond(singleHand)}, a two-hand no. ${twoHand.number} of class ${twoHand.of}${beyond(twoHand)}`
}

/** Numbers of a single-hand rod that is as strong, by both schools of thought. */
export const sayAsStrong = (plusTwo: number, plusThree: number): string =>
  `As strong as a single-hand no. ${plusTwo} by one school of thought, ${plusThree} by another`
