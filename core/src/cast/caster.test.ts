import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { massOfFirst } from '../line/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import {
  ACROSS_MPS,
  backCastIn,
  CASTS,
  type CastSetting,
  chooseCasts,
  compactLaunch,
  dLoopOf,
  frontTapers,
  heldState,
  holdable,
  loopMass,
  pullsFor,
  upperArcAt,
  windOn,
  windOnto,
} from './index.ts'

const feet = (n: number): number => n * M_PER_FOOT
const CALM: CastSetting = {
  hand: 'right',
  bank: 'right',
  wind: { fromDeg: 0, mps: 0 },
  roomM: 30,
  rig: { rodLengthM: feet(13), style: 'skagit', headLengthM: feet(22), tipLengthM: 3 },
}
const OVERHEAD: CastSetting = {
  ...CALM,
  bank: null,
  rig: { rodLengthM: feet(11), style: 'overhead', headLengthM: feet(31), leaderLengthM: feet(9) },
}
const pick = (setting: CastSetting, cast: string, side = 'right') =>
  chooseCasts(setting).find((each) => each.cast === cast && each.side === side)
const back = (more: Partial<CastSetting>) => pick({ ...OVERHEAD, ...more }, 'overhead-two-handed')

describe('gusts and a turning wind', () => {
  test('steady, it is the wind across; in gusts harder, and turned towards the side it may reach', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.integer({ min: -60, max: 60 }),
        (fromDeg, mps, targetDeg) => {
          const { acrossMps } = windOn({ fromDeg, mps }, targetDeg)
          expect(windOnto({ fromDeg, mps }, 'right', targetDeg)).toBeCloseTo(acrossMps, 9)
          expect(windOnto({ fromDeg, mps }, 'left', targetDeg)).toBeCloseTo(-acrossMps, 9)
          for (const side of ['left', 'right'] as const)
            expect(
              windOnto({ fromDeg, mps, gustMps: mps * 1.5, veerDeg: 20 }, side, targetDeg),
            ).toBeGreaterThanOrEqual(windOnto({ fromDeg, mps }, side, targetDeg) - 1e-9)
        },
      ),
      { seed: 11, numRuns: 300 },
    )
  })
  test('1.2 m/s across is care; in gusts of 2 m/s it is no; from ahead and turning by 30° it is care on both', () => {
    const right = { fromDeg: 90, mps: 1.2 }
    expect(pick({ ...CALM, wind: right }, 'double-spey')?.fit).toBe('care')
    expect(pick({ ...CALM, wind: { ...right, gustMps: 2 } }, 'double-spey')?.reasons[0]).toBe('windward')
    const choices = chooseCasts({ ...CALM, wind: { fromDeg: 0, mps: 4, veerDeg: 30 } })
    expect(4 * Math.sin(Math.PI / 6)).toBeGreaterThan(ACROSS_MPS.no)
    expect(choices.some(({ fit }) => fit === 'good')).toBe(false)
    expect(choices.find(({ cast, side }) => cast === 'perry-poke' && side === 'left')).toMatchObject({
      fit: 'care',
      reasons: ['wind-turns', 'off-hand'],
    })
  })
})

describe('a sore shoulder, a habit, one hand (common practice, no source)', () => {
  test('two-handed, lower-hand casts lead; the overhead among them only where there is room', () => {
    const sore = { ...CALM, shoulder: 'sore' } as const
    for (const setting of [sore, { ...sore, roomM: 3.5 }, { ...sore, bank: null }]) {
      const good = chooseCasts(setting).filter(({ fit }) => fit === 'good')
      const leads = good.map(({ reasons }) => reasons.includes('shoulder-spared'))
      expect(leads[0]).toBe(true)
      expect(leads).toEqual([...leads].sort((a, b) => Number(b) - Number(a)))
    }
    const two = (roomM: number) => pick({ ...sore, roomM }, 'overhead-two-handed')
    expect(two(30)?.reasons).toContain('shoulder-spared')
    expect(two(9)?.reasons).not.toContain('shoulder-spared')
    expect(pick(sore, 'overhead-one-handed')?.reasons).toContain('shoulder-one-hand')
    expect(pick(sore, 'snap-t', 'left')).toMatchObject({ fit: 'care' })
    expect(pick(CALM, 'snap-t', 'left')).toMatchObject({ fit: 'good' })
  })
  test('a hand that leads by habit is told where the other pulls', () => {
    const habit = { ...CALM, habit: 'top-hand' } as const
    expect(pick(habit, 'single-spey', 'left')?.reasons).toContain('top-hand-habit')
    expect(pick(habit, 'double-spey')?.reasons).not.toContain('top-hand-habit')
    expect(pick({ ...CALM, habit: 'lower-hand' }, 'single-spey', 'left')?.reasons).not.toContain(
      'top-hand-habit',
    )
  })
  test('a first season: lying anchors, with a Skagit; another head is told so', () => {
    const first = { ...CALM, skill: 'beginner' } as const
    expect(pick(first, 'double-spey')?.reasons).toEqual(['strong-hand'])
    expect(pick(first, 'snake-roll')?.reasons).toContain('skill')
    const scandi = { ...first, rig: { ...CALM.rig, style: 'scandi' } } as const
    expect(pick(scandi, 'double-spey')?.reasons).toContain('skagit-first')
  })
  test('one hand with a short Skagit: both shoulders, the off side across the body, little room', () => {
    const short = {
      ...CALM,
      bank: null,
      roomM: 2.5,
      rig: { rodLengthM: feet(9.5), style: 'skagit', headLengthM: feet(16) },
    } as const
    const good = chooseCasts(short).filter(({ fit }) => fit === 'good')
    expect(new Set(good.map(({ side }) => side))).toEqual(new Set(['left', 'right']))
    expect(pick(short, 'double-spey', 'left')?.reasons).toEqual(['across-the-body'])
    expect(pick(short, 'overhead-two-handed')?.reasons).toContain('one-grip')
    expect(pick({ ...short, roomM: 30 }, 'overhead-one-handed')?.fit).toBe('good')
    expect(pick({ ...short, shoulder: 'sore' }, 'double-spey')?.reasons).toContain('shoulder-one-hand')
  })
  test('C4 [practice]: a trout line in the air is easy to 50 ft, for a beginner to less', () => {
    const carried = (lineFeet: number, skill?: 'beginner') => ({
      ...CALM,
      skill,
      rig: {
        rodLengthM: feet(9),
        style: 'double-taper',
        headLengthM: feet(23),
        overheadLengthM: feet(lineFeet),
      } as const,
    })
    expect(pick(carried(49), 'overhead-one-handed')?.fit).toBe('good')
    expect(pick(carried(51), 'overhead-one-handed')?.reasons[0]).toBe('long-carry')
    expect(pick(carried(45, 'beginner'), 'overhead-one-handed')?.reasons).toContain('long-carry')
  })
})

describe('what a back cast must clear [estimate]', () => {
  test('over brush and cliff where their height is known; into them where it is not enough; nothing where it does not reach', () => {
    expect(back({ obstruction: 'cliff' })?.reasons[0]).toBe('cliff-behind')
    expect(back({ obstruction: 'cliff', behindHighM: 30 })?.fit).toBe('good')
    expect(back({ obstruction: 'cliff', roomM: 8, behindHighM: 30 })?.reasons[0]).toBe('meets-behind')
    expect(back({ obstruction: 'brush', roomM: 8, behindHighM: 0.8 })).toMatchObject({ fit: 'care' })
    expect(back({ obstruction: 'brush', roomM: 8 })?.reasons[0]).toBe('back-cast-room')
  })
  test('deeper water lowers it, and waves come nearer: care, then no; a D loop does not ask', () => {
    const { tipM, lowM, lineM } = backCastIn(OVERHEAD)
    expect(lowM).toBeLessThan(tipM)
    expect(lineM).toBeCloseTo(feet(40), 6)
    expect(backCastIn({ ...OVERHEAD, wadingM: 1 }).lowM).toBeCloseTo(lowM - 1, 6)
    expect(back({ swellM: 0.5 })?.fit).toBe('good')
    expect(back({ swellM: 1.2, wadingM: 1.2 })?.reasons[0]).toBe('swell-close')
    expect(back({ swellM: 1.6, wadingM: 1.2 })?.reasons[0]).toBe('swell-meets')
    for (const { cast, reasons } of chooseCasts({ ...OVERHEAD, swellM: 3, wadingM: 1.2 }))
      if (CASTS[cast].anchor !== 'none') expect(reasons).not.toContain('swell-meets')
  })
})

describe('the D loop’s stroke [physics, estimate]', () => {
  test('the upper leg grows from a half to all of the loop, and its mass with it', () => {
    expect(upperArcAt(3, 0)).toBe(0.5)
    expect(upperArcAt(3, 3)).toBeCloseTo(0.75, 12)
    expect(upperArcAt(3, 9)).toBe(1)
    const line = { sections: [{ lengthM: 10, startKgPerM: 0.001, endKgPerM: 0.004 }] }
    const shares = [0.5, 0.6, 0.8, 1].map((arc) => loopMass(line, 1, 8, arc).upperShare)
    expect([...shares].sort()).toEqual(shares)
    expect(shares.at(-1)).toBe(1)
  })
  test('a compact stroke has less of the launch: never more, and less the more lies anchored', () => {
    const of = (headFeet: number) =>
      compactLaunch({ rodM: feet(13), style: 'skagit', carriedM: feet(headFeet) })
    for (const head of [12, 18, 24, 28]) {
      expect(of(head)).toBeLessThan(1)
      expect(of(head)).toBeGreaterThan(0.75)
    }
    expect(dLoopOf({ rodM: feet(13), style: 'skagit', carriedM: feet(24) }, 'compact').anchoredM).toBeCloseTo(
      feet(8),
      6,
    )
  })
  test('C34 [practice]: a short single-hand Skagit needs only a few feet behind the tip, compact still less', () => {
    const looped = { rodM: feet(9.5), style: 'skagit', carriedM: feet(16) } as const
    expect(dLoopOf(looped, 'full').depthM).toBeLessThan(feet(5))
    expect(dLoopOf(looped, 'compact').depthM).toBeLessThan(feet(3.5))
  })
  test('a long front taper puts more of the same mass where it works', () => {
    const rows = frontTapers(5)
    expect(rows.map(({ taperM }) => Math.round(taperM / M_PER_FOOT))).toEqual([7, 15, 30])
    const [short, middle, long] = rows
    for (const row of rows) expect(row.carriedKg).toBeCloseTo(short?.carriedKg ?? 0, 9)
    expect(short?.liveShare).toBeLessThan(middle?.liveShare ?? 0)
    expect(middle?.liveShare).toBeLessThan(long?.liveShare ?? 0)
    expect(massOfFirst({ sections: [{ lengthM: 1, startKgPerM: 1, endKgPerM: 1 }] }, 0.5)).toBeCloseTo(
      0.5,
      12,
    )
    expect(frontTapers(99)).toEqual([])
  })
})

describe('held in the hand (C26; common practice, no source)', () => {
  test('at the ankle: coated 45 ft with ease, 55 at most; mono 60 and 70', () => {
    for (const [build, easy, most] of [
      ['coated', 45, 55],
      ['mono', 60, 70],
    ] as const) {
      expect(heldState(build, feet(easy), {})).toBe('easy')
      expect(heldState(build, feet(easy + 1), {})).toBe('much')
      expect(heldState(build, feet(most + 1), {})).toBe('too-much')
      expect(heldState(build, feet(most + 40), { basket: true })).toBe('easy')
    }
  })
  test('deeper is less, cold or sore hands are less, most of all on mono', () => {
    const most = (build: 'coated' | 'mono', more = {}) => holdable(build, more)?.mostM ?? Number.NaN
    expect(most('coated', { wadingM: 1 })).toBeLessThan(most('coated'))
    expect(most('coated', { hands: 'cold' }) / most('coated')).toBeGreaterThan(
      most('mono', { hands: 'cold' }) / most('mono'),
    )
    expect(most('mono', { hands: 'sore' })).toBeLessThan(most('coated', { hands: 'sore' }))
  })
  test('pulls of three feet until the mark', () => {
    expect([0, 3, 4, 27].map((n) => pullsFor(feet(n)))).toEqual([0, 1, 2, 9])
  })
})
