import * as z from 'zod'
import { schoolsSchema } from '../gear/index.ts'

export const settingsSchema = z.strictObject({
  units: z.enum(['trade', 'metric']),
  face: z.enum(['light', 'dark', 'system']),
  schools: schoolsSchema,
})
