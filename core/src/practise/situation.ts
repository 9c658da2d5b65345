import * as z from 'zod'
import { CAST_NAMES } from '../cast/index.ts'
import { jobSchema } from '../day/index.ts'
import { casterSchema, idSchema, itemSchema, schoolsSchema, WINDOW_STYLES } from '../gear/index.ts'
import { CHECK_CODES, type CheckCode, presentCode, rigChoiceSchema } from '../rig/index.ts'
import { flowSchema, OBSTRUCTIONS, runSchema } from '../water/index.ts'
import { LEVELS } from './vocabulary.ts'

const most = { items: 16, choices: 5 } as const
const item = itemSchema
const level = z.literal([...LEVELS])
const sides = z.enum(['left', 'right'])
const rigged = {
  level,
  items: z.array(item).min(2).max(most.items),
  rig: rigChoiceSchema,
  job: jobSchema,
  schools: schoolsSchema,
}
const inPool = { ...rigged, run: runSchema, flowM3ps: flowSchema }
const span = z.number().min(-100).max(100)

/** What a round is about, whole: whoever opens it needs none of the gear it was drawn from. SI. */
export const situationSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('cast'),
    ...rigged,
    hand: sides,
    /** Null in the surf: straight out. */
    bank: sides.nullable(),
    wind: z.strictObject({ fromDeg: z.number().min(0).max(360), mps: z.number().min(0).max(30) }),
    angleDeg: z.number().min(0).max(120),
    roomM: z.number().min(0).max(60),
    obstruction: z.enum(OBSTRUCTIONS),
    offered: z
      .array(z.strictObject({ cast: z.enum(CAST_NAMES), side: sides }))
      .min(2)
      .max(most.choices),
  }),
  z.strictObject({ kind: z.literal('tip'), ...inPool, tipIds: z.array(idSchema).min(2).max(most.choices) }),
  z.strictObject({ kind: z.literal('deep'), ...inPool }),
  z.strictObject({
    kind: z.literal('head'),
    level,
    rod: item,
    style: z.enum(WINDOW_STYLES),
    /** Heads by what they weigh, and the number on their box. */
    heads: z
      .array(z.strictObject({ item, label: z.number().int().min(1).max(15) }))
      .min(2)
      .max(most.choices),
    caster: casterSchema,
    schools: schoolsSchema,
  }),
  z.strictObject({
    kind: z.literal('wrong'),
    ...rigged,
    /** The part it had before, with which it holds. */
    wasId: idSchema.nullable(),
    slot: z.enum(['headId', 'tipId', 'leaderId', 'runningLineId', 'reelId']),
    codes: z
      .array(z.preprocess((code) => presentCode(code), z.enum(CHECK_CODES as [CheckCode, ...CheckCode[]])))
      .min(2)
      .max(most.choices),
  }),
  z.strictObject({
    kind: z.literal('go'),
    level,
    run: runSchema,
    atMs: z.number().int().min(0),
    /** The times between the choices [ms]. */
    edgesMs: z.array(z.number().int().min(0)).min(2).max(4),
  }),
  z.strictObject({
    kind: z.literal('change'),
    ...inPool,
    thenM3ps: flowSchema,
    edgesM: z.array(span).min(2).max(4),
  }),
])
export type Situation = z.infer<typeof situationSchema>
export type SituationOf<K extends Situation['kind']> = Extract<Situation, { readonly kind: K }>
