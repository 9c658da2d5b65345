import { MEAN_OF_SURFACE, surfaceCurrentAt } from '../water/index.ts'
import type { Day } from './day.ts'

/**
 * Limits of standing: depth × mean current [m²/s], a field rule of hydrographers (10 and 6 ft × ft/s, from memory) [standard];
 * depth alone [m] [practice]. C43
 */
export const WADING = Object.freeze({
  not: { product: 0.93, depthM: 1.1 },
  care: { product: 0.56, depthM: 0.9, surfDepthM: 0.6 },
})

/** Verdict on standing here, at today's level. */
export interface Wading {
  readonly state: 'fine' | 'care' | 'not-to-be-waded'
  readonly depthM: number
  readonly currentMps: number
  /** Whether depth alone says so. */
  readonly byDepth: boolean
}

/** A caution of the day, not a line of the ledger: it ranks no rig. Mean current of the vertical, by the power law. */
export function wadingOf({ run, water, wadingM: depthM }: Pick<Day, 'run' | 'water' | 'wadingM'>): Wading {
  const currentMps = surfaceCurrentAt(run, run.wadeM) * MEAN_OF_SURFACE
  const product = depthM * currentMps
  const { not, care } = WADING
  const careM = water === 'surf' ? care.surfDepthM : care.depthM
  if (product >= not.product || depthM > not.depthM)
    return { state: 'not-to-be-waded', depthM, currentMps, byDepth: depthM > not.depthM }
  const careful = product >= care.product || depthM > careM
  return { state: careful ? 'care' : 'fine', depthM, currentMps, byDepth: depthM > careM }
}
