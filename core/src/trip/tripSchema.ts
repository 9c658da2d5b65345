import * as z from 'zod'
import { JOB_LIMITS, WATERS } from '../day/index.ts'
import { flyShapeSchema, idSchema, nameSchema, numberIn } from '../gear/index.ts'
import { FISH_AT, flowSchema } from '../water/index.ts'
import { TRIP_LIMITS } from './vocabulary.ts'

const dateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'date')
const clockSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'clock')
const flowsSchema = z.array(flowSchema).min(1).max(TRIP_LIMITS.flowsAPool)

/** Flows of a pool to be ready for [m³/s]. */
const asked = z.union([
  /** As the river is when the trip is looked at; without a gauge, as it was measured. */
  z.strictObject({ by: z.literal('now') }),
  z.strictObject({
    by: z.literal('levels'),
    flowsM3ps: flowsSchema,
    /** Where they are quantiles of a gauge's record: of how many readings. */
    readings: z.number().int().min(1).optional(),
  }),
  z.strictObject({ by: z.literal('span'), lowM3ps: flowSchema, highM3ps: flowSchema }),
])
export type FlowsAsked = z.infer<typeof asked>

/** What a trip says of one of its waters; left out, as the pool and the day's questions say. */
const waterSchema = z.strictObject({
  runId: idSchema,
  flows: asked.optional(),
  water: z.enum(WATERS).optional(),
  castM: numberIn(JOB_LIMITS.castM).optional(),
  roomBehindM: numberIn(JOB_LIMITS.roomBehindM).optional(),
})

const daySchema = z.strictObject({
  on: dateSchema,
  /** Wall time from and to; left out, as long as it is light. */
  from: clockSchema.optional(),
  to: clockSchema.optional(),
  pools: z
    .array(z.strictObject({ runId: idSchema, flowsM3ps: flowsSchema.optional() }))
    .max(TRIP_LIMITS.poolsADay),
  /** Whether the pools are fished in the order they are listed. */
  asListed: z.literal(true).optional(),
  fishAt: z.enum(FISH_AT).optional(),
  waterC: numberIn(JOB_LIMITS.waterC).optional(),
})
export type TripDay = z.infer<typeof daySchema>

const carried = numberIn(TRIP_LIMITS.carried).int().optional()
export const tripLimitsSchema = z.strictObject({
  rods: carried,
  reels: carried,
  heads: carried,
  tips: carried,
  leaders: carried,
  lines: carried,
  items: carried,
  /** Things of nobody's that may be borrowed or bought. */
  borrowed: numberIn(TRIP_LIMITS.borrowed).int().optional(),
  /** Items that come, whatever else. */
  must: z.array(idSchema).max(TRIP_LIMITS.carried.high).optional(),
  /** Items left at home. */
  home: z.array(idSchema).max(TRIP_LIMITS.carried.high).optional(),
})
export type TripLimits = z.infer<typeof tripLimitsSchema>

/** Fields of a trip without its identifier and name. */
export const tripShape = {
  days: z.array(daySchema).max(TRIP_LIMITS.days),
  waters: z.array(waterSchema).max(500).optional(),
  /** Flies from the gear, or by their shape; without any, the day's own. */
  flies: z
    .array(z.union([idSchema, flyShapeSchema]))
    .max(TRIP_LIMITS.flies)
    .optional(),
  fishKg: numberIn(JOB_LIMITS.fishKg).optional(),
  limits: tripLimitsSchema.optional(),
  /** Whether a rig to watch covers as well. */
  watchCounts: z.literal(true).optional(),
}

/** Some days on some waters, and what one is willing to carry. SI. */
export const tripSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  notes: z.string().max(2000).optional(),
  ...tripShape,
})
export type Trip = z.infer<typeof tripSchema>
/** What of a trip decides its answer. */
export type TripPlan = Omit<Trip, 'id' | 'name' | 'notes'>
