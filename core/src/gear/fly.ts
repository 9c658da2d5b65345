import * as z from 'zod'
import { itemBase, lengthSchema } from './common.ts'
import { DRESSES, WEIGHTINGS } from './vocabulary.ts'

/** A fly as far as casting and sinking care: how much air it catches and how much it weighs. */
export const flyShapeSchema = z.strictObject({
  dress: z.enum(DRESSES),
  weighting: z.enum(WEIGHTINGS),
  massKg: z.number().min(1e-5).max(0.02).optional(),
  lengthM: lengthSchema(0.005, 0.3).optional(),
})
export type FlyShape = z.infer<typeof flyShapeSchema>

/** Where a second fly can hang: up the leader from the first [m]. Closer they tangle, further the cast is no longer one. [practice] */
export const DROPPER_LIMITS = Object.freeze({ low: 0.2, high: 3 })
/** As close as a heavy dropper comes to its point fly [m]. [practice] */
export const USUAL_DROPPER_M = 0.45

/** A second fly on a dropper. */
export const dropperSchema = z.strictObject({
  fly: flyShapeSchema,
  upM: lengthSchema(DROPPER_LIMITS.low, DROPPER_LIMITS.high),
})
export type Dropper = z.infer<typeof dropperSchema>

export const flySchema = z.strictObject({ kind: z.literal('fly'), ...itemBase, ...flyShapeSchema.shape })
export type Fly = z.infer<typeof flySchema>
