import * as z from 'zod'
import { itemBase, lengthSchema, lineNumberSchema, refuse } from './common.ts'
import { cylinderDiameterM, WATER_KG_PER_M3 } from './cylinder.ts'
import { HEAD_STYLES, LINE_STANDARDS, SECTIONS_BY, troutLine } from './vocabulary.ts'

export const sectionSchema = z.strictObject({
  lengthM: lengthSchema(0.01, 60),
  startKgPerM: z.number().min(1e-5).max(0.05),
  endKgPerM: z.number().min(1e-5).max(0.05),
})

/** Thickest line that still runs through a two-handed rod's rings [m]. [practice] */
const MAX_DIAMETER_M = 0.005
/** Thinner than this it is a running line, not a head [m]. [practice] */
const MIN_DIAMETER_M = 0.0004
/** A measured profile may differ from the stated length by this much. */
const PROFILE_TOLERANCE = 0.02

export const headSchema = z
  .strictObject({
    kind: z.literal('head'),
    ...itemBase,
    style: z.enum(HEAD_STYLES),
    /** Mass of the head without its tip; of the first `lengthM` for a full line. */
    massKg: z.number().min(0.002).max(0.15).optional(),
    lengthM: lengthSchema(0.8, 40),
    /** Number printed on the box; never used for fitting when the mass is known. */
    labelNumber: lineNumberSchema.optional(),
    labelStandard: z.enum(LINE_STANDARDS).optional(),
    frontTaperM: lengthSchema(0.1, 20).optional(),
    /** Of the length, what a cheater looped in behind adds; the last section is it. */
    cheaterM: lengthSchema(0.3, 6).optional(),
    density: z.enum(['floating', 'intermediate', 'sinking']).optional(),
    sections: z.array(sectionSchema).min(1).max(40).optional(),
    /** Whether the sections were measured, or are the usual ones of such a head, cut or lengthened; measured where it is not said. */
    sectionsBy: z.enum(SECTIONS_BY).optional(),
  })
  .superRefine((head, ctx) => {
    const byNumber = troutLine(head.style)
    if (
      head.massKg === undefined &&
      head.sections === undefined &&
      !(byNumber && head.labelNumber !== undefined)
    )
      refuse(ctx, 'needs-mass', ['massKg'])
    if (head.massKg !== undefined) {
      const diameterM = cylinderDiameterM(head.massKg / head.lengthM, WATER_KG_PER_M3)
      // Of a length of nothing that is said at the length.
      if (diameterM > MAX_DIAMETER_M && head.lengthM > 0)
        refuse(ctx, 'too-thick', ['massKg'], { diameterM, limitM: MAX_DIAMETER_M })
      if (diameterM < MIN_DIAMETER_M)
        refuse(ctx, 'too-thin', ['massKg'], { diameterM, limitM: MIN_DIAMETER_M })
    }
    if (head.frontTaperM !== undefined && head.frontTaperM > head.lengthM)
      refuse(ctx, 'taper-beyond-head', ['frontTaperM'])
    if (head.cheaterM !== undefined && head.cheaterM >= head.lengthM)
      refuse(ctx, 'cheater-beyond-head', ['cheaterM'])
    if (head.sections !== undefined) {
      const sum = head.sections.reduce((total, s) => total + s.lengthM, 0)
      if (Math.abs(sum / head.lengthM - 1) > PROFILE_TOLERANCE)
        refuse(ctx, 'sections-length', ['sections'], { lengthM: sum })
    }
  })

export type Head = z.infer<typeof headSchema>
export type Section = z.infer<typeof sectionSchema>
