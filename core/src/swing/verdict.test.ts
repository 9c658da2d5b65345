import { describe, expect, test } from '@jest/globals'
import { SWING_THRESHOLDS, type SwingSummary, swingVerdict } from './index.ts'
import { Measures } from './measures.ts'

const SUMMARY: SwingSummary = {
  maxDepthM: 1.2,
  hangDepthM: 1.2,
  ridesM: 1.1,
  inBandS: 20,
  holdingS: 20,
  overHoldingS: 25,
  holdingShare: 0.8,
  aboveS: 4,
  belowS: 1,
  touches: 0,
  touchesOverHolding: 0,
  bedShare: 0,
  swingS: 30,
  draggedM: 0,
  grounded: false,
  snagRisk: 0,
  crossMps: 0.3,
}
const moment = {
  tS: 0,
  dtS: 0.1,
  depthM: 1.6,
  overBedM: 0.3,
  flyOnBed: false,
  onBedM: undefined,
  crossedM: 0.02,
  slipMps: 0.5,
  draggedM: 0,
  holds: 1,
  nearHangDown: false,
}
const END = { swingS: 4, bottom: 'gravel', hangDepthM: 1, grounded: false } as const

test('a floating fly is judged on top where the fish are up, and by its depth where they are below it', () => {
  const onTop = { floats: 'waking', upShare: 1, wakeMps: 0.6, dragFreeS: 0 } as const
  const at = (change: Partial<SwingSummary>) =>
    swingVerdict({ outcome: 'swung', summary: { ...SUMMARY, onTop, ...change } }).reason
  const { holdsShare, breaksShare } = SWING_THRESHOLDS
  expect(at({ holdingShare: holdsShare })).toBe('wakes')
  expect(at({ holdingShare: holdsShare - 0.01, aboveS: 4, belowS: 4 })).toBe('seldom-high')
  expect(at({ holdingShare: breaksShare - 0.01, aboveS: 9, belowS: 1, crossMps: 0.2 })).toBe('too-high')
  expect(at({ holdingShare: breaksShare - 0.01, aboveS: 1, belowS: 9 })).toBe('wakes')
})

test.each([
  [0.4, 1],
  [0.7, 2],
])('a fly off the bed for %p s and back has touched it %p times', (gapS, times) => {
  const measures = new Measures('bottom')
  const on = { ...moment, flyOnBed: true, onBedM: [0, 5, -1.9] as [number, number, number] }
  measures.take({ ...on, tS: 1 })
  measures.take({ ...moment, tS: 1 + gapS / 2 })
  measures.take({ ...on, tS: 1 + gapS })
  expect(measures.summary(END).touches).toBe(times)
})

describe('what an angler would say of a swing', () => {
  const { holdsShare, breaksShare, holdsBedShare, breaksBedShare } = SWING_THRESHOLDS
  test.each([
    ['holds', 'in-place', {}],
    ['holds', 'touches', { touches: 1, bedShare: holdsBedShare }],
    ['holds', 'in-place', { holdingShare: holdsShare }],
    ['watch', 'seldom-high', { holdingShare: holdsShare - 0.01 }],
    ['watch', 'seldom-deep', { holdingShare: breaksShare, belowS: 9 }],
    ['watch', 'scrapes', { touches: 2, bedShare: holdsBedShare + 0.01 }],
    ['breaks', 'drags', { touches: 2, bedShare: breaksBedShare + 0.01 }],
    ['breaks', 'too-high', { holdingShare: breaksShare - 0.01, crossMps: 0.2 }],
    ['breaks', 'hurried', { holdingShare: 0, crossMps: 0.7 }],
    ['breaks', 'too-deep', { holdingShare: 0, belowS: 20 }],
    ['breaks', 'grounded', { grounded: true }],
    ['breaks', 'no-swing', { overHoldingS: 0 }],
  ] as const)('%s: %s', (state, reason, change) => {
    expect(swingVerdict({ outcome: 'swung', summary: { ...SUMMARY, ...change } })).toEqual({ state, reason })
  })
  test.each([
    ['holds', 'wakes', {}],
    ['watch', 'drowns', { upShare: 0.69 }],
    ['breaks', 'drowns', { upShare: 0.39 }],
    ['watch', 'drowns', { wakeMps: 0.29 }],
    ['breaks', 'drowns', { wakeMps: 0.17 }],
    ['watch', 'skates', { wakeMps: 1.1 }],
    ['breaks', 'skates', { wakeMps: 1.5 }],
    ['holds', 'drifts', { floats: 'dry', dragFreeS: 3 }],
    ['watch', 'drags-on-top', { floats: 'dry', dragFreeS: 2.9 }],
    ['breaks', 'drags-on-top', { floats: 'dry', dragFreeS: 1.4 }],
  ] as const)('on top %s: %s %j (C52)', (state, reason, change) => {
    const onTop = { floats: 'waking', upShare: 1, wakeMps: 0.6, dragFreeS: 0, ...change } as const
    expect(swingVerdict({ outcome: 'swung', summary: { ...SUMMARY, onTop } })).toEqual({ state, reason })
  })
  test('what did not finish is no swing; what grounds where the bank shelves is judged by the rest of its way', () => {
    expect(swingVerdict({ outcome: 'did-not-finish', summary: SUMMARY }).reason).toBe('unfinished')
    expect(swingVerdict({ outcome: 'grounded', summary: SUMMARY }).state).toBe('holds')
  })
})

describe('what is measured of a swing', () => {
  test('time with the fish counts clear of the bed only, and apart where the water holds fish', () => {
    const measures = new Measures('bottom')
    for (let i = 0; i < 10; i++) measures.take({ ...moment, tS: i * 0.1 })
    // Near the bottom, but where none of them hold.
    for (let i = 10; i < 20; i++) measures.take({ ...moment, tS: i * 0.1, depthM: 0.5, holds: 0 })
    for (let i = 20; i < 30; i++) measures.take({ ...moment, tS: i * 0.1, depthM: 0.6, overBedM: 1.3 })
    for (let i = 30; i < 40; i++) measures.take({ ...moment, tS: i * 0.1, flyOnBed: true, overBedM: 0 })
    const { inBandS, holdingS, overHoldingS, holdingShare, aboveS, belowS } = measures.summary(END)
    expect(inBandS).toBeCloseTo(2, 9)
    expect(holdingS).toBeCloseTo(1, 9)
    expect(overHoldingS).toBeCloseTo(3, 9)
    expect([aboveS, belowS].map((s) => Math.round(s * 10))).toEqual([10, 10])
    expect(holdingShare).toBeCloseTo(1 / 3, 9)
  })
  test.each([
    ['surface', 0.3, 'in'],
    ['surface', 0.6, 'below'],
    ['middle', 0.3, 'above'],
    ['middle', 1, 'in'],
    ['bottom', 1, 'above'],
    ['bottom', 1.7, 'in'],
  ] as const)('fish at the %s: a fly %d m down in 2 m is %s', (fishAt, depthM, where) => {
    const measures = new Measures(fishAt)
    measures.take({ ...moment, depthM, overBedM: 2 - depthM })
    const { holdingS, aboveS, belowS } = measures.summary(END)
    expect({ in: holdingS, above: aboveS, below: belowS }[where]).toBe(0.1)
  })
  test('line that hops along the bed touches once; line that comes back later touches again', () => {
    const measures = new Measures('bottom')
    const onBed = (tS: number): boolean => tS < 1 || (tS > 1.2 && tS < 2) || tS > 4
    for (let i = 0; i < 50; i++) {
      const tS = i * 0.1
      measures.take({ ...moment, tS, onBedM: onBed(tS) ? [i, 20, -2] : undefined, holds: tS > 4 ? 0.2 : 1 })
    }
    const { touches, touchesOverHolding } = measures.summary(END)
    expect([touches, touchesOverHolding]).toEqual([2, 1])
    expect(measures.touches.map(({ atM: [x] }) => x)).toEqual([0, 41])
  })
  test('contact counts wherever it is; the last rod length is left out of the share on the bed, and of nothing else', () => {
    const measures = new Measures('bottom')
    const take = (change: Partial<typeof moment>): void =>
      measures.take({ ...moment, onBedM: change.flyOnBed ? [0, 5, -0.3] : undefined, ...change })
    for (let i = 0; i < 60; i++) take({ tS: i * 0.1, holds: 0 })
    for (let i = 60; i < 80; i++) take({ tS: i * 0.1, holds: 0, flyOnBed: true, draggedM: 0.02 })
    expect(measures.summary(END).bedShare).toBeCloseTo(0.25, 9)
    for (let i = 80; i < 160; i++)
      take({ tS: i * 0.1, holds: 0, flyOnBed: true, draggedM: 0.05, nearHangDown: true })
    const { bedShare, draggedM, touches, touchesOverHolding, grounded } = measures.summary({
      ...END,
      grounded: true,
    })
    expect(bedShare).toBeCloseTo(0.25, 9)
    expect(draggedM).toBeCloseTo(0.4 + 4, 9)
    expect([touches, touchesOverHolding, grounded]).toEqual([1, 0, false])
    expect(measures.draggedOutM).toBeCloseTo(0.4, 9)
  })
  test('risk grows with what is dragged and with what the bed is made of, and never passes 1', () => {
    const risk = (draggedM: number, bottom: 'sand' | 'boulder'): number => {
      const measures = new Measures('bottom')
      measures.take({ ...moment, draggedM })
      return measures.summary({ ...END, bottom }).snagRisk
    }
    expect(risk(0, 'boulder')).toBe(0)
    expect(risk(5, 'boulder')).toBeGreaterThan(risk(5, 'sand'))
    expect(risk(10, 'sand')).toBeGreaterThan(risk(5, 'sand'))
    expect(risk(1e4, 'boulder')).toBeLessThanOrEqual(1)
  })
})
