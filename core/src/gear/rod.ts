import * as z from 'zod'
import { itemBase, lengthSchema, lineNumberSchema, refuse } from './common.ts'
import { COUNTS, HANDS } from './vocabulary.ts'

/** A grain window as its maker prints it. `counts` says whether the tip is part of the figure. */
export const printedWindowSchema = z
  .strictObject({
    lowKg: z.number().min(0.002).max(0.1),
    highKg: z.number().min(0.002).max(0.1),
    counts: z.enum(COUNTS).optional(),
  })
  .superRefine((w, ctx) => {
    if (w.lowKg >= w.highKg) refuse(ctx, 'window-order', ['highKg'])
  })

export const rodSchema = z
  .strictObject({
    kind: z.literal('rod'),
    ...itemBase,
    lineNumber: lineNumberSchema,
    /** The upper number of a pair such as 7/8. */
    lineNumberHigh: lineNumberSchema.optional(),
    lengthM: lengthSchema(1.5, 6),
    hands: z.enum(HANDS),
    action: z.enum(['tip', 'middle', 'full']).optional(),
    massKg: z.number().min(0.03).max(1).optional(),
    /** Bare balance point, from the butt end [m]. */
    balanceM: lengthSchema(0.1, 4).optional(),
    /** Middle of the reel seat, from the butt end [m]. */
    reelSeatM: lengthSchema(0, 1).optional(),
    windows: z
      .strictObject({
        skagit: printedWindowSchema.optional(),
        scandi: printedWindowSchema.optional(),
        overhead: printedWindowSchema.optional(),
        'trout-line': printedWindowSchema.optional(),
      })
      .optional(),
  })
  .superRefine((rod, ctx) => {
    if (rod.lineNumberHigh !== undefined && rod.lineNumberHigh <= rod.lineNumber)
      refuse(ctx, 'pair-order', ['lineNumberHigh'])
    if (rod.balanceM !== undefined && rod.balanceM >= rod.lengthM)
      refuse(ctx, 'balance-beyond-rod', ['balanceM'])
    if (rod.reelSeatM !== undefined && rod.reelSeatM >= rod.lengthM / 2)
      refuse(ctx, 'seat-beyond-handle', ['reelSeatM'])
  })

export type Rod = z.infer<typeof rodSchema>
