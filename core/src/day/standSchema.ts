import * as z from 'zod'
import { HANDS, SKILLS } from '../cast/index.ts'
import { OBSTRUCTIONS } from '../water/index.ts'
import { STAND_LIMITS, type Stand, WADING_LIMITS, WIND_BY, WIND_LIMITS } from './stand.ts'

const within = ({ low, high }: { readonly low: number; readonly high: number }): z.ZodNumber =>
  z.number().min(low).max(high)

export const standSchema = z.strictObject({
  bank: z.enum(['left', 'right']),
  wind: z.strictObject({
    fromDeg: z.number().min(0).max(360),
    mps: within(WIND_LIMITS),
    gustMps: within(WIND_LIMITS).optional(),
  }),
  windBy: z.enum(WIND_BY).optional(),
  obstruction: z.enum(OBSTRUCTIONS),
  wadingM: within(WADING_LIMITS),
  skill: z.enum(SKILLS),
  behindHighM: within(STAND_LIMITS.behindHighM).optional(),
  shoulder: z.literal('sore').optional(),
  hands: z.enum(HANDS).optional(),
  basket: z.literal(true).optional(),
  swellM: within(STAND_LIMITS.swellM).optional(),
  runUpM: within(STAND_LIMITS.runUpM).optional(),
  roundTurnH: within(STAND_LIMITS.roundTurnH).optional(),
  mark: z.strictObject({ shiftM: within(STAND_LIMITS.shiftM), atMs: z.number().min(0) }).optional(),
}) satisfies z.ZodType<Stand>
