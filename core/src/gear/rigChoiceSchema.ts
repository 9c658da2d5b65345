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

/** Knots preferred at each joint, and what is ticked off the rigging list. */
export const riggingSchema = z.strictObject({
  knots: z.record(z.string().max(40), z.string().max(60)),
  done: z.array(z.string().max(60)).max(60),
})
