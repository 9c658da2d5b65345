import type { Dropper, FlyShape, Leader } from '../../gear/index.ts'
import { leaderDiameterM } from '../../leader/index.ts'
import { COATED_RUNNING, strandKgPerM } from '../../line/index.ts'
import { flyInWater, headPieces, tipPieces, type WaterPart } from '../../sink/index.ts'
import type { RigParts } from '../parts.ts'

/** Level pieces a taper is cut into for the water, where it matters less than in the air. */
const PIECES = { head: 6, tip: 3, leader: 2 } as const
/** However short the cast, so much line is out [m]. */
const LEAST_OUT_M = 0.5
const OWN_RUNNING: Omit<WaterPart, 'lengthM'> = { ...COATED_RUNNING, floats: true }

/** A leader in the water, level pieces butt first. @param greased so that it floats with its fly (C52) */
export function leaderPieces(leader: Leader, greased: boolean): readonly WaterPart[] {
  const material = leader.material ?? 'nylon'
  return Array.from({ length: PIECES.leader }, (_, i): WaterPart => {
    const diameterM = leaderDiameterM(leader, (i + 0.5) / PIECES.leader)
    const piece = {
      lengthM: leader.lengthM / PIECES.leader,
      kgPerM: strandKgPerM(diameterM, material),
      diameterM,
    }
    return greased ? { ...piece, floats: true } : piece
  })
}

type Strand = Pick<RigParts, 'head' | 'tip' | 'leader' | 'runningLine'>

/** Cuts pieces where a dropper hangs, so far up from their end, and hangs its fly there. */
function withDropper(pieces: readonly WaterPart[], { fly, upM }: Dropper): readonly WaterPart[] {
  const out: WaterPart[] = []
  let fromEndM = 0
  let hung = false
  for (const piece of pieces.toReversed()) {
    const behindM = fromEndM + piece.lengthM - upM
    if (hung || behindM <= 1e-6) out.unshift(piece)
    else {
      hung = true
      if (behindM < piece.lengthM) out.unshift({ ...piece, lengthM: piece.lengthM - behindM })
      out.unshift({ ...piece, lengthM: Math.min(behindM, piece.lengthM), hangs: flyInWater(fly) })
    }
    fromEndM += piece.lengthM
  }
  return out
}

/** Flies at the end of a strand, as far as the strand depends on them. */
export interface Flies {
  readonly fly?: FlyShape | undefined
  readonly dropper?: Dropper | undefined
}

/** From the head's rear loop to the leader's end, with what hangs on the way. */
export function frontPieces(
  { head, tip, leader }: Omit<Strand, 'runningLine'>,
  { fly, dropper }: Flies = {},
): readonly WaterPart[] {
  const pieces = [
    ...headPieces(head, PIECES.head),
    ...(tip ? tipPieces(tip, PIECES.tip) : []),
    ...(leader ? leaderPieces(leader, fly?.floats !== undefined) : []),
  ]
  return dropper === undefined ? pieces : withDropper(pieces, dropper)
}

function runningPiece({ head, runningLine: line }: Strand): Omit<WaterPart, 'lengthM'> {
  if (line === null || head.onePiece) return OWN_RUNNING
  const floats = line.item.build === 'coated'
  return { kgPerM: line.kgPerM.value, diameterM: line.diameterM.value, floats }
}

/** Of a head the length outside the rod's tip [m], when so much lies between tip and fly. */
export const headOutM = ({ head, tip, leader }: Omit<Strand, 'runningLine'>, fromRodTipM: number): number =>
  Math.max(0, Math.min(head.lengthM, fromRodTipM - (tip?.lengthM ?? 0) - (leader?.lengthM ?? 0)))

/**
 * Everything of a rig that lies between rod tip and fly for a cast of this length, rod tip first. Where the cast is shorter
 * than head, tip and leader, the rest of them stays inside the rod.
 */
export function strandParts(strand: Strand, fromRodTipM: number, flies?: Flies): readonly WaterPart[] {
  let leftM = Math.max(LEAST_OUT_M, fromRodTipM)
  const out: WaterPart[] = []
  for (const piece of frontPieces(strand, flies).toReversed()) {
    if (leftM <= 0) break
    out.unshift({ ...piece, lengthM: Math.min(piece.lengthM, leftM) })
    leftM -= piece.lengthM
  }
  return leftM > 0 ? [{ ...runningPiece(strand), lengthM: leftM }, ...out] : out
}
