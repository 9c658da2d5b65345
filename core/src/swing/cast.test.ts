import { describe, expect, test } from '@jest/globals'
import { aimAt, landingOf, MEND_LIMITS, mendedM, mendOf } from './index.ts'

describe('a cast set by where it lands', () => {
  test.each([
    [20, 45, 5],
    [27.3, 90, 0],
    [9, 12, 3],
    [31, 140, 8],
  ])('%p m at %p° from %p m out comes back as it was', (castM, angleDeg, wadeM) => {
    const aim = aimAt(landingOf({ castM, angleDeg }, wadeM), wadeM)
    expect(aim.castM).toBeCloseTo(castM, 9)
    expect(aim.angleDeg).toBeCloseTo(angleDeg, 9)
  })
  test('straight across is across, 45° as far down as across', () => {
    const [xM, yM] = landingOf({ castM: 10, angleDeg: 45 }, 2)
    expect(xM).toBeCloseTo(yM - 2, 9)
    expect(landingOf({ castM: 10, angleDeg: 90 }, 2)[0]).toBeCloseTo(0, 9)
  })
  test.each([
    [[-20, 6], 150],
    [[20, 1], 10],
    [[-20, 1], 150],
  ] as const)('a hand at %p asks for no cast that nobody makes', (at, deg) =>
    expect(aimAt(at, 5).angleDeg).toBe(deg),
  )
})

test.each([
  [-2, 'upstream', 2],
  [1.5, 'downstream', 1.5],
  [40, 'downstream', 10],
] as const)('line laid over by %p m is a mend %s of %p m', (downM, kind, sizeM) => {
  expect(mendOf(downM)).toEqual({ kind, sizeM })
  expect(mendedM({ kind, sizeM, atS: 1 })).toBe(Math.sign(downM) * sizeM)
})
test('next to nothing is no mend, and line stacked lies where it lay', () => {
  expect(mendOf(0.1)).toBeUndefined()
  expect(mendedM({ kind: 'stack', sizeM: 3, atS: 0 })).toBe(0)
})

test('a mend is no larger than one can be made, and no smaller', () => {
  const { low, high } = MEND_LIMITS.sizeM
  expect(mendOf(-high - 30)).toEqual({ kind: 'upstream', sizeM: high })
  expect(mendOf(high + 30)).toEqual({ kind: 'downstream', sizeM: high })
  expect(mendOf(high)).toEqual({ kind: 'downstream', sizeM: high })
  expect([mendOf(low), mendOf(low * 0.99), mendOf(0)]).toEqual([
    { kind: 'downstream', sizeM: low },
    undefined,
    undefined,
  ])
})
