import * as z from 'zod'
import { itemBase, lengthSchema } from './common.ts'
import { DRESSES, DROPPER_LIMITS, FLOATING_FLIES, FLY_KG, WEIGHTINGS } from './vocabulary.ts'

/** A fly as far as casting and sinking care: how much air it catches and how much it weighs. */
export const flyShapeSchema = z.strictObject({
  dress: z.enum(DRESSES),
  weighting: z.enum(WEIGHTINGS),
  massKg: z.number().min(FLY_KG.low).max(FLY_KG.high).optional(),
  lengthM: lengthSchema(0.005, 0.3).optional(),
  /** What keeps it on top; sunk where it is left out. */
  floats: z.enum(FLOATING_FLIES).optional(),
})
export type FlyShape = z.infer<typeof flyShapeSchema>

/** A second fly on a dropper. */
export const dropperSchema = z.strictObject({
  fly: flyShapeSchema,
  upM: lengthSchema(DROPPER_LIMITS.low, DROPPER_LIMITS.high),
})
export type Dropper = z.infer<typeof dropperSchema>

export const flySchema = z.strictObject({ kind: z.literal('fly'), ...itemBase, ...flyShapeSchema.shape })
export type Fly = z.infer<typeof flySchema>
