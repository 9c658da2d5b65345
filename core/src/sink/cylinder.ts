import { WATER_KG_PER_M3 } from '../gear/index.ts'
import { STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'

export interface WaterModel {
  /** Normal drag coefficient of a round line, per frontal area. */
  readonly normalDrag: number
  /** Tangential drag coefficient, per wetted surface. */
  readonly tangentialDrag: number
  readonly waterKgPerM3: number
  readonly gravityMps2: number
}

/** Fresh water and a smooth line. Drag coefficients: textbook values for a circular cylinder at these speeds. [physics] */
export const WATER_MODEL: WaterModel = Object.freeze({
  normalDrag: 1.2,
  tangentialDrag: 0.015,
  waterKgPerM3: WATER_KG_PER_M3,
  gravityMps2: STANDARD_GRAVITY_MPS2,
})

/** Density of a level cylinder [kg/m³]. Geometry. */
export function densityKgPerM3(kgPerM: number, diameterM: number): number {
  return (4 * kgPerM) / (Math.PI * diameterM * diameterM)
}

/**
 * Sink rate of a level cylinder in still water [m/s], 0 when it floats: weight in water = ½ρ Cn d V². [physics]
 * @param kgPerM (0, ∞) @param diameterM (0, ∞)
 */
export function sinkRateMps(kgPerM: number, diameterM: number, model: WaterModel = WATER_MODEL): number {
  const weight = (kgPerM - (model.waterKgPerM3 * Math.PI * diameterM ** 2) / 4) * model.gravityMps2
  return weight <= 0 ? 0 : Math.sqrt((2 * weight) / (model.waterKgPerM3 * model.normalDrag * diameterM))
}

/**
 * Diameter [m] of a level cylinder of this mass per length that sinks at this rate: the positive root of
 * (ρπg/4) d² + (½ρ Cn V²) d − μg = 0. Always thinner, so denser, than water would be. [physics]
 */
export function diameterForSinkRate(
  kgPerM: number,
  rateMps: number,
  model: WaterModel = WATER_MODEL,
): number {
  const a = (model.waterKgPerM3 * Math.PI * model.gravityMps2) / 4
  const b = 0.5 * model.waterKgPerM3 * model.normalDrag * rateMps * rateMps
  const c = kgPerM * model.gravityMps2
  return (2 * c) / (b + Math.sqrt(b * b + 4 * a * c))
}
