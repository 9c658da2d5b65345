import type { Rod, Schools } from '../gear/index.ts'

export type NumberSchool = Schools['twoHandNumber']

/** Rods up to this number count as trout two-handers in the default school. [practice] */
const TROUT_TWO_HANDER_MAX = 5

/** The number a window is estimated from: the upper one of a pair. */
export const ratedNumber = (rod: Rod): number => rod.lineNumberHigh ?? rod.lineNumber

/**
 * How many single-hand numbers heavier a rod of this number is. Two schools: two or three; by default two for trout
 * two-handers (no. ≤ 5) and three above, since that fits the heads people really use. [practice]
 */
export function numberStep(rod: Rod, school: NumberSchool): number {
  if (rod.hands === 'single') return 0
  if (school === 'plus-two') return 2
  if (school === 'plus-three') return 3
  return ratedNumber(rod) <= TROUT_TWO_HANDER_MAX ? 2 : 3
}

/** Single-hand number with about the same strength. [practice] */
export function singleHandEquivalent(rod: Rod, school: NumberSchool): number {
  return ratedNumber(rod) + numberStep(rod, school)
}
