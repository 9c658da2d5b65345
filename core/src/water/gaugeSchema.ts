import * as z from 'zod'
import { flowSchema } from './flow.ts'

/** Reading of a river gauge at one moment. */
export const readingSchema = z
  .strictObject({
    /** Milliseconds since 1970, UTC. */
    atMs: z.number().int().min(0),
    /** Above the gauge's own zero [m]; may be below it. */
    levelM: z.number().min(-50).max(200).optional(),
    flowM3ps: flowSchema.optional(),
    waterC: z.number().min(-2).max(45).optional(),
  })
  .refine((r) => r.levelM !== undefined || r.flowM3ps !== undefined || r.waterC !== undefined, 'no-figure')
export type GaugeReading = z.infer<typeof readingSchema>

/** Readings of one gauge, oldest first. */
export const gaugeSchema = z.strictObject({
  station: z.string().min(1).max(80),
  readings: z.array(readingSchema).min(1).max(50_000),
})
export type GaugeRecord = z.infer<typeof gaugeSchema>
