import * as z from 'zod'
import {
  ANGLE_LIMITS,
  MEND_LIMITS,
  MENDS,
  RETRIEVE_LIMITS,
  ROD_HANDLING,
  type RodHandling,
} from './vocabulary.ts'

export const mendSchema = z.strictObject({
  kind: z.enum(MENDS),
  /** When it begins, from the moment the line lands [s]. */
  atS: z.number().min(MEND_LIMITS.atS.low).max(MEND_LIMITS.atS.high),
  /** Distance the middle of the floating line is moved, or length of line stacked [m]. */
  sizeM: z.number().min(MEND_LIMITS.sizeM.low).max(MEND_LIMITS.sizeM.high),
})
export type Mend = z.infer<typeof mendSchema>

/** The plan a run is fished by: the angle, what the rod does, the mends; the distance is the job's. SI. */
export const planSchema = z.strictObject({
  angleDeg: z.number().min(ANGLE_LIMITS.low).max(ANGLE_LIMITS.high),
  /** Left out, as the water wants it. */
  rod: z.enum(ROD_HANDLING).optional(),
  /** Of the rod tip above the water [m]. */
  tipHeightM: z.number().min(0).max(6),
  mends: z.array(mendSchema).max(6),
  /** Count before line is stripped in [s]; left out, as long as what sinks takes to the fish (C53). */
  countdownS: z.number().min(RETRIEVE_LIMITS.countdownS.low).max(RETRIEVE_LIMITS.countdownS.high).optional(),
  /** Line stripped in [m/s]. */
  retrieveMps: z.number().min(RETRIEVE_LIMITS.mps.low).max(RETRIEVE_LIMITS.mps.high).optional(),
})
export type Plan = z.infer<typeof planSchema>

/** A plan made whole: what is done with the rod, and the cast from the angler to the fly [m]. */
export interface SwingPlan extends Plan {
  readonly rod: RodHandling
  readonly castM: number
}
