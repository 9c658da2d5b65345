import { CARRY_M, compactLaunch, type Looped, liveInLoop, roomForLoop, type Stroke } from '../cast/index.ts'
import type { Day } from '../day/index.ts'
import { troutLine } from '../gear/index.ts'
import { castOverhead, type RigParts } from './parts.ts'
import { headOutM } from './swings/strand.ts'
import { reachM } from './swings/swung.ts'

/** A long line in one piece is carried in a D loop by so many rod lengths of it. [practice] */
const CARRIED_RODS = 2.6

/** However short the cast, so much of a line is carried [m]. */
const LEAST_CARRIED_M = 0.5

/** Parts of a day that bear on how a rig is thrown. */
export type ThrowDay = Pick<Day, 'water' | 'roomBehindM' | 'wadingM' | 'aheadMps' | 'plan'>

/** Parts that lie between the rod's tip and the fly. */
export type FrontParts = Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader'>
type Thrown = Pick<RigParts, 'rod' | 'head'>
/** Whether a rig is cast with the whole line behind. */
export const overhead = ({ rod, head }: Thrown, { water }: Pick<ThrowDay, 'water'>): boolean =>
  castOverhead(rod, head.head.style, water)

/** A rod and head with nothing in front yet. */
export const bare = ({ rod, head }: Thrown): FrontParts => ({ rod, head, tip: null, leader: null })

/**
 * Length of a head, or of a line in one piece, that is outside the rod on a cast of the day (C49) [m]: what the rod's reach, leader
 * and tip leave of it. The same that lies on the water. [physics]
 */
export const lineOutM = (parts: FrontParts, { plan }: Pick<Day, 'plan'>): number =>
  headOutM(parts, plan.castM - reachM(parts.rod.lengthM, plan.tipHeightM))

/** The length of a head in the air [m]: what is out, of a line in one piece no more than is carried of it. */
export function carriedM(parts: FrontParts, day: Pick<ThrowDay, 'water' | 'plan'>): number {
  const { rod, head } = parts
  const outM = Math.max(LEAST_CARRIED_M, lineOutM(parts, day))
  if (!head.onePiece) return outM
  return Math.min(outM, overhead(parts, day) ? CARRY_M.comfortable : CARRIED_RODS * rod.lengthM)
}

/** The parts of a rig that go into its D loop: of the head what can be out at most, for tip and leader lie anchored before it. */
export const loopedOf = (parts: Thrown, day: Pick<ThrowDay, 'water' | 'wadingM' | 'plan'>): Looped => ({
  wadingM: day.wadingM,
  rodM: parts.rod.lengthM,
  style: parts.head.head.style,
  carriedM: carriedM(bare(parts), day),
})

/** A trout line is rolled out to so many rod lengths of it (C50). [practice] */
const ROLLED_RODS = 3

/** Whether a rig is rolled out: a trout line, no further than it rolls. [practice] */
export const rolledOut = (parts: Thrown, day: Pick<ThrowDay, 'plan'>): boolean =>
  troutLine(parts.head.head.style) && lineOutM(bare(parts), day) <= ROLLED_RODS * parts.rod.lengthM

/** The stroke there is room for: compact where the full one has none. */
export const strokeIn = (parts: Thrown, day: ThrowDay): Stroke =>
  !overhead(parts, day) && roomForLoop(loopedOf(parts, day), day.roomBehindM) === 'compact'
    ? 'compact'
    : 'full'

/**
 * Share of a sound cast's launch that is left with this stroke; of a trout line besides only what hangs in the upper leg of its
 * loop drives it. [physics, estimate]
 */
export function launchShare(
  parts: Thrown,
  day: Pick<ThrowDay, 'water' | 'wadingM' | 'plan'>,
  stroke: Stroke,
): number {
  const looped = loopedOf(parts, day)
  const compact = stroke === 'compact' ? compactLaunch(looped) : 1
  const trout = !overhead(parts, day) && troutLine(parts.head.head.style)
  return trout ? compact * Math.sqrt(liveInLoop(parts.head.line, looped, stroke)) : compact
}

/** The length outside the rod's tip when the rear loop of a head, or of what is carried, stands at it [m]. */
export const outsideM = (lengthM: number, { tip, leader }: Pick<RigParts, 'tip' | 'leader'>): number =>
  lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
