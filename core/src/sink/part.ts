import type { WaterModel } from './cylinder.ts'

/** A level piece of line in the water. */
export interface WaterPart {
  readonly lengthM: number
  readonly kgPerM: number
  readonly diameterM: number
  /** Kept on the surface whatever it weighs: a greased leader, a coated head of unknown volume. */
  readonly floats?: boolean | undefined
}

/** A fly as the water feels it. */
export interface WaterFly {
  /** Weight less buoyancy [N]; negative when it floats. */
  readonly submergedWeightN: number
  /** Frontal area × drag coefficient [m²]. */
  readonly dragAreaM2: number
  /** [kg]; matters only for its inertia. */
  readonly massKg?: number | undefined
}

/** Weight of a level piece less the water it displaces, per length [N/m]; negative when it is lighter than water. [physics] */
export function weightInWaterNPerM({ kgPerM, diameterM }: WaterPart, model: WaterModel): number {
  return (kgPerM - (model.waterKgPerM3 * Math.PI * diameterM ** 2) / 4) * model.gravityMps2
}

export const isFloating = (part: WaterPart, model: WaterModel): boolean =>
  part.floats === true || weightInWaterNPerM(part, model) < 0
