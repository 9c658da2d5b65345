import { describe, expect, test } from '@jest/globals'
import { M_PER_FOOT } from '../quantity/index.ts'
import { steadyLine, WATER_MODEL, type WaterPart } from '../sink/index.ts'
import { flatRun } from '../testing/index.ts'
import type { Run } from '../water/index.ts'
import { buildChain, lengthOfChain, letOut, takeIn } from './chain.ts'
import { Hand } from './hand.ts'
import { SWING_OPTIONS, type SwingInput, type SwingOptions, swing } from './index.ts'
import { layLine } from './lay.ts'

const FLOATING: readonly WaterPart[] = [
  { lengthM: 6.5, kgPerM: 0.0013, diameterM: 0.00137, floats: true },
  { lengthM: 7, kgPerM: 0.0047, diameterM: 0.00261, floats: true },
]
const TIP: WaterPart = { lengthM: 3.048, kgPerM: 0.00234, diameterM: 0.0009 }
const LEADER: WaterPart = { lengthM: 1.5, kgPerM: 1.2e-4, diameterM: 0.35e-3 }
const REACH_M = 3.9
function cast(
  run: Run,
  angleDeg: number,
  change: Partial<SwingInput> = {},
  options: Partial<SwingOptions> = {},
) {
  const angle = (angleDeg * Math.PI) / 180
  return swing({
    run,
    rodTip: { heightM: 1, xM: REACH_M * Math.cos(angle), yM: run.wadeM + REACH_M * Math.sin(angle) },
    castAngleDeg: angleDeg,
    parts: [...FLOATING, TIP, LEADER],
    fly: { submergedWeightN: 0.004, dragAreaM2: 1.5e-4, massKg: 0.001 },
    options: { rod: 'follow', reachM: REACH_M, ...options },
    ...change,
  })
}
/** From straight below the angler [°]. */
const offStraight = ({ samples }: ReturnType<typeof cast>, wadeM: number): number => {
  const [x, y] = samples.at(-1)?.flyM ?? [0, 0]
  return (Math.atan2(y - wadeM, x) * 180) / Math.PI
}

describe('C40: when a swing is over', () => {
  test('[practice] a 70 ft cast at 60° in 3 ft/s takes 15 to 40 s', () => {
    const { outcome, summary } = cast(flatRun(1.6, 3 * M_PER_FOOT), 60)
    expect(outcome).toBe('swung')
    expect(summary.swingS).toBeGreaterThan(15)
    expect(summary.swingS).toBeLessThan(40)
  })
  test.each([45, 60, 85, 110])('cast at %d°: within 10° of straight below, and no later', (angleDeg) => {
    const over = cast(flatRun(2, 0.8), angleDeg)
    expect(over.outcome).toBe('swung')
    expect(offStraight(over, 5)).toBeLessThanOrEqual(10.01)
    expect(offStraight(over, 5)).toBeGreaterThan(9)
  })
  test.each([15, 29])('cast at %d°: when nine tenths of its own crossing are done', (angleDeg) => {
    const { samples, outcome } = cast(flatRun(2, 0.8), angleDeg)
    const [from, to] = [samples[0]?.flyM[1] ?? 0, samples.at(-1)?.flyM[1] ?? 0]
    expect(outcome).toBe('swung')
    expect((from - to) / (from - 5)).toBeCloseTo(0.9, 1)
  })
  test('straight down it comes to its true rest, floating head and all', () => {
    const { outcome, summary, samples } = cast(flatRun(3, 0.7), 0, {}, { rod: 'still', slack: 0 })
    expect(outcome).toBe('swung')
    expect(-(samples.at(-1)?.flyM[2] ?? 0) / summary.hangDepthM).toBeCloseTo(1, 1)
  })
  test('lying on the bed it is grounded; in water that does not run nothing swings; out of time it did not finish', () => {
    const heavy = { submergedWeightN: 0.2, dragAreaM2: 1e-4, massKg: 0.03 }
    const grounded = cast(flatRun(0.7, 0.12), 80, { fly: heavy })
    expect(grounded.outcome).toBe('grounded')
    expect(grounded.summary.grounded).toBe(true)
    expect(cast(flatRun(2, 0), 60).outcome).toBe('grounded')
    expect(cast(flatRun(2, 0), 60, { parts: FLOATING }).outcome).toBe('did-not-finish')
    expect(cast(flatRun(2, 0.8), 60, {}, { maxS: 4 }).outcome).toBe('did-not-finish')
  })
  test('the hang-down lies never under the bed', () => {
    expect(cast(flatRun(0.8, 0.3), 60).summary.hangDepthM).toBeLessThanOrEqual(0.8)
  })
})

describe('C41 [practice]: mends', () => {
  const rides = (...kinds: readonly ('upstream' | 'downstream' | 'stack')[]) =>
    cast(flatRun(4, 0.8), 70, { mends: kinds.map((kind) => ({ kind, atS: 0.5, sizeM: 2.5 })) }).summary
  test('upstream slows and deepens, downstream speeds and lifts, a stack deepens most', () => {
    const [none, up, down, stack] = [rides(), rides('upstream'), rides('downstream'), rides('stack')]
    expect(up.ridesM).toBeGreaterThan(none.ridesM)
    expect(up.swingS).toBeGreaterThan(none.swingS)
    expect(down.ridesM).toBeLessThan(none.ridesM)
    expect(down.swingS).toBeLessThan(none.swingS)
    expect(stack.ridesM).toBeGreaterThan(up.ridesM)
  })
  test('the steeper the cast the slower across and the shallower', () => {
    const [square, steep] = [cast(flatRun(4, 0.8), 85), cast(flatRun(4, 0.8), 35)]
    expect(steep.summary.crossMps).toBeLessThan(square.summary.crossMps)
    expect(steep.summary.maxDepthM).toBeLessThan(square.summary.maxDepthM)
  })
  test('two stacks add their line, one after the other or at once; mends that overlap both act', () => {
    const out = (starts: readonly number[]): number => {
      const chain = buildChain(FLOATING, { submergedWeightN: 0, dragAreaM2: 0 }, 24, WATER_MODEL)
      layLine(chain, { heightM: 1, xM: 0, yM: 5 }, 1, 0)
      const before = lengthOfChain(chain)
      const hand = new Hand(
        chain,
        SWING_OPTIONS,
        starts.map((atS) => ({ kind: 'stack', atS, sizeM: 2 })),
        WATER_MODEL,
        1,
      )
      for (let tS = 0; tS < 4; tS += 0.02) hand.feed(tS, 0.02)
      return lengthOfChain(chain) - before
    }
    expect(out([0.5])).toBeCloseTo(2, 6)
    expect(out([0.5, 2])).toBeCloseTo(4, 6)
    expect(out([0.5, 0.6])).toBeCloseTo(4, 6)
    const chain = buildChain(FLOATING, { submergedWeightN: 0, dragAreaM2: 0 }, 24, WATER_MODEL)
    layLine(chain, { heightM: 1, xM: 0, yM: 5 }, 1, 0)
    const push = (...kinds: readonly ('upstream' | 'downstream')[]): number =>
      new Hand(
        chain,
        SWING_OPTIONS,
        kinds.map((kind) => ({ kind, atS: 0, sizeM: 2 })),
        WATER_MODEL,
        1,
      )
        .drives(0.1)
        ?.get(12)?.vx ?? 0
    expect(push('upstream', 'upstream')).toBeCloseTo(2 * push('upstream'), 9)
    expect(push('upstream', 'downstream')).toBeCloseTo(0, 9)
  })
})

describe('a line stripped in', () => {
  const HEAD: WaterPart = { lengthM: 7, kgPerM: 0.0047, diameterM: 0.00242 }
  const fly = { submergedWeightN: 0.006, dragAreaM2: 2e-4 }
  const lake = flatRun(3, 0.001)
  const running = (lengthM: number): WaterPart => ({
    lengthM,
    kgPerM: 0.0013,
    diameterM: 0.0014,
    floats: true,
  })
  const stripped = (run: Run, stripMps: number, behindM = 14) =>
    cast(run, 90, { parts: [running(behindM), HEAD, LEADER], fly }, { rod: 'strip', stripMps, shapes: true })

  test.each([0.2, 0.4, 0.8])(
    'through still water at %d m/s comes to the depth of the line at rest in such a current (towed cable, Pode 1951)',
    (stripMps) => {
      const { outcome, samples } = stripped(lake, stripMps)
      expect(outcome).toBe('swung')
      const rest = steadyLine([HEAD, LEADER], fly, stripMps).depthM
      expect(Math.abs(-(samples.at(-1)?.flyM[2] ?? 0) / rest - 1)).toBeLessThan(0.08)
    },
  )
  test('what lies behind the head comes in, at the speed it is stripped, and is as long as it should be all along', () => {
    const { samples, summary } = stripped(flatRun(1.5, 0.3), 0.4, 9)
    expect(summary.swingS).toBeCloseTo(9 / 0.4, -0.5)
    for (const { tS, lineM = new Float32Array() } of samples) {
      let lengthM = 0
      for (let i = 3; i < lineM.length; i += 3)
        lengthM += Math.hypot(...[0, 1, 2].map((k) => (lineM[i + k] ?? 0) - (lineM[i + k - 3] ?? 0)))
      expect(lengthM).toBeLessThan((9 - 0.4 * tS + HEAD.lengthM + LEADER.lengthM) * 1.01)
    }
    expect(samples.at(-1)?.overBedM).toBeGreaterThan(0)
  })
  test('line let out and taken in again leaves the chain as it was', () => {
    const chain = buildChain([...FLOATING, TIP], fly, 24, WATER_MODEL)
    const was = structuredClone(chain)
    const cutM = chain.lengthM[chain.count - 2] ?? 1
    for (let i = 0; i < 40; i++) letOut(chain, 0.1, cutM, WATER_MODEL)
    expect(chain.count).toBeGreaterThan(was.count)
    for (let i = 0; i < 40; i++) takeIn(chain, 0.1, cutM, WATER_MODEL)
    expect(Math.abs(chain.count - was.count)).toBeLessThanOrEqual(1)
    expect(lengthOfChain(chain)).toBeCloseTo(lengthOfChain(was), 9)
    // The rod tip is led, whatever it carries: its half of the last link is not kept.
    const massKg = (c: typeof chain) =>
      c.massKg.slice(0, c.count - 1).reduce((sum, kg) => sum + kg, 0) +
      ((c.lengthM[c.count - 2] ?? 0) * (c.parts[c.count - 2]?.kgPerM ?? 0)) / 2
    expect(massKg(chain)).toBeCloseTo(massKg(was), 9)
  })
})
