import { createTidePredictor, constituents as KNOWN } from '@neaps/tide-predictor'
import type { TideHeight, TideTurn } from './height.ts'
import { type TideTable, tableHeights, tableTurns } from './table.ts'

/** One of the cosines a tide is the sum of. */
export interface TideConstituent {
  /** As it is published: M2, S2, K1 … */
  readonly name: string
  readonly amplitudeM: number
  /** Greenwich phase lag [°]. */
  readonly phaseDeg: number
}

/** Tide at a place: its station and constituents. */
export interface TideStation {
  readonly constituents: readonly TideConstituent[]
  /** Mean level over the datum of its heights [m]. */
  readonly meanM?: number | undefined
}

/** Names that no table of constituents has. */
export const unknownConstituents = ({ constituents }: TideStation): readonly string[] =>
  constituents.map(({ name }) => name).filter((name) => KNOWN[name] === undefined)

const predictorOf = ({ constituents, meanM = 0 }: TideStation) =>
  createTidePredictor(
    constituents.map(({ name, amplitudeM, phaseDeg }) => ({ name, amplitude: amplitudeM, phase: phaseDeg })),
    { offset: meanM },
  )

/** Source of a tide: the constituents of its station, or a table. */
export type TideSource = TideStation | TideTable

/**
 * Heights of the tide at even steps: harmonic constituents with their published speeds, node factors and equilibrium arguments
 * [standard], or a table. Surge and pressure are left out. Names that are not known count for nothing: ask `unknownConstituents`
 * first. Where a table says nothing there is no height.
 * @param stepS [s], (0, ∞)
 */
export const tideHeights = (
  source: TideSource,
  fromMs: number,
  toMs: number,
  stepS: number,
): readonly TideHeight[] =>
  'table' in source
    ? tableHeights(source, fromMs, toMs, stepS)
    : predictorOf(source)
        .getTimelinePrediction({ start: new Date(fromMs), end: new Date(toMs), timeFidelity: stepS })
        .map(({ time, level }) => ({ atMs: time.getTime(), heightM: level }))

/** High and low waters between two times. [standard] */
export const tideTurns = (source: TideSource, fromMs: number, toMs: number): readonly TideTurn[] =>
  'table' in source
    ? tableTurns(source, fromMs, toMs)
    : predictorOf(source)
        .getExtremesPrediction({ start: new Date(fromMs), end: new Date(toMs) })
        .map(({ time, level, high }) => ({
          atMs: time.getTime(),
          heightM: level,
          kind: high ? 'high' : 'low',
        }))

/** Height at one moment [m]; undefined where the table says nothing. */
export const tideAt = (source: TideSource, atMs: number): number | undefined =>
  tideHeights(source, atMs, atMs + 60_000, 60)[0]?.heightM
