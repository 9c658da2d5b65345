import * as z from 'zod'
import type { Weather } from './weather.ts'

const mps = z.number().min(0).max(90)

/** Message of a weather station. */
export const weatherSchema: z.ZodType<Weather> = z.object({
  station: z.string().min(1).max(120),
  readings: z
    .array(
      z.object({
        atMs: z.number().min(0),
        fromDeg: z.number().min(0).max(360),
        mps,
        gustMps: mps.optional(),
        veerDeg: z.number().min(0).max(180).optional(),
        thunder: z.boolean().optional(),
      }),
    )
    .min(1)
    .max(2000),
})
