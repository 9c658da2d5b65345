import type { Schools } from '../gear/index.ts'
import { type CarryResult, equalMassCarry, SINGLE_HAND_MAX, USUAL_TAPER_M } from '../line/index.ts'
import { singleHandEquivalent } from '../rod/index.ts'
import type { RigParts } from './parts.ts'

/** The double taper of the rod's own strength, by its single-hand number, that a head is compared with. */
export interface Carried {
  readonly number: number
  readonly carry: CarryResult
}

/** The length of double taper of the rod's strength that weighs what its head weighs (C3). [physics] */
export function carriedAs({ rod, head }: Pick<RigParts, 'rod' | 'head'>, schools: Schools): Carried {
  const number = Math.min(singleHandEquivalent(rod, schools.twoHandNumber), SINGLE_HAND_MAX)
  return { number, carry: equalMassCarry(number, USUAL_TAPER_M, head.massKg.value) }
}
