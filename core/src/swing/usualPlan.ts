import type { Plan } from './plan.ts'

/** Across and down, following with a low rod, no mend. [practice] */
export const USUAL_PLAN: Plan = Object.freeze({
  angleDeg: 60,
  rod: 'follow',
  tipHeightM: 1,
  mends: [],
})

/** A mend as it is usually made, just after the line has landed [m], [s]. [practice] */
export const USUAL_MEND = Object.freeze({ sizeM: 2, atS: 0.5 })
