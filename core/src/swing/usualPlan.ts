import type { Plan } from './plan.ts'
import type { RodHandling } from './vocabulary.ts'

/** Across and down with a low rod, no mend. [practice] */
export const USUAL_PLAN: Plan = Object.freeze({
  angleDeg: 60,
  tipHeightM: 1,
  mends: [],
})

/** A mend as it is usually made, just after the line has landed [m], [s]. [practice] */
export const USUAL_MEND = Object.freeze({ sizeM: 2, atS: 0.5 })

/** Slower water does not swing a fly round [m/s]. C53 [practice] */
export const STILL_MPS = 0.25

/**
 * The plan by default: in the surf and in still water the line is stripped in, elsewhere it swings (C53). [practice]
 * @param currentMps surface current of the water fished [m/s]
 */
export const usualRod = (surf: boolean, currentMps: number): RodHandling =>
  surf || currentMps < STILL_MPS ? 'strip' : 'follow'
