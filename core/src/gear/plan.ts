import * as z from 'zod'
import { idSchema } from './common.ts'
import { MENDS, ROD_HANDLING } from './vocabulary.ts'

export const mendSchema = z.strictObject({
  kind: z.enum(MENDS),
  /** When it begins, from the moment the line lands [s]. */
  atS: z.number().min(0).max(60),
  /** How far the middle of the floating line is moved, or how much line is stacked [m]. */
  sizeM: z.number().min(0.2).max(10),
})
export type Mend = z.infer<typeof mendSchema>

/** How a run is to be fished: the cast, what the rod does, the mends. SI. */
export const swingPlanSchema = z.strictObject({
  /** 0 straight downstream, 90 straight across. */
  angleDeg: z.number().min(10).max(150),
  /** From the angler to the fly [m]. */
  castM: z.number().min(3).max(60),
  rod: z.enum(ROD_HANDLING),
  /** Of the rod tip above the water [m]. */
  tipHeightM: z.number().min(0).max(6),
  mends: z.array(mendSchema).max(6),
})
export type SwingPlan = z.infer<typeof swingPlanSchema>

/** The pool fished now, and how. */
export const waterChoiceSchema = z.strictObject({
  runId: idSchema.optional(),
  plan: swingPlanSchema,
  /** Flow said by hand; it outranks the gauge [m³/s]. */
  flowM3ps: z.number().positive().optional(),
})
export type WaterChoice = z.infer<typeof waterChoiceSchema>
