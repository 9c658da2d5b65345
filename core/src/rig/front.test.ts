import { describe, expect, test } from '@jest/globals'
import { type Job, USUAL_STAND } from '../day/index.ts'
import type { Leader, Tip } from '../gear/index.ts'
import { headFacts } from '../line/index.ts'
import { KG_PER_GRAIN, KG_PER_POUND, M_PER_FOOT, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'
import { tipFacts } from '../sink/index.ts'
import { swingVerdict } from '../swing/index.ts'
import { dayWith, flatRun, partsOf } from '../testing/index.ts'
import { type Check, type CheckCode, ledger, type RigParts, swungIn, usualCountdownS } from './index.ts'
import { frontPieces } from './swings/strand.ts'

const line = (parts: RigParts, code: CheckCode, job: Partial<Job> = {}): Check | undefined =>
  ledger(parts, dayWith({ castM: 24, ...job })).find((each) => each.code === code)
const skagit = (grains: number, more = {}): RigParts['head'] =>
  headFacts({
    kind: 'head',
    id: 'h',
    name: 'h',
    style: 'skagit',
    massKg: grains * KG_PER_GRAIN,
    lengthM: 20 * M_PER_FOOT,
    ...more,
  })
const tip = (build: Tip['build'], grains: number, more: Partial<Tip> = {}): RigParts['tip'] =>
  tipFacts({
    kind: 'tip',
    id: 't',
    name: 't',
    build,
    lengthM: 10 * M_PER_FOOT,
    massKg: grains * KG_PER_GRAIN,
    ...more,
  })

describe('floating tips against the head (C47) [estimate through practice points]', () => {
  test.each([
    ['floating', 205, 158, 'breaks'],
    ['floating', 205, 60, 'watch'],
    ['floating', 240, 30, 'holds'],
    ['floating', 540, 110, 'holds'],
    ['floating', 415, 110, 'watch'],
    ['part-sinking', 205, 110, 'breaks'],
  ] as const)('%s, on a %p gr Skagit one of %p gr: %s', (build, head, grains, state) => {
    const more = build === 'part-sinking' ? { sinkingLengthM: 1 } : {}
    const parts = { ...partsOf(), head: skagit(head), tip: tip(build, grains, more) }
    expect(line(parts, 'tip-share')?.state).toBe(state)
  })
  test('what sinks throughout goes by its material, and a sinking front carries no floating tip', () => {
    expect(line({ ...partsOf(), tip: tip('level', 110) }, 'tip-share')).toBeUndefined()
    const intermediate = { ...partsOf(), head: skagit(540, { density: 'intermediate' }) }
    const floating = { ...intermediate, tip: tip('floating', 60) }
    expect(line(floating, 'tip-share')).toMatchObject({ state: 'watch', reason: 'floats-on-sinking' })
    expect(
      line({ ...floating, tip: tip('part-sinking', 60, { sinkingLengthM: 1 }) }, 'tip-share')?.state,
    ).toBe('holds')
  })
})

describe('the simplest of those that do the same (C48), and cold water [practice]', () => {
  const scandi = partsOf({ headId: '450-gr-scandi', tipId: null, leaderId: 'tapered-13-ft' })
  test('a tip that a head can do without has to earn its place', () => {
    const slow = partsOf({ headId: '450-gr-scandi', tipId: 'sinking-leader-slow', leaderId: 'stepped-5-ft' })
    expect(line(scandi, 'simplest')?.from ?? 0).toBe(0)
    expect(line(slow, 'simplest')?.from).toBeGreaterThan(0)
    expect(line(partsOf(), 'simplest')?.from ?? 0).toBe(0)
  })
  test.each([
    ['a long floating front at 2 °C', 'floating-tip-10-ft', 'tapered-9-ft', 'watch', 'front-floats'],
    ['a little that sinks', 'part-sinking-2-ft-of-10', 'stepped-5-ft', 'holds', 'sinks-little'],
    ['five feet that sink', 't-8-5-ft', 'stepped-5-ft', 'holds', 'sinks'],
    ['the same on a long leader', 't-8-5-ft', 'tapered-9-ft', 'holds', 'sinks'],
  ] as const)('%s', (_what, tipId, leaderId, state, reason) => {
    const cold = { waterC: 2, fishAt: 'bottom', waterDepthM: 1.3 } as const
    const found = line(partsOf({ tipId, leaderId }), 'cold-front', cold)
    expect(found).toMatchObject({ state, reason })
    expect((found?.from ?? 0) > 0).toBe(reason !== 'sinks')
    const long = line(partsOf({ tipId, leaderId }), 'cold-leader', cold)
    expect([long?.reason, (long?.from ?? 0) > 0]).toEqual(
      leaderId === 'tapered-9-ft' ? ['long', true] : ['short', false],
    )
    for (const other of [
      { waterC: 12 },
      { fishAt: 'middle' },
      { waterDepthM: 0.6 },
      { water: 'surf' },
    ] as const)
      expect(line(partsOf({ tipId, leaderId }), 'cold-front', { ...cold, ...other })).toBeUndefined()
  })
  test('heavy flies and heavy droppers go on Skagits', () => {
    const heavy = { dress: 'sparse', weighting: 'heavy' } as const
    const light = { dress: 'sparse', weighting: 'light' } as const
    expect(line(scandi, 'fly-head', { fly: heavy })?.state).toBe('watch')
    expect(line(scandi, 'fly-head', { fly: { ...heavy, dress: 'bulky' } })?.state).toBe('breaks')
    expect(line(scandi, 'fly-head', { fly: light, dropper: { fly: heavy, upM: 1 } })?.state).toBe('watch')
    expect(line(partsOf(), 'fly-head', { fly: heavy })?.state).toBe('holds')
    expect(line(scandi, 'fly-head', { fly: light })).toBeUndefined()
  })
})

describe('strength to prefer (C37) [practice]', () => {
  const off = (pounds: number, job: Partial<Job>): number => {
    const leader = { ...partsOf().leader, breakingN: pounds * KG_PER_POUND * STANDARD_GRAVITY_MPS2 } as Leader
    return line({ ...partsOf(), leader }, 'leader-fish', { fishKg: 20 * KG_PER_POUND, ...job })?.from ?? -1
  }
  const tube = { fly: { dress: 'bulky', weighting: 'heavy' }, fishAt: 'middle' } as const
  const sparse = { fly: { dress: 'sparse', weighting: 'unweighted' }, fishAt: 'surface' } as const
  test('9 kg fish and a bulky heavy fly: 25 lb comes before 16, and so to two and a half times what is wanted', () => {
    expect(off(25, tube)).toBe(0)
    expect(off(48, tube)).toBe(0)
    expect(off(16, tube)).toBeGreaterThan(off(25, tube))
    expect(off(60, tube)).toBeGreaterThan(0)
    expect(off(25, { ...sparse, fishAt: 'bottom' })).toBe(0)
  })
  test('with a sparse fly near the surface the nearest to it', () => {
    expect(off(20, sparse)).toBeLessThan(off(25, sparse))
    expect(off(25, sparse)).toBeLessThan(off(40, sparse))
  })
})

describe('floating flies (C52) [practice]', () => {
  const rig = partsOf({ headId: '450-gr-scandi', tipId: null, leaderId: 'tapered-15-ft' })
  const waking = { dress: 'sparse', weighting: 'unweighted', floats: 'waking' } as const
  const swings = (mps: number, fly: Job['fly'], fishAt: Job['fishAt'] = 'surface') => {
    const day = { ...dayWith({ castM: 20, fly, fishAt }), run: flatRun(1.1, mps) }
    return { ...swingVerdict(swungIn(rig, day)), ...swungIn(rig, day).summary.onTop }
  }
  test('a hitched fly stays up, and goes over the water the faster the faster that is', () => {
    const [soft, walking, torrent] = [0.25, 0.7, 1.4].map((mps) => swings(mps, waking))
    expect(walking).toMatchObject({ state: 'holds', reason: 'wakes' })
    expect(soft).toMatchObject({ state: 'watch', reason: 'drowns' })
    expect(torrent).toMatchObject({ state: 'watch', reason: 'skates' })
    for (const each of [soft, walking, torrent]) expect(each?.upShare).toBeGreaterThan(0.95)
    // On a tight line it drifts for a moment at the most; its leader is greased.
    expect(walking?.dragFreeS).toBeLessThan(3)
    expect(frontPieces(rig, { fly: waking }).at(-1)?.floats).toBe(true)
    expect(frontPieces(rig, { fly: { dress: 'sparse', weighting: 'light' } }).at(-1)?.floats).toBeUndefined()
    expect(swings(0.7, waking, 'bottom').reason).toBe('too-high')
  })
  test('a dry fly is judged by the seconds it drifts; one that is sunk has none of it', () => {
    const dry = { ...waking, floats: 'dry' } as const
    expect(swings(0.5, dry)).toMatchObject({ state: 'holds', reason: 'drifts' })
    expect(swings(1.4, dry).dragFreeS).toBeLessThan(swings(0.5, dry).dragFreeS ?? 0)
    expect(swings(0.5, { dress: 'sparse', weighting: 'unweighted' })).not.toHaveProperty('upShare')
  })
  test('nothing in front of it sinks, and a Skagit lays no dry fly down', () => {
    const floats = (parts: RigParts, fly: Job['fly']) => line(parts, 'fly-floats', { fly })?.state
    expect(floats(rig, waking)).toBe('holds')
    expect(floats(partsOf(), waking)).toBe('breaks')
    expect(floats(partsOf({ tipId: 'floating-tip-10-ft' }), waking)).toBe('holds')
    expect(floats(partsOf({ tipId: 'floating-tip-10-ft' }), { ...waking, floats: 'dry' })).toBe('watch')
  })
})

describe('still water (C53) [practice]', () => {
  test('slower than a quarter of a metre a second it is counted down and stripped in', () => {
    const still = dayWith({ currentMps: 0.2, waterDepthM: 2.5 })
    expect(still.plan.rod).toBe('strip')
    expect(dayWith({ currentMps: 0.26 }).plan.rod).toBe('follow')
    const swung = (countdownS?: number) =>
      swungIn(partsOf(), {
        ...still,
        plan: { ...still.plan, ...(countdownS === undefined ? {} : { countdownS }) },
      })
    // Fish in the middle of the 2.1 m that are fished: T-11, about 7 in/s, is down to them in some 6 s.
    expect(swung().summary.maxDepthM).toBeGreaterThan(swung(0).summary.maxDepthM + 0.2)
    expect(swung().summary.holdingShare).toBeGreaterThan(swung(0).summary.holdingShare)
    expect(swung().summary.swingS - swung(0).summary.swingS).toBeCloseTo(1.07 / 0.176, 0)
    expect(swung(30).summary.swingS - swung(0).summary.swingS).toBeCloseTo(30, 0)
    // In a lake nothing moves while one counts, and yet it is not over; no longer than tip and leader hang is counted.
    const pond = { ...still, run: flatRun(2.5, 0), plan: { ...still.plan, countdownS: 60 } }
    expect(swungIn(partsOf(), pond).summary.swingS).toBeGreaterThan(60)
    const lake = { ...still, run: flatRun(9, 0) }
    const { tip, leader } = partsOf()
    const hangsM = (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
    expect(usualCountdownS(partsOf(), { ...lake, fishAt: 'bottom' })).toBeCloseTo(
      hangsM / (tip?.sinkRateMps.value ?? 1),
      6,
    )
  })
})

test('hopeless days: where nothing comes to the fish, the nearest to them comes first', () => {
  const deep = { waterDepthM: 3.5, currentMps: 1.2, fishAt: 'bottom', castM: 24 } as const
  const from = (tipId: string): number => {
    const parts = partsOf({ tipId })
    const day = dayWith(deep)
    const found = ledger(parts, day, swungIn(parts, day)).find(({ code }) => code === 'depth')
    expect(found?.state).toBe('breaks')
    return found?.from ?? 0
  }
  expect(from('t-14-10-ft')).toBeLessThan(from('t-8-10-ft'))
  expect(from('t-8-10-ft')).toBeLessThan(from('floating-tip-10-ft'))
})

test('a cast that wants care costs by each thing it wants, up to three; in a storm none is left', () => {
  const cast = (mps: number, fromDeg: number) => {
    const day = dayWith({ castM: 24 }, { stand: { ...USUAL_STAND, wind: { fromDeg, mps } } })
    return ledger(partsOf(), day).find(({ code }) => code === 'cast')
  }
  expect(cast(0, 0)?.from ?? 0).toBe(0)
  expect(cast(9, 0)).toMatchObject({ state: 'holds', reason: 'care', from: 1 })
  expect(cast(16, 0)).toMatchObject({ state: 'breaks', reason: 'none' })
})
