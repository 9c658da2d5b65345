import { steadyLine, WATER_MODEL } from '@hoxen/core/sink'
import { landsBeyond, MENDS, ROD_HANDLING, SWING_OPTIONS, swing, workOf } from '@hoxen/core/swing'
import { atFlow, flowReach, flowSchema } from '@hoxen/core/water'
import * as z from 'zod'
import { command, refusal } from '../command.ts'
import { runInput } from '../kept.ts'

const positive = z.number().positive()

const partSchema = z.strictObject({
  lengthM: positive.max(100),
  kgPerM: positive.max(1),
  diameterM: positive.max(0.05),
  floats: z.boolean().optional(),
})
const partsSchema = z.array(partSchema).min(1).max(60)
const flySchema = z.strictObject({
  submergedWeightN: z.number().min(-1).max(10),
  dragAreaM2: z.number().min(0).max(0.1),
  massKg: z.number().min(0).max(1).optional(),
})
const modelSchema = z
  .strictObject({
    normalDrag: positive.max(10),
    tangentialDrag: z.number().min(0).max(1),
    waterKgPerM3: z.number().min(900).max(1100),
    gravityMps2: positive.max(20),
  })
  .partial()
  .transform((model) => ({
    ...WATER_MODEL,
    ...Object.fromEntries(Object.entries(model).filter(([, v]) => v !== undefined)),
  }))
  .optional()

const HEAD = { lengthM: 7.01, kgPerM: 0.00471, diameterM: 0.00261, floats: true }
const TIP = { lengthM: 3.048, kgPerM: 0.0023385, diameterM: 0.000897 }
const LEADER = { lengthM: 1.5, kgPerM: 0.0001, diameterM: 0.00033 }
const FLY = { submergedWeightN: 0.006, dragAreaM2: 0.0002 }
const RUN = {
  id: 'kettle-run',
  name: 'Kettle Run',
  bank: 'right',
  widthM: 32,
  soundings: [
    { fromBankM: 4, depthM: 0.7 },
    { fromBankM: 12, depthM: 1.4 },
    { fromBankM: 22, depthM: 1.8 },
    { fromBankM: 29, depthM: 0.9 },
  ],
  currents: [
    { fromBankM: 2, mps: 0.3 },
    { fromBankM: 14, mps: 0.7 },
    { fromBankM: 24, mps: 0.9 },
  ],
  bottom: 'cobble',
  wadeM: 5,
  measuredFlowM3ps: 18,
}

export const steadyCommand = command({
  name: 'steady',
  summary: 'shape and depth of a line at rest in a uniform current',
  schema: z.strictObject({
    currentMps: z.number().min(0).max(20),
    parts: partsSchema,
    fly: flySchema,
    model: modelSchema,
  }),
  example: { currentMps: 0.6, parts: [TIP, LEADER], fly: FLY },
  run: ({ currentMps, parts, fly, model }) => {
    const { outcome, depthM, surfaceAngleDeg, shape } = steadyLine(parts, fly, currentMps, model)
    return { outcome, depthM, surfaceAngleDeg, shape }
  },
})

const optionsSchema = z
  .strictObject({
    nodes: z.number().int().min(8).max(512),
    stepS: z.number().min(1e-4).max(0.05),
    maxS: positive.max(1200),
    sampleS: z.number().min(0.01).max(10),
    slack: z.number().min(0).max(0.5),
    rod: z.enum(ROD_HANDLING),
    reachM: positive.max(10),
    feedMps: z.number().min(0).max(3),
    feedM: z.number().min(0).max(20),
  })
  .partial()
  .transform((options) => Object.fromEntries(Object.entries(options).filter(([, v]) => v !== undefined)))
  .optional()

/** Steps × nodes one command may take: some ten seconds. */
const MOST_WORK = 20_000_000

export const swingCommand = command({
  name: 'swing',
  summary: 'a swing from landing to hang-down: path of the fly, depth, touches (an estimate)',
  schema: z.strictObject({
    run: runInput,
    rodTip: z.strictObject({
      heightM: z.number().min(0).max(20),
      xM: z.number().min(-100).max(100).optional(),
      yM: z.number().min(-10).max(500).optional(),
    }),
    castAngleDeg: z.number().min(-180).max(180),
    parts: partsSchema,
    fly: flySchema,
    mends: z
      .array(
        z.strictObject({
          kind: z.enum(MENDS),
          atS: z.number().min(0).max(600),
          sizeM: positive.max(10),
        }),
      )
      .max(20)
      .optional(),
    model: modelSchema,
    options: optionsSchema,
  }),
  example: {
    run: RUN,
    rodTip: { heightM: 2, xM: 1.5, yM: 7.5 },
    castAngleDeg: 60,
    parts: [{ lengthM: 4, kgPerM: 0.0013, diameterM: 0.0014, floats: true }, HEAD, TIP, LEADER],
    fly: FLY,
    mends: [{ kind: 'upstream', atS: 1, sizeM: 2 }],
  },
  run: (asked) => {
    const input = { ...asked, options: { ...asked.options, mostWork: MOST_WORK } }
    const work = workOf(input)
    const { nodes } = { ...SWING_OPTIONS, ...input.options }
    if (work > MOST_WORK) throw refusal('too-much-work', ['options'], { nodes, steps: work / nodes })
    const { outcome, samples, summary } = swing(input)
    return {
      outcome,
      ...(landsBeyond(input) ? { landsOn: 'far-bank' } : {}),
      summary,
      samples: samples.map(({ tS, flyM, speedMps, overBedM }) => ({ tS, flyM, speedMps, overBedM })),
    }
  },
})

export const levelCommand = command({
  name: 'level',
  summary: 'a pool carried from the flow it was measured at to today’s',
  schema: z.strictObject({ run: runInput, measuredFlowM3ps: flowSchema, todayFlowM3ps: flowSchema }),
  example: { run: RUN, measuredFlowM3ps: 18, todayFlowM3ps: 36 },
  run: ({ run, measuredFlowM3ps, todayFlowM3ps }) => {
    const level = atFlow(run, measuredFlowM3ps, todayFlowM3ps)
    return level.outcome === 'too-far' ? { ...level, reachM3ps: flowReach(measuredFlowM3ps) } : level.run
  },
})
