import * as z from 'zod'
import {
  dropperSchema,
  flyShapeSchema,
  idSchema,
  lengthSchema,
  numberIn,
  WINDOW_STYLES,
} from '../gear/index.ts'
import { rigChoiceSchema } from '../rig/index.ts'
import { planSchema } from '../swing/index.ts'
import { FISH_AT, flowSchema } from '../water/index.ts'
import { FEELS } from './trials.ts'
import { BEND_LIMITS, ENTRY_LIMITS, PACES, PHOTO_CHARACTERS, SAW, TRIED_KG } from './vocabulary.ts'

const dateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'date')

/** One head tried on a rod, and how it felt to whom. SI. */
export const triedSchema = z.strictObject({
  id: idSchema,
  rodId: idSchema,
  style: z.enum(WINDOW_STYLES),
  /** Mass cast: the head, and the tip where the window counts it [kg]. */
  headKg: numberIn(TRIED_KG),
  /** The head's name as it was, for the list. */
  name: z.string().max(80).optional(),
  feel: z.literal([...FEELS]),
  /** Who cast it, where several share the gear; left out, its owner. */
  caster: z.string().min(1).max(40).optional(),
  on: dateSchema.optional(),
})
export type Tried = z.infer<typeof triedSchema>

const loadSchema = z.strictObject({
  massKg: numberIn(BEND_LIMITS.massKg),
  dropM: numberIn(BEND_LIMITS.dropM),
})
const clampedSchema = z.strictObject({
  rodId: idSchema,
  /** From the clamp to the tip-top [m]. */
  freeLengthM: numberIn(BEND_LIMITS.freeLengthM),
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

/** A swing that was fished, and what was seen of it: the pool, the rig and the plan as they were. SI. */
export const entrySchema = z.strictObject({
  id: idSchema,
  runId: idSchema,
  /** Milliseconds since 1970, UTC. */
  atMs: z.number().int().min(0),
  flowM3ps: flowSchema.optional(),
  waterC: z.number().min(-2).max(45).optional(),
  rig: rigChoiceSchema,
  /** The tip's name as it was; null where there was none. */
  tip: z.string().max(80).nullable(),
  /** The leader's, likewise; left out where it was not written down. */
  leader: z.string().max(80).nullable().optional(),
  fly: flyShapeSchema,
  /** The second fly, where one was fished. */
  dropper: dropperSchema.optional(),
  fishAt: z.enum(FISH_AT),
  plan: planSchema,
  castM: lengthSchema(1, 80),
  saw: z.enum(SAW),
  /** Pace through the water, where one noticed. */
  pace: z.enum(PACES).optional(),
  fish: z.number().int().min(0).max(ENTRY_LIMITS.fish).optional(),
  notes: z.string().max(ENTRY_LIMITS.notes).optional(),
  photoId: idSchema.optional(),
})
export type Entry = z.infer<typeof entrySchema>

/** A photo of an entry, shrunk on the device. */
export const photoSchema = z.strictObject({
  id: idSchema,
  /** As a data URL. */
  data: z
    .string()
    .max(PHOTO_CHARACTERS)
    .regex(/^data:image\/(jpeg|webp|png);base64,[A-Za-z0-9+/=]+$/, 'photo'),
})
