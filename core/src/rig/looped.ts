import { CARRY_M, compactLaunch, type Looped, liveInLoop, roomForLoop, type Stroke } from '../cast/index.ts'
import type { Day } from '../day/index.ts'
import { castOverhead, type RigParts } from './parts.ts'

/** A long line in one piece is carried in a D loop by so many rod lengths of it. [practice] */
const CARRIED_RODS = 2.6

/** Parts of a day that bear on how a rig is thrown. */
export type ThrowDay = Pick<Day, 'water' | 'roomBehindM' | 'wadingM' | 'aheadMps'>

type Thrown = Pick<RigParts, 'rod' | 'head'>
const overhead = ({ rod, head }: Thrown, { water }: Pick<ThrowDay, 'water'>): boolean =>
  castOverhead(rod, head.head.style, water)

/** The length of a head in the air [m]: all of it, or what is carried of a line in one piece. */
export function carriedM(parts: Thrown, day: Pick<ThrowDay, 'water'>): number {
  const { rod, head } = parts
  if (!head.onePiece) return head.lengthM
  return Math.min(head.lengthM, overhead(parts, day) ? CARRY_M.comfortable : CARRIED_RODS * rod.lengthM)
}

/** The parts of a rig that go into its D loop. */
export const loopedOf = (parts: Thrown, day: Pick<ThrowDay, 'water' | 'wadingM'>): Looped => ({
  wadingM: day.wadingM,
  rodM: parts.rod.lengthM,
  style: parts.head.head.style,
  carriedM: carriedM(parts, day),
})

/** The stroke there is room for: compact where the full one has none. */
export const strokeIn = (parts: Thrown, day: ThrowDay): Stroke =>
  !overhead(parts, day) && roomForLoop(loopedOf(parts, day), day.roomBehindM) === 'compact'
    ? 'compact'
    : 'full'

/**
 * Share of a sound cast's launch that is left with this stroke; of a trout line besides only what hangs in the upper leg of its
 * loop drives it. [physics, estimate]
 */
export function launchShare(parts: Thrown, day: Pick<ThrowDay, 'water' | 'wadingM'>, stroke: Stroke): number {
  const { style } = parts.head.head
  const looped = loopedOf(parts, day)
  const compact = stroke === 'compact' ? compactLaunch(looped) : 1
  const trout = !overhead(parts, day) && (style === 'double-taper' || style === 'weight-forward')
  return trout ? compact * Math.sqrt(liveInLoop(parts.head.line, looped, stroke)) : compact
}

/** The length outside the rod's tip when the rear loop of a head, or of what is carried, stands at it [m]. */
export const outsideM = (lengthM: number, { tip, leader }: Pick<RigParts, 'tip' | 'leader'>): number =>
  lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
