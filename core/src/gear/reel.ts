import * as z from 'zod'
import { itemBase, lengthSchema, lineNumberSchema, nameSchema, refuse } from './common.ts'
import { BACKING_LIMIT_M } from './vocabulary.ts'

const spoolShape = {
  rimDiameterM: lengthSchema(0.03, 0.2),
  arborDiameterM: lengthSchema(0.005, 0.19),
  widthM: lengthSchema(0.008, 0.08),
  /** Kept free below the rim; 4 mm when not given. */
  clearanceM: lengthSchema(0, 0.02).optional(),
}

function checkSpool(
  spool: { rimDiameterM: number; arborDiameterM: number; clearanceM?: number | undefined },
  ctx: z.RefinementCtx,
): void {
  if (spool.arborDiameterM >= spool.rimDiameterM) refuse(ctx, 'arbor-beyond-rim', ['arborDiameterM'])
  else if (spool.rimDiameterM - 2 * (spool.clearanceM ?? 0) <= spool.arborDiameterM)
    refuse(ctx, 'clearance-beyond-spool', ['clearanceM'])
}

export const spoolSchema = z.strictObject(spoolShape).superRefine(checkSpool)
export const spareSpoolSchema = z.strictObject({ name: nameSchema, ...spoolShape }).superRefine(checkSpool)
export type Spool = z.infer<typeof spoolSchema>

export const reelSchema = z
  .strictObject({
    kind: z.literal('reel'),
    ...itemBase,
    /** Single-hand line number the box names. */
    forNumber: lineNumberSchema.optional(),
    massKg: z.number().min(0.03).max(2).optional(),
    cage: z.enum(['full', 'open']).optional(),
    spool: spoolSchema.optional(),
    spareSpools: z.array(spareSpoolSchema).max(20).optional(),
  })
  .superRefine((reel, ctx) => {
    if (reel.forNumber === undefined && reel.spool === undefined)
      refuse(ctx, 'reel-needs-size', ['forNumber'])
  })
export type Reel = z.infer<typeof reelSchema>

export const backingSchema = z.strictObject({
  kind: z.literal('backing'),
  ...itemBase,
  material: z.enum(['braided', 'gel-spun', 'mono']).optional(),
  diameterM: lengthSchema(0.0001, 0.002).optional(),
  breakingN: z.number().min(20).max(600).optional(),
  lengthM: lengthSchema(5, BACKING_LIMIT_M).optional(),
})
export type Backing = z.infer<typeof backingSchema>
