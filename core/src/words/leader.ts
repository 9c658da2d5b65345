import {
  type DropperPlan,
  type FlyKnot,
  type IndicatorRig,
  LEADER_STEP_M,
  type LeaderRule,
  type LeaderWarning,
  leastStrengthN,
  neededStrengthN,
} from '../leader/index.ts'
import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import { KNOT_NAMES } from './rigging.ts'

/** Length of leader a rule allows. */
export const sayLeaderLength = (
  { lowM, highM }: Pick<LeaderRule, 'lowM' | 'highM'>,
  system: UnitSystem,
): string => `For this head, tip and fly: ${printRange({ low: lowM, high: highM }, 'length', system)}`

/** Strength of a leader's point for fish of a size [kg], tied with a knot. */
export function sayPoint(fishKg: number, knot: FlyKnot, system: UnitSystem): string {
  const load = (n: number): string => printMeasure(n, 'breakingLoad', system)
  return `For fish of ${printMeasure(fishKg, 'fishMass', system)} a point of about ${load(neededStrengthN(fishKg, knot))}, and at least ${load(leastStrengthN(fishKg, knot).holds)}, tied with a ${KNOT_NAMES[knot]}`
}

/** Where the dropper and the point fly go, and which of them carries the weight. */
export function sayDropper(
  { spacingM, wholeM, mostM, tooLong }: DropperPlan,
  weightIn: 'dropper' | 'point-fly',
  system: UnitSystem,
): string {
  const show = (m: number): string => printMeasure(m, 'length', system)
  const weight =
    weightIn === 'dropper'
      ? 'The weight in the dropper, as you prefer it in slow water.'
      : 'The weight in the point fly, as you prefer it in fast water.'
  const long = tooLong ? ` That is more than ${show(mostM)} on a fast tip: shorten the leader first.` : ''
  return `From the ring ${show(spacingM)} to the point fly, ${show(wholeM)} in all. ${weight}${long}`
}

/** An indicator rig. @param depthM of the water, where that should be said too */
export function sayIndicator(
  { floatToWeight, weightToFlyM }: IndicatorRig,
  depthM: number | undefined,
  system: UnitSystem,
): string {
  const where =
    depthM === undefined ? 'An indicator rig here' : `In water ${printMeasure(depthM, 'length', system)} deep`
  return `${where}: ${printRange(floatToWeight, 'length', system)} from float to weight, about ${printMeasure(weightToFlyM, 'length', system)} on to the fly. Start light, and add.`
}

/** Warning on a leader that was built. */
export function sayLeaderWarning(warning: LeaderWarning, system: UnitSystem): string {
  switch (warning) {
    case 'step-too-big':
      return `One step is more than ${printMeasure(LEADER_STEP_M, 'diameter', system)}: put another spool in between, or a tippet ring.`
    case 'butt-too-thin':
      return 'Your thickest spool is thin for a butt: the line will hinge there.'
    case 'strength-unknown':
      return 'The spool at the point doesn’t give its breaking strain.'
  }
}
