import * as z from 'zod'
import { HANDS, SKILLS } from '../cast/index.ts'
import { numberIn } from '../gear/index.ts'
import { OBSTRUCTIONS } from '../water/index.ts'
import { STAND_LIMITS, type Stand, WADING_LIMITS, WIND_BY, WIND_LIMITS } from './stand.ts'

export const standSchema = z.strictObject({
  bank: z.enum(['left', 'right']),
  wind: z.strictObject({
    fromDeg: z.number().min(0).max(360),
    mps: numberIn(WIND_LIMITS),
    gustMps: numberIn(WIND_LIMITS).optional(),
  }),
  windBy: z.enum(WIND_BY).optional(),
  obstruction: z.enum(OBSTRUCTIONS),
  wadingM: numberIn(WADING_LIMITS),
  skill: z.enum(SKILLS),
  behindHighM: numberIn(STAND_LIMITS.behindHighM).optional(),
  shoulder: z.literal('sore').optional(),
  hands: z.enum(HANDS).optional(),
  basket: z.literal(true).optional(),
  swellM: numberIn(STAND_LIMITS.swellM).optional(),
  runUpM: numberIn(STAND_LIMITS.runUpM).optional(),
  roundTurnH: numberIn(STAND_LIMITS.roundTurnH).optional(),
  mark: z.strictObject({ shiftM: numberIn(STAND_LIMITS.shiftM), atMs: z.number().min(0) }).optional(),
}) satisfies z.ZodType<Stand>
