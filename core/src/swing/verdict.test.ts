import { describe, expect, test } from '@jest/globals'
import { type SwingSummary, swingVerdict } from './index.ts'
import { Measures } from './measures.ts'

const SUMMARY: SwingSummary = {
  maxDepthM: 1.2,
  hangDepthM: 1.2,
  inBandS: 20,
  holdingS: 20,
  overHoldingS: 25,
  touches: 0,
  swingS: 30,
  draggedM: 0,
  snagRisk: 0,
  crossMps: 0.3,
}
const moment = { tS: 0, dtS: 0.1, depthM: 1, overBedM: 0.3, onBed: false, crossedM: 0.02, draggedM: 0 }

describe('what an angler would say of a swing', () => {
  test.each([
    ['holds', {}],
    ['ticks', { touches: 1, draggedM: 0.3 }],
    ['drags', { touches: 2, draggedM: 8 }],
    ['late', { holdingS: 8 }],
    ['above', { holdingS: 1, crossMps: 0.2 }],
    ['hurried', { holdingS: 1, crossMps: 0.7 }],
    ['above', { holdingS: 0, overHoldingS: 0, crossMps: 0 }],
  ] as const)('%s', (verdict, change) => {
    expect(swingVerdict({ ...SUMMARY, ...change })).toBe(verdict)
  })
})

describe('what is measured of a swing', () => {
  test('time in the band counts clear of the bed only, and apart where the water holds fish', () => {
    const measures = new Measures(2)
    for (let i = 0; i < 10; i++) measures.take({ ...moment, tS: i * 0.1 })
    // Shallows: in the band, but over water less than half as deep as the deepest.
    for (let i = 10; i < 20; i++) measures.take({ ...moment, tS: i * 0.1, depthM: 0.5 })
    for (let i = 20; i < 30; i++) measures.take({ ...moment, tS: i * 0.1, overBedM: 1.2 })
    for (let i = 30; i < 40; i++) measures.take({ ...moment, tS: i * 0.1, onBed: true, overBedM: 0 })
    const { inBandS, holdingS, overHoldingS, maxDepthM } = measures.summary(4, 'gravel')
    expect(inBandS).toBeCloseTo(2, 9)
    expect(holdingS).toBeCloseTo(1, 9)
    expect(overHoldingS).toBeCloseTo(3, 9)
    expect(maxDepthM).toBe(1)
  })
  test('a fly that hops along the bed touches once; one that comes back later touches again', () => {
    const measures = new Measures(2)
    const onBed = (tS: number): boolean => tS < 1 || (tS > 1.2 && tS < 2) || tS > 4
    for (let i = 0; i < 50; i++) measures.take({ ...moment, tS: i * 0.1, onBed: onBed(i * 0.1) })
    expect(measures.summary(5, 'gravel').touches).toBe(2)
  })
  test('risk grows with what is dragged and with what the bed is made of, and never passes 1', () => {
    const risk = (draggedM: number, bottom: 'sand' | 'boulder'): number => {
      const measures = new Measures(2)
      measures.take({ ...moment, draggedM })
      return measures.summary(1, bottom).snagRisk
    }
    expect(risk(0, 'boulder')).toBe(0)
    expect(risk(5, 'boulder')).toBeGreaterThan(risk(5, 'sand'))
    expect(risk(10, 'sand')).toBeGreaterThan(risk(5, 'sand'))
    expect(risk(1e4, 'boulder')).toBeLessThanOrEqual(1)
  })
})
