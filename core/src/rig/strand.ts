import { cylinderDiameterM, type Leader } from '../gear/index.ts'
import { type HeadFacts, massOfFirst, strandKgPerM } from '../line/index.ts'
import { KG_PER_M_PER_GRAIN_PER_FOOT } from '../quantity/index.ts'
import { diameterForSinkRate, type TipFacts, type WaterPart } from '../sink/index.ts'
import { leaderButtDiameterM } from './checks/tip.ts'
import { FLOATING_KG_PER_M3 } from './density.ts'
import type { RigParts } from './parts.ts'

/** Level pieces a taper is cut into for the water, where it matters less than in the air. */
const PIECES = { head: 6, tip: 3, leader: 2 } as const
/** Least line between the rod tip and the head's rear loop while fishing [m]. [practice] */
const LEAST_OVERHANG_M = 0.6
/** Floating part of a part-sinking tip [kg/m]. [estimate] */
const FLOATING_PART_KG_PER_M = 6 * KG_PER_M_PER_GRAIN_PER_FOOT
/** Running line behind a line in one piece, where its own is not told [kg/m] and [m]. [practice] */
const OWN_RUNNING: WaterPart = { lengthM: 0, kgPerM: 1.3e-3, diameterM: 1.35e-3, floats: true }

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

const floating = (lengthM: number, kgPerM: number): WaterPart => ({
  lengthM,
  kgPerM,
  diameterM: cylinderDiameterM(kgPerM, FLOATING_KG_PER_M3),
  floats: true,
})

/** A tip in the water, its sinking part as thick as its sink rate asks. */
function tipParts(tip: TipFacts): readonly WaterPart[] {
  const { lengthM, sinkingLengthM, buttKgPerM, pointKgPerM } = tip
  const floatingM = lengthM - sinkingLengthM
  if (sinkingLengthM <= 0) return [floating(lengthM, tip.massKg.value / lengthM)]
  const at = (share: number): number => buttKgPerM + (pointKgPerM - buttKgPerM) * share
  const joined = floatingM > 0.01
  const floatKgPerM = Math.min(FLOATING_PART_KG_PER_M, tip.massKg.value / lengthM)
  const sinkKgPerM = (tip.massKg.value - floatKgPerM * floatingM) / sinkingLengthM
  const pieces = Array.from({ length: PIECES.tip }, (_, i): WaterPart => {
    const kgPerM = joined ? sinkKgPerM : at((i + 0.5) / PIECES.tip)
    const diameterM = diameterForSinkRate(kgPerM, tip.sinkRateMps.value)
    return { lengthM: sinkingLengthM / PIECES.tip, kgPerM, diameterM }
  })
  return joined ? [floating(floatingM, floatKgPerM), ...pieces] : pieces
}

function leaderParts(leader: Leader): readonly WaterPart[] {
  const butt = leaderButtDiameterM(leader)
  const point = leader.pointDiameterM ?? (leader.form === 'level' ? butt : butt / 2)
  const material = leader.material ?? 'nylon'
  return Array.from({ length: PIECES.leader }, (_, i): WaterPart => {
    const diameterM = butt + (point - butt) * ((i + 0.5) / PIECES.leader)
    return { lengthM: leader.lengthM / PIECES.leader, kgPerM: strandKgPerM(diameterM, material), diameterM }
  })
}

/** Everything of a rig that lies between rod tip and fly for a cast of this length, rod tip first. */
export function strandParts(
  { head, tip, leader, runningLine }: Pick<RigParts, 'head' | 'tip' | 'leader' | 'runningLine'>,
  fromRodTipM: number,
): readonly WaterPart[] {
  const front = [...(tip ? tipParts(tip) : []), ...(leader ? leaderParts(leader) : [])]
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
