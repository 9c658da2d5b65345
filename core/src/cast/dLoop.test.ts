import { expect, test } from '@jest/globals'
import { headFacts } from '../line/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { dLoopDepth, loopMass } from './index.ts'

test('a circle is the case where the loop is as deep as half its height', () => {
  const loop = dLoopDepth(4, 2 * Math.PI)
  expect(loop).toEqual({ outcome: 'found', depthM: expect.closeTo(2, 9) })
})

test('line no longer than the tip is high makes no loop', () => {
  expect(dLoopDepth(4, 4).outcome).toBe('no-loop')
  expect(dLoopDepth(4, Number.NaN).outcome).toBe('no-loop')
})

test('the upper leg of a level line bears half of it; an anchored front and a blunt taper leave it more than a fine one', () => {
  const level = { sections: [{ lengthM: 10, startKgPerM: 0.003, endKgPerM: 0.003 }] }
  expect(loopMass(level, 0, 10)).toEqual({
    upperShare: expect.closeTo(0.5, 9),
    liveShare: expect.closeTo(0.5, 9),
  })
  // Two metres on the water, two of running line in the loop: 8 m of line, of which the upper 3 hang in the upper leg.
  expect(loopMass(level, 2, 10)).toEqual({
    upperShare: expect.closeTo(3 / 8, 9),
    liveShare: expect.closeTo(0.3, 9),
  })
  const taper = (feet: number) =>
    headFacts({
      kind: 'head',
      id: 'h',
      name: 'h',
      style: 'double-taper',
      massKg: 0.03,
      lengthM: 12,
      frontTaperM: feet * M_PER_FOOT,
    }).line
  const live = [7, 15, 30].map((feet) => loopMass(taper(feet), 1, 11).upperShare)
  expect(live[0]).toBeLessThan(live[1] ?? 0)
  expect(live[1]).toBeLessThan(live[2] ?? 0)
  // The short one still has near half of its mass there.
  expect(live[0]).toBeGreaterThan(0.4)
})
