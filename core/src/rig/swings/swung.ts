import type { Day } from '../../day/index.ts'
import { flyInWater, headSinkMps } from '../../sink/index.ts'
import type { SwingInput, SwingOptions } from '../../swing/index.ts'
import { type Fish, fishedWater, holdingBand } from '../../water/index.ts'
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

/** A dry fly is cast so that the line lands this share short: what it drifts on. C52 [practice, estimate] */
const DRY_SLACK = 0.12

/** Nobody counts longer [s]. [practice] */
const MOST_COUNT_S = 60

/**
 * Count before the retrieve [s], where the plan says none: until what sinks has come down to where the fish are, no further than it and the
 * leader hang (C53). [practice]
 */
export function usualCountdownS(
  { head, tip, leader }: Pick<SwingParts, 'head' | 'tip' | 'leader'>,
  { run, fishAt }: Pick<SwingDay, 'run' | 'fishAt'>,
): number {
  const tipSinksM = tip?.sinkingLengthM ?? 0
  const rates = headSinkMps(head).filter((rate) => rate > 0)
  const sinkMps = tipSinksM > 0 ? (tip?.sinkRateMps.value ?? 0) : Math.min(...rates)
  if (!(sinkMps > 0) || !Number.isFinite(sinkMps)) return 0
  const { low, high } = holdingBand(fishAt, fishedWater(run).depthM)
  const hangsM = (rates.length > 0 ? head.lengthM : tipSinksM) + (leader?.lengthM ?? 0)
  return Math.min(MOST_COUNT_S, Math.min((low + high) / 2, hangsM) / sinkMps)
}

/** Count and speed of a retrieve; nothing where line is not stripped in. */
function retrieveOf(
  parts: SwingParts,
  day: Pick<SwingDay, 'plan' | 'run' | 'fishAt'>,
): Partial<Pick<SwingOptions, 'stripMps' | 'stripAfterS'>> {
  const { rod, retrieveMps, countdownS } = day.plan
  if (rod !== 'strip') return {}
  return {
    stripAfterS: countdownS ?? usualCountdownS(parts, day),
    ...(retrieveMps === undefined ? {} : { stripMps: retrieveMps }),
  }
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
    parts: strandParts(parts, plan.castM - reach, { fly, dropper }),
    fly: flyInWater(fly),
    fish: { fishAt, fishKg, waterC },
    mends: plan.mends,
    options: {
      rod: plan.rod,
      reachM: reach,
      ...(fly.floats === 'dry' ? { slack: DRY_SLACK } : {}),
      ...retrieveOf(parts, { plan, run, fishAt }),
      ...options,
    },
  }
}
