import type { Day } from '../day/index.ts'
import { type RigParts, strandParts } from '../rig/index.ts'
import { flyInWater } from '../sink/index.ts'
import type { SwingInput, SwingOptions } from '../swing/index.ts'

/** A rig, and of the day what its swing depends on: the fly, the water as it is today, and how it is to be fished. */
export interface SwingSetup extends Pick<Day, 'fly' | 'run' | 'plan'> {
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
  { parts, fly, run, plan }: SwingSetup,
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
    parts: strandParts(parts, plan.castM - reach),
    fly: flyInWater(fly),
    mends: plan.mends,
    options: { rod: plan.rod, reachM: reach, ...options },
  }
}
