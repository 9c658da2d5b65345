import { type FlyShape, WATER_KG_PER_M3 } from '../gear/index.ts'
import { MATERIAL_KG_PER_M3 } from '../line/index.ts'
import { M_PER_INCH } from '../quantity/index.ts'
import { criticalAngle } from './critical.ts'
import { WATER_MODEL, type WaterModel } from './cylinder.ts'
import type { WaterFly } from './part.ts'
import type { TipFacts } from './tip.ts'

/** Lowest 18 in of the water, where swung fish hold [m]. C17 [practice] */
export const HOLDING_BAND_M = 18 * M_PER_INCH

/** Where the holding band begins [m] in water of this depth. */
export const bottomBandTopM = (depthM: number): number => Math.max(0, depthM - HOLDING_BAND_M)

/** Share by which the true depth may differ either way: current varies over depth and across the swing. [estimate] */
export const DEPTH_BAND = 0.3

/** Frontal area × drag coefficient of a fly [m²], by dressing. [estimate] */
const FLY_DRAG_M2 = { sparse: 0.5e-4, medium: 1.5e-4, bulky: 4e-4 } as const
/** Mass of a fly [kg], by dressing and weighting, when it has not been weighed. [estimate] */
const FLY_MASS_KG = {
  sparse: { unweighted: 0.25e-3, light: 0.5e-3, heavy: 1e-3 },
  medium: { unweighted: 0.5e-3, light: 0.9e-3, heavy: 1.8e-3 },
  bulky: { unweighted: 0.9e-3, light: 1.5e-3, heavy: 3e-3 },
} as const
/** Share of a fly's weight that water does not carry. [estimate] */
const SUBMERGED_SHARE = { unweighted: 0.15, light: 0.5, heavy: 0.75 } as const
/** Leader diameter where none is given [m]. [practice] */
const USUAL_LEADER_M = 0.0003

export function flyMassKg(fly: FlyShape): number {
  return fly.massKg ?? FLY_MASS_KG[fly.dress][fly.weighting]
}

/** A fly as the water feels it. [estimate] */
export const flyInWater = (fly: FlyShape): WaterFly => ({
  submergedWeightN: flyMassKg(fly) * SUBMERGED_SHARE[fly.weighting] * WATER_MODEL.gravityMps2,
  dragAreaM2: FLY_DRAG_M2[fly.dress],
  massKg: flyMassKg(fly),
})

/** Frontal area × drag coefficient of a fly [m²]. */
export const flyDragM2 = (fly: FlyShape): number => FLY_DRAG_M2[fly.dress]

export interface LeaderInWater {
  readonly lengthM: number
  readonly material: 'nylon' | 'fluorocarbon'
}

/** Angle to the flow of a leader with a fly at its end [rad]; the fly's own hang pulls it part of the way. [estimate] */
function leaderAngle(
  material: LeaderInWater['material'],
  fly: FlyShape,
  currentMps: number,
  model: WaterModel,
): number {
  const relative = MATERIAL_KG_PER_M3[material] / WATER_KG_PER_M3 - 1
  const rate = Math.sqrt((relative * Math.PI * model.gravityMps2 * USUAL_LEADER_M) / (2 * model.normalDrag))
  const own = criticalAngle(rate, currentMps)
  const weight = flyMassKg(fly) * SUBMERGED_SHARE[fly.weighting] * model.gravityMps2
  const drag = 0.5 * model.waterKgPerM3 * FLY_DRAG_M2[fly.dress] * currentMps * currentMps
  return Math.max(own, 0.5 * Math.atan2(weight, drag))
}

export interface RideDepth {
  readonly depthM: number
  readonly lowM: number
  readonly highM: number
}

/**
 * About how deep the fly rides in the middle of the swing [m]: each sinking part at its critical angle, so
 * depth = Σ L sin φ, then the leader. A first estimate with a band of 30 %, not a simulation. [estimate]
 * @param currentMps surface current [m/s], [0, ∞)
 */
export function rideDepth(
  tip: TipFacts | null,
  leader: LeaderInWater | null,
  fly: FlyShape,
  currentMps: number,
  model: WaterModel = WATER_MODEL,
): RideDepth {
  const tipDepth =
    tip === null ? 0 : tip.sinkingLengthM * Math.sin(criticalAngle(tip.sinkRateMps.value, currentMps))
  const leaderDepth =
    leader === null ? 0 : leader.lengthM * Math.sin(leaderAngle(leader.material, fly, currentMps, model))
  const depthM = tipDepth + leaderDepth
  return { depthM, lowM: depthM * (1 - DEPTH_BAND), highM: depthM * (1 + DEPTH_BAND) }
}
