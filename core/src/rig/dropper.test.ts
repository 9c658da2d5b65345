import { describe, expect, test } from '@jest/globals'
import { type Day, dayOf, FIRST_JOB, type Job, USUAL_DAYS } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Dropper } from '../gear/index.ts'
import { singleChanges } from '../ladder/index.ts'
import { dayWith, partsOf as demoParts } from '../testing/index.ts'
import { ledger, quickRide, type RigChoice, type RigParts, swungIn } from './index.ts'
import { frontPieces } from './swings/strand.ts'

const partsOf = (change: Partial<RigChoice> = {}): RigParts =>
  demoParts({
    rodId: 'beck-three-10-ft-9',
    headId: '225-gr-trout-scandi',
    tipId: null,
    leaderId: 'tapered-13-ft',
    runningLineId: 'coated-20-lb',
    reelId: null,
    ...change,
  })
const HEAVY: Dropper = { fly: { dress: 'sparse', weighting: 'heavy' }, upM: 0.6 }
const on = (job: Partial<Job>): Day =>
  dayWith({ fly: { dress: 'sparse', weighting: 'unweighted' }, waterDepthM: 2, currentMps: 0.45, ...job })

describe('a second fly on a dropper', () => {
  test('hangs where it is tied, and changes neither length nor mass of the line', () => {
    const [plain, hung] = [frontPieces(partsOf()), frontPieces(partsOf(), { dropper: HEAVY })]
    const sum = (list: typeof plain, of: (p: (typeof plain)[number]) => number) =>
      list.reduce((s, p) => s + of(p), 0)
    expect(sum(hung, (p) => p.lengthM)).toBeCloseTo(
      sum(plain, (p) => p.lengthM),
      9,
    )
    expect(sum(hung, (p) => p.lengthM * p.kgPerM)).toBeCloseTo(
      sum(plain, (p) => p.lengthM * p.kgPerM),
      9,
    )
    const at = hung.findIndex((p) => p.hangs !== undefined)
    expect(sum(hung.slice(at + 1), (p) => p.lengthM)).toBeCloseTo(HEAVY.upM, 9)
    expect(hung.filter((p) => p.hangs !== undefined)).toHaveLength(1)
  })
  test('a heavy one draws the point fly deeper, in swing and first look', () => {
    const [bare, hung] = [on({}), on({ dropper: HEAVY })]
    expect(swungIn(partsOf(), hung).summary.ridesM).toBeGreaterThan(
      swungIn(partsOf(), bare).summary.ridesM * 1.2,
    )
    expect(quickRide(partsOf(), hung).depthM).toBeGreaterThan(quickRide(partsOf(), bare).depthM * 1.2)
  })
  test('counts in turnover: two bulky flies die where one still falls straighter', () => {
    const bulky = { dress: 'bulky', weighting: 'light' } as const
    const drop = (job: Partial<Job>) =>
      Number(ledger(partsOf(), on({ fly: bulky, ...job })).find((c) => c.code === 'fly-tip')?.data.dropM)
    expect(drop({ dropper: { fly: bulky, upM: 0.6 } })).toBeGreaterThan(drop({}))
  })
  test('the ladder tries the heavier fly on the other place', () => {
    const day = on({ dropper: HEAVY })
    const swap = singleChanges({ ...day, parts: partsOf() }, { fronts: [], leaders: [] }).find(
      ({ change }) => change.code === 'swap-flies',
    )
    expect(swap?.change).toMatchObject({ heavierOn: 'point' })
    expect(singleChanges({ ...on({}), parts: partsOf() }, { fronts: [], leaders: [] })).not.toContainEqual(
      expect.objectContaining({ change: expect.objectContaining({ code: 'swap-flies' }) }),
    )
  })
})

describe('C25 [practice]: under a float', () => {
  const float = USUAL_DAYS.find((d) => d.name === 'Under a float')?.job
  const depth = (change: object, waterDepthM: number) => {
    const day = dayOf({ job: { ...FIRST_JOB, ...float, waterDepthM }, schools: DEFAULT_SCHOOLS })
    const lines = ledger(partsOf(change), day)
    expect(lines.some((c) => c.code === 'leader-length')).toBe(false)
    return lines.find((c) => c.code === 'depth')
  }
  test.each([
    ['13 ft in 3 m: 3.6 are wanted', {}, 3, 'holds', 'float-set'],
    ['13 ft in 3.5 m', {}, 3.5, 'watch', 'float-short'],
    ['13 ft in 4.5 m', {}, 4.5, 'breaks', 'float-short'],
    ['a tip that sinks', { tipId: 't-8-5-ft' }, 1, 'breaks', 'float-drowned'],
    ['a tip that floats', { tipId: 'floating-tip-10-ft' }, 1, 'holds', 'float-set'],
  ] as const)('%s', (_name, change, waterDepthM, state, reason) => {
    expect(depth(change, waterDepthM)).toMatchObject({ state, reason })
  })
})
