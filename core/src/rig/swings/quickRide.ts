import type { Day } from '../../day/index.ts'
import { flyInWater, steadyLine } from '../../sink/index.ts'
import { SWING_OPTIONS } from '../../swing/index.ts'
import type { RigParts } from '../parts.ts'
import { frontPieces } from './strand.ts'

/** Share and least length by which the swing may differ from the quick estimate: nine times in ten it does not. [estimate] */
export const QUICK_BAND = Object.freeze({ share: 0.4, leastM: 0.2 })
/** Pieces a part is cut into: enough for a first look. */
const PIECES = 12

export interface QuickRide {
  readonly depthM: number
  readonly lowM: number
  readonly highM: number
}

/**
 * The first look at how deep a fly rides: the line at rest in the current it fishes, from leader through tip and head, each
 * with its own thickness and its weight or buoyancy, never below the bed. It stands in until the swing is done. [estimate]
 * @param pieces that each part is cut into
 */
export function quickRide(
  parts: Pick<RigParts, 'head' | 'tip' | 'leader'>,
  {
    fly,
    dropper,
    currentMps,
    waterDepthM,
    plan,
  }: Pick<Day, 'fly' | 'dropper' | 'currentMps' | 'waterDepthM' | 'plan'>,
  pieces = PIECES,
): QuickRide {
  // Line that is stripped in goes through the water by that too.
  const strippedMps = plan.rod === 'strip' ? (plan.retrieveMps ?? SWING_OPTIONS.stripMps) : 0
  const rest = steadyLine(
    frontPieces(parts, { fly, dropper }),
    flyInWater(fly),
    Math.hypot(currentMps, strippedMps),
    undefined,
    pieces,
  )
  const depthM = Math.max(0, Math.min(waterDepthM, rest.depthM))
  const offM = Math.max(QUICK_BAND.leastM, QUICK_BAND.share * depthM)
  return { depthM, lowM: Math.max(0, depthM - offM), highM: Math.min(waterDepthM, depthM + offM) }
}
