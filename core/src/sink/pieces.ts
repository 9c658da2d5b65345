import { KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_FOOT } from '../quantity/index.ts'

/** Lengths that level tips are cut to, shortest first [m]. [practice] */
export const LEVEL_TIPS_M: readonly number[] = Object.freeze(
  [2.5, 5, 7.5, 10, 12.5, 15].map((ft) => ft * M_PER_FOOT),
)

/** A piece of level material as it is often bought, and the most that is laid out on a bench: length [m], mass per length [kg/m]. */
export const PIECE = Object.freeze({
  lengthM: { usual: 15 * M_PER_FOOT, high: 40 * M_PER_FOOT },
  kgPerM: { usual: 11 * KG_PER_M_PER_GRAIN_PER_FOOT, high: 25 * KG_PER_M_PER_GRAIN_PER_FOOT },
})

/** A piece of level material cut into tips of different lengths, longest first. */
export interface TipSet {
  readonly lengthsM: readonly number[]
  /** Length left over [m]. */
  readonly restM: number
}

/** A hair's breadth [m]. */
const HAIR_M = 1e-6

/** Ways to take different tips, longest first, that are together no longer than this; none among them. */
function ways(from: number, leftM: number): readonly (readonly number[])[] {
  const more = LEVEL_TIPS_M.slice(0, from).flatMap((lengthM, i) =>
    lengthM <= leftM + HAIR_M ? ways(i, leftM - lengthM).map((rest) => [lengthM, ...rest]) : [],
  )
  return [[], ...more]
}

/**
 * The sets of different tips that a piece of level material can be cut into, with less left over than the shortest tip where
 * that can be; least left over first, then the fewest cuts. Common practice, no source.
 * @param pieceM [m], (0, ∞)
 * @example tipSets(4.572).map(({ lengthsM }) => lengthsM.map((m) => Math.round(m / 0.0762) / 4)) // [[15], [12.5, 2.5], [10, 5], [7.5, 5, 2.5]]
 */
export function tipSets(pieceM: number): readonly TipSet[] {
  const sets = ways(LEVEL_TIPS_M.length, pieceM)
    .filter((lengthsM) => lengthsM.length > 0)
    .map((lengthsM) => ({ lengthsM, restM: Math.max(0, pieceM - lengthsM.reduce((sum, m) => sum + m, 0)) }))
    .sort(
      (a, b) =>
        Math.round((a.restM - b.restM) / HAIR_M) ||
        a.lengthsM.length - b.lengthsM.length ||
        (b.lengthsM[0] ?? 0) - (a.lengthsM[0] ?? 0),
    )
  const shortestM = LEVEL_TIPS_M[0] ?? 0
  const used = sets.filter(({ restM }) => restM < shortestM - HAIR_M)
  return used.length > 0 ? used : sets.slice(0, 1)
}
