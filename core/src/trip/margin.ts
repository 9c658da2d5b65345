import { massOnWindow, offTop, type RigParts } from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import { SWING_THRESHOLDS, type Swung } from '../swing/index.ts'

/** A rig as far as its margin goes. */
interface Fished {
  readonly parts: RigParts
  readonly window: GrainWindow | undefined
  readonly swung?: Swung | undefined
}

const share = (value: number): number => Math.max(0, Math.min(1, value))

/** Room left in the rod's window, [0, 1]: 1 where to look first, 0 at the nearer edge. */
function inWindow({ parts, window }: Fished): number {
  if (window === undefined) return 0
  const massKg = massOnWindow(parts.rod, parts.head, parts.tip, window.counts)
  const edgeKg = massKg < window.aimKg ? window.lowKg : window.highKg
  return edgeKg === window.aimKg ? 0 : share((edgeKg - massKg) / (edgeKg - window.aimKg))
}

/** Room left on the swing, [0, 1]: 1 with the fish all the time, 0 just long enough; a floating fly by how far from its best. */
function onSwing({ swung }: Fished): number {
  if (swung === undefined) return 0
  const { holdingShare, onTop } = swung.summary
  if (onTop !== undefined) return share(1 - offTop(onTop))
  const { holdsShare } = SWING_THRESHOLDS
  return share((holdingShare - holdsShare) / (1 - holdsShare))
}

/** How much may go wrong before a rig no longer holds, [0, 1]: the less of its room in the window and on the swing. [estimate] */
export const marginOf = (rig: Fished): number => Math.min(inWindow(rig), onSwing(rig))
