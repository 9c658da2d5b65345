import * as z from 'zod'
import { idSchema, nameSchema } from '../../gear/index.ts'
import { JOINT_KNOTS, type RigJoint } from './knots.ts'
import type { Wallet } from './wallet.ts'

/** Checked where a rig comes in from a file. */
export const rigChoiceSchema = z.strictObject({
  rodId: idSchema,
  headId: idSchema,
  tipId: idSchema.nullable(),
  leaderId: idSchema.nullable(),
  runningLineId: idSchema.nullable(),
  reelId: idSchema.nullable(),
})

const knotFor = <J extends RigJoint>(joint: J) => z.enum(JOINT_KNOTS[joint]).optional()

/** Knots preferred at each joint, and what is ticked off the rigging list. */
export const riggingSchema = z.strictObject({
  knots: z.strictObject({
    'reel-backing': knotFor('reel-backing'),
    'backing-running': knotFor('backing-running'),
    'running-head': knotFor('running-head'),
    'head-tip': knotFor('head-tip'),
    'front-leader': knotFor('front-leader'),
    'leader-fly': knotFor('leader-fly'),
  } satisfies Record<RigJoint, unknown>),
  done: z.array(z.string().max(60)).max(60),
})
export type Rigging = z.infer<typeof riggingSchema>

/** Pockets and bags of tips. */
export const walletSchema: z.ZodType<Wallet> = z.strictObject({
  pockets: z.array(nameSchema).max(24),
  tips: z.record(
    idSchema,
    z.strictObject({ pocket: nameSchema.optional(), leaderId: idSchema.nullable().optional() }),
  ),
})
