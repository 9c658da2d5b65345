/** Wind told by a weather station. */
export interface WeatherReading {
  /** [ms since 1970, UTC] */
  readonly atMs: number
  /** From where, by the compass [°]. */
  readonly fromDeg: number
  /** Mean of the last ten minutes, and the hardest gust in them [m/s]. */
  readonly mps: number
  readonly gustMps?: number | undefined
  /** Turn to either side in them [°]. */
  readonly veerDeg?: number | undefined
  /** Lightning was seen from there within the hour. */
  readonly thunder?: boolean | undefined
}

export interface Weather {
  readonly station: string
  /** Oldest first. */
  readonly readings: readonly WeatherReading[]
}

/** The newest reading there is. */
export const weatherNow = (weather: Weather | undefined): WeatherReading | undefined =>
  weather?.readings.at(-1)

/** Wind older than this says little of now [ms]. [practice] */
export const WIND_STALE_MS = 2 * 3_600_000
const TREND_MS = 3 * 3_600_000
/** A change that is felt [m/s]. [practice] */
const FELT_MPS = 1.5

/** Whether the wind has risen or dropped over three hours. */
export function windTrend({ readings }: Weather): 'rising' | 'dropping' | 'steady' {
  const now = readings.at(-1)
  const before = readings.findLast(({ atMs }) => now !== undefined && atMs <= now.atMs - TREND_MS)
  if (now === undefined || before === undefined) return 'steady'
  if (now.mps - before.mps > FELT_MPS) return 'rising'
  return before.mps - now.mps > FELT_MPS ? 'dropping' : 'steady'
}
