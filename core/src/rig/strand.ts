import { cylinderDiameterM, type Leader } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import {
  COATED_RUNNING,
  FLOATING_KG_PER_M3,
  type HeadFacts,
  massOfFirst,
  strandKgPerM,
} from '../line/index.ts'
import { tipPieces, type WaterPart } from '../sink/index.ts'
import type { RigParts } from './parts.ts'

/** Level pieces a taper is cut into for the water, where it matters less than in the air. */
const PIECES = { head: 6, tip: 3, leader: 2 } as const
/** Least line between the rod tip and the head's rear loop while fishing [m]. [practice] */
const LEAST_OVERHANG_M = 0.6
const OWN_RUNNING: WaterPart = { lengthM: 0, ...COATED_RUNNING, floats: true }

/** The first `lengthM` of a head, rear end first, as level pieces. */
function headParts({ line }: HeadFacts, lengthM: number): readonly WaterPart[] {
  return Array.from({ length: PIECES.head }, (_, i) => {
    const from = lengthM * (1 - i / PIECES.head)
    const to = lengthM * (1 - (i + 1) / PIECES.head)
    const kgPerM = (massOfFirst(line, from) - massOfFirst(line, to)) / (from - to)
    const diameterM = cylinderDiameterM(kgPerM, FLOATING_KG_PER_M3)
    return { lengthM: from - to, kgPerM, diameterM, floats: true }
  })
}

function leaderParts(leader: Leader): readonly WaterPart[] {
  const material = leader.material ?? 'nylon'
  return Array.from({ length: PIECES.leader }, (_, i): WaterPart => {
    const diameterM = leaderDiameterM(leader, (i + 0.5) / PIECES.leader)
    return { lengthM: leader.lengthM / PIECES.leader, kgPerM: strandKgPerM(diameterM, material), diameterM }
  })
}

/** Everything of a rig that lies between rod tip and fly for a cast of this length, rod tip first. */
export function strandParts(
  { head, tip, leader, runningLine }: Pick<RigParts, 'head' | 'tip' | 'leader' | 'runningLine'>,
  fromRodTipM: number,
): readonly WaterPart[] {
  const front = [...(tip ? tipPieces(tip, PIECES.tip) : []), ...(leader ? leaderParts(leader) : [])]
  const frontM = front.reduce((sum, part) => sum + part.lengthM, 0)
  const leftM = Math.max(LEAST_OVERHANG_M, fromRodTipM - frontM)
  if (head.onePiece) {
    const headM = Math.min(head.lengthM, leftM)
    const behind = leftM - headM > 0.05 ? [{ ...OWN_RUNNING, lengthM: leftM - headM }] : []
    return [...behind, ...headParts(head, headM), ...front]
  }
  const overhangM = Math.max(LEAST_OVERHANG_M, leftM - head.lengthM)
  const behind: WaterPart = runningLine
    ? {
        lengthM: overhangM,
        kgPerM: runningLine.kgPerM.value,
        diameterM: runningLine.diameterM.value,
        floats: runningLine.item.build === 'coated',
      }
    : { ...OWN_RUNNING, lengthM: overhangM }
  return [behind, ...headParts(head, head.lengthM), ...front]
}
