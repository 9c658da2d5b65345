import { type CastWind, type Side, windOn } from '../cast/index.ts'
import { type Weather, weatherNow } from '../sky/index.ts'
import type { Run, Spot } from '../water/index.ts'
import type { Stand, WindBy } from './stand.ts'

/** The wind of a day where one stands, and who says so. */
export interface Wind extends CastWind {
  readonly by: WindBy
  /** When the station measured it [ms since 1970]. */
  readonly atMs?: number | undefined
}

const turned = (deg: number): number => ((deg % 360) + 360) % 360

/** A wind by the compass as one feels it who faces the water: 0 from ahead. [geometry] */
const facing = (fromDeg: number, { facesDeg }: Pick<Spot, 'facesDeg'>): number => turned(fromDeg - facesDeg)

/**
 * The wind that counts: as the angler has chosen who says it. A station that has told nothing, or a place that has no usual wind,
 * leaves what was set by hand.
 */
export function windOf(stand: Stand, spot: Spot | undefined, weather: Weather | undefined): Wind {
  const byHand: Wind = { ...stand.wind, by: 'hand' }
  if (spot === undefined) return byHand
  if (stand.windBy === 'usual' && spot.prevailing !== undefined)
    return { fromDeg: facing(spot.prevailing.fromDeg, spot), mps: spot.prevailing.mps, by: 'usual' }
  const read = stand.windBy === 'station' ? weatherNow(weather) : undefined
  if (read === undefined) return byHand
  const { atMs, mps, gustMps, veerDeg } = read
  return { fromDeg: facing(read.fromDeg, spot), mps, gustMps, veerDeg, by: 'station', atMs }
}

/** Plans count their angle from straight downstream, casts from straight across [°]. */
const ACROSS_DEG = 90

/** The line of the cast [°]: 0 straight across, + to the right; in the surf straight out. @param angleDeg the plan's */
export const castLineDeg = (surf: boolean, bank: Side, angleDeg: number): number =>
  surf ? 0 : (bank === 'right' ? 1 : -1) * (ACROSS_DEG - angleDeg)

/** The bank one stands on: the pool's, or, without one, as was said. */
export const bankOf = (pool: Run | undefined, stand: Pick<Stand, 'bank'>): Side => pool?.bank ?? stand.bank

/** Wind along the cast is judged in steps of this [m/s], so that lists do not flicker with it. */
const AHEAD_STEP_MPS = 0.5

/** Wind along the cast, from ahead when positive, as far as it bears on the reach [m/s]. */
export const aheadOf = (wind: CastWind, lineDeg: number): number =>
  Math.round(windOn(wind, lineDeg).aheadMps / AHEAD_STEP_MPS) * AHEAD_STEP_MPS || 0

/** A wind as it is set by hand: gusts below the wind itself are none. */
export const blowing = ({ gustMps = 0, ...wind }: Stand['wind']): Stand['wind'] =>
  gustMps > wind.mps ? { ...wind, gustMps } : wind
