import type { Rod, Schools } from '../gear/index.ts'

export type NumberSchool = Schools['twoHandNumber']

/** The number a window is estimated from: the upper one of a pair. */
export const ratedNumber = (rod: Rod): number => rod.lineNumberHigh ?? rod.lineNumber

/**
 * Single-hand numbers that a rod of this number is heavier. Two schools: two or three; by default two for trout
 * two-handers and three for switch rods, full two-handers and surf rods, since that fits the heads people really use
 * (C9). [practice]
 */
export function numberStep(rod: Rod, school: NumberSchool): number {
  if (rod.hands === 'single') return 0
  if (school === 'plus-two') return 2
  if (school === 'plus-three') return 3
  return rod.hands === 'trout-two-hander' ? 2 : 3
}

/** Single-hand number with about the same strength. [practice] */
export function singleHandEquivalent(rod: Rod, school: NumberSchool): number {
  return ratedNumber(rod) + numberStep(rod, school)
}

/** The same read the other way: numbers of two-handers about as strong as a single-hand rod, by the school of three and of two (C9). [practice] */
export const twoHandEquivalents = (singleHandNumber: number): readonly number[] =>
  [3, 2].map((step) => singleHandNumber - step).filter((number) => number >= 1)
