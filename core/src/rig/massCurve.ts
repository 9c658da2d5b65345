import { airParts } from './air.ts'
import type { RigSlot } from './chosen/choice.ts'
import type { RigParts } from './parts.ts'
import { piecesOf } from './piece.ts'

/** The rig's mass as it lies along the line, from the head's rear loop to the leader's end. */
export interface MassPoint {
  readonly atM: number
  readonly kgPerM: number
  /** Mass from here to the fly end [kg]. */
  readonly aheadKg: number
}

/** Fine enough that a taper is drawn as one. */
const SLICES = 240

/** Points every few centimetres, for drawing; steps at joints stay steps. */
export function massCurve(parts: RigParts): readonly MassPoint[] {
  const slices = airParts(parts, { count: SLICES })
  let aheadKg = slices.reduce((sum, s) => sum + s.lengthM * s.kgPerM, 0)
  let atM = 0
  return slices.flatMap(({ lengthM, kgPerM }): MassPoint[] => {
    const start = { atM, kgPerM, aheadKg }
    atM += lengthM
    aheadKg = Math.max(0, aheadKg - lengthM * kgPerM)
    return [start, { atM, kgPerM, aheadKg }]
  })
}

/** Joints of the rig, rear to front: where they lie from the head's rear loop [m], and mass per length either side. */
export interface JointPlace {
  readonly slot: RigSlot
  /** The line of the ledger that judges it. */
  readonly check: 'joint-step' | 'leader-joint'
  readonly atM: number
  readonly behindKgPerM: number
  readonly aheadKgPerM: number
}

export function jointPlaces(parts: RigParts): readonly JointPlace[] {
  const pieces = piecesOf(parts).filter((p) => p.slot !== 'runningLineId')
  const curve = massCurve(parts)
  let atM = 0
  return pieces.slice(0, -1).map((piece, i) => {
    atM += piece.lengthM
    const behind = curve.findLast((p) => p.atM < atM - 1e-6)
    const ahead = curve.find((p) => p.atM > atM + 1e-6)
    const slot = pieces[i + 1]?.slot ?? piece.slot
    return {
      slot,
      check: slot === 'tipId' ? 'joint-step' : 'leader-joint',
      atM,
      behindKgPerM: behind?.kgPerM ?? 0,
      aheadKgPerM: ahead?.kgPerM ?? 0,
    }
  })
}
