import * as z from 'zod'
import { idSchema, lengthSchema } from './common.ts'
import { flyShapeSchema } from './fly.ts'
import { FISH_AT, JOB_LIMITS, SEASONS, STYLES, WATERS } from './vocabulary.ts'

const within = ({ low, high }: { readonly low: number; readonly high: number }): z.ZodNumber =>
  z.number().min(low).max(high)

/** How this person casts; a lower hand that pulls bends the rod fully and can fish lighter. */
export const casterSchema = z.strictObject({
  hand: z.enum(['right', 'left']),
  habit: z.enum(['lower-hand', 'average', 'top-hand']),
  /** Mainly overhead or mainly spey: decides the size of overhead heads. */
  mainly: z.enum(['spey', 'overhead']),
})
export type Caster = z.infer<typeof casterSchema>

/** What the angler wants to fish, in the order they think of it. SI. */
export const jobSchema = z.strictObject({
  fishKg: within(JOB_LIMITS.fishKg),
  water: z.enum(WATERS),
  fly: flyShapeSchema,
  castM: within(JOB_LIMITS.castM),
  waterDepthM: within(JOB_LIMITS.waterDepthM),
  fishAt: z.enum(FISH_AT),
  currentMps: within(JOB_LIMITS.currentMps),
  roomBehindM: within(JOB_LIMITS.roomBehindM),
  season: z.enum(SEASONS),
  style: z.enum(STYLES),
  /** Temperature of the water, from the gauge or a thermometer [°C]; it outranks the season's name. */
  waterC: z.number().min(-1).max(40).optional(),
  rodId: idSchema.optional(),
  caster: casterSchema,
  /** How close to the rod tip the fly is stripped in; left out when it is only swung and lifted. */
  stripToM: lengthSchema(0, 40).optional(),
})
export type Job = z.infer<typeof jobSchema>
