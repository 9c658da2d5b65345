import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Spool } from '../gear/index.ts'
import { troutLineVolumeM3 } from './fill.ts'
import {
  afterRun,
  arborFromBox,
  balancePointM,
  calibratePacking,
  fillBand,
  fillDiameterM,
  fillSpool,
  HEXAGONAL_PACKING,
  nearestReel,
  numberByVolume,
  PACKING,
  reelForBalance,
  ringsOn,
  spoolVolumeM3,
  USUAL_BACKING_M,
  woundVolumeM3,
} from './index.ts'
import { diameterAtM, retrievePerTurnM, SQUARE_PACKING } from './spool.ts'

const SPOOL: Spool = { rimDiameterM: 0.1, arborDiameterM: 0.05, widthM: 0.03, clearanceM: 0.004 }
const seeded = { seed: 20261125, numRuns: 200 }

describe('filling a spool', () => {
  test('volume is π/4 (D² − d²) W below the clearance [physics]', () => {
    expect(spoolVolumeM3(SPOOL)).toBeCloseTo((Math.PI / 4) * (0.092 ** 2 - 0.05 ** 2) * 0.03, 15)
    expect(diameterAtM(SPOOL, spoolVolumeM3(SPOOL))).toBeCloseTo(fillDiameterM(SPOOL), 12)
    expect(diameterAtM(SPOOL, 0)).toBe(0.05)
  })
  test('hands wind between the two exact limits: square 0.785 and hexagonal 0.907 bound what round lines allow [physics]', () => {
    expect(SQUARE_PACKING).toBeCloseTo(0.785, 3)
    expect(HEXAGONAL_PACKING).toBeCloseTo(0.907, 3)
    expect(PACKING.loose).toBe(0.7)
    expect(PACKING.tight).toBe(0.8)
    expect(PACKING.tight).toBeLessThan(HEXAGONAL_PACKING)
  })
  test('the backing that still fits, put on, fills it exactly', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 0.9, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (packing, lengthM) => {
          const line = { lengthM, diameterM: 0.0009 }
          const { backingM = 0 } = fillSpool(SPOOL, packing, [line], 0.0005)
          const full = fillSpool(SPOOL, packing, [{ lengthM: backingM, diameterM: 0.0005 }, line])
          expect(full.fillFraction).toBeCloseTo(1, 9)
        },
      ),
      seeded,
    )
  })
  test('overfull is said, and no backing is left to take', () => {
    expect(fillSpool(SPOOL, 0.75, [{ volumeM3: 1 }], 0.0005)).toMatchObject({ fits: false, backingM: 0 })
  })
  test('wound loosely it is fuller than wound tightly, by the packings', () => {
    const { tight, loose } = fillBand(SPOOL, [{ volumeM3: spoolVolumeM3(SPOOL) * 0.75 }])
    expect([tight, loose]).toEqual([expect.closeTo(0.75 / 0.8, 12), expect.closeTo(0.75 / 0.7, 12)])
  })
  test('one known fill calibrates the packing; more than round lines allow is refused', () => {
    const line = { volumeM3: spoolVolumeM3(SPOOL) * 0.72 }
    expect(calibratePacking(SPOOL, [line])).toEqual({
      outcome: 'calibrated',
      packing: expect.closeTo(0.72, 12),
    })
    expect(calibratePacking(SPOOL, [{ volumeM3: spoolVolumeM3(SPOOL) }]).outcome).toBe('beyond-packing')
  })
  test('what the box says gives the arbor back', () => {
    const arborDiameterM = arborFromBox({ rimDiameterM: 0.1, widthM: 0.03 }, 8, {
      lengthM: 120,
      diameterM: 0.00055,
    })
    expect(arborDiameterM).toBeGreaterThan(0.02)
    expect(
      arborFromBox({ rimDiameterM: 0.06, widthM: 0.015 }, 12, { lengthM: 300, diameterM: 0.0007 }),
    ).toBeUndefined()
  })
  test('a spool of that arbor holds just what the box says, and its number by volume is the box’s', () => {
    for (const number of [6, 8, 10]) {
      const size = { rimDiameterM: 0.1, widthM: 0.03 }
      const backing = { lengthM: 16 * number, diameterM: USUAL_BACKING_M }
      const arborDiameterM = arborFromBox(size, number, backing)
      if (arborDiameterM === undefined) throw new Error('no arbor')
      const capacityM3 = spoolVolumeM3({ ...size, arborDiameterM })
      const heldM3 =
        troutLineVolumeM3(number) / PACKING.usual + woundVolumeM3(backing.lengthM, backing.diameterM)
      expect(capacityM3).toBeCloseTo(heldM3, 12)
      expect(numberByVolume(capacityM3 * 1.0001)).toBe(number)
    }
  })
  test('a run takes line from the outside in, and each turn then brings less', () => {
    const lines = [
      { lengthM: 120, diameterM: 0.0005 },
      { lengthM: 30, diameterM: 0.0009 },
    ]
    const runs = [0, 20, 60, 150, 400].map((m) => afterRun(SPOOL, 0.75, lines, m))
    expect(runs.map((r) => r.retrieveM)).toEqual([...runs.map((r) => r.retrieveM)].sort((a, b) => b - a))
    expect(runs.at(-1)).toMatchObject({ leftShare: 0, diameterM: 0.05 })
    expect(runs[0]?.retrieveM).toBeCloseTo(
      retrievePerTurnM(SPOOL, (Math.PI / 4 / 0.75) * (120 * 0.0005 ** 2 + 30 * 0.0009 ** 2)),
      12,
    )
  })
})

describe('rings on a spool', () => {
  const lines = [
    { name: 'backing', lengthM: 120, diameterM: 0.0005 },
    { name: 'running', lengthM: 30, diameterM: 0.0009 },
    { name: 'head', lengthM: 7, diameterM: 0.0025 },
  ]
  test('lie on one another from the arbor outward, and all of them are as thick as what is wound', () => {
    const rings = ringsOn(SPOOL, 0.75, lines)
    expect(rings[0]?.innerDiameterM).toBe(SPOOL.arborDiameterM)
    expect(rings[1]?.innerDiameterM).toBe(rings[0]?.outerDiameterM)
    const wound = lines.reduce((sum, l) => sum + woundVolumeM3(l.lengthM, l.diameterM, 0.75), 0)
    expect(rings.at(-1)?.outerDiameterM).toBeCloseTo(diameterAtM(SPOOL, wound), 12)
  })
  test.each([
    [0, [120, 30, 7]],
    [5, [120, 30, 2]],
    [20, [120, 17, 0]],
    [100, [57, 0, 0]],
    [400, [0, 0, 0]],
  ])('after a run of %p m so much of each is left', (runM, left) => {
    expect(ringsOn(SPOOL, 0.75, lines, runM).map((r) => r.leftM)).toEqual(
      left.map((m) => expect.closeTo(m, 9)),
    )
  })
})

describe('reel numbers', () => {
  test('number by volume grows with the spool', () => {
    const at = (rimDiameterM: number): number => numberByVolume(spoolVolumeM3({ ...SPOOL, rimDiameterM }))
    expect([at(0.075), at(0.09), at(0.1)]).toEqual([...[at(0.075), at(0.09), at(0.1)]].sort((a, b) => a - b))
    expect(at(0.055)).toBe(0)
  })
})

describe('balance', () => {
  test('moments about the hand, worked by hand [physics]', () => {
    // 0.2 kg at 1.6 m about a hand at 0.6 m: 0.2 kg·m; lever of the reel 0.5 m: 0.4 kg.
    expect(reelForBalance({ massKg: 0.2, balanceM: 1.6, reelSeatM: 0.1 }, 0.6)).toEqual({
      outcome: 'balanced',
      reelKg: expect.closeTo(0.4, 12),
    })
    // 5 g of line 1.4 m ahead adds 0.007 kg·m, so 14 g of reel.
    expect(
      reelForBalance({ massKg: 0.2, balanceM: 1.6, reelSeatM: 0.1 }, 0.6, [{ massKg: 0.005, atM: 2 }]),
    ).toEqual({ outcome: 'balanced', reelKg: expect.closeTo(0.414, 12) })
  })
  test('with that reel on, the rod balances at the hand', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.08, max: 0.4, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        (massKg, balanceM) => {
          const rod_ = { massKg, balanceM, reelSeatM: 0.12 }
          const result = reelForBalance(rod_, 0.6)
          if (result.outcome !== 'balanced') throw new Error(result.outcome)
          expect(balancePointM(rod_, result.reelKg)).toBeCloseTo(0.6, 9)
        },
      ),
      seeded,
    )
  })
  test('of several reels the nearest in mass; what was not weighed is none of them', () => {
    const reels: readonly { readonly id: string; readonly massKg?: number }[] = [
      { id: 'a', massKg: 0.2 },
      { id: 'b' },
      { id: 'c', massKg: 0.33 },
      { id: 'd', massKg: 0.5 },
    ]
    expect([0.1, 0.26, 0.27, 0.41, 0.42].map((kg) => nearestReel(reels, kg)?.id)).toEqual([
      'a',
      'a',
      'c',
      'c',
      'd',
    ])
    expect(nearestReel(reels.slice(1, 2), 0.3)).toBeUndefined()
  })
  test('questions without an answer', () => {
    expect(reelForBalance({ massKg: 0.2, balanceM: 1.6, reelSeatM: 0.6 }, 0.6).outcome).toBe('no-lever')
    expect(reelForBalance({ massKg: 0.2, balanceM: 0.3, reelSeatM: 0.1 }, 0.6).outcome).toBe('butt-heavy')
  })
})
