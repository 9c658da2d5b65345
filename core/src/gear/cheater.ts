import * as z from 'zod'
import { itemBase, lengthSchema } from './common.ts'
import { CHEATER_LIMITS } from './vocabulary.ts'

const { lengthM: LENGTH, kgPerM: MASS } = CHEATER_LIMITS

/** A level piece of line looped in behind a head, to lengthen it and make it heavier. */
export const cheaterSchema = z.strictObject({
  kind: z.literal('cheater'),
  ...itemBase,
  lengthM: lengthSchema(LENGTH.low, LENGTH.high),
  kgPerM: z.number().min(MASS.low).max(MASS.high),
})

export type Cheater = z.infer<typeof cheaterSchema>
