import * as z from 'zod'
import {
  casterSchema,
  dropperSchema,
  flyShapeSchema,
  idSchema,
  lengthSchema,
  numberIn,
} from '../gear/index.ts'
import { FISH_AT } from '../water/index.ts'
import { JOB_LIMITS, SEASONS, STYLES, WATERS } from './answers.ts'

/** The job: what the angler wants to fish, in the order they think of it. SI. */
export const jobSchema = z.strictObject({
  fishKg: numberIn(JOB_LIMITS.fishKg),
  water: z.enum(WATERS),
  fly: flyShapeSchema,
  /** A second fly, on a dropper up the leader. */
  dropper: dropperSchema.optional(),
  /** Drifted dead under a float, not swung. */
  indicator: z.literal(true).optional(),
  castM: numberIn(JOB_LIMITS.castM),
  waterDepthM: numberIn(JOB_LIMITS.waterDepthM),
  fishAt: z.enum(FISH_AT),
  currentMps: numberIn(JOB_LIMITS.currentMps),
  roomBehindM: numberIn(JOB_LIMITS.roomBehindM),
  season: z.enum(SEASONS),
  style: z.enum(STYLES),
  /** Temperature of the water by the angler's own thermometer [°C]; it outranks the gauge's, and both the season's name. */
  waterC: numberIn(JOB_LIMITS.waterC).optional(),
  /** True when the season's name is to count, whatever the gauge tells of the temperature. */
  bySeason: z.literal(true).optional(),
  rodId: idSchema.optional(),
  caster: casterSchema,
  /** Distance from the rod tip to which the fly is stripped in [m]; left out when it is only swung and lifted. */
  stripToM: lengthSchema(0, 40).optional(),
})
export type Job = z.infer<typeof jobSchema>
