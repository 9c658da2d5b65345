import { type FishAt, holdingBand } from './holding.ts'
import type { Run } from './run.ts'
import { bedPoints, depthAt } from './section.ts'

/** A place in the section: across from the angler's bank, and up from the surface [m]. */
export type SectionPoint = readonly [yM: number, zM: number]

/** A run in section, as data for whatever draws it. */
export interface Section {
  /** From the bank as far as it is drawn. */
  readonly bed: readonly SectionPoint[]
  /** Round the water where the fish hold: out along its top and back along its foot. */
  readonly band: readonly SectionPoint[]
  readonly toM: number
  readonly deepestM: number
  /** Point of the bed where the angler stands. */
  readonly stand: SectionPoint
}

/** Drawn as deep as this at least, so that a puddle is still a drawing [m]. */
const LEAST_DEEP_M = 0.3

/**
 * The section of a run out to a distance from the bank.
 * @param toM [m], at most the width counts
 */
export function sectionOf(
  run: Pick<Run, 'soundings' | 'widthM' | 'wadeM'>,
  toM: number,
  fishAt: FishAt,
): Section {
  const inner = bedPoints(run).filter((s) => s.fromBankM < toM)
  const bed = [
    ...inner.map((s): SectionPoint => [s.fromBankM, -s.depthM]),
    [toM, -depthAt(run, toM)] as SectionPoint,
  ]
  return {
    bed,
    band: [
      ...bed.map(([y, z]): SectionPoint => [y, 0 - holdingBand(fishAt, -z).low]),
      ...bed.map(([y, z]): SectionPoint => [y, 0 - holdingBand(fishAt, -z).high]).reverse(),
    ],
    toM,
    deepestM: Math.max(LEAST_DEEP_M, ...run.soundings.map((s) => s.depthM)),
    stand: [run.wadeM, -depthAt(run, run.wadeM)],
  }
}
