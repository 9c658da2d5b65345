import * as z from 'zod'
import { idSchema, nameSchema, refuse } from '../gear/index.ts'
import type { Shore } from '../tide/index.ts'
import type { ByLog } from './byLog.ts'
import { flowSchema } from './flow.ts'
import { spotSchema } from './spot.ts'
import { BANKS, BOTTOMS, RUN_LIMITS } from './vocabulary.ts'

const finite = z.number()
const soundingSchema = z.strictObject({ fromBankM: finite.min(0), depthM: finite })
const currentSchema = z.strictObject({ fromBankM: finite.min(0), mps: finite })
export type Sounding = z.infer<typeof soundingSchema>
export type SurfaceCurrent = z.infer<typeof currentSchema>

/** Stretch across the river where fish are known to hold, from the angler's bank [m]. */
const lieSchema = z.strictObject({ fromM: finite.min(0), toM: finite.min(0) })
export type Lie = z.infer<typeof lieSchema>

const factorSchema = z.strictObject({
  factor: z.number().min(0.3).max(3),
  low: z.number().min(0.1).max(10),
  high: z.number().min(0.1).max(10),
})
const byLogSchema: z.ZodType<ByLog> = z.strictObject({
  depth: factorSchema,
  current: factorSchema,
  combined: z.literal(true).optional(),
  swings: z.number().int().min(2).max(20_000),
  on: z.string().max(10).optional(),
  off: z.literal(true).optional(),
})

/** A beach: its tide, and its bed from the dry sand outward over the datum of the tide. */
const shoreSchema: z.ZodType<Shore> = z.strictObject({
  station: z.union([
    z.strictObject({
      table: z
        .array(z.tuple([z.number().min(0), z.number().min(-20).max(20)]))
        .min(2)
        .max(6000),
      from: z.string().max(120).optional(),
    }),
    z.strictObject({
      constituents: z
        .array(
          z.strictObject({
            name: z.string().regex(/^[A-Za-z0-9()]{1,12}$/),
            amplitudeM: z.number().min(0).max(15),
            phaseDeg: z.number().min(-360).max(360),
          }),
        )
        .min(1)
        .max(60),
      meanM: z.number().min(-20).max(20).optional(),
    }),
  ]),
  profile: z
    .array(z.strictObject({ fromM: z.number().min(0).max(500), heightM: z.number().min(-20).max(20) }))
    .min(2)
    .max(RUN_LIMITS.points),
  standM: z.number().min(0).max(500),
})

const runShape = {
  id: idSchema,
  name: nameSchema,
  notes: z.string().max(2000).optional(),
  /** The bank the angler stands on, looking downstream. */
  bank: z.enum(BANKS),
  widthM: z.number().min(RUN_LIMITS.widthM.low).max(RUN_LIMITS.widthM.high),
  /** Depth at points across, nearest the angler's bank first. Where neither bank is sounded the bed meets the surface there. */
  soundings: z.array(soundingSchema).min(1).max(RUN_LIMITS.points),
  /** Current at the surface at points across; between them it changes evenly, beyond them it stays. */
  currents: z.array(currentSchema).min(1).max(RUN_LIMITS.points),
  bottom: z.enum(BOTTOMS),
  /** Distance of the angler from the bank [m]. */
  wadeM: finite.min(0),
  /** Stretches where the angler knows that fish hold; they outrank what pace and depth say. */
  lies: z.array(lieSchema).max(RUN_LIMITS.points).optional(),
  /** Flow of the river when this was measured [m³/s]; without it the run cannot be carried to another level. */
  measuredFlowM3ps: flowSchema.optional(),
  /** The gauge that tells this water's flow. */
  gaugeId: idSchema.optional(),
  /** Place on the map, and the way one faces it. */
  spot: spotSchema.optional(),
  /** Correction that the log has taught. */
  byLog: byLogSchema.optional(),
  /** Of a beach. */
  shore: shoreSchema.optional(),
  measuredOn: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2}$/, 'date')
    .optional(),
}

type Shape = z.infer<z.ZodObject<typeof runShape>>

/** Refuses what no stretch of river can be, said at the point it is wrong. */
function refuseImpossible(run: Shape, ctx: z.RefinementCtx): void {
  for (const list of ['soundings', 'currents'] as const) {
    let before = -1
    run[list].forEach(({ fromBankM }, i) => {
      const path = [list, i, 'fromBankM']
      if (fromBankM > run.widthM + 1e-9) refuse(ctx, 'beyond-width', path, { widthM: run.widthM })
      if (fromBankM <= before) refuse(ctx, 'out-of-order', path, { beforeM: before })
      before = fromBankM
    })
  }
  run.soundings.forEach(({ depthM }, i) => {
    if (depthM < 0) refuse(ctx, 'bed-above-surface', ['soundings', i, 'depthM'], { depthM })
    if (depthM > RUN_LIMITS.depthM.high)
      refuse(ctx, 'too-deep', ['soundings', i, 'depthM'], { limitM: RUN_LIMITS.depthM.high })
  })
  run.currents.forEach(({ mps }, i) => {
    if (mps < 0) refuse(ctx, 'negative-current', ['currents', i, 'mps'], { mps })
    if (mps > RUN_LIMITS.currentMps.high)
      refuse(ctx, 'absurd-current', ['currents', i, 'mps'], { limitMps: RUN_LIMITS.currentMps.high })
  })
  run.lies?.forEach(({ fromM, toM }, i) => {
    if (toM > run.widthM + 1e-9) refuse(ctx, 'beyond-width', ['lies', i, 'toM'], { widthM: run.widthM })
    if (toM <= fromM) refuse(ctx, 'out-of-order', ['lies', i, 'toM'], { beforeM: fromM })
  })
  if (run.wadeM > run.widthM) refuse(ctx, 'wades-across', ['wadeM'], { widthM: run.widthM })
}

/** A stretch of water measured once: its bed, its current, and the flow of the river that day. SI. */
export const runSchema = z.strictObject(runShape).superRefine(refuseImpossible)
export type Run = z.infer<typeof runSchema>

/** A new run on the bed of another: nothing else of that one is true of it, neither place, notes, gauge, measured day nor log. */
export const newRun = (
  { bank, widthM, soundings, currents, bottom, wadeM }: Run,
  id: string,
  name: string,
): Run => ({
  id,
  name,
  bank,
  widthM,
  soundings,
  currents,
  bottom,
  wadeM,
})
