import { expect, test } from '@jest/globals'
import { M_PER_INCH } from '../quantity/index.ts'
import { timedSink } from './index.ts'

test('three falls of 21 inches in three seconds are 7 in/s, as a “sink 7” says [practice: sink n is n in/s]', () => {
  const found = timedSink(21 * M_PER_INCH, [3, 3, 3])
  expect(found).toEqual({ outcome: 'timed', rateMps: expect.closeTo(7 * M_PER_INCH, 9), errorMps: 0 })
})
test('tries that differ tell how sure it is; one try does not', () => {
  const found = timedSink(0.5, [2.9, 3.1])
  if (found.outcome !== 'timed') throw new Error(found.outcome)
  // Half the difference of two rates is the standard error of their mean.
  expect(found.errorMps).toBeCloseTo((0.5 / 2.9 - 0.5 / 3.1) / 2, 9)
  expect(timedSink(0.5, [3])).not.toHaveProperty('errorMps')
})
test.each([
  [[], 'too-short'],
  [[0.2], 'too-short'],
  [[Number.NaN], 'too-short'],
  [[300], 'not-a-rate'],
  [[0.5], 'not-a-rate'],
])('%p is %p', (times, outcome) => expect(timedSink(0.5, times).outcome).toBe(outcome))
