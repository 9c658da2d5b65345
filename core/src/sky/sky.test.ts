import { describe, expect, test } from '@jest/globals'
import { Body, Equator, Horizon, Observer, SearchRiseSet } from 'astronomy-engine'
import { lightAt, lightSpans, lowSun, moonAt, sunAt, sunDay, weatherNow, windTrend } from './index.ts'

const HOUR_MS = 3_600_000
const GREENWICH = { latitudeDeg: 51.4769, longitudeDeg: 0 }
const STRAND = { latitudeDeg: 62, longitudeDeg: 1.9, facesDeg: 262 }
const at = (iso: string): number => Date.parse(iso)

describe('the sun', () => {
  test('sunrise and sunset at Greenwich on 21 June 2024: 03:43 and 20:21 UTC [standard: almanac, value from memory]', () => {
    const { riseMs = 0, setMs = 0 } = sunDay(GREENWICH, at('2024-06-21T12:00:00Z'))
    expect(Math.abs(riseMs - at('2024-06-21T03:43:00Z'))).toBeLessThan(2 * 60_000)
    expect(Math.abs(setMs - at('2024-06-21T20:21:00Z'))).toBeLessThan(2 * 60_000)
  })
  test.each(['2026-03-01', '2026-06-20', '2026-09-10', '2026-11-27'])(
    'rises, sets and stands on %s as another library has it [general-purpose reference: astronomy-engine]',
    (date) => {
      const noon = at(`${date}T12:00:00Z`)
      const observer = new Observer(STRAND.latitudeDeg, STRAND.longitudeDeg, 0)
      const day = sunDay(STRAND, noon)
      const rise = SearchRiseSet(Body.Sun, observer, 1, new Date(noon - 12 * HOUR_MS), 1)
      const set = SearchRiseSet(Body.Sun, observer, -1, new Date(noon), 1)
      expect(Math.abs((day.riseMs ?? 0) - (rise?.date.getTime() ?? 0))).toBeLessThan(3 * 60_000)
      expect(Math.abs((day.setMs ?? 0) - (set?.date.getTime() ?? 0))).toBeLessThan(3 * 60_000)
      const moment = new Date(noon + 2 * HOUR_MS)
      const { ra, dec } = Equator(Body.Sun, moment, observer, true, true)
      const { altitude, azimuth } = Horizon(moment, observer, ra, dec, 'normal')
      const sun = sunAt(STRAND, moment.getTime())
      expect(Math.abs(sun.altitudeDeg - altitude)).toBeLessThan(0.2)
      expect(Math.abs(sun.bearingDeg - azimuth)).toBeLessThan(0.2)
    },
  )
  test('night, twilight and day follow each other, and the far north has none of some', () => {
    const from = at('2026-11-27T00:00:00Z')
    expect(lightSpans(STRAND, from, from + 24 * HOUR_MS).map(({ light }) => light)).toEqual([
      'night',
      'twilight',
      'day',
      'twilight',
      'night',
    ])
    const north = { latitudeDeg: 78, longitudeDeg: 15 }
    expect(sunDay(north, at('2026-12-21T12:00:00Z')).riseMs).toBeUndefined()
    expect(lightAt(north, at('2026-06-21T00:00:00Z'))).toBe('day')
  })
  test('a low sun ahead glares, behind it throws a shadow; high or down it does neither', () => {
    expect(lowSun(STRAND, at('2026-10-01T16:30:00Z'))).toBe('glare')
    expect(lowSun({ ...STRAND, facesDeg: 82 }, at('2026-10-01T16:30:00Z'))).toBe('shadow')
    expect(lowSun(STRAND, at('2026-06-21T14:00:00Z'))).toBeUndefined()
    expect(lowSun(STRAND, at('2026-10-01T23:00:00Z'))).toBeUndefined()
  })
  test('the moon was full on 25 January 2024 at 17:54 UTC [standard: almanac, value from memory]', () => {
    expect(Math.abs(moonAt(at('2024-01-25T17:54:00Z')).phase - 0.5)).toBeLessThan(0.02)
    expect(moonAt(at('2024-01-25T17:54:00Z')).fraction).toBeGreaterThan(0.995)
  })
})

test('a station: the newest counts, and three hours tell whether it rises', () => {
  const reading = (hour: number, mps: number) => ({ atMs: hour * HOUR_MS, fromDeg: 260, mps })
  const weather = { station: 'x', readings: [reading(1, 3), reading(2, 3.5), reading(5, 7)] }
  expect(weatherNow(weather)?.mps).toBe(7)
  expect(windTrend(weather)).toBe('rising')
  expect(windTrend({ ...weather, readings: [reading(1, 9), reading(5, 3)] })).toBe('dropping')
  expect(windTrend({ ...weather, readings: [reading(4, 3), reading(5, 9)] })).toBe('steady')
  expect(weatherNow(undefined)).toBeUndefined()
})
