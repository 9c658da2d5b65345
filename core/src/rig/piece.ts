import { cylinderDiameterM, type Item } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import { FLOATING_KG_PER_M3, headFacts, type LineProfile } from '../line/index.ts'
import { isTipItem, tipFacts, tipPieces } from '../sink/index.ts'
import type { RigSlot } from './chosen/choice.ts'
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

/** Pieces a tip is drawn from. */
const TIP_PIECES = 8

/** Level pieces one behind the other, butt first, as an outline. */
function steps(
  pieces: readonly { readonly lengthM: number; readonly diameterM: number }[],
): Piece['outline'] {
  let atM = 0
  return pieces.flatMap(({ lengthM, diameterM }) => {
    const from = atM
    atM += lengthM
    return [[from, diameterM] as const, [atM, diameterM] as const]
  })
}

function tipPiece(tip: NonNullable<RigParts['tip']>): Piece {
  return {
    slot: 'tipId',
    name: tip.item.name,
    lengthM: tip.lengthM,
    outline: steps(tipPieces(tip, TIP_PIECES)),
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
  const outline = straight(leader.lengthM, leaderDiameterM(leader, 0), leaderDiameterM(leader, 1))
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
  if (isTipItem(item)) return tipPiece(tipFacts(item))
  return item.kind === 'leader' ? leaderPiece(item) : null
}
