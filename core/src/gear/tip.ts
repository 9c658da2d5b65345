import * as z from 'zod'
import { itemBase, lengthSchema, lineNumberSchema, refuse } from './common.ts'
import { cylinderDiameterM, WATER_KG_PER_M3 } from './cylinder.ts'

const sinkRateSchema = z.number().min(0).max(0.6)
/** Thickest tip that passes the top ring together with its loop [m]. [practice] */
const MAX_DIAMETER_M = 0.004

export const tipSchema = z
  .strictObject({
    kind: z.literal('tip'),
    ...itemBase,
    build: z.enum(['level', 'part-sinking', 'tapered', 'floating']),
    lengthM: lengthSchema(0.3, 8),
    massKg: z.number().min(1e-4).max(0.05).optional(),
    /** Mass per length of the material: T-11 is 11 gr/ft. */
    kgPerM: z.number().min(1e-4).max(0.02).optional(),
    diameterM: lengthSchema(0.0003, 0.004).optional(),
    sinkRateMps: sinkRateSchema.optional(),
    /** Sinking length of a part-sinking tip, at its front [m]. */
    sinkingLengthM: lengthSchema(0, 8).optional(),
    /** Rod number a tapered tip is made for. */
    rodNumber: lineNumberSchema.optional(),
  })
  .superRefine((tip, ctx) => {
    const perM = tip.massKg === undefined ? tip.kgPerM : tip.massKg / tip.lengthM
    if (tip.build === 'level' && perM === undefined) refuse(ctx, 'tip-needs-mass', ['kgPerM'])
    if (tip.build === 'part-sinking' && tip.sinkingLengthM === undefined)
      refuse(ctx, 'needs-sinking-length', ['sinkingLengthM'])
    if (tip.build === 'tapered' && perM === undefined && tip.rodNumber === undefined)
      refuse(ctx, 'tip-needs-number', ['rodNumber'])
    if (tip.sinkingLengthM !== undefined && tip.sinkingLengthM > tip.lengthM)
      refuse(ctx, 'sinks-beyond-tip', ['sinkingLengthM'])
    if (tip.build === 'floating' && (tip.sinkRateMps ?? 0) > 0)
      refuse(ctx, 'floats-and-sinks', ['sinkRateMps'])
    if (perM === undefined) return
    const thickM = cylinderDiameterM(perM, 4 * WATER_KG_PER_M3)
    // Of a length of nothing that is said at the length.
    if (thickM > MAX_DIAMETER_M && tip.lengthM > 0)
      refuse(ctx, 'too-thick', ['massKg'], { diameterM: thickM, limitM: MAX_DIAMETER_M })
    const sinks = (tip.sinkRateMps ?? 0) > 0 || tip.build === 'level'
    if (sinks && tip.diameterM !== undefined && tip.build !== 'part-sinking') {
      const density = (4 * perM) / (Math.PI * tip.diameterM ** 2)
      if (density <= WATER_KG_PER_M3)
        refuse(ctx, 'lighter-than-water', ['diameterM'], { densityKgPerM3: density })
    }
  })

export type Tip = z.infer<typeof tipSchema>

/** A tapered sinking leader: little mass, thick at the butt. A sink rate of 0 floats. */
export const sinkingLeaderSchema = z.strictObject({
  kind: z.literal('sinking-leader'),
  ...itemBase,
  lengthM: lengthSchema(0.5, 8),
  sinkRateMps: sinkRateSchema,
  massKg: z.number().min(1e-4).max(0.02).optional(),
})

export type SinkingLeader = z.infer<typeof sinkingLeaderSchema>
