import type { Cheater, Head } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { type HeadFacts, sectionsOf } from './head.ts'
import { kgPerMAt, lengthOf, massOf } from './profile.ts'

/** Whether a cheater can be looped in behind a head. */
export type Lengthened =
  | { readonly outcome: 'lengthened'; readonly head: Head }
  /** A line in one piece has no loop behind its head. */
  | { readonly outcome: 'one-piece' }
  /** There is one already. */
  | { readonly outcome: 'has-one' }

/**
 * A head with a cheater behind it, as a head of its own: mass and length are added, what its box said holds no more.
 * [physics]
 */
export function withCheater(
  facts: HeadFacts,
  { lengthM, kgPerM }: Pick<Cheater, 'lengthM' | 'kgPerM'>,
): Lengthened {
  const { head, line, onePiece } = facts
  if (onePiece) return { outcome: 'one-piece' }
  if (head.cheaterM !== undefined) return { outcome: 'has-one' }
  const { labelNumber: _box, labelStandard: _by, ...rest } = head
  return {
    outcome: 'lengthened',
    head: {
      ...rest,
      massKg: massOf(line) + lengthM * kgPerM,
      lengthM: lengthOf(line) + lengthM,
      cheaterM: lengthM,
      ...sectionsOf(facts, {
        sections: [...line.sections, { lengthM, startKgPerM: kgPerM, endKgPerM: kgPerM }],
      }),
    },
  }
}

/** The joint of a head with the cheater behind it; undefined where there is none. Mass per length either side [kg/m]. */
export function cheaterJoint({
  head,
  line,
}: Pick<HeadFacts, 'head' | 'line'>):
  | { readonly behindKgPerM: number; readonly aheadKgPerM: number }
  | undefined {
  if (head.cheaterM === undefined) return undefined
  const atM = lengthOf(line) - head.cheaterM
  return { behindKgPerM: kgPerMAt(line, lengthOf(line)), aheadKgPerM: kgPerMAt(line, atM - JUST_M) }
}
/** A hair to the side of a joint [m]. */
const JUST_M = 1e-6

/** A short cheater of a head's own belly: what is tried first. [practice] */
export const usualCheater = ({ line }: Pick<HeadFacts, 'line'>): Pick<Cheater, 'lengthM' | 'kgPerM'> => ({
  lengthM: USUAL_M,
  kgPerM: Math.max(...line.sections.flatMap(({ startKgPerM, endKgPerM }) => [startKgPerM, endKgPerM])),
})
const USUAL_M = 2.5 * M_PER_FOOT
