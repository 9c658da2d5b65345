import { shootLengthM, turnover } from '@hoxen/core/cast'
import * as z from 'zod'
import { command } from '../command.ts'

const positive = z.number().positive()

export const shootCommand = command({
  name: 'shoot',
  summary: 'how far a head shoots with this running line behind it',
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
