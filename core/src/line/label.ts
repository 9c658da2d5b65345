import type { HeadFacts } from './head.ts'
import { massOfFirst } from './profile.ts'
import {
  classLengthM,
  type NumberReading,
  nearestClass,
  SINGLE_HAND_LENGTH_M,
  singleHandNumber,
  type TwoHandClass,
  twoHandNumber,
} from './standard.ts'

/** Reading of a head in each standard, beside the label on its box. */
export interface LabelReading {
  /** By all the mass the head puts in the air, as if it were the first 30 ft of a single-hand line. */
  readonly singleHand: NumberReading
  /** By the two-hand class nearest to its length. */
  readonly twoHand: NumberReading & { readonly of: TwoHandClass }
  /** Label number minus what the same standard makes of the mass; absent when there is no label. */
  readonly labelOff?: number
}

/**
 * @returns numbers by mass; a head shorter than the length a standard weighs counts with its whole mass, which is why
 * short heads read so high. [standard]
 */
export function readLabel(facts: HeadFacts): LabelReading {
  const { head } = facts
  const of = nearestClass(facts.lengthM)
  const weighed = (lengthM: number): number => massOfFirst(facts.line, lengthM)
  const singleHand = singleHandNumber(weighed(SINGLE_HAND_LENGTH_M))
  const twoHand = { ...twoHandNumber(weighed(classLengthM(of)), of), of }
  if (head.labelNumber === undefined) return { singleHand, twoHand }
  const standard = head.labelStandard ?? 'single-hand'
  const real =
    standard === 'single-hand' ? singleHand : twoHandNumber(weighed(classLengthM(standard)), standard)
  return { singleHand, twoHand, labelOff: head.labelNumber - real.exact }
}
