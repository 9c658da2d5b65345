import * as z from 'zod'
import { itemBase, lengthSchema, refuse } from './common.ts'
import { MATERIALS } from './vocabulary.ts'

const diameterSchema = lengthSchema(0.00005, 0.0015)
const breakingSchema = z.number().min(2).max(400)

export const leaderSchema = z
  .strictObject({
    kind: z.literal('leader'),
    ...itemBase,
    form: z.enum(['tapered', 'stepped', 'level']),
    lengthM: lengthSchema(0.2, 9),
    material: z.enum(MATERIALS).optional(),
    buttDiameterM: diameterSchema.optional(),
    pointDiameterM: diameterSchema.optional(),
    breakingN: breakingSchema.optional(),
  })
  .superRefine((leader, ctx) => {
    const { buttDiameterM, pointDiameterM } = leader
    if (buttDiameterM !== undefined && pointDiameterM !== undefined && pointDiameterM > buttDiameterM)
      refuse(ctx, 'point-thicker-than-butt', ['pointDiameterM'])
  })

export type Leader = z.infer<typeof leaderSchema>

export const tippetSchema = z.strictObject({
  kind: z.literal('tippet'),
  ...itemBase,
  material: z.enum(MATERIALS),
  diameterM: diameterSchema.optional(),
  breakingN: breakingSchema.optional(),
  lengthM: lengthSchema(1, 500).optional(),
})

export type Tippet = z.infer<typeof tippetSchema>
