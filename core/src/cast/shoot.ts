import { M_PER_FOOT } from '../quantity/index.ts'

/**
 * Shoot of a head [m]: flying at v0 for τ it picks up still running line, so v = v0 / (1 + μx/M) and
 * x + μx²/2M = v0·τ. Momentum of head and line together. [physics, estimate]
 * @param headKg M [kg], (0, ∞) @param runningKgPerM μ [kg/m], [0, ∞) @param launchM v0·τ [m], [0, ∞)
 * @example shootLengthM(0.034, 0.0013, 20) // 15.4 m with coated running line
 */
export function shootLengthM(headKg: number, runningKgPerM: number, launchM: number): number {
  return (2 * launchM) / (1 + Math.sqrt(1 + (2 * runningKgPerM * launchM) / headKg))
}

/** Line between rod tip and head as the cast is made [m]. [practice] */
export const OVERHANG_M = 3 * M_PER_FOOT

/** v0·τ of a sound cast with a head of ordinary mass on a 13 ft two-hander [m]; C28 fits it to what people report. [practice] */
export const USUAL_LAUNCH_M = 20
