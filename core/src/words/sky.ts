import type { Wind } from '../day/index.ts'
import { printMeasure, printShare, type UnitSystem } from '../quantity/index.ts'
import type { Light, SunDay } from '../sky/index.ts'

const LIGHT_NAMES: Readonly<Record<Light, string>> = Object.freeze({
  day: 'Daylight',
  twilight: 'Twilight',
  night: 'Night',
})

/** The light where one stands: what it is, what a low sun does, and what comes next. @param clock says a time [ms] */
export function sayLight(
  light: Light,
  low: 'glare' | 'shadow' | undefined,
  { dawnMs, riseMs, setMs, duskMs }: SunDay,
  clock: (ms: number) => string,
): string {
  const of = (name: string, at: number | undefined): string =>
    at === undefined ? '' : `${name} ${clock(at)}`
  const times = [
    of('first light', dawnMs),
    of('sunrise', riseMs),
    of('sunset', setMs),
    of('last light', duskMs),
  ]
    .filter((each) => each !== '')
    .join(', ')
  const sun =
    low === 'glare'
      ? ' The sun is low in front of you: glare on the water, and you are well lit. Keep low.'
      : low === 'shadow'
        ? ' The sun is low behind you: keep your shadow off the water.'
        : ''
  return `${LIGHT_NAMES[light]}${times === '' ? ': the sun neither rises nor sets here today' : `: ${times}`}.${sun}`
}

/** The moon, and what it does to the tide. */
export function sayMoon({ fraction, phase }: { readonly fraction: number; readonly phase: number }): string {
  const name =
    phase < 0.03 || phase > 0.97
      ? 'New moon'
      : Math.abs(phase - 0.5) < 0.03
        ? 'Full moon'
        : `Moon ${printShare(fraction)} lit, ${phase < 0.5 ? 'waxing' : 'waning'}`
  // Springs follow new and full moon by a day or two. [practice]
  const days = Math.min(phase % 0.5, 0.5 - (phase % 0.5)) * SYNODIC_DAYS
  return days < 3 ? `${name}: spring tides.` : days > 5.5 ? `${name}: neap tides.` : `${name}.`
}
/** From new moon to new moon [days]. [standard] */
const SYNODIC_DAYS = 29.53

/** The wind in use, and where it comes from. @param age how old a station's reading is, in words */
export function sayWind(
  wind: Wind,
  system: UnitSystem,
  age: string,
  trend: 'rising' | 'dropping' | 'steady',
): string {
  const show = (mps: number): string => printMeasure(mps, 'windSpeed', system)
  if (wind.by !== 'station') return ''
  const gusts = wind.gustMps === undefined ? '' : `, gusting ${show(wind.gustMps)}`
  const veers = wind.veerDeg === undefined ? '' : `, swinging ${wind.veerDeg}° either way`
  return `${show(wind.mps)}${gusts}${veers}; ${age}, ${trend}. Hoxen judges the sides by the gusts.`
}

const POINTS = [
  'north',
  'north-east',
  'east',
  'south-east',
  'south',
  'south-west',
  'west',
  'north-west',
] as const
/** A bearing as a point of the compass. @example sayBearing(250) // "west" */
export const sayBearing = (deg: number): string =>
  POINTS[Math.round((((deg % 360) + 360) % 360) / 45) % 8] ?? 'north'

/** Wind that a place usually has. @param fromDeg clockwise from north */
export const sayUsualWind = (fromDeg: number): string =>
  `It usually blows from the ${sayBearing(fromDeg)} here. Check before you trust it.`
