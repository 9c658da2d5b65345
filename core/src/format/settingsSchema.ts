import * as z from 'zod'
import { schoolsSchema } from '../gear/index.ts'
import { TRIP_LIMITS } from '../trip/index.ts'

const minutes = z.number().min(TRIP_LIMITS.minutes.low).max(TRIP_LIMITS.minutes.high)

export const settingsSchema = z.strictObject({
  units: z.enum(['trade', 'metric']),
  face: z.enum(['light', 'dark', 'system']),
  schools: schoolsSchema,
  /** Whose trials count, where several share the gear; left out, the owner's. */
  castsAs: z.string().min(1).max(40).optional(),
  /** Minutes one's own changes on the bank take; left out, the usual ones. */
  changeMinutes: z.strictObject({ leader: minutes, tip: minutes, head: minutes, reel: minutes }).optional(),
})
