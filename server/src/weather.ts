import { chance, round } from './chance.ts'

/** A stand-in for weather stations: a seeded wind with gusts, veering, fronts with thunder, and an outage now and then. Invented. */
export interface WeatherStation {
  readonly id: string
  readonly station: string
  /** Wind of an ordinary day: from where by the compass [°], and how hard [m/s]. */
  readonly fromDeg: number
  readonly baseMps: number
  /** Breeze that the warmth of the day adds, at its height in the afternoon [m/s], and from where [°]. */
  readonly breezeMps: number
  readonly breezeFromDeg: number
  readonly seed: number
}

export const WEATHER_STATIONS: readonly WeatherStation[] = Object.freeze([
  {
    id: 'skarn-bridge',
    station: 'Skarn bridge',
    fromDeg: 235,
    baseMps: 2.4,
    breezeMps: 1.6,
    breezeFromDeg: 250,
    seed: 23,
  },
  {
    id: 'ossan-head',
    station: 'Ossan head',
    fromDeg: 285,
    baseMps: 3,
    breezeMps: 6,
    breezeFromDeg: 262,
    seed: 71,
  },
])

export interface WindReading {
  readonly atMs: number
  readonly fromDeg: number
  readonly mps: number
  readonly gustMps: number
  readonly veerDeg: number
  readonly thunder?: true
}

const MINUTE_MS = 60_000
const HOUR_MS = 60 * MINUTE_MS
const DAY_MS = 24 * HOUR_MS
const EVERY_MS = 10 * MINUTE_MS
/** A front may pass in each of these spells, and turns the wind. */
const SPELL_MS = 9 * HOUR_MS
const FRONT_CHANCE = 0.16
const THUNDER_SHARE = 0.3
const OUTAGE_CHANCE = 0.03
const RAD = Math.PI / 180

/** A row of chances drawn smoothly through time: in [0, 1). */
function drift(seed: number, atMs: number, stepMs: number): number {
  const place = Math.floor(atMs / stepMs)
  const share = atMs / stepMs - place
  const soft = share * share * (3 - 2 * share)
  return chance(seed, place) * (1 - soft) + chance(seed, place + 1) * soft
}

/** Share of a front at a moment: 1 at its height, 0 outside. */
function frontAt(
  { seed }: WeatherStation,
  atMs: number,
): { readonly share: number; readonly thunder: boolean } {
  const spell = Math.floor(atMs / SPELL_MS)
  if (chance(seed + 5, spell) >= FRONT_CHANCE) return { share: 0, thunder: false }
  const share = Math.sin(Math.PI * (atMs / SPELL_MS - spell)) ** 2
  return { share, thunder: share > 0.5 && chance(seed + 6, spell) < THUNDER_SHARE }
}

/** Warmth of the day: none at night, most at three in the afternoon. */
const warmth = (atMs: number): number =>
  Math.max(0, Math.sin(((atMs % DAY_MS) / DAY_MS - 0.29) * 1.47 * Math.PI))

export function windAt(station: WeatherStation, atMs: number): WindReading {
  const { seed, fromDeg, baseMps, breezeMps, breezeFromDeg } = station
  const front = frontAt(station, atMs)
  const steady = baseMps * (0.5 + drift(seed, atMs, 5 * HOUR_MS)) + 6 * front.share
  const steadyFrom = (fromDeg + 50 * (drift(seed + 1, atMs, 7 * HOUR_MS) - 0.5) + 40 * front.share) * RAD
  const breeze = breezeMps * warmth(atMs) * (0.7 + 0.5 * drift(seed + 2, atMs, DAY_MS))
  const breezeFrom = breezeFromDeg * RAD
  const east = steady * Math.sin(steadyFrom) + breeze * Math.sin(breezeFrom)
  const north = steady * Math.cos(steadyFrom) + breeze * Math.cos(breezeFrom)
  const mps = Math.hypot(east, north)
  const rough = 0.22 + 0.3 * drift(seed + 3, atMs, 40 * MINUTE_MS)
  return {
    atMs,
    fromDeg: Math.round((Math.atan2(east, north) / RAD + 360) % 360),
    mps: round(mps, 1),
    gustMps: round(mps * (1 + rough), 1),
    veerDeg: Math.round(6 + 22 * drift(seed + 4, atMs, 50 * MINUTE_MS)),
    ...(front.thunder ? { thunder: true } : {}),
  }
}

/** Whether the station is silent in this hour. */
export const isSilent = ({ seed }: WeatherStation, atMs: number): boolean =>
  chance(seed + 7, Math.floor(atMs / HOUR_MS)) < OUTAGE_CHANCE

/** A reading every ten minutes up to now, oldest first. */
export function windsOf(station: WeatherStation, nowMs: number, hours: number): readonly WindReading[] {
  const last = Math.floor(nowMs / EVERY_MS)
  const count = hours * 6
  return Array.from({ length: count }, (_, i) => windAt(station, (last - count + 1 + i) * EVERY_MS))
}
