import type { Plan } from './plan.ts'
import type { RodHandling } from './vocabulary.ts'

/** Across and down with a low rod, no mend. [practice] */
export const USUAL_PLAN: Plan = Object.freeze({
  angleDeg: 60,
  tipHeightM: 1,
  mends: [],
})

/** The plan where none is said: in the surf the line is stripped in, elsewhere it swings. [practice] */
export const usualRod = (surf: boolean): RodHandling => (surf ? 'strip' : 'follow')

/** A mend as it is usually made, just after the line has landed [m], [s]. [practice] */
export const USUAL_MEND = Object.freeze({ sizeM: 2, atS: 0.5 })
