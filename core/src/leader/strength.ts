import { KG_PER_POUND, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'

const N_PER_LBF = KG_PER_POUND * STANDARD_GRAVITY_MPS2

/**
 * What swung fish want of a leader, in pounds of pounds of fish: over the fish's weight while fish are small, under it when
 * they are big, since a tight line takes the take but no angler pulls that hard. Through the practice points of C37. [estimate]
 */
const WANTED = Object.freeze({ pounds: 4, power: 0.53 })

/** Below these shares of what is wanted a leader is to be watched, and breaks (C37). [estimate] */
const SHARES = Object.freeze({ holds: 0.7, watch: 0.45 })

/**
 * Strength wanted of a leader's weakest piece, as its spool prints it; a usual knot is allowed for (C37). [estimate]
 * @param fishKg heaviest fish of the day [kg] @returns [N]
 */
export const neededStrengthN = (fishKg: number): number =>
  WANTED.pounds * (fishKg / KG_PER_POUND) ** WANTED.power * N_PER_LBF

/** What a leader's weakest piece must break at for a fish [N]: to hold, and not to break the rig (C37). [estimate] */
export function leastStrengthN(fishKg: number): { readonly holds: number; readonly watch: number } {
  const wanted = neededStrengthN(fishKg)
  return { holds: wanted * SHARES.holds, watch: wanted * SHARES.watch }
}
