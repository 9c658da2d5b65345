import { getMoonIllumination, getPosition, getTimes } from 'suncalc'

/** A place on the earth. */
export interface Coordinates {
  /** North positive [°], [-90, 90]. */
  readonly latitudeDeg: number
  /** East positive [°], [-180, 180]. */
  readonly longitudeDeg: number
}

/** The light of one day [ms since 1970]; what does not happen that far north or south is left out. */
export interface SunDay {
  /** Sun 6° below the horizon: civil dawn. */
  readonly dawnMs?: number | undefined
  readonly riseMs?: number | undefined
  readonly setMs?: number | undefined
  /** Civil dusk. */
  readonly duskMs?: number | undefined
}

const ms = (date: Date | null | undefined): number | undefined => {
  const at = date?.getTime()
  return at === undefined || Number.isNaN(at) ? undefined : at
}

/** Dawn, sunrise, sunset and dusk of the solar day a moment lies in, to about a minute. [standard: low-precision solar position] */
export function sunDay({ latitudeDeg, longitudeDeg }: Coordinates, atMs: number): SunDay {
  const { dawn, sunrise, sunset, dusk } = getTimes(new Date(atMs), latitudeDeg, longitudeDeg)
  return { dawnMs: ms(dawn), riseMs: ms(sunrise), setMs: ms(sunset), duskMs: ms(dusk) }
}

/** Position of the sun: over the horizon, and by the compass [°]. [standard] */
export function sunAt(
  { latitudeDeg, longitudeDeg }: Coordinates,
  atMs: number,
): { readonly altitudeDeg: number; readonly bearingDeg: number } {
  const { altitude, azimuth } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg)
  return { altitudeDeg: altitude, bearingDeg: azimuth }
}

/** The sun's rim is on the horizon, and civil twilight ends, with its middle so far below [°]. [standard] */
const LIGHT_ENDS = { dayDeg: -0.833, twilightDeg: -6 } as const
export type Light = 'day' | 'twilight' | 'night'

export function lightAt(place: Coordinates, atMs: number): Light {
  const { altitudeDeg } = sunAt(place, atMs)
  if (altitudeDeg > LIGHT_ENDS.dayDeg) return 'day'
  return altitudeDeg > LIGHT_ENDS.twilightDeg ? 'twilight' : 'night'
}

/** A stretch of time in one light. */
export interface LightSpan {
  readonly light: Light
  readonly fromMs: number
  readonly toMs: number
}

const STEP_MS = 300_000

/** The light between two times, span by span, to five minutes. */
export function lightSpans(place: Coordinates, fromMs: number, toMs: number): readonly LightSpan[] {
  const out: { light: Light; fromMs: number; toMs: number }[] = []
  for (let at = fromMs; at < toMs; at += STEP_MS) {
    const light = lightAt(place, at)
    const last = out.at(-1)
    if (last?.light === light) last.toMs = Math.min(toMs, at + STEP_MS)
    else out.push({ light, fromMs: at, toMs: Math.min(toMs, at + STEP_MS) })
  }
  return out
}

/** The moon: how much of it is lit, and its place in its round: 0 new, 0.5 full. [standard] */
export function moonAt(atMs: number): { readonly fraction: number; readonly phase: number } {
  const { fraction, phase } = getMoonIllumination(new Date(atMs))
  return { fraction, phase }
}

/** A sun that is lower than this dazzles or throws a long shadow [°], when it stands within so far of straight ahead or behind [°]. [practice] */
const LOW_SUN = { altitudeDeg: 30, withinDeg: 60 } as const

/**
 * Effect of a low sun on one who faces the water: glare in the eyes and on the water, or one's own shadow on the fish. [practice]
 * @param facesDeg compass bearing straight across [°]
 */
export function lowSun(
  place: Coordinates & { readonly facesDeg: number },
  atMs: number,
): 'glare' | 'shadow' | undefined {
  const { altitudeDeg, bearingDeg } = sunAt(place, atMs)
  if (altitudeDeg <= 0 || altitudeDeg > LOW_SUN.altitudeDeg) return undefined
  const off = Math.abs(((bearingDeg - place.facesDeg + 540) % 360) - 180)
  if (off <= LOW_SUN.withinDeg) return 'glare'
  return off >= 180 - LOW_SUN.withinDeg ? 'shadow' : undefined
}
