import type { Side, Skill } from '../cast/index.ts'
import type { Run } from '../water/index.ts'
import { behindOf } from './behind.ts'
import type { Stand } from './stand.ts'
import { bankOf, castLineDeg, type Wind } from './wind.ts'

/** Where one stands and in what air, as far as a cast is judged by it. */
export interface CastPlace extends Pick<Stand, 'obstruction' | 'behindHighM' | 'shoulder' | 'swellM'> {
  /** Looking downstream; null in the surf. */
  readonly bank: Side | null
  readonly wind: Wind
  /** The cast's line: 0 straight across, + to the right [°]. */
  readonly targetDeg: number
  readonly skill: Skill
}

/** Readings of a weather station are judged in steps of these, so that lists do not flicker with them [m/s], [°]. */
const STEPS = { mps: 0.5, deg: 5 } as const
const toStep = (value: number, step: number): number => Math.round(value / step) * step

/** A station's wind in steps; a value set by hand is used as it is. */
function judgedWind(wind: Wind): Wind {
  if (wind.by !== 'station') return wind
  const { fromDeg, mps, gustMps, veerDeg } = wind
  return {
    ...wind,
    fromDeg: toStep(fromDeg, STEPS.deg) % 360,
    mps: toStep(mps, STEPS.mps),
    gustMps: gustMps && toStep(gustMps, STEPS.mps),
    veerDeg: veerDeg && toStep(veerDeg, STEPS.deg),
    atMs: undefined,
  }
}

/** Where one stands at a pool, or without one, to cast at an angle. @param angleDeg the plan's */
export function castPlaceOf(
  surf: boolean,
  pool: Run | undefined,
  stand: Stand,
  wind: Wind,
  angleDeg: number,
): CastPlace {
  const bank = bankOf(pool, stand)
  const { skill, shoulder, swellM } = stand
  return {
    ...behindOf(pool, stand),
    bank: surf ? null : bank,
    wind: judgedWind(wind),
    targetDeg: castLineDeg(surf, bank, angleDeg),
    skill,
    shoulder,
    swellM: surf ? swellM : undefined,
  }
}
