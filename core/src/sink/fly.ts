import type { FlyShape } from '../gear/index.ts'
import { WATER_MODEL } from './cylinder.ts'
import type { WaterFly } from './part.ts'

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

/** Mass of a fly [kg]: weighed, else by its dressing and weighting. */
export function flyMassKg(fly: FlyShape): number {
  return fly.massKg ?? FLY_MASS_KG[fly.dress][fly.weighting]
}

/** Hackle and hair bear so many times a floating fly's weight before the pull takes it under. [estimate] */
const BORNE = 1

/** A fly as the water feels it. [estimate] */
export const flyInWater = (fly: FlyShape): WaterFly => {
  const massKg = flyMassKg(fly)
  const share = fly.floats === undefined ? SUBMERGED_SHARE[fly.weighting] : -BORNE
  return {
    submergedWeightN: massKg * share * WATER_MODEL.gravityMps2,
    dragAreaM2: FLY_DRAG_M2[fly.dress],
    massKg,
    ...(fly.floats === undefined ? {} : { floats: fly.floats }),
  }
}

/** Frontal area × drag coefficient of a fly [m²]. */
export const flyDragM2 = (fly: FlyShape): number => FLY_DRAG_M2[fly.dress]
