import type { Backing, Spool } from '../gear/index.ts'
import { fillSpool, PACKING } from '../reel/index.ts'
import type { RigParts } from './parts.ts'
import { woundLines } from './wound.ts'

/**
 * Backing there is room for on a spool under a rig's lines [m].
 * @param packing share of the wound space that is line, (0, 0.907]
 */
export function backingRoomM(
  parts: Pick<RigParts, 'head' | 'runningLine'>,
  spool: Spool,
  packing: number = PACKING.usual,
  backing?: Backing,
): number {
  const [under, ...rest] = woundLines(parts, backing, 0)
  return fillSpool(spool, packing, rest, under.diameterM).backingM ?? 0
}
