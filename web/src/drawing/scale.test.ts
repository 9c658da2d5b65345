import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { hatchGapPx, outlinePath, scaleBarM, startsOf, stripScale, targetPlaces } from './scale.ts'

const piece = (lengthM: number, diameterM: number) => ({
  slot: 'headId' as const,
  name: 'x',
  lengthM,
  outline: [
    [0, diameterM],
    [lengthM, diameterM],
  ] as const,
  sinkingShare: 0,
  sinkRateMps: 0,
})

describe('drawing to scale', () => {
  const scale = stripScale([piece(7, 0.003), piece(3, 0.001)], 1000, 100, 50, 50)
  test('lengths share one scale and fill the width', () => {
    expect(scale.pxPerM).toBeCloseTo(90, 9)
    expect(startsOf([piece(7, 0.003), piece(3, 0.001)], scale)).toEqual([50, expect.closeTo(680, 9)])
    expect(scale.exaggeration).toBeGreaterThan(1)
  })
  test('an outline is closed and as long as its piece', () => {
    const path = outlinePath(piece(7, 0.003), 50, 50, scale)
    expect(path).toMatch(/^M50\.0 .*Z$/)
    expect(path).toContain('680.0')
  })
  test('the scale bar is a round figure in either face', () => {
    expect(scaleBarM(scale, 'metric')).toBe(2)
    expect(scaleBarM(scale, 'trade') / 0.3048).toBeCloseTo(5, 9)
  })
  test('hatching gets closer as the sink rate rises', () => {
    expect(hatchGapPx(0.18)).toBeLessThan(hatchGapPx(0.05))
  })
})

test('touch targets are wide enough, in order, and inside, whatever the rig', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.5, max: 300, noNaN: true }), { minLength: 1, maxLength: 7 }),
      (lengths) => {
        const width = 380
        const total = lengths.reduce((a, b) => a + b, 0)
        let at = 0
        const spans = lengths.map((l) => {
          const start = (at / total) * width
          at += l
          return { start, end: (at / total) * width }
        })
        const boxes = targetPlaces(spans, 44, width)
        let edge = -1e-6
        for (const box of boxes) {
          expect(box.width).toBeGreaterThanOrEqual(44 - 1e-6)
          expect(box.left).toBeGreaterThanOrEqual(edge - 1e-6)
          edge = box.left + box.width
        }
        expect(edge).toBeLessThanOrEqual(width + 1e-6)
      },
    ),
    { seed: 20261125, numRuns: 300 },
  )
})
