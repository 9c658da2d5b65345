import { massOnWindow, type RigParts } from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import type { Candidates } from './candidates.ts'
import { closenessCost } from './score.ts'

/** The distance from the aim, with this tip. */
export function closeness(
  parts: Pick<RigParts, 'rod' | 'head' | 'tip'>,
  window: GrainWindow | undefined,
): number {
  return closenessCost(massOnWindow(parts.rod, parts.head, parts.tip, window?.counts ?? 'head'), window)
}

/** Mass that each tip adds on a window that counts tips [kg], lightest first. */
export const addedKg = (tips: Candidates['tips']): readonly number[] =>
  tips.map((tip) => (tip?.item.kind === 'tip' ? tip.massKg.value : 0)).sort((a, b) => a - b)

/** Place of the first that is at least this heavy. */
function placeOf(masses: readonly number[], kg: number): number {
  let low = 0
  let high = masses.length
  while (low < high) {
    const middle = (low + high) >> 1
    if ((masses[middle] ?? 0) < kg) low = middle + 1
    else high = middle
  }
  return low
}

/** The closest any tip can bring the mass to the aim. */
export function leastCloseness(
  parts: Pick<RigParts, 'rod' | 'head' | 'tip'>,
  window: GrainWindow | undefined,
  added: readonly number[],
): number {
  if (window?.counts !== 'head+tip') return closeness(parts, window)
  const bareKg = massOnWindow(parts.rod, parts.head, null, 'head')
  const place = placeOf(added, window.aimKg - bareKg)
  const at = (i: number): number => closenessCost(bareKg + (added[i] ?? 0), window)
  return Math.min(at(Math.max(0, place - 1)), at(Math.min(place, added.length - 1)))
}
