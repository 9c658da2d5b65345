import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { USUAL_PLAN } from '../swing/index.ts'
import { depthAt, fishedWater, type Run, runSchema, surfaceCurrentAt } from '../water/index.ts'
import { FLOW_STEP } from './day.ts'
import { flowToday } from './heard.ts'
import {
  byNow,
  type DayParts,
  dayOf,
  FIRST_JOB,
  fresher,
  type Heard,
  isElsewhere,
  jobSchema,
  kindThere,
  USUAL_DAYS,
  WATERS,
} from './index.ts'
import { runOfWords } from './plainWater.ts'

const SHORE: NonNullable<Run['shore']> = {
  station: { table: [[0, 1]] },
  profile: [],
  standM: 0,
}
const POOL: Run = {
  id: 'pool',
  name: 'Pool',
  bank: 'right',
  widthM: 30,
  soundings: [
    { fromBankM: 8, depthM: 1 },
    { fromBankM: 20, depthM: 1.6 },
  ],
  currents: [{ fromBankM: 10, mps: 0.7 }],
  bottom: 'gravel',
  wadeM: 4,
  measuredFlowM3ps: 20,
}
const heard = (flowM3ps: number, waterC = 4.2, from: Heard['from'] = 'gauge', atMs = 1000): Heard => ({
  record: { station: 'Gauge', readings: [{ atMs, flowM3ps, waterC }] },
  from,
})
const day = (parts: Partial<DayParts> = {}) =>
  dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS, runs: [POOL], ...parts })
const inPool = (parts: Partial<DayParts> = {}) =>
  day({ water: { runId: 'pool', plan: USUAL_PLAN }, ...parts })

describe('the water of a day', () => {
  test('without a pool it is the job’s own words, and the cast is the job’s', () => {
    const words = day()
    expect(words.where).toEqual({ by: 'words' })
    expect(words).toMatchObject({ waterDepthM: FIRST_JOB.waterDepthM, currentMps: FIRST_JOB.currentMps })
    expect(words.plan).toEqual({ ...USUAL_PLAN, rod: 'follow', castM: FIRST_JOB.castM })
    // In the surf line is stripped in, unless the angler has said otherwise.
    const surf = { ...FIRST_JOB, water: 'surf' } as const
    expect(day({ job: surf }).plan.rod).toBe('strip')
    expect(day({ job: surf, water: { plan: { ...USUAL_PLAN, rod: 'still' } } }).plan.rod).toBe('still')
    expect(day({ water: { runId: 'gone', plan: USUAL_PLAN } }).where.by).toBe('words')
  })
  test('in a pool depth and current are those of the water the swing goes through, at today’s level', () => {
    const { depthM, currentMps } = fishedWater(POOL)
    expect(inPool()).toMatchObject({ waterDepthM: depthM, currentMps, where: { level: 'as-measured' } })
    const high = inPool({ heard: heard(40) })
    // C21 [standard]: twice the flow, 1.32 times the depth, 1.27 the velocity.
    expect(high.waterDepthM / depthM).toBeCloseTo(1.32, 1)
    expect(high.currentMps / currentMps).toBeCloseTo(1.27, 1)
    expect(high.where).toMatchObject({ level: 'at-level', flow: { m3ps: 40, from: 'gauge' } })
  })
  test('a word by hand outranks the gauge, and is taken to the letter', () => {
    const said = inPool({ water: { runId: 'pool', plan: USUAL_PLAN, flowM3ps: 21.1 }, heard: heard(40) })
    expect(said.where).toMatchObject({ flow: { m3ps: 21.1, from: 'hand' }, ratio: 21.1 / 20 })
  })
  test('a level the measure says nothing about leaves the pool as it was measured, and says so', () => {
    for (const flow of [20 * 51, 20 / 51, 1e9]) {
      const far = inPool({ heard: heard(flow) })
      expect(far.where).toMatchObject({ level: 'too-far' })
      expect(far.run).toEqual(POOL)
    }
    expect(inPool({ heard: heard(20 * 12) }).where).toMatchObject({ level: 'far' })
  })
  test('readings are judged in steps of two hundredths: near the measured flow nothing moves, and no step is larger', () => {
    expect(inPool({ heard: heard(20.15) }).where).toMatchObject({ ratio: 1 })
    fc.assert(
      fc.property(fc.double({ min: 1, max: 600, noNaN: true }), (flow) => {
        const { where } = inPool({ heard: heard(flow) })
        const ratio = where.by === 'pool' ? where.ratio : Number.NaN
        expect(Math.abs(ratio / (flow / 20) - 1)).toBeLessThan(FLOW_STEP / 2 + 1e-3)
        const steps = Math.log(ratio) / Math.log1p(FLOW_STEP)
        expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6)
      }),
      { seed: 20261126, numRuns: 200 },
    )
  })
})

describe('temperature', () => {
  test('the gauge’s in a pool; the thermometer’s before it; none when the season is to count, or by words', () => {
    expect(inPool({ heard: heard(20, 4.2) }).waterC).toBe(4.2)
    expect(inPool({ heard: heard(20, 4.2), job: { ...FIRST_JOB, waterC: 9 } }).waterC).toBe(9)
    expect(inPool({ heard: heard(20, 4.2), job: { ...FIRST_JOB, bySeason: true } }).waterC).toBeUndefined()
    expect(day({ heard: heard(20, 4.2) }).waterC).toBeUndefined()
    expect(inPool({ heard: heard(20, 44) }).waterC).toBe(40)
  })
})

describe('what is heard of a gauge', () => {
  test('a file newer than the gauge outranks it, an older one does not', () => {
    const live = heard(20, 4, 'gauge', 2000)
    expect(fresher(heard(50, 4, 'file', 3000), live, 5000)).toMatchObject({ from: 'file' })
    expect(fresher(heard(50, 4, 'file', 1000), live, 5000)).toBe(live)
    expect(fresher(heard(50, 4, 'gauge', 3000), live, 5000)).toBe(live)
    expect(fresher(undefined, live, 5000)).toBe(live)
  })
  test('a file of a year still to come outranks nothing, and its past readings count', () => {
    const live = heard(20, 4, 'gauge', 2000)
    const year2099 = Date.UTC(2099, 0, 1)
    expect(fresher(heard(50, 4, 'file', year2099), live, 3_000_000)).toBe(live)
    const { record } = heard(50, 4, 'file', 2500)
    const both: Heard = {
      from: 'file',
      record: { ...record, readings: [...record.readings, { atMs: year2099, flowM3ps: 99 }] },
    }
    expect(flowToday(undefined, fresher(both, live, 3_000_000))?.m3ps).toBe(50)
    // The gauge itself is believed, whatever this device's clock says.
    expect(byNow(heard(20, 4, 'gauge', year2099), 5)).toEqual(heard(20, 4, 'gauge', year2099))
  })
  test('a file newer than the gauge stays before each reading that is older, until the gauge has caught up with it', () => {
    const file = heard(50, 4, 'file', 3000)
    let kept: Heard = file
    for (const atMs of [1000, 2000, 2999]) kept = fresher(kept, heard(20, 4, 'gauge', atMs), 9000)
    expect(kept).toBe(file)
    expect(flowToday(undefined, kept)).toMatchObject({ m3ps: 50, from: 'file', atMs: 3000 })
    expect(fresher(kept, heard(20, 4, 'gauge', 3001), 9000)).toMatchObject({ from: 'gauge' })
  })
  test('no figure of flow is no flow', () => {
    const silent: Heard = { record: { station: 'x', readings: [{ atMs: 1, levelM: 1 }] }, from: 'gauge' }
    expect(flowToday(undefined, silent)).toBeUndefined()
    expect(flowToday({ flowM3ps: 3 }, silent)).toEqual({ m3ps: 3, from: 'hand' })
  })
})

describe('plain words as a run', () => {
  const anyJob = fc.record({
    water: fc.constantFrom(...WATERS),
    waterDepthM: fc.double({ min: 0.05, max: 10, noNaN: true }),
    currentMps: fc.double({ min: 0, max: 4, noNaN: true }),
    castM: fc.double({ min: 3, max: 60, noNaN: true }),
  })
  test('is a sound run: it has the stated depth and surface current over the fish, and rises to the bank over its near third', () => {
    fc.assert(
      fc.property(anyJob, (words) => {
        const run = runOfWords({ ...FIRST_JOB, ...words })
        expect(runSchema.safeParse(run).success).toBe(true)
        for (const share of [0.34, 0.6, 0.99]) {
          expect(depthAt(run, run.widthM * share)).toBeCloseTo(words.waterDepthM, 6)
          expect(surfaceCurrentAt(run, run.widthM * share)).toBeCloseTo(words.currentMps, 6)
        }
        expect(depthAt(run, run.widthM / 6)).toBeCloseTo(words.waterDepthM / 2, 6)
        // The cast lands in the water, and nobody stands over the waist.
        expect(run.wadeM + words.castM).toBeLessThan(run.widthM)
        expect(depthAt(run, run.wadeM)).toBeLessThanOrEqual(Math.min(0.6, words.waterDepthM / 2) + 1e-9)
      }),
      { seed: 20261126, numRuns: 300 },
    )
  })
  test('every usual day is a sound job', () => {
    for (const { job } of USUAL_DAYS)
      expect(jobSchema.safeParse({ ...job, caster: FIRST_JOB.caster }).success).toBe(true)
  })
})

test.each([
  ['no pool', undefined, 'surf', 'surf'],
  ['a pool', {}, 'beck', 'beck'],
  ['a pool', {}, 'surf', 'river'],
  ['a beach', { shore: SHORE }, 'river', 'surf'],
  ['a beach', { shore: SHORE }, 'surf', 'surf'],
] as const)('over %s what was said as %s is fished as it is there', (_where, pool, said, fished) => {
  expect([kindThere(pool, said), isElsewhere(pool, said)]).toEqual([fished, fished !== said])
})
