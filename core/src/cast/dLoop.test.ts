import { expect, test } from '@jest/globals'
import { M_PER_FOOT } from '../quantity/index.ts'
import { dLoopDepth } from './index.ts'

test.each([
  [26, 9.46],
  [33, 13.49],
  [16, 2.7],
])('C33 [physics, exact ellipse perimeter]: arc %p ft under a 14 ft tip → %p ft', (arcFt, depthFt) => {
  const loop = dLoopDepth(14 * M_PER_FOOT, arcFt * M_PER_FOOT)
  if (loop.outcome !== 'found') throw new Error(loop.outcome)
  expect(loop.depthM / M_PER_FOOT).toBeCloseTo(depthFt, 2)
})

test('a circle is the case where the loop is as deep as half its height', () => {
  const loop = dLoopDepth(4, 2 * Math.PI)
  expect(loop).toEqual({ outcome: 'found', depthM: expect.closeTo(2, 9) })
})

test('line no longer than the tip is high makes no loop', () => {
  expect(dLoopDepth(4, 4).outcome).toBe('no-loop')
  expect(dLoopDepth(4, Number.NaN).outcome).toBe('no-loop')
})
