import { chooseCasts, dLoopDepth, loopMass, SKILLS, shootLengthM, turnover } from '@hoxen/core/cast'
import { HEAD_STYLES } from '@hoxen/core/gear'
import { OBSTRUCTIONS } from '@hoxen/core/water'
import { sayCast } from '@hoxen/core/words'
import * as z from 'zod'
import { command } from '../command.ts'
import { lineSchema, profileOf } from './line.ts'

const positive = z.number().positive()

export const shootCommand = command({
  name: 'shoot',
  summary: 'how far a head shoots with this running line',
  schema: z.strictObject({ headKg: positive, runningKgPerM: z.number().min(0), launchM: z.number().min(0) }),
  example: { headKg: 0.034, runningKgPerM: 0.0013, launchM: 20 },
  run: ({ headKg, runningKgPerM, launchM }) => ({ shootM: shootLengthM(headKg, runningKgPerM, launchM) }),
})

export const turnoverCommand = command({
  name: 'turnover',
  summary: 'speed left at the fly when the loop has unrolled, and how far it fell (an estimate)',
  schema: z.strictObject({
    launchMps: positive,
    parts: z
      .array(
        z.strictObject({
          lengthM: positive,
          kgPerM: positive,
          diameterM: positive,
          floats: z.boolean().optional(),
        }),
      )
      .min(1),
    fly: z.strictObject({ massKg: z.number().min(0), dragAreaM2: z.number().min(0) }),
  }),
  example: {
    launchMps: 16,
    parts: [
      { lengthM: 7, kgPerM: 0.0047, diameterM: 0.0026 },
      { lengthM: 3.048, kgPerM: 0.00234, diameterM: 0.0009 },
      { lengthM: 1.5, kgPerM: 0.00015, diameterM: 0.0004 },
    ],
    fly: { massKg: 0.003, dragAreaM2: 0.0004 },
  },
  run: ({ launchMps, parts, fly }) => {
    const result = turnover(launchMps, parts, fly)
    return result.outcome === 'turned-over'
      ? {
          outcome: result.outcome,
          speedAtFlyMps: result.speedAtFlyMps,
          energyLeft: result.energyLeft,
          dropM: result.dropM,
          straight: result.straight,
        }
      : { outcome: result.outcome }
  },
})

const SIDES = ['left', 'right'] as const
const degrees = z.number().min(-360).max(360)

export const dLoopCommand = command({
  name: 'dloop',
  summary: 'room a D loop needs behind the rod tip, and the weight in its upper leg',
  schema: z.strictObject({
    tipHeightM: positive.max(10),
    arcM: positive.max(40),
    line: lineSchema.optional(),
    anchoredM: z.number().min(0).optional(),
  }),
  example: { tipHeightM: 4.2672, arcM: 7.9248 },
  run: ({ tipHeightM, arcM, line, anchoredM = 0 }) => {
    const loop = dLoopDepth(tipHeightM, arcM)
    const mass = line === undefined ? undefined : loopMass(profileOf(line), anchoredM, arcM)
    return {
      outcome: loop.outcome,
      ...(loop.outcome === 'found' ? { depthM: loop.depthM } : {}),
      // A line that says nothing of itself is level.
      upperMassShare: mass?.upperShare ?? 0.5,
      ...(mass === undefined ? {} : { liveHeadShare: mass.liveShare }),
    }
  },
})

export const castsCommand = command({
  name: 'casts',
  summary: 'every cast off either side: good, with care, or ruled out, and why',
  schema: z.strictObject({
    hand: z.enum(SIDES),
    bank: z.enum(SIDES).nullable(),
    wind: z.strictObject({
      fromDeg: degrees,
      mps: z.number().min(0).max(60),
      gustMps: z.number().min(0).max(90).optional(),
      veerDeg: z.number().min(0).max(180).optional(),
    }),
    targetDeg: degrees.optional(),
    roomM: z.number().min(0),
    rig: z.strictObject({
      rodLengthM: z.number().min(1.5).max(6),
      style: z.enum(HEAD_STYLES),
      headLengthM: positive.max(40),
      tipLengthM: z.number().min(0).max(10).optional(),
      leaderLengthM: z.number().min(0).max(12).optional(),
    }),
    changeDeg: z.number().min(-180).max(180).optional(),
    obstruction: z.enum(OBSTRUCTIONS).optional(),
    skill: z.enum(SKILLS).optional(),
    wadingM: z.number().min(0).max(1.4).optional(),
    behindHighM: z.number().min(0).max(60).optional(),
    swellM: z.number().min(0).max(4).optional(),
    habit: z.enum(['lower-hand', 'average', 'top-hand']).optional(),
    shoulder: z.literal('sore').optional(),
  }),
  example: {
    hand: 'right',
    bank: 'right',
    wind: { fromDeg: 270, mps: 4 },
    roomM: 4,
    rig: { rodLengthM: 3.9624, style: 'skagit', headLengthM: 6.7, tipLengthM: 3, leaderLengthM: 1.2 },
    changeDeg: 60,
  },
  run: (setting) => ({
    casts: chooseCasts(setting).map((choice) => ({ ...choice, reasons: sayCast(choice, setting, 'metric') })),
  }),
})
