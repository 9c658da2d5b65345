import type { Workspace } from './work.ts'

// Taken once: asked for in every step.
const { max, min, sqrt } = Math

/**
 * Limits of a time step. A step's error in place is about ½·|Δv|·Δt: where the line runs evenly steps are long, where it
 * turns they are short. Lengths are for a step of 30 ms and go with it. [estimate, measured in the bench]
 */
export const PACE = Object.freeze({
  /** Longest step, and shortest before a link stretches, in steps. */
  longest: 2,
  shortest: 0.25,
  /** Error in place allowed in a step of `atS` [m], [s]. */
  errorM: 1.5e-3,
  atS: 0.03,
  /** A step grows by no more than this from one to the next. */
  growth: 1.3,
})

/** The step to take after one of `dtS`, by how the line moved in it. @param halved whether it had to be taken in parts */
export function nextStepS({ changedMps }: Workspace, dtS: number, stepS: number, halved: boolean): number {
  const errorM = 0.5 * changedMps * dtS
  const allowedM = (PACE.errorM * stepS) / PACE.atS
  const grown = errorM > 0 ? min(PACE.growth, sqrt(allowedM / errorM)) : PACE.growth
  const wanted = dtS * (halved ? min(grown, 0.5) : grown)
  return max(PACE.shortest * stepS, min(PACE.longest * stepS, wanted))
}
