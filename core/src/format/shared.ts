import * as z from 'zod'
import { behindOf, type DayParts, jobSchema, type Stand, standSchema } from '../day/index.ts'
import { type Item, itemSchema, schoolsSchema, WINDOW_STYLES, type WindowStyle } from '../gear/index.ts'
import { JOINT_KNOTS, resolveRig, rigChoiceSchema } from '../rig/index.ts'
import { planSchema } from '../swing/index.ts'
import { flowSchema, runSchema } from '../water/index.ts'

/** The version of what stands in a link; a newer one is refused with words, an older is still read. */
export const SHARED_VERSION = 1
/** No rig and day come to more than this [characters of JSON]. */
const MOST_CHARACTERS = 120_000
const MOST_PARTS = 6

const bandSchema = z.strictObject({
  lowKg: z.number().positive().max(0.2),
  centreKg: z.number().positive().max(0.2),
  highKg: z.number().positive().max(0.2),
  from: z.enum(['trials', 'bend']),
})

const sharedSchema = z.strictObject({
  v: z.literal(SHARED_VERSION),
  rig: rigChoiceSchema,
  items: z.array(itemSchema).min(2).max(MOST_PARTS),
  job: jobSchema,
  plan: planSchema,
  schools: schoolsSchema,
  stand: standSchema,
  run: runSchema.optional(),
  flowM3ps: flowSchema.optional(),
  flyKnot: z.enum(JOINT_KNOTS['leader-fly']).optional(),
  /** Windows the sharer found for this rod, by style. */
  own: z.partialRecord(z.enum(WINDOW_STYLES), bandSchema).optional(),
})

/** A rig and the day it is looked at in, whole: whoever opens it needs none of the sharer's gear. */
export type Shared = z.infer<typeof sharedSchema>

export type SharedReading =
  | { readonly outcome: 'read'; readonly shared: Shared }
  | { readonly outcome: 'newer' | 'damaged' }

/** The JSON Schema (draft 2020-12) of what stands in a link. */
export const sharedJsonSchema = (): object => z.toJSONSchema(sharedSchema, { io: 'input' })

/** Text of a link. */
export const writeShared = (shared: Shared): string => JSON.stringify(shared)

/** Reads what stood in a link: whole and sound, or not at all. */
export function readShared(text: string): SharedReading {
  if (text.length > MOST_CHARACTERS) return { outcome: 'damaged' }
  let raw: unknown
  try {
    raw = JSON.parse(text) as unknown
  } catch {
    return { outcome: 'damaged' }
  }
  const version = (raw as { readonly v?: unknown } | null)?.v
  if (typeof version === 'number' && version > SHARED_VERSION) return { outcome: 'newer' }
  const parsed = sharedSchema.safeParse(raw)
  if (!parsed.success) return { outcome: 'damaged' }
  const { rig, items } = parsed.data
  const { outcome } = resolveRig(rig, new Map(items.map((item) => [item.id, item])))
  return outcome === 'resolved' ? { outcome: 'read', shared: parsed.data } : { outcome: 'damaged' }
}

export interface ShareOf {
  readonly rig: Shared['rig']
  readonly items: readonly Item[]
  readonly parts: DayParts
  /** The wind that counts, where a station told it: the link carries it as set by hand. */
  readonly wind: Stand['wind']
  /** Today's flow, whoever told it [m³/s]. */
  readonly flowM3ps: number | undefined
  /** Whether it tells where the pool lies. */
  readonly withPlace?: boolean | undefined
}

/** A rig with its own parts and the day, for a link: nobody else's gear, no tide table of a beach, and the pool's place only where that is asked for. */
export function sharedOf({ rig, items, parts, wind, flowM3ps, withPlace = false }: ShareOf): Shared {
  const { job, schools, flyKnot, own, stand, water, runs = [] } = parts
  const pool = runs.find(({ id }) => id === water?.runId)
  const ids = new Set(Object.values(rig).filter((id) => id !== null))
  const {
    shore: _table,
    gaugeId: _gauge,
    notes: _said,
    spot,
    ...bed
  } = pool ?? ({} as NonNullable<typeof pool>)
  const run = withPlace && spot !== undefined ? { ...bed, spot } : bed
  const ownHere = own?.[rig.rodId] as Partial<Record<WindowStyle, z.infer<typeof bandSchema>>> | undefined
  const bare = items
    .filter(({ id }) => ids.has(id))
    .map((item) => {
      const { notes: _private, ...shown } = item
      return shown as Item
    })
  const { windBy: _who, mark: _mark, ...standing } = stand ?? ({} as Stand)
  return sharedSchema.parse({
    v: SHARED_VERSION,
    rig,
    items: bare,
    job,
    plan: water?.plan,
    schools,
    // What stands behind is told without where that is.
    stand: { ...standing, ...(stand && behindOf(pool, stand)), wind },
    ...(pool === undefined ? {} : { run }),
    ...(flowM3ps === undefined ? {} : { flowM3ps }),
    ...(flyKnot === undefined ? {} : { flyKnot }),
    ...(ownHere === undefined ? {} : { own: ownHere }),
  })
}

/** The parts of the day a link carries. */
export function dayPartsOf({
  job,
  plan,
  schools,
  stand,
  run,
  flowM3ps,
  flyKnot,
  own,
  rig,
}: Shared): DayParts {
  return {
    job,
    schools,
    stand,
    water: {
      plan,
      ...(run === undefined ? {} : { runId: run.id }),
      ...(flowM3ps === undefined ? {} : { flowM3ps }),
    },
    runs: run === undefined ? [] : [run],
    flyKnot,
    own: own === undefined ? undefined : { [rig.rodId]: own },
  } as DayParts
}
