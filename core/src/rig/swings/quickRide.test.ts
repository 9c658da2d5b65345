import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { type Day, dayOf, FIRST_JOB } from '../../day/index.ts'
import { DEFAULT_SCHOOLS, DRESSES, itemsOf, type Leader, WEIGHTINGS } from '../../gear/index.ts'
import { headFacts, runningLineFacts } from '../../line/index.ts'
import { headSinkMps, tipFacts } from '../../sink/index.ts'
import { USUAL_PLAN } from '../../swing/index.ts'
import { DEMO, dayWith, partsOf } from '../../testing/index.ts'
import { some } from '../../testing/long.ts'
import { type FishAt, holdingBand } from '../../water/index.ts'
import { quickRide, type RigParts, swungIn } from '../index.ts'
import { QUICK_BAND } from './quickRide.ts'
import { searchedRide } from './searchedRide.ts'
import { frontPieces } from './strand.ts'

const gear = { items: DEMO.items }
const heads = itemsOf(gear, 'head').map(headFacts)
const pools = DEMO.runs.filter((run) => run.measuredFlowM3ps !== undefined && run.widthM > 20)
const tips = [...itemsOf(gear, 'tip'), ...itemsOf(gear, 'sinking-leader')].map(tipFacts)

const anyParts: fc.Arbitrary<RigParts> = fc.record({
  rod: fc.constantFrom(...itemsOf(gear, 'rod')),
  head: fc.constantFrom(...heads),
  tip: fc.constantFrom(null, ...tips),
  leader: fc.constantFrom(...itemsOf(gear, 'leader')),
  runningLine: fc.constantFrom(...itemsOf(gear, 'running-line').map(runningLineFacts)),
  reel: fc.constant(null),
})
const anyDay: fc.Arbitrary<Day> = fc
  .record({
    castM: fc.double({ min: 14, max: 28, noNaN: true }),
    waterDepthM: fc.double({ min: 0.6, max: 2.5, noNaN: true }),
    currentMps: fc.double({ min: 0.25, max: 1.2, noNaN: true }),
    fly: fc.record({ dress: fc.constantFrom(...DRESSES), weighting: fc.constantFrom(...WEIGHTINGS) }),
    runId: fc.constantFrom(undefined, undefined, ...pools.map((run) => run.id)),
    level: fc.double({ min: -0.7, max: 0.7, noNaN: true }),
    angleDeg: fc.constantFrom(45, 60, 75),
  })
  .map(({ runId, level, angleDeg, ...job }) => {
    const pool = pools.find((run) => run.id === runId)
    const plan = { ...USUAL_PLAN, angleDeg }
    return dayOf({
      job: { ...FIRST_JOB, ...job },
      schools: DEFAULT_SCHOOLS,
      runs: DEMO.runs,
      water: pool
        ? { plan, runId: pool.id, flowM3ps: (pool.measuredFlowM3ps ?? 1) * Math.exp(level) }
        : { plan },
    })
  })

describe('the first look', () => {
  const CASES = some(500, 0.3)
  test(`lies within its band of the swing nine times in ten, in ${CASES} rigs and days`, () => {
    expect(QUICK_BAND.share).toBeLessThanOrEqual(0.4)
    expect(QUICK_BAND.leastM).toBeLessThanOrEqual(0.2)
    let [within, counted] = [0, 0]
    for (const [parts, day] of fc.sample(fc.tuple(anyParts, anyDay), { seed: 20261126, numRuns: CASES })) {
      const { outcome, summary } = swungIn(parts, day)
      if (outcome === 'did-not-finish' || summary.overHoldingS === 0) continue
      const { depthM, lowM, highM } = quickRide(parts, day)
      const rides = Math.min(summary.ridesM, day.waterDepthM)
      counted++
      expect(depthM).toBeLessThanOrEqual(day.waterDepthM)
      if (rides >= lowM - 1e-9 && rides <= highM + 1e-9) within++
    }
    expect(counted).toBeGreaterThan(CASES * 0.95)
    expect(within / counted).toBeGreaterThanOrEqual(0.9)
  })
})

describe('heads sink as they are made', () => {
  const parts = (style: 'scandi' | 'multi-density', density?: 'intermediate' | 'sinking'): RigParts => ({
    rod: itemsOf(gear, 'rod')[0] as RigParts['rod'],
    head: headFacts({
      kind: 'head',
      id: 'h',
      name: 'h',
      style,
      massKg: 0.03,
      lengthM: 9,
      ...(density === undefined ? {} : { density }),
    }),
    tip: null,
    leader: itemsOf(gear, 'leader')[2] ?? null,
    runningLine: null,
    reel: null,
  })
  const day = dayOf({ job: { ...FIRST_JOB, waterDepthM: 2.4, currentMps: 0.5 }, schools: DEFAULT_SCHOOLS })
  test('a sinking head fishes deeper than an intermediate, that than a floating one, in swing and first look', () => {
    const three = [parts('scandi', 'sinking'), parts('scandi', 'intermediate'), parts('scandi')]
    for (const depths of [
      three.map((p) => swungIn(p, day).summary.ridesM),
      three.map((p) => quickRide(p, day).depthM),
    ]) {
      const [sinking = 0, intermediate = 0, floating = 0] = depths
      expect(sinking).toBeGreaterThan(intermediate * 1.1)
      expect(intermediate).toBeGreaterThan(floating * 1.3)
    }
  })
  test('a multi-density head sinks by thirds, its front fastest', () => {
    const { head } = parts('multi-density')
    const [front = 0, middle = 0, body] = headSinkMps(head)
    expect(front).toBeGreaterThan(middle)
    expect(middle).toBeGreaterThan(0)
    expect(body).toBe(0)
    const pieces = frontPieces({ head, tip: null, leader: null })
    expect(pieces.map((p) => p.floats === true)).toEqual([true, true, false, false, false, false])
    expect(pieces.reduce((sum, p) => sum + p.lengthM * p.kgPerM, 0)).toBeCloseTo(0.03, 9)
  })
})

describe('where fish hold [practice]', () => {
  test.each<[FishAt, number, number, number]>([
    ['surface', 2, 0, 0.45],
    ['surface', 0.6, 0, 0.3],
    ['middle', 2, 0.5, 1.5],
    ['bottom', 2, 1.5428, 2],
    ['bottom', 0.3, 0, 0.3],
  ])('%s in %d m of water', (fishAt, depthM, low, high) => {
    expect(holdingBand(fishAt, depthM)).toEqual({
      low: expect.closeTo(low, 4),
      high: expect.closeTo(high, 4),
    })
  })
})

test('a search tells leaders apart by length, thickness and material', () => {
  const day = dayWith({ fishAt: 'bottom', waterDepthM: 4 })
  const { head, tip } = partsOf()
  const leader = (lengthM: number, mm = 0.3, material: 'nylon' | 'fluorocarbon' = 'nylon'): Leader => ({
    kind: 'leader',
    id: 'l',
    name: 'l',
    form: 'level',
    lengthM,
    material,
    buttDiameterM: mm / 1000,
    pointDiameterM: mm / 1000,
  })
  const depth = (of: Leader): number => searchedRide({ head, tip, leader: of }, day).depthM
  expect(Math.abs(depth(leader(4.8)) - depth(leader(1.2)))).toBeGreaterThan(0.02)
  expect(depth(leader(4.8, 0.3, 'fluorocarbon'))).toBeGreaterThan(depth(leader(4.8)))
  expect(depth(leader(4.8, 0.6))).not.toBe(depth(leader(4.8, 0.3)))
  // Of what is alike it is worked out once.
  expect(searchedRide({ head, tip, leader: leader(4.8) }, day)).toBe(
    searchedRide({ head, tip, leader: leader(4.79) }, day),
  )
})
