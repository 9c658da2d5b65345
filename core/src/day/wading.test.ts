import { describe, expect, test } from '@jest/globals'
import { M_PER_FOOT } from '../quantity/index.ts'
import { flatRun } from '../testing/index.ts'
import { MEAN_OF_SURFACE, type Run } from '../water/index.ts'
import { type Day, wadingOf } from './index.ts'

const standing = (depthM: number, meanMps: number): Run =>
  flatRun(depthM, meanMps / MEAN_OF_SURFACE, { bottom: 'cobble', wadeM: 6 })
const ft = (n: number): number => n * M_PER_FOOT

describe('C43: wading where one stands [standard, a field rule of hydrographers, from memory; practice]', () => {
  test.each([
    ['3 ft at 3.4 ft/s is 10', 3, 3.4, 'river', 'not-to-be-waded'],
    ['3 ft at 3.2 ft/s is not quite', 3, 3.2, 'river', 'care'],
    ['2 ft at 3.1 ft/s is 6', 2, 3.1, 'river', 'care'],
    ['2 ft at 2.8 ft/s', 2, 2.8, 'river', 'fine'],
    ['over the waist, however slow', 3.7, 0.2, 'river', 'not-to-be-waded'],
    ['over 0.9 m, however slow', 3, 0.2, 'river', 'care'],
    ['2 ft of surf', 2, 0.5, 'surf', 'care'],
    ['knee-deep surf', 1.5, 0.5, 'surf', 'fine'],
  ] as const)('%s', (_name, feet, fps, water, state) => {
    const day: Pick<Day, 'run' | 'water' | 'wadingM'> = {
      run: standing(ft(feet), ft(fps)),
      water,
      wadingM: ft(feet),
    }
    expect(wadingOf(day).state).toBe(state)
  })
})
