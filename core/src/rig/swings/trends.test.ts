import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { tipFacts } from '../../sink/index.ts'
import { dayWith, flatRun, partsOf } from '../../testing/index.ts'
import { some } from '../../testing/long.ts'
import { swungIn } from '../index.ts'

/** A hundredth of a metre is no trend. */
const SAME_M = 0.01

// What every caster knows of a swung sink tip, in deep even water where nothing touches [practice, C19, C41].
test('heavier or longer tips ride deeper, faster water and steeper casts shallower', () => {
  fc.assert(
    fc.property(
      fc.record({
        grains: fc.constantFrom(8, 11, 14),
        feet: fc.constantFrom(5, 7.5, 10),
        mps: fc.double({ min: 0.5, max: 1.1, noNaN: true }),
        angleDeg: fc.constantFrom(60, 75, 90),
        castM: fc.double({ min: 18, max: 26, noNaN: true }),
      }),
      ({ grains, feet, mps, angleDeg, castM }) => {
        const rides = (change: {
          grains?: number
          feet?: number
          mps?: number
          angleDeg?: number
        }): number => {
          const now = { grains, feet, mps, angleDeg, ...change }
          const perM = (now.grains * 64.79891e-6) / 0.3048
          const tip = tipFacts({
            kind: 'tip',
            id: 't',
            name: 't',
            build: 'level',
            lengthM: now.feet * 0.3048,
            kgPerM: perM,
          })
          const day = dayWith({ castM, fishAt: 'middle' })
          const run = flatRun(6, now.mps, { widthM: 80 })
          return swungIn(
            { ...partsOf(), tip },
            { ...day, run, plan: { ...day.plan, angleDeg: now.angleDeg } },
          ).summary.ridesM
        }
        const here = rides({})
        expect(rides({ grains: grains + 3 })).toBeGreaterThan(here - SAME_M)
        expect(rides({ feet: feet + 2.5 })).toBeGreaterThan(here)
        expect(rides({ mps: 1.25 * mps })).toBeLessThan(here)
        expect(rides({ angleDeg: angleDeg - 30 })).toBeLessThan(here + SAME_M)
      },
    ),
    { seed: 20261130, numRuns: some(120, 0.07) },
  )
}, 3_600_000)
