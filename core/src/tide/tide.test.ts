import { describe, expect, test } from '@jest/globals'
import { tideHeights, tideTurns, unknownConstituents } from './index.ts'

const FROM = Date.parse('2026-11-27T00:00:00Z')
const DAY_MS = 86_400_000
const HOUR_MS = 3_600_000
const M2 = { constituents: [{ name: 'M2', amplitudeM: 1.5, phaseDeg: 120 }], meanM: 2 }
const SPRINGS = {
  constituents: [...M2.constituents, { name: 'S2', amplitudeM: 0.5, phaseDeg: 160 }],
}

describe('tide from harmonic constituents', () => {
  test('C45: two days of an M2-only sea turn every 6 h 12.6 min [standard: speed of M2 28.9841042° an hour]', () => {
    const turns = tideTurns(M2, FROM, FROM + 2 * DAY_MS)
    expect(turns.length).toBeGreaterThanOrEqual(7)
    for (const [i, turn] of turns.slice(1).entries()) {
      const before = turns[i]
      expect((turn.atMs - (before?.atMs ?? 0)) / 60_000).toBeCloseTo(180 / (28.9841042 / 60), 0)
      expect(turn.kind).not.toBe(before?.kind)
    }
  })
  test('springs follow springs by half the month of moon and sun: 360° ÷ (30 − 28.9841042) = 14.77 days [standard]', () => {
    const range = (atMs: number): number => {
      const heights = tideHeights(SPRINGS, atMs, atMs + DAY_MS, 600).map(({ heightM }) => heightM)
      return Math.max(...heights) - Math.min(...heights)
    }
    const days = Array.from({ length: 40 }, (_, i) => range(FROM + i * DAY_MS))
    const peaks = days.flatMap((r, i) => (r > (days[i - 1] ?? 9) && r > (days[i + 1] ?? 9) ? [i] : []))
    expect(peaks.length).toBeGreaterThanOrEqual(2)
    expect(Math.abs((peaks[1] ?? 0) - (peaks[0] ?? 0) - 14.77)).toBeLessThan(1.3)
    expect(Math.max(...days) / Math.min(...days)).toBeCloseTo(2 / 1, 0)
  })
  test('heights stand about the mean, at even steps, with the turns at their ends; node factors move M2 by no more than 4 %', () => {
    const heights = tideHeights(M2, FROM, FROM + DAY_MS, 3600)
    expect(heights).toHaveLength(25)
    expect((heights[1]?.atMs ?? 0) - (heights[0]?.atMs ?? 0)).toBe(HOUR_MS)
    for (const { heightM, kind } of tideTurns(M2, FROM, FROM + DAY_MS)) {
      const off = Math.abs(heightM - 2) / 1.5
      expect(off).toBeGreaterThan(0.96)
      expect(off).toBeLessThan(1.04)
      expect(heightM > 2).toBe(kind === 'high')
    }
  })
  test('a name that nobody knows is told', () => {
    expect(
      unknownConstituents({
        constituents: [{ name: 'M9X', amplitudeM: 1, phaseDeg: 0 }, ...M2.constituents],
      }),
    ).toEqual(['M9X'])
  })
})
