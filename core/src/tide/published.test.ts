import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { Body, MakeTime, Observer, SearchHourAngle } from 'astronomy-engine'
import { type TideTurn, tideTurns } from './index.ts'

interface Published {
  readonly id: string
  readonly datums: Readonly<Record<'MSL' | 'MHW' | 'MLW' | 'HAT' | 'LAT' | 'HWI', number>>
  readonly constituents: readonly (readonly [string, number, number])[]
}
// US National Oceanic and Atmospheric Administration: constituents, and the datums of 1983–2001 (public domain). [standard]
const { stations } = JSON.parse(
  readFileSync(`${process.cwd()}/core/src/tide/fixtures/noaa.json`, 'utf8'),
) as {
  readonly stations: readonly Published[]
}
const mean = (figures: readonly number[]): number => figures.reduce((sum, m) => sum + m, 0) / figures.length
const HOUR_MS = 3_600_000
/** The middle of the epoch, when the moon's node is midway; and the years in which its highest and its lowest tide fall, of all nineteen. */
const MIDDLE = 1992
const EXTREMES: Readonly<Record<string, readonly [number, number]>> = {
  '9414290': [1986, 1990],
  '8443970': [1998, 1997],
}

describe.each(stations.map((station) => [station.id, station] as const))(
  'tide of station %s',
  (_id, station) => {
    const { datums } = station
    const source = {
      constituents: station.constituents.map(([name, amplitudeM, phaseDeg]) => ({
        name,
        amplitudeM,
        phaseDeg,
      })),
      meanM: datums.MSL,
    }
    const turnsOf = (year: number): readonly TideTurn[] =>
      tideTurns(source, Date.UTC(year, 0, 1), Date.UTC(year + 1, 0, 1))
    const heights = (year: number, kind: TideTurn['kind']): readonly number[] =>
      turnsOf(year)
        .filter((turn) => turn.kind === kind)
        .map(({ heightM }) => heightM)
    test('mean high and low water, as observed over the epoch, in its middle year: within 3 cm', () => {
      expect(Math.abs(mean(heights(MIDDLE, 'high')) - datums.MHW)).toBeLessThan(0.03)
      expect(Math.abs(mean(heights(MIDDLE, 'low')) - datums.MLW)).toBeLessThan(0.03)
    })
    test('highest and lowest astronomical tide, as published, in the years they fall in: within 2 cm', () => {
      const [highYear, lowYear] = EXTREMES[station.id] ?? []
      expect(Math.abs(Math.max(...heights(highYear ?? MIDDLE, 'high')) - datums.HAT)).toBeLessThan(0.02)
      expect(Math.abs(Math.min(...heights(lowYear ?? MIDDLE, 'low')) - datums.LAT)).toBeLessThan(0.02)
    })
    test('high water comes so long after the moon has passed Greenwich, by another library’s moon: within 0.15 h', () => {
      const from = Date.UTC(MIDDLE, 0, 1)
      const greenwich = new Observer(51.48, 0, 0)
      const transits: number[] = []
      for (let at = MakeTime(new Date(from)); at.date.getTime() < from + 60 * 24 * HOUR_MS; ) {
        const [upper, lower] = [0, 12].map((angle) => SearchHourAngle(Body.Moon, greenwich, angle, at).time)
        if (upper === undefined || lower === undefined) break
        transits.push(upper.date.getTime(), lower.date.getTime())
        at = upper.AddDays(0.9)
      }
      const lags = turnsOf(MIDDLE)
        .filter(
          ({ atMs, kind }) =>
            kind === 'high' && atMs > from + 24 * HOUR_MS && atMs < from + 58 * 24 * HOUR_MS,
        )
        .map(({ atMs }) => (atMs - Math.max(...transits.filter((t) => t <= atMs))) / HOUR_MS)
      expect(lags.length).toBeGreaterThan(100)
      expect(Math.abs(mean(lags) - datums.HWI)).toBeLessThan(0.15)
    })
  },
)
