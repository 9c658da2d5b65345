import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { depthAt, FISH_AT, placedSounding, type Run, runSchema, sectionOf, withSounding } from './index.ts'

const RUN: Run = {
  id: 'run',
  name: 'Run',
  bank: 'left',
  widthM: 20,
  soundings: [
    { fromBankM: 4, depthM: 0.6 },
    { fromBankM: 12, depthM: 1.8 },
  ],
  currents: [{ fromBankM: 5, mps: 0.5 }],
  bottom: 'sand',
  wadeM: 3,
}

describe('a section as data', () => {
  test.each(FISH_AT)(
    'lies on the bed from the bank to where it is drawn, fish at the %s in the water',
    (fishAt) => {
      for (const toM of [2, 4, 9.5, 20]) {
        const { bed, band, deepestM, stand } = sectionOf(RUN, toM, fishAt)
        expect(bed[0]).toEqual([0, -0])
        expect(bed.at(-1)).toEqual([toM, -depthAt(RUN, toM)])
        for (const [y, z] of bed) expect(-z).toBeCloseTo(depthAt(RUN, y), 9)
        expect(band).toHaveLength(2 * bed.length)
        for (const [y, z] of band) {
          expect(z).toBeLessThanOrEqual(0)
          expect(-z).toBeLessThanOrEqual(depthAt(RUN, y) + 1e-9)
        }
        expect(deepestM).toBe(1.8)
        expect(stand).toEqual([3, -depthAt(RUN, 3)])
      }
    },
  )
  test('a puddle is still a drawing', () => {
    expect(sectionOf({ ...RUN, soundings: [{ fromBankM: 5, depthM: 0.02 }] }, 20, 'bottom').deepestM).toBe(
      0.3,
    )
  })
})

describe('soundings', () => {
  const anywhere = fc.record({
    fromBankM: fc.double({ min: -50, max: 80, noNaN: true }),
    depthM: fc.double({ min: -5, max: 60, noNaN: true }),
  })
  test('wherever one is dragged or added, the run stays sound', () => {
    fc.assert(
      fc.property(anywhere, fc.integer({ min: 0, max: 1 }), (at, index) => {
        const moved = RUN.soundings.map((s, i) => (i === index ? placedSounding(RUN, index, at) : s))
        expect(runSchema.safeParse({ ...RUN, soundings: moved }).success).toBe(true)
        const more = withSounding(RUN, at)
        if (more === undefined) return
        expect(more).toHaveLength(3)
        expect(runSchema.safeParse({ ...RUN, soundings: more }).success).toBe(true)
      }),
      { seed: 20261126, numRuns: 300 },
    )
  })
  test('there is no room beside another, beyond the banks, or beyond what a run may have', () => {
    expect(withSounding(RUN, { fromBankM: 4.05, depthM: 1 })).toBeUndefined()
    expect(withSounding(RUN, { fromBankM: 20, depthM: 1 })).toBeUndefined()
    expect(withSounding(RUN, { fromBankM: 0, depthM: 1 })).toBeUndefined()
    const full = Array.from({ length: 60 }, (_, i) => ({ fromBankM: 0.2 + i * 0.3, depthM: 1 }))
    expect(withSounding({ ...RUN, soundings: full }, { fromBankM: 19, depthM: 1 })).toBeUndefined()
  })
})
