import * as z from 'zod'
import { idSchema, lengthSchema, WINDOW_STYLES } from '../gear/index.ts'
import { FEELS } from './trials.ts'

const dateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'date')

/** One head tried on a rod, and how it felt to whom. SI. */
export const triedSchema = z.strictObject({
  id: idSchema,
  rodId: idSchema,
  style: z.enum(WINDOW_STYLES),
  /** What was cast: the head, and the tip where the window counts it [kg]. */
  headKg: z.number().min(0.002).max(0.15),
  /** The head's name as it was, for the list. */
  name: z.string().max(80).optional(),
  feel: z.literal([...FEELS]),
  /** Who cast it, where several share the gear; left out, its owner. */
  caster: z.string().min(1).max(40).optional(),
  on: dateSchema.optional(),
})
export type Tried = z.infer<typeof triedSchema>

const loadSchema = z.strictObject({ massKg: z.number().min(0.001).max(2), dropM: lengthSchema(0.01, 5) })
const clampedSchema = z.strictObject({
  rodId: idSchema,
  /** From the clamp to the tip-top [m]. */
  freeLengthM: lengthSchema(1, 6),
  loads: z.array(loadSchema).min(1).max(12),
})

/** Two rods bent beside one another, the first with a window that is known. SI. */
export const bentSchema = z.strictObject({
  id: idSchema,
  known: clampedSchema,
  unknown: clampedSchema,
  on: dateSchema.optional(),
})
export type Bent = z.infer<typeof bentSchema>
