import type { Day } from '../../day/index.ts'
import { flyInWater } from '../../sink/index.ts'
import type { SwingInput, SwingOptions } from '../../swing/index.ts'
import type { Fish } from '../../water/index.ts'
import type { RigParts } from '../parts.ts'
import { strandParts } from './strand.ts'

/** Of a day, what a rig's swing depends on: fly and dropper, the water as it is, the fish and how it is fished. */
export type SwingDay = Pick<Day, 'fly' | 'dropper' | 'run' | 'plan' | 'fishAt'> &
  Required<Pick<Fish, 'fishKg'>> &
  Pick<Fish, 'waterC'>
/** Of a rig, the same. */
export type SwingParts = Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader' | 'runningLine'>

/** A rig and the day it swings in. */
export interface SwingSetup extends SwingDay {
  readonly parts: RigParts
}

/** Arm and lean added to the rod when it points along the line [m]. [estimate] */
const ARM_M = 0.5

/** From the angler to the rod tip, in plan [m]: the rod low over the water. */
export function reachM(rodLengthM: number, tipHeightM: number): number {
  const rise = Math.min(tipHeightM, rodLengthM * 0.95)
  return Math.sqrt(rodLengthM ** 2 - rise ** 2) + ARM_M
}

/** The swing of a setup, ready to be simulated. */
export function swingInput(
  { parts, fly, dropper, run, plan, fishAt, fishKg, waterC }: SwingDay & { readonly parts: SwingParts },
  options: Partial<SwingOptions> = {},
): SwingInput {
  const reach = reachM(parts.rod.lengthM, plan.tipHeightM)
  const angle = (plan.angleDeg * Math.PI) / 180
  return {
    run,
    rodTip: {
      heightM: plan.tipHeightM,
      xM: reach * Math.cos(angle),
      yM: run.wadeM + reach * Math.sin(angle),
    },
    castAngleDeg: plan.angleDeg,
    parts: strandParts(parts, plan.castM - reach, dropper),
    fly: flyInWater(fly),
    fish: { fishAt, fishKg, waterC },
    mends: plan.mends,
    options: { rod: plan.rod, reachM: reach, ...options },
  }
}
