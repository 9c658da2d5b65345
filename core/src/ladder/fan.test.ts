import { describe, expect, test } from '@jest/globals'
import { type SwingSetup, swingInput } from '../rig/index.ts'
import { diameterForSinkRate, sinkRateMps, WATER_MODEL } from '../sink/index.ts'
import { rideOf, swing } from '../swing/index.ts'
import { dayWith, flatRun, partsOf } from '../testing/index.ts'
import { POOL_SPREAD, type Run, scaledRun } from '../water/index.ts'
import type { FanTask } from './fan.ts'
import { evenPoints, normalQuantile } from './fan.ts'
import { FAN_MODEL, type Fan, fanOf, fanTasks } from './index.ts'

const POOL = flatRun(1.6, 0.7)
const { fly, fishAt, fishKg, plan } = dayWith()
const SETUP: SwingSetup = { parts: partsOf(), run: POOL, fly, fishAt, fishKg, plan }

const ride = ({ input }: FanTask) => rideOf(swing(input))
function fan(pool: Run): Fan {
  const rides = new Map(fanTasks(SETUP, pool).map((task) => [task.id, ride(task)]))
  const found = fanOf(rides, 20)
  if (found === undefined) throw new Error('no fan')
  return found
}

// Abramowitz & Stegun, table 26.1, values from memory; the approximation is good to 4.5e-4.
test.each([
  [0.5, 0],
  [0.9, 1.28155],
  [0.1, -1.28155],
  [0.975, 1.95996],
  [0.999, 3.09023],
])('below %p of a normal lies %p', (share, deviation) =>
  expect(Math.abs(normalQuantile(share) - deviation)).toBeLessThan(4.5e-4),
)

test('the points fill every direction, and every pair of them, evenly', () => {
  const count = FAN_MODEL.samples
  const points = evenPoints(count, 5)
  for (let d = 0; d < 5; d++) {
    const parts = points.map((point) => Math.floor((point[d] as number) * count)).sort((a, b) => a - b)
    expect(parts).toEqual(Array.from({ length: count }, (_, i) => i))
    for (let e = 0; e < d; e++) {
      const both = points.filter((p) => (p[d] as number) < 0.5 && (p[e] as number) < 0.5).length
      // A quarter of them, where chance would stray by 1.5 on average.
      expect(Math.abs(both - count / 4)).toBeLessThanOrEqual(2)
    }
  }
})

describe('the fan of a swing', () => {
  const wide = fan(POOL)
  test('holds the swing that is shown, at every moment but the edges', () => {
    const shown = rideOf(swing(swingInput(SETUP)))
    const inside = wide.points.filter(({ tS, low, high }) => {
      const depth = shown.track[Math.min(shown.track.length - 1, Math.round(tS / 0.1))]?.[1] ?? 0
      return depth >= low - 0.03 && depth <= high + 0.03
    })
    expect(inside.length / wide.points.length).toBeGreaterThan(0.9)
  })

  test('two dozen even points tell what 120 by chance tell', () => {
    // The reference: plain Monte Carlo with the same spreads, seeded.
    let seed = 20261127
    const roll = (): number => {
      seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0
      return (seed + 0.5) / 2 ** 32
    }
    const hangs = Array.from({ length: 120 }, () => {
      const [d = 0, c = 0, v = 0, n = 0, t = 0] = Array.from({ length: 5 }, () => normalQuantile(roll()))
      const run = scaledRun(POOL, Math.exp(POOL_SPREAD.depthSd * d), Math.exp(POOL_SPREAD.currentSd * c))
      const { sinkSd, normalDragSd, tangentialDragSd } = FAN_MODEL
      const { parts, ...rest } = swingInput({ ...SETUP, run })
      const faster = parts.map((part) => {
        const rate = part.floats ? 0 : sinkRateMps(part.kgPerM, part.diameterM)
        return rate === 0
          ? part
          : { ...part, diameterM: diameterForSinkRate(part.kgPerM, rate * Math.exp(sinkSd * v)) }
      })
      const model = {
        ...WATER_MODEL,
        normalDrag: WATER_MODEL.normalDrag * Math.exp(normalDragSd * n),
        tangentialDrag: WATER_MODEL.tangentialDrag * Math.exp(tangentialDragSd * t),
      }
      return swing({ ...rest, parts: faster, model }).summary.hangDepthM
    })
    hangs.sort((a, b) => a - b)
    const [low, high] = [hangs[12] as number, hangs[107] as number]
    const width = high - low
    expect(Math.abs(wide.hangDepthM.low - low)).toBeLessThan(0.3 * width)
    expect(Math.abs(wide.hangDepthM.high - high)).toBeLessThan(0.3 * width)
  })

  test('what the log has taught narrows it', () => {
    const taught = { factor: 1, low: 0.95, high: 1.05 }
    const narrow = fan({ ...POOL, byLog: { depth: taught, current: taught, swings: 20 } })
    const width = ({ hangDepthM: { low, high } }: Fan): number => high - low
    expect(width(narrow)).toBeLessThan(0.8 * width(wide))
  })

  test('not told before every swing was let go', () => expect(fanOf(new Map(), 10)).toBeUndefined())
})
