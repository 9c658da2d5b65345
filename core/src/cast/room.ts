import type { HeadStyle } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { dLoopDepth } from './dLoop.ts'
import { OVERHANG_M } from './shoot.ts'

/**
 * Stroke of a D loop: in full, or in tight room with the tip kept near the shoulder and, of a Skagit, a good part left
 * anchored.
 */
export type Stroke = 'full' | 'compact'

/** Hand above the water in the D loop: about a foot [m]. [estimate] */
const HAND_HEIGHT_M = M_PER_FOOT
/** At the firing position the rod tip stands this far behind the angler, in rod lengths. [practice] */
const TIP_BEHIND: Readonly<Record<Stroke, number>> = Object.freeze({ full: 0.3, compact: 0.1 })
/** Line anchored on the water and not in the loop: of any head [m], and of a Skagit as a share of it (C34). [practice] */
const ANCHORED = { leastM: 3 * M_PER_FOOT, skagit: { full: 0.21, compact: 1 / 3 } } as const
/** The lowest a rod tip comes, however deep one stands [m]. */
const LOWEST_TIP_M = 1

/** A cast's line and rod, as thrown with a D loop. */
export interface Looped {
  readonly rodM: number
  readonly style: HeadStyle
  /** Of the head what is carried [m]. */
  readonly carriedM: number
  /** Wading depth [m]. */
  readonly wadingM?: number | undefined
}

/** The D loop of a cast. */
export interface DLoop {
  readonly tipHeightM: number
  /** Distance of the rod tip behind the angler [m]. */
  readonly tipBehindM: number
  readonly anchoredM: number
  /** Line in the loop [m]. */
  readonly arcM: number
  /** Room behind the tip [m]; 0 where the line is too short to make a loop. */
  readonly depthM: number
  /** Room behind the angler [m]. */
  readonly behindM: number
}

/** Height of the rod tip over the water, of a rod held up by one who wades so deep [m]. [estimate] */
export const tipHeightOf = (rodM: number, wadingM = 0): number =>
  Math.max(LOWEST_TIP_M, rodM + HAND_HEIGHT_M - wadingM)

/** Length of head anchored on the water and not in the loop [m]. [practice] */
const anchoredOf = ({ style, carriedM }: Looped, stroke: Stroke): number =>
  Math.max(ANCHORED.leastM, style === 'skagit' ? ANCHORED.skagit[stroke] * carriedM : 0)

/** Anchored line, and the line in the loop [m]: overhang and what is carried, less that. */
export function loopLine(looped: Looped, stroke: Stroke): Pick<DLoop, 'anchoredM' | 'arcM'> {
  const anchoredM = anchoredOf(looped, stroke)
  return { anchoredM, arcM: Math.max(0, OVERHANG_M + looped.carriedM - anchoredM) }
}

/** The D loop that a head makes, and the room it takes. [physics, estimate] */
export function dLoopOf(looped: Looped, stroke: Stroke): DLoop {
  const { rodM, wadingM } = looped
  const tipHeightM = tipHeightOf(rodM, wadingM)
  const tipBehindM = TIP_BEHIND[stroke] * rodM
  const { anchoredM, arcM } = loopLine(looped, stroke)
  const loop = dLoopDepth(tipHeightM, arcM)
  const depthM = loop.outcome === 'found' ? loop.depthM : 0
  return { tipHeightM, tipBehindM, anchoredM, arcM, depthM, behindM: tipBehindM + depthM }
}

export type RoomFor = 'enough' | 'compact' | 'tight' | 'none'

/** A little less than the D loop takes can be managed by those who have it in hand: so much of the room. [estimate] */
const ROOM_SLACK = 1.1

/**
 * Whether a D loop has room behind the angler: in full; a Skagit's in the compact stroke; another's only just; or not. The one
 * answer of the ledger's line and of the choice of casts. [practice, estimate]
 */
export function roomForLoop(looped: Looped, roomM: number): RoomFor {
  const { behindM } = dLoopOf(looped, 'full')
  if (behindM <= roomM) return 'enough'
  if (looped.style === 'skagit') return dLoopOf(looped, 'compact').behindM <= roomM ? 'compact' : 'none'
  return behindM <= roomM * ROOM_SLACK ? 'tight' : 'none'
}

/** Room behind the angler that a roll cast takes, in rod lengths, and the least it can be made in: the line hangs from the tip (C50). [practice] */
const ROLL_BEHIND = { enough: 0.4, tight: 0.3 } as const

/** Room behind the angler that a roll cast takes [m]: what lies on the water in front is its anchor (C50). [practice] */
export const rollBehindM = (rodM: number): number => ROLL_BEHIND.enough * rodM

/** Whether a roll cast has room behind the angler. [practice] */
export function roomForRoll(rodM: number, roomM: number): RoomFor {
  if (rollBehindM(rodM) <= roomM) return 'enough'
  return ROLL_BEHIND.tight * rodM <= roomM ? 'tight' : 'none'
}

/** A back cast with a little less than the whole line behind it: so much of the room. [estimate] */
const BACK_CAST_SLACK = 1.25

/** Whether a back cast has room behind by its length alone: for the whole line, only just, or not. [estimate] */
export function roomForBackCast(lineM: number, roomM: number): RoomFor {
  if (lineM <= roomM) return 'enough'
  return lineM <= roomM * BACK_CAST_SLACK ? 'tight' : 'none'
}

/** The tip's way from the D loop to the stop, in rod lengths ahead of where it starts. [practice] */
const STOP_AHEAD = 0.95

/**
 * Launch of a compact stroke as a share of a full one's: less line is live (what lies anchored loads nothing), and the tip's way is
 * shorter; work goes with both, speed with its root. [physics, estimate]
 */
export function compactLaunch(looped: Looped): number {
  const live = (stroke: Stroke): number => looped.carriedM - anchoredOf(looped, stroke)
  const way = (stroke: Stroke): number => TIP_BEHIND[stroke] + STOP_AHEAD
  return live('full') <= 0 ? 1 : Math.sqrt((live('compact') / live('full')) * (way('compact') / way('full')))
}
