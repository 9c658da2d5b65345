import { KG_PER_POUND, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'

const N_PER_LBF = KG_PER_POUND * STANDARD_GRAVITY_MPS2

/**
 * Leader strength wanted, in pounds per pounds of fish to a power: over the fish's weight while fish are small, under it when
 * they are big, since a tight line takes the take but no angler pulls that hard. Through the practice points of C37. [estimate]
 */
const WANTED = Object.freeze({ pounds: 4, power: 0.53 })

/**
 * Share of a line's strength that a well-tied knot at the fly keeps. The first is the usual one, allowed for in what is wanted.
 * [estimate] The usual one as practised (C37); the others common practice, no source.
 */
export const FLY_KNOT_SHARES = Object.freeze({ 'non-slip-loop': 0.85, clinch: 0.8, 'double-clinch': 0.9 })
export type FlyKnot = keyof typeof FLY_KNOT_SHARES
export const USUAL_FLY_KNOT: FlyKnot = 'non-slip-loop'

/** Below these shares of what is wanted a leader is to be watched, and breaks (C37). [estimate] */
const SHARES = Object.freeze({ holds: 0.7, watch: 0.45 })

/**
 * Strength wanted of a leader's weakest piece, as its spool prints it; the knot at the fly is allowed for (C37). [estimate]
 * @param fishKg heaviest fish of the day [kg] @returns [N]
 */
export const neededStrengthN = (fishKg: number, knot: FlyKnot = USUAL_FLY_KNOT): number =>
  ((WANTED.pounds * (fishKg / KG_PER_POUND) ** WANTED.power * N_PER_LBF) / FLY_KNOT_SHARES[knot]) *
  FLY_KNOT_SHARES[USUAL_FLY_KNOT]

/** So many times as strong as is wanted is as good where a thick point serves: it turns the fly over. [practice] */
const AS_GOOD = 2.5

/**
 * Doublings between a leader's strength and the one to prefer (C37): the wanted one, or anything from it to 2½ times it where a thick
 * point serves. [practice]
 * @param breakingN printed on its weakest piece's spool [N] @param stout bulky or heavy flies, or fish at the bottom
 */
export function offWantedStrength(
  breakingN: number,
  fishKg: number,
  stout: boolean,
  knot: FlyKnot = USUAL_FLY_KNOT,
): number {
  const off = Math.log2(breakingN / neededStrengthN(fishKg, knot))
  return stout && off > 0 ? Math.max(0, off - Math.log2(AS_GOOD)) : Math.abs(off)
}

/** Least breaking strength of a leader's weakest piece for a fish [N]: to hold, and not to break the rig (C37). [estimate] */
export function leastStrengthN(
  fishKg: number,
  knot: FlyKnot = USUAL_FLY_KNOT,
): { readonly holds: number; readonly watch: number } {
  const wanted = neededStrengthN(fishKg, knot)
  return { holds: wanted * SHARES.holds, watch: wanted * SHARES.watch }
}
