import * as z from 'zod'
import { idSchema } from './common.ts'

/** Checked where a rig comes in from a file. */
export const rigChoiceSchema = z.strictObject({
  rodId: idSchema,
  headId: idSchema,
  tipId: idSchema.nullable(),
  leaderId: idSchema.nullable(),
  runningLineId: idSchema.nullable(),
  reelId: idSchema.nullable(),
})
