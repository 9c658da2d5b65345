import type { SwingSample } from '@hoxen/core/swing'
import { describe, expect, test } from '@jest/globals'
import { momentAt } from './moment.ts'
import { unitTicks } from './ticks.ts'
import { planScale, sectionScale } from './waterScale.ts'

const room = { width: 800, height: 260, left: 40, right: 10, top: 10, bottom: 20 }
const sample = (tS: number, depthM: number, onBed = false): SwingSample => ({
  tS,
  flyM: [tS, 20 - tS, -depthM],
  speedMps: 1 / (1 + tS),
  overBedM: 2 - depthM,
  onBed,
  lineM: Float32Array.from([tS, 20 - tS, -depthM, 0, 5, 1]),
})

describe('scales of the water', () => {
  test('a section fits its room, and says how much larger heights are', () => {
    const scale = sectionScale(room, 30, 2, 1)
    expect(scale.x(0)).toBe(40)
    expect(scale.x(30)).toBeCloseTo(790, 9)
    expect(scale.y(1)).toBeGreaterThanOrEqual(10)
    expect(scale.y(-2)).toBeLessThanOrEqual(240.001)
    expect((scale.y(-1) - scale.y(0)) / (scale.x(1) - scale.x(0))).toBeCloseTo(scale.exaggeration, 9)
  })
  test('a plan lies across from the angler’s bank; down the river it is squeezed only where there is no room', () => {
    const extent = { fromX: -1, toX: 20, toY: 25 }
    const [right, left] = (['right', 'left'] as const).map((bank) => planScale(room, extent, bank))
    const tall = planScale({ ...room, height: 4000 }, extent, 'right')
    expect(right?.x(5)).toBeGreaterThan(right?.x(0) ?? 0)
    expect(left?.x(5)).toBeGreaterThan(left?.x(0) ?? 0)
    expect(right?.y(5)).toBeGreaterThan(right?.y(0) ?? 0)
    expect(left?.y(5)).toBeLessThan(left?.y(0) ?? 0)
    expect(right?.exaggeration).toBeLessThan(1)
    expect(tall.exaggeration).toBe(1)
    expect(tall.y(5) - tall.y(0)).toBeCloseTo(tall.x(5) - tall.x(0), 9)
  })
  test.each([
    [30, 6, 'metric', ['0', '5 m', '10 m', '15 m', '20 m', '25 m', '30 m']],
    [1.9, 4, 'metric', ['0', '0.5 m', '1 m', '1.5 m']],
    [30, 6, 'trade', ['0', '20 ft', '40 ft', '60 ft', '80 ft']],
    [1.9, 4, 'trade', ['0', '2 ft', '4 ft', '6 ft']],
  ] as const)('over %p m about %p round figures of the %s face', (length, count, system, expected) => {
    expect(unitTicks(0, length, count, 'length', system).map((t) => t.text)).toEqual(expected)
  })
})

describe('a moment of a swing', () => {
  const samples = [sample(0, 0), sample(1, 0.5), sample(2, 1, true), sample(3, 0.8), sample(4, 1, true)]
  test('lies between the samples either side', () => {
    const moment = momentAt(samples, 0.5)
    expect(moment?.flyM).toEqual([0.5, 19.5, -0.25])
    expect(moment?.lineM[0]).toBeCloseTo(0.5, 6)
  })
  test('stays before the first and after the last', () => {
    expect(momentAt(samples, -3)?.flyM[0]).toBe(0)
    expect(momentAt(samples, 99)?.flyM[0]).toBe(4)
    expect(momentAt([], 1)).toBeUndefined()
  })
  test('line that was fed between two samples keeps the earlier shape', () => {
    const longer = { ...sample(1, 0.5), lineM: new Float32Array(9) }
    expect(momentAt([sample(0, 0), longer], 0.5)?.lineM).toHaveLength(6)
  })
})
