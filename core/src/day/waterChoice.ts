import * as z from 'zod'
import { idSchema } from '../gear/index.ts'
import { planSchema } from '../swing/index.ts'
import { flowSchema } from '../water/index.ts'

/** The water fished now, and how: a pool, or without one the water the job describes. */
export const waterChoiceSchema = z.strictObject({
  runId: idSchema.optional(),
  plan: planSchema,
  /** Flow set by hand; it outranks the gauge [m³/s]. */
  flowM3ps: flowSchema.optional(),
})
export type WaterChoice = z.infer<typeof waterChoiceSchema>
