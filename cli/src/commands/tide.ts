import { tideHeights, tideTurns, unknownConstituents } from '@hoxen/core/tide'
import * as z from 'zod'
import { command, InputError } from '../command.ts'

const time = z.iso.datetime({ offset: true })
/** As many heights as are computed at once. */
const MOST_STEPS = 100_000
const iso = (atMs: number): string => new Date(atMs).toISOString()

export const tideCommand = command({
  name: 'tide',
  summary: 'height of the tide over time, with high and low water, from harmonic constituents',
  schema: z.strictObject({
    constituents: z
      .array(
        z.strictObject({
          name: z.string().min(1).max(20),
          amplitudeM: z.number().min(0).max(20),
          phaseDeg: z.number().min(-360).max(360),
        }),
      )
      .min(1),
    meanM: z.number().min(-50).max(50).optional(),
    from: time,
    to: time,
    stepS: z.number().min(1).max(86_400),
  }),
  example: {
    constituents: [
      { name: 'M2', amplitudeM: 1.5, phaseDeg: 120 },
      { name: 'S2', amplitudeM: 0.5, phaseDeg: 160 },
    ],
    meanM: 2,
    from: '2026-11-27T00:00:00Z',
    to: '2026-11-28T00:00:00Z',
    stepS: 3600,
  },
  run: ({ from, to, stepS, ...station }) => {
    const [fromMs, toMs] = [Date.parse(from), Date.parse(to)]
    if (!(toMs > fromMs))
      throw new InputError('ends-before-it-begins', ['to'], '`to` must be later than `from`.')
    if ((toMs - fromMs) / 1000 / stepS > MOST_STEPS)
      throw new InputError(
        'too-many-steps',
        ['stepS'],
        `More than ${MOST_STEPS} heights: take a longer step.`,
      )
    const [unknown] = unknownConstituents(station)
    if (unknown !== undefined)
      throw new InputError('unknown-constituent', ['constituents'], `No constituent is called “${unknown}”.`)
    return {
      heights: tideHeights(station, fromMs, toMs, stepS).map(({ atMs, heightM }) => ({
        at: iso(atMs),
        heightM,
      })),
      turns: tideTurns(station, fromMs, toMs).map(({ atMs, heightM, kind }) => ({
        at: iso(atMs),
        heightM,
        kind,
      })),
    }
  },
})
