import type { FloatingFly } from '../gear/index.ts'
import type { WaterModel } from './cylinder.ts'

/** A level piece of line in the water. */
export interface WaterPart {
  readonly lengthM: number
  readonly kgPerM: number
  readonly diameterM: number
  /** Kept on the surface whatever it weighs: a greased leader, a coated head of unknown volume. */
  readonly floats?: boolean | undefined
  /** Second fly on a dropper, hanging at its end. */
  readonly hangs?: WaterFly | undefined
}

/** A fly as the water feels it. */
export interface WaterFly {
  /** Weight less buoyancy [N]; negative when it floats. */
  readonly submergedWeightN: number
  /** Frontal area × drag coefficient [m²]. */
  readonly dragAreaM2: number
  /** [kg]; matters only for its inertia. */
  readonly massKg?: number | undefined
  /** What keeps it on top until the pull takes it under. */
  readonly floats?: FloatingFly | undefined
}

/** A part kept afloat displaces at least so much more than it weighs. [estimate] */
const KEPT_AFLOAT = 1.1

/** Water a piece displaces when it is under, per length [kg/m]. [physics] */
export function displacedKgPerM({ kgPerM, diameterM, floats }: WaterPart, model: WaterModel): number {
  const ownKgPerM = (model.waterKgPerM3 * Math.PI * diameterM ** 2) / 4
  return floats === true ? Math.max(ownKgPerM, KEPT_AFLOAT * kgPerM) : ownKgPerM
}

/** Weight of a level piece less the water it displaces, per length [N/m]; negative when it floats. [physics] */
export function weightInWaterNPerM(part: WaterPart, model: WaterModel): number {
  return (part.kgPerM - displacedKgPerM(part, model)) * model.gravityMps2
}

export const isFloating = (part: WaterPart, model: WaterModel): boolean =>
  part.floats === true || weightInWaterNPerM(part, model) < 0
