import { dayOf, FIRST_JOB, jobSchema } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, dropperSchema, flyShapeSchema, rodSchema, WINDOW_STYLES } from '@hoxen/core/gear'
import {
  calibrated,
  calibrationTasks,
  FEELS,
  nextHead,
  ownWindow,
  priorOf,
  SAW,
  type Seen,
} from '@hoxen/core/journal'
import { rigChoiceSchema } from '@hoxen/core/rig'
import { type BendTest, bentRod, compareBends, windowFor } from '@hoxen/core/rod'
import { planSchema, type Swung, swing, USUAL_PLAN } from '@hoxen/core/swing'
import { flowSchema, scaledRun } from '@hoxen/core/water'
import * as z from 'zod'
import { command, InputError, refusal } from '../command.ts'
import { gearById, partsOf } from '../gearAsked.ts'
import { gearInput, runInput } from '../kept.ts'
import { EXAMPLE, EXAMPLE_RIG, EXAMPLE_RUN } from './match.ts'

const positive = z.number().positive()

export const trialsCommand = command({
  name: 'trials',
  summary: 'a caster’s own window from head trials, and the next head worth borrowing',
  schema: z.strictObject({
    rod: rodSchema,
    style: z.enum(WINDOW_STYLES),
    trials: z.array(z.strictObject({ headKg: positive.max(0.2), feel: z.literal([...FEELS]) })).max(500),
  }),
  example: {
    rod: {
      kind: 'rod',
      id: 'seven',
      name: 'Long seven',
      lineNumber: 7,
      lengthM: 3.9624,
      hands: 'two-hander',
    },
    style: 'skagit',
    trials: [
      { headKg: 0.031, feel: -1 },
      { headKg: 0.034, feel: 0 },
    ],
  },
  run: ({ rod, style, trials }) => {
    const found = windowFor(rod, style)
    if (found.outcome !== 'window') return { outcome: found.outcome }
    const prior = priorOf(found.window)
    const own = ownWindow(prior, trials)
    const next = nextHead(prior, trials)
    return {
      outcome: 'window',
      lowKg: own.lowKg,
      centreKg: own.centreKg,
      highKg: own.highKg,
      sd: own.sd,
      ...(next === undefined ? {} : { nextKg: next.headKg }),
    }
  },
})

const bendTestShape = {
  freeLengthM: positive.min(1).max(6),
  loads: z
    .array(z.strictObject({ massKg: positive.max(2), dropM: positive.max(6) }))
    .min(1)
    .max(12),
}

/** A tip cannot come down further than the rod is long. */
function refuseImpossible(test: BendTest, path: string): void {
  const wrong = test.loads.findIndex(({ dropM }) => dropM >= test.freeLengthM)
  if (wrong >= 0)
    throw new InputError(
      'drop-beyond-rod',
      [path, 'loads', wrong, 'dropM'],
      'The rod tip can’t drop further than the rod is long.',
    )
}

export const bendCommand = command({
  name: 'bend',
  summary: 'the window of a rod, from a bend test against a rod whose window is known',
  schema: z.strictObject({
    known: z.strictObject({
      ...bendTestShape,
      window: z.strictObject({ lowKg: positive, centreKg: positive.optional(), highKg: positive }),
    }),
    unknown: z.strictObject(bendTestShape),
  }),
  example: {
    known: {
      freeLengthM: 3.4,
      loads: [
        { massKg: 0.1, dropM: 0.9 },
        { massKg: 0.15, dropM: 1.2 },
      ],
      window: { lowKg: 0.0305, highKg: 0.035 },
    },
    unknown: { freeLengthM: 3.4, loads: [{ massKg: 0.12, dropM: 0.9 }] },
  },
  run: ({ known, unknown }) => {
    refuseImpossible(known, 'known')
    refuseImpossible(unknown, 'unknown')
    const { lowKg, highKg, centreKg = (lowKg + highKg) / 2 } = known.window
    const result = compareBends({ ...known, window: { lowKg, centreKg, highKg } }, unknown)
    if (result.outcome !== 'compared') return result
    const { outcome, ratio, ratioLow, ratioHigh, window } = result
    return { outcome, ratio, ratioLow, ratioHigh, window }
  },
})

export const cantileverCommand = command({
  name: 'cantilever',
  summary: 'how a uniform rod bends under a load at its tip, square to the clamped end',
  schema: z.strictObject({ alpha: z.number().min(0).max(1000) }),
  example: { alpha: 1 },
  run: ({ alpha }) => {
    const { outcome, dropShare, reachShare } = bentRod(alpha)
    return outcome === 'bent' ? { outcome, dropShare, reachShare } : { outcome }
  },
})

const planInput = planSchema.extend({ castM: positive.max(80).optional() })

export const calibrateCommand = command({
  name: 'calibrate',
  summary: 'how deep and fast a pool really is, from logged swings',
  schema: z.strictObject({
    gear: gearInput,
    run: runInput,
    entries: z
      .array(
        z.strictObject({
          flowM3ps: flowSchema,
          rig: rigChoiceSchema,
          plan: planInput.optional(),
          fly: flyShapeSchema.optional(),
          dropper: dropperSchema.optional(),
          fishAt: jobSchema.shape.fishAt.optional(),
          saw: z.enum(SAW),
        }),
      )
      .max(200),
  }),
  example: {
    gear: EXAMPLE.gear,
    run: EXAMPLE_RUN,
    entries: [
      { flowM3ps: 18, rig: EXAMPLE_RIG, saw: 'band' },
      { flowM3ps: 22, rig: EXAMPLE_RIG, saw: 'high' },
    ],
  },
  run: ({ gear, run, entries }) => {
    if (run.measuredFlowM3ps === undefined) throw refusal('flow-without-measure', ['run', 'measuredFlowM3ps'])
    const byId = gearById(gear)
    const seen = entries.map(({ rig, flowM3ps, plan, saw, fly, dropper, fishAt }, i): Seen => {
      const parts = partsOf(rig, byId, ['entries', i, 'rig'])
      const { castM = FIRST_JOB.castM, ...handling }: z.infer<typeof planInput> = plan ?? USUAL_PLAN
      const day = dayOf({
        job: {
          ...FIRST_JOB,
          castM,
          ...(fly && { fly }),
          ...(dropper && { dropper }),
          ...(fishAt && { fishAt }),
        },
        schools: DEFAULT_SCHOOLS,
        water: { plan: handling },
      })
      return { setup: { ...day, parts }, flowM3ps, saw }
    })
    const rides = new Map<string, Swung>(
      calibrationTasks(run, seen).map(({ id, input }) => [id, swing(input)]),
    )
    const result = calibrated(seen, rides)
    if (result.outcome !== 'calibrated') return result
    const { outcome, depth, current, correlation, combined } = result
    return {
      outcome,
      depthFactor: depth.factor,
      depthFactorLow: depth.low,
      depthFactorHigh: depth.high,
      currentFactor: current.factor,
      currentFactorLow: current.low,
      currentFactorHigh: current.high,
      correlation,
      ...(combined === undefined ? {} : { combined }),
      run: scaledRun(run, result.byLog.depth.factor, result.byLog.current.factor),
    }
  },
})
