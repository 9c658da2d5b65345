import { cylinderDiameterM, type Item, type RigSlot } from '../gear/index.ts'
import { headFacts, type LineProfile } from '../line/index.ts'
import { tipFacts } from '../sink/index.ts'
import { type Check, type CheckCode, type CheckState, stateRank } from './check.ts'
import { leaderButtDiameterM } from './checks/tip.ts'
import { FLOATING_KG_PER_M3, SLOW_TIP_KG_PER_M3, TIP_KG_PER_M3 } from './density.ts'
import type { RigParts } from './parts.ts'

/** One part of the rig as it lies along the line, reel side first; drawn to scale from its real profile. */
export interface Piece {
  readonly slot: RigSlot
  readonly name: string
  readonly lengthM: number
  /** Diameters at points along the piece, from its rear end: [metres from the rear, diameter in metres]. */
  readonly outline: readonly (readonly [atM: number, diameterM: number])[]
  /** Share of the length, at the front, that sinks. */
  readonly sinkingShare: number
  readonly sinkRateMps: number
}

/** Running line drawn outside the rod [m]: what a caster holds, more lies on the reel. [practice] */
const RUNNING_SHOWN_M = 9

function profileOutline(line: LineProfile, densityKgPerM3: number): Piece['outline'] {
  const points: [number, number][] = []
  let atM = 0
  for (const section of [...line.sections].reverse()) {
    points.push([atM, cylinderDiameterM(section.endKgPerM, densityKgPerM3)])
    atM += section.lengthM
    points.push([atM, cylinderDiameterM(section.startKgPerM, densityKgPerM3)])
  }
  return points
}

const straight = (lengthM: number, rearM: number, frontM: number): Piece['outline'] => [
  [0, rearM],
  [lengthM, frontM],
]

function tipPiece(tip: NonNullable<RigParts['tip']>): Piece {
  const density = tip.level ? TIP_KG_PER_M3 : tip.sinkingLengthM > 0 ? SLOW_TIP_KG_PER_M3 : FLOATING_KG_PER_M3
  return {
    slot: 'tipId',
    name: tip.item.name,
    lengthM: tip.lengthM,
    outline: straight(
      tip.lengthM,
      cylinderDiameterM(tip.buttKgPerM, density),
      cylinderDiameterM(tip.pointKgPerM, density),
    ),
    sinkingShare: tip.sinkingLengthM / tip.lengthM,
    sinkRateMps: tip.sinkRateMps.value,
  }
}

const FLOATING = { sinkingShare: 0, sinkRateMps: 0 } as const

const headPiece = (head: RigParts['head']): Piece => ({
  slot: 'headId',
  name: head.head.name,
  lengthM: head.lengthM,
  outline: profileOutline(head.line, FLOATING_KG_PER_M3),
  ...FLOATING,
})

function runningPiece({ item, diameterM }: NonNullable<RigParts['runningLine']>): Piece {
  const outline = straight(RUNNING_SHOWN_M, diameterM.value, diameterM.value)
  return { slot: 'runningLineId', name: item.name, lengthM: RUNNING_SHOWN_M, outline, ...FLOATING }
}

function leaderPiece(leader: NonNullable<RigParts['leader']>): Piece {
  const butt = leaderButtDiameterM(leader)
  const point = leader.pointDiameterM ?? (leader.form === 'level' ? butt : butt / 2)
  const outline = straight(leader.lengthM, butt, point)
  return { slot: 'leaderId', name: leader.name, lengthM: leader.lengthM, outline, ...FLOATING }
}

/** The parts of a rig that lie along the line, from running line to leader. Rod and reel have no length on it. */
export function piecesOf({ head, tip, leader, runningLine }: RigParts): readonly Piece[] {
  return [
    runningLine && runningPiece(runningLine),
    headPiece(head),
    tip && tipPiece(tip),
    leader && leaderPiece(leader),
  ].filter((piece) => piece !== null)
}

/** One item as it lies along a line; null for what has no length there. */
export function pieceOfItem(item: Item): Piece | null {
  if (item.kind === 'head') return headPiece(headFacts(item))
  if (item.kind === 'tip' || item.kind === 'sinking-leader') return tipPiece(tipFacts(item))
  return item.kind === 'leader' ? leaderPiece(item) : null
}

/** Which part a failing check is marked on, and which parts could mend it, cheapest first. [practice] */
export const CHECK_SLOTS: Readonly<Record<CheckCode, readonly RigSlot[]>> = Object.freeze({
  'mass-in-window': ['headId', 'tipId', 'rodId'],
  'rod-number': ['headId', 'rodId'],
  'skagit-tip': ['tipId', 'headId'],
  'joint-step': ['tipId', 'headId'],
  'leader-joint': ['leaderId', 'tipId'],
  'tip-material': ['tipId', 'headId'],
  'fly-tip': ['tipId', 'headId'],
  'leader-length': ['leaderId', 'tipId'],
  depth: ['tipId', 'leaderId'],
  'room-behind': ['headId', 'rodId'],
  'running-line': ['runningLineId'],
  'reel-room': ['reelId', 'runningLineId'],
  'reel-cage': ['reelId', 'runningLineId'],
  'rod-fish': ['rodId'],
  'rod-cast': ['rodId'],
  season: ['headId'],
  water: ['headId', 'rodId'],
  'loop-in-guides': ['leaderId', 'tipId', 'headId'],
})

/** The worst state among the checks marked on each part. */
export function statesBySlot(checks: readonly Check[]): ReadonlyMap<RigSlot, CheckState> {
  const out = new Map<RigSlot, CheckState>()
  for (const { code, state } of checks) {
    const slot = CHECK_SLOTS[code][0]
    if (slot !== undefined && stateRank(state) > stateRank(out.get(slot) ?? 'holds')) out.set(slot, state)
  }
  return out
}
