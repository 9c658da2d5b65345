import { describe, expect, test } from '@jest/globals'
import { isOut, readingAt, recordOf, STATIONS } from './gauge.ts'

const HOUR = 3600_000
const NOW = Date.parse('2026-11-25T12:00:00Z')
const year = Array.from({ length: 365 * 4 }, (_, i) => NOW - i * 6 * HOUR)

describe.each(STATIONS)('the stand-in gauge of $station', (station) => {
  test('tells the same of the same moment, whoever asks when', () => {
    const a = recordOf(station, NOW, 5)
    const b = recordOf(station, NOW + 5 * HOUR, 5)
    expect(a.at(-1)).toEqual(b.find((r) => r.atMs === a.at(-1)?.atMs))
  })
  test('rises quickly after rain and falls slowly', () => {
    const record = recordOf(station, NOW, 300)
    const rises = record.filter((r, i) => i > 0 && r.flowM3ps > (record[i - 1]?.flowM3ps ?? 0) * 1.002)
    const falls = record.filter((r, i) => i > 0 && r.flowM3ps < (record[i - 1]?.flowM3ps ?? 0) * 0.998)
    expect(rises.length).toBeGreaterThan(20)
    expect(falls.length).toBeGreaterThan(2 * rises.length)
  })
  test('stays a plausible river all year: floods a few times its base, cold winters, mild summers', () => {
    const readings = year.map((t) => readingAt(station, t))
    const flows = readings.map((r) => r.flowM3ps)
    expect(Math.min(...flows)).toBeGreaterThan(station.baseM3ps * 0.6)
    expect(Math.max(...flows)).toBeLessThan(station.baseM3ps * 12)
    expect(Math.max(...flows)).toBeGreaterThan(station.baseM3ps * 2)
    const warmth = (month: number): number => {
      const of = readings.filter((r) => new Date(r.atMs).getUTCMonth() === month).map((r) => r.waterC)
      return of.reduce((sum, c) => sum + c, 0) / of.length
    }
    expect(warmth(1)).toBeLessThan(6)
    expect(warmth(6)).toBeGreaterThan(10)
  })
  test('its level follows its flow', () => {
    const sorted = year.map((t) => readingAt(station, t)).sort((a, b) => a.flowM3ps - b.flowM3ps)
    sorted.forEach((r, i) => {
      expect(r.levelM).toBeGreaterThanOrEqual((sorted[i - 1]?.levelM ?? 0) - 0.0011)
    })
  })
  test('is silent now and then, and not for long', () => {
    const hours = Array.from({ length: 2000 }, (_, i) => isOut(station, NOW + i * HOUR))
    const silent = hours.filter(Boolean).length
    expect(silent).toBeGreaterThan(15)
    expect(silent).toBeLessThan(140)
  })
})
