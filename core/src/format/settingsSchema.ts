import * as z from 'zod'
import { schoolsSchema } from '../gear/index.ts'

export const settingsSchema = z.strictObject({
  units: z.enum(['trade', 'metric']),
  face: z.enum(['light', 'dark', 'system']),
  schools: schoolsSchema,
  /** Whose trials count, where several share the gear; left out, the owner's. */
  castsAs: z.string().min(1).max(40).optional(),
})
