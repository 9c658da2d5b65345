/**
 * How far a head shoots [m]: flying at v0 for τ it picks up still running line, so v = v0 / (1 + μx/M) and
 * x + μx²/2M = v0·τ. Momentum of head and line together. [physics, estimate]
 * @param headKg M [kg], (0, ∞) @param runningKgPerM μ [kg/m], [0, ∞) @param launchM v0·τ [m], [0, ∞)
 * @example shootLengthM(0.034, 0.0013, 20) // 15.4 m with coated running line
 */
export function shootLengthM(headKg: number, runningKgPerM: number, launchM: number): number {
  return (2 * launchM) / (1 + Math.sqrt(1 + (2 * runningKgPerM * launchM) / headKg))
}

/** v0·τ of a sound cast with a head of ordinary mass [m]; C28 fits it to what people report. [practice] */
export const USUAL_LAUNCH_M = 20
