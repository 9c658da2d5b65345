import * as z from 'zod'
import { itemBase, lengthSchema } from './common.ts'

export const runningLineSchema = z.strictObject({
  kind: z.literal('running-line'),
  ...itemBase,
  build: z.enum(['coated', 'mono']),
  diameterM: lengthSchema(0.0002, 0.002).optional(),
  breakingN: z.number().min(20).max(500).optional(),
  kgPerM: z.number().min(5e-5).max(5e-3).optional(),
  lengthM: lengthSchema(5, 100).optional(),
})

export type RunningLine = z.infer<typeof runningLineSchema>
