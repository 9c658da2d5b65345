import * as z from 'zod'
import { OBSTRUCTIONS, SKILLS } from '../cast/index.ts'
import { type Stand, WADING_LIMITS, WIND_LIMITS } from './stand.ts'

export const standSchema: z.ZodType<Stand> = z.strictObject({
  bank: z.enum(['left', 'right']),
  wind: z.strictObject({
    fromDeg: z.number().min(0).max(360),
    mps: z.number().min(WIND_LIMITS.low).max(WIND_LIMITS.high),
  }),
  obstruction: z.enum(OBSTRUCTIONS),
  wadingM: z.number().min(WADING_LIMITS.low).max(WADING_LIMITS.high),
  skill: z.enum(SKILLS),
})
