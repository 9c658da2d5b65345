import type { Spool } from '../gear/index.ts'
import { diameterAtM, retrievePerTurnM, woundVolumeM3 } from './spool.ts'

/** A round line on a spool. */
interface RoundLine {
  readonly lengthM: number
  readonly diameterM: number
}

/** A line as the ring it makes on a spool. */
export interface Ring<L extends RoundLine> {
  readonly line: L
  readonly innerDiameterM: number
  readonly outerDiameterM: number
  /** Length still on [m]. */
  readonly leftM: number
}

/**
 * The rings that lines make on a spool, from the arbor outward, after so much has run off from the outside in. Geometry.
 * @param packing share of the wound space that is line, (0, 0.907] @param runM [m], [0, ∞)
 */
export function ringsOn<L extends RoundLine>(
  spool: Spool,
  packing: number,
  lines: readonly L[],
  runM = 0,
): readonly Ring<L>[] {
  const outside = (i: number): number => lines.slice(i + 1).reduce((sum, line) => sum + line.lengthM, 0)
  let woundM3 = 0
  return lines.map((line, i) => {
    const leftM = Math.max(0, Math.min(line.lengthM, line.lengthM - (runM - outside(i))))
    const innerDiameterM = diameterAtM(spool, woundM3)
    woundM3 += woundVolumeM3(leftM, line.diameterM, packing)
    return { line, innerDiameterM, outerDiameterM: diameterAtM(spool, woundM3), leftM }
  })
}

export interface RunState {
  /** Line left on the spool after the run, as a share of what was on. */
  readonly leftShare: number
  readonly diameterM: number
  readonly retrieveM: number
}

/** The spool after a fish has run: lines leave from the outside in. @param runM [m], [0, ∞) */
export function afterRun(spool: Spool, packing: number, lines: readonly RoundLine[], runM: number): RunState {
  const volume = (left: (ring: Ring<RoundLine>) => number): number =>
    ringsOn(spool, packing, lines, runM).reduce(
      (sum, ring) => sum + woundVolumeM3(left(ring), ring.line.diameterM, packing),
      0,
    )
  const all = volume((ring) => ring.line.lengthM)
  const leftM3 = volume((ring) => ring.leftM)
  return {
    leftShare: all > 0 ? leftM3 / all : 0,
    diameterM: diameterAtM(spool, leftM3),
    retrieveM: retrievePerTurnM(spool, leftM3),
  }
}
