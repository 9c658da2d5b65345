import { describe, expect, test } from '@jest/globals'
import { M_PER_FOOT, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'
import { alphaFor, type BendTest, bentRod, compareBends } from './index.ts'

describe('a uniform cantilever', () => {
  test('lightly loaded it is the small-deflection beam: P·L³/3EI [standard: Euler–Bernoulli]', () => {
    expect(bentRod(0.01).dropShare).toBeCloseTo(0.01 / 3, 6)
    expect(bentRod(0)).toMatchObject({ dropShare: expect.closeTo(0, 9), reachShare: expect.closeTo(1, 9) })
  })
  test('a tapered one drops further, as the integral of (1−s)²/t(s)³ says for small loads', () => {
    const tip = 0.4
    let sum = 0
    for (let i = 0; i < 20_000; i++) {
      const s = (i + 0.5) / 20_000
      sum += (1 - s) ** 2 / (1 + (tip - 1) * s) ** 3 / 20_000
    }
    expect(bentRod(0.001, tip).dropShare).toBeCloseTo(0.001 * sum, 7)
  })
  test('its length stays its length, and drop and reach follow from its shape', () => {
    for (const tip of [1, 0.35]) {
      const { shape, dropShare, reachShare } = bentRod(3, tip)
      const length = shape.slice(1).reduce((l, [x, y], i) => {
        const [x0, y0] = shape[i] ?? [0, 0]
        return l + Math.hypot(x - x0, y - y0)
      }, 0)
      expect(length).toBeCloseTo(1, 3)
      expect(shape.at(-1)).toEqual([expect.closeTo(reachShare, 9), expect.closeTo(dropShare, 9)])
    }
  })
  test.each([0.05, 0.3017, 0.6])('the load for a drop of %p is found again', (share) => {
    for (const tip of [1, 0.3]) expect(bentRod(alphaFor(share, tip), tip).dropShare).toBeCloseTo(share, 6)
  })
})

/** A rod of a stiffness at its clamp [N·m²] and a taper, with these weights on it. */
function rodOf(feet: number, stiffness: number, grams: readonly number[], tip = 0.35): BendTest {
  const freeLengthM = feet * M_PER_FOOT
  return {
    freeLengthM,
    loads: grams.map((g) => ({
      massKg: g / 1000,
      dropM:
        bentRod((g / 1000) * STANDARD_GRAVITY_MPS2 * (freeLengthM ** 2 / stiffness), tip).dropShare *
        freeLengthM,
    })),
  }
}
const WINDOW = { lowKg: 0.0305, centreKg: 0.0327, highKg: 0.035 }
const GRAMS = [60, 90, 120]
const ratioOf = (known: BendTest, unknown: BendTest): number => {
  const result = compareBends({ ...known, window: WINDOW }, unknown)
  if (result.outcome !== 'compared') throw new Error(result.outcome)
  return result.ratio
}

describe('bend by comparison', () => {
  const seven = rodOf(12, 40, GRAMS)
  test('a rod against itself is 1, against one twice as stiff 2, and the window goes along', () => {
    expect(compareBends({ ...seven, window: WINDOW }, seven)).toMatchObject({
      ratio: expect.closeTo(1, 9),
      window: { lowKg: expect.closeTo(WINDOW.lowKg, 9), highKg: expect.closeTo(WINDOW.highKg, 9) },
    })
    const stiff = compareBends({ ...seven, window: WINDOW }, rodOf(12, 80, [120, 180, 240]))
    expect(stiff).toMatchObject({ outcome: 'compared', ratio: expect.closeTo(2, 4) })
    if (stiff.outcome === 'compared') expect(stiff.window.centreKg).toBeCloseTo(2 * WINDOW.centreKg, 5)
  })
  test('of one stiffness, 13 ft carries (11/13)² = 0.716 of what 11 ft carries', () => {
    expect(ratioOf(rodOf(11, 40, GRAMS), rodOf(13, 40, GRAMS))).toBeCloseTo((11 / 13) ** 2, 3)
  })
  test.each([0.5, 0.25])('a taper of %p is found from the weights, not taken for granted', (tip) => {
    const known = rodOf(12, 60, [60, 110, 170], tip)
    expect(ratioOf(known, rodOf(12, 90, [90, 165, 255], tip))).toBeCloseTo(1.5, 1)
  })
  test('other lengths widen the band by 8 % a foot; more weights narrow it', () => {
    const widthOf = (known: BendTest, unknown: BendTest): number => {
      const r = compareBends({ ...known, window: WINDOW }, unknown)
      return r.outcome === 'compared' ? Math.log(r.ratioHigh / r.ratioLow) / 2 : Number.NaN
    }
    const same = widthOf(seven, seven)
    expect(widthOf(seven, rodOf(13, 40, GRAMS)) - same).toBeCloseTo(0.08, 2)
    expect(widthOf(rodOf(12, 40, [90]), rodOf(12, 40, [90]))).toBeGreaterThan(same)
  })
  test('weights that only stir the tip, or double the rod up, say nothing, and whose they are is said', () => {
    const slack = rodOf(12, 40, [3])
    expect(compareBends({ ...slack, window: WINDOW }, seven)).toEqual({
      outcome: 'too-light',
      which: 'known',
    })
    const doubled = { freeLengthM: 3.6, loads: [{ massKg: 1, dropM: 3.3 }] }
    expect(compareBends({ ...seven, window: WINDOW }, doubled)).toEqual({
      outcome: 'too-heavy',
      which: 'unknown',
    })
  })
})
