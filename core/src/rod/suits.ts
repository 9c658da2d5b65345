import type { Rod } from '../gear/index.ts'
import { type EvidenceTag, KG_PER_POUND, M_PER_FOOT } from '../quantity/index.ts'
import { ratedNumber } from './number.ts'

export interface TaggedSpan {
  readonly low: number
  readonly high: number
  readonly tag: EvidenceTag
}

/** A fish much smaller than the rod's largest gives no sport and no warning of a break-off. [practice] */
const SMALLEST_SHARE = 0.12

/**
 * Fish this rod is made for [kg]. Trout two-handers: up to about twice their number in pounds (C7, practice). Other
 * rods by the same reasoning: three times the number for a full two-hander, twice the number less two for one hand.
 */
export function fishSpanKg(rod: Rod): TaggedSpan {
  const number = ratedNumber(rod)
  const trout = rod.hands !== 'single' && number <= 5
  const pounds = trout
    ? FISH_POUNDS_PER_NUMBER * number
    : rod.hands === 'single'
      ? Math.max(2, 2 * (number - 2))
      : 3 * number
  const high = pounds * KG_PER_POUND
  return { low: high * SMALLEST_SHARE, high, tag: trout ? 'practice' : 'estimate' }
}

const feet = (low: number, high: number): TaggedSpan => ({
  low: low * M_PER_FOOT,
  high: high * M_PER_FOOT,
  tag: 'practice',
})

/** Change of it by small and big water, in feet: small water short rods, big rivers nothing short (C6). [practice] */
const BY_WATER = { small: { high: 11.5 }, big: { low: 12.5, high: 15 } } as const

/**
 * Two-handed rod length [m] for a cast of this length [m] (C6): 30–60 ft → 10½–11½ ft, longer → 12½–13 ft, and
 * 14–15 ft for the longest; on small water never long, on a big river never short. [practice]
 */
export function rodLengthForCast(castM: number, water: 'small' | 'middle' | 'big' = 'middle'): TaggedSpan {
  const castFt = castM / M_PER_FOOT
  const row = ROD_FOR_CAST.find((r) => castFt <= r.uptoFt) ?? ROD_FOR_CAST[ROD_FOR_CAST.length - 1]
  if (row === undefined) throw new Error('no rule')
  if (water === 'small')
    return feet(Math.min(row.low, ROD_FOR_CAST[0].low), Math.min(row.high, BY_WATER.small.high))
  if (water === 'big') return feet(Math.max(row.low, BY_WATER.big.low), Math.max(row.high, BY_WATER.big.high))
  return feet(row.low, row.high)
}

/** Rod length in feet for casts up to so many feet (C6). [practice] */
export const ROD_FOR_CAST = Object.freeze([
  { uptoFt: 60, low: 10.5, high: 11.5 },
  { uptoFt: 90, low: 12.5, high: 13 },
  { uptoFt: Number.POSITIVE_INFINITY, low: 14, high: 15 },
] as const)
/** Pounds of fish for each number of a trout two-hander (C7). [practice] */
export const FISH_POUNDS_PER_NUMBER = 2

/** Cast of one hand, in comfort and at a pinch [m]. [practice] */
export const SINGLE_HAND_CAST_M = Object.freeze({ easy: 60 * M_PER_FOOT, hard: 75 * M_PER_FOOT })

/** Casts a rod is comfortable with [m]: the same rule read the other way; one hand manages 50–60 ft. [practice] */
export function castSpanM(rod: Rod): TaggedSpan {
  if (rod.hands === 'single') return { ...feet(20, 60), high: SINGLE_HAND_CAST_M.easy }
  if (rod.hands === 'surf') return feet(50, 110)
  const lengthFt = rod.lengthM / M_PER_FOOT
  if (lengthFt < 12) return feet(30, 60)
  return lengthFt < 13.75 ? feet(50, 90) : feet(70, 120)
}
