import { chance, round } from './chance.ts'

/** A stand-in for river gauges: a seeded, plausible hydrograph with rain, melt by season, and an outage now and then. Invented. */

export interface GaugeStation {
  readonly id: string
  readonly station: string
  /** Flow between rains [m³/s]. */
  readonly baseM3ps: number
  /** Time the water takes to rise and to fall after rain [h]. */
  readonly riseH: number
  readonly fallH: number
  /** Level = zero + (flow ÷ unit)^0.4, the rating of the gauge [m]. */
  readonly zeroM: number
  readonly unitM3ps: number
  readonly seed: number
}

export const STATIONS: readonly GaugeStation[] = Object.freeze([
  {
    id: 'skarn',
    station: 'Skarn above the forks',
    baseM3ps: 20,
    riseH: 7,
    fallH: 34,
    zeroM: 0.12,
    unitM3ps: 14,
    seed: 41,
  },
  {
    id: 'little-ven',
    station: 'Little Ven at the ford',
    baseM3ps: 2.2,
    riseH: 3,
    fallH: 15,
    zeroM: 0.05,
    unitM3ps: 6,
    seed: 97,
  },
])

export interface GaugeReading {
  readonly atMs: number
  readonly levelM: number
  readonly flowM3ps: number
  readonly waterC: number
}

const HOUR_MS = 3600_000
const DAY_MS = 24 * HOUR_MS
/** Rain may fall once in each of these spells [ms]. */
const SPELL_MS = 8 * HOUR_MS
const RAIN_CHANCE = 0.12
/** Rain longer ago than this has run off [ms]. */
const MEMORY_MS = 8 * DAY_MS
const OUTAGE_CHANCE = 0.03

/** Share of a rain's water that passes the gauge at a time after it: quick up, slow down, 1 at the top. */
function wave(hours: number, { riseH, fallH }: GaugeStation): number {
  if (hours <= 0) return 0
  return hours < riseH ? (1 - Math.cos((Math.PI * hours) / riseH)) / 2 : Math.exp(-(hours - riseH) / fallH)
}

/** Day of the year as an angle, midwinter at 0. */
const yearAngle = (atMs: number): number => ((atMs / DAY_MS + 11) / 365.25) * 2 * Math.PI

export function readingAt(station: GaugeStation, atMs: number): GaugeReading {
  const season = 1 + 0.3 * Math.cos(yearAngle(atMs) - 1.2)
  let swell = 0
  let chill = 0
  const now = Math.floor(atMs / SPELL_MS)
  for (let spell = now - Math.ceil(MEMORY_MS / SPELL_MS); spell <= now; spell++) {
    if (chance(station.seed, spell) >= RAIN_CHANCE) continue
    const size = 0.4 + 2.6 * chance(station.seed + 1, spell) ** 2
    const share = wave((atMs - spell * SPELL_MS) / HOUR_MS, station)
    swell += size * share
    chill += 0.8 * share
  }
  const flowM3ps = station.baseM3ps * season * (1 + swell)
  const day = Math.sin(((atMs % DAY_MS) / DAY_MS - 0.375) * 2 * Math.PI)
  const waterC = 8.2 - 5.6 * Math.cos(yearAngle(atMs) - 0.5) + 0.5 * day - Math.min(2, chill)
  return {
    atMs,
    levelM: round(station.zeroM + (flowM3ps / station.unitM3ps) ** 0.4, 3),
    flowM3ps: round(flowM3ps, 2),
    waterC: round(Math.max(0.1, waterC), 1),
  }
}

/** Whether the gauge is silent in this hour. */
export const isOut = (station: GaugeStation, atMs: number): boolean =>
  chance(station.seed + 2, Math.floor(atMs / HOUR_MS)) < OUTAGE_CHANCE

/** Hourly readings up to now, oldest first. */
export function recordOf(station: GaugeStation, nowMs: number, days: number): readonly GaugeReading[] {
  const last = Math.floor(nowMs / HOUR_MS)
  return Array.from({ length: days * 24 }, (_, i) => readingAt(station, (last - days * 24 + 1 + i) * HOUR_MS))
}
