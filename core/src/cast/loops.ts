import type { RunningLine } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'

/** One pull of the stripping hand [m]. [practice] */
export const PULL_M = 3 * M_PER_FOOT
const COATED_LOOPS = 4

/**
 * Loops to hold for this much running line, first laid first, each in metres (C26): coated line staggered, each loop a pull
 * shorter than the one before, for equal loops tangle; mono in loops as long as the rod. [practice]
 * @param lengthM running line to hold [m], [0, ∞)
 */
export function loopsToHold(
  build: RunningLine['build'],
  lengthM: number,
  rodLengthM: number,
): readonly number[] {
  if (lengthM <= 0) return []
  if (build === 'mono') {
    const loopM = rodLengthM * 1.7
    const count = Math.max(1, Math.round(lengthM / loopM))
    return Array.from({ length: count }, () => lengthM / count)
  }
  const pulls = Math.ceil(lengthM / PULL_M - 1e-9)
  const count = Math.min(COATED_LOOPS, Math.max(1, Math.floor((Math.sqrt(8 * pulls + 1) - 1) / 2)))
  // The least stagger is count…1 pulls; what is over goes on all loops alike, the odd ones on the first.
  const over = pulls - (count * (count + 1)) / 2
  const each = Math.floor(over / count)
  return Array.from({ length: count }, (_, i) => (count - i + each + (i < over % count ? 1 : 0)) * PULL_M)
}
