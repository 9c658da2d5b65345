import { weatherSchema } from '@hoxen/core/sky'
import { describe, expect, test } from '@jest/globals'
import { isSilent, WEATHER_STATIONS, windAt, windsOf } from './weather.ts'

const HOUR = 3600_000
const NOW = Date.parse('2026-11-25T12:00:00Z')
const days = Array.from({ length: 200 }, (_, i) => Date.parse('2026-03-01T00:00:00Z') + i * 24 * HOUR)
const mean = (figures: readonly number[]): number => figures.reduce((sum, m) => sum + m, 0) / figures.length

describe.each(WEATHER_STATIONS)('the stand-in weather station $station', (station) => {
  test('tells the same of the same moment, in the shape a page takes', () => {
    const winds = windsOf(station, NOW, 12)
    expect(winds.at(-1)).toEqual(
      windsOf(station, NOW + HOUR, 12).find(({ atMs }) => atMs === winds.at(-1)?.atMs),
    )
    expect(weatherSchema.safeParse({ station: station.station, readings: winds }).success).toBe(true)
    expect(winds).toHaveLength(72)
  })
  test('gusts are harder than the mean; it turns, and now and then it thunders', () => {
    const year = Array.from({ length: 3000 }, (_, i) => windAt(station, NOW + i * 3 * HOUR))
    for (const { mps, gustMps, veerDeg } of year) {
      expect(gustMps).toBeGreaterThanOrEqual(mps)
      expect(mps).toBeLessThan(22)
      expect(veerDeg).toBeGreaterThan(0)
    }
    const thunder = year.filter((wind) => wind.thunder).length
    expect(thunder).toBeGreaterThan(3)
    expect(thunder).toBeLessThan(300)
  })
  test('rises through the day, and is silent now and then', () => {
    const at = (hour: number): number => mean(days.map((day) => windAt(station, day + hour * HOUR).mps))
    expect(at(15)).toBeGreaterThan(at(10))
    expect(at(10)).toBeGreaterThan(at(3))
    const silent = Array.from({ length: 2000 }, (_, i) => isSilent(station, NOW + i * HOUR)).filter(
      Boolean,
    ).length
    expect(silent).toBeGreaterThan(15)
    expect(silent).toBeLessThan(140)
  })
})
