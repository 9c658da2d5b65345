import { createTidePredictor, constituents as KNOWN } from '@neaps/tide-predictor'

/** One of the cosines a tide is the sum of. */
export interface TideConstituent {
  /** As it is published: M2, S2, K1 … */
  readonly name: string
  readonly amplitudeM: number
  /** Greenwich phase lag [°]. */
  readonly phaseDeg: number
}

/** Where and how the tide runs. */
export interface TideStation {
  readonly constituents: readonly TideConstituent[]
  /** Mean level over the datum of its heights [m]. */
  readonly meanM?: number | undefined
}

export interface TideHeight {
  /** [ms since 1970, UTC] */
  readonly atMs: number
  readonly heightM: number
}
export interface TideTurn extends TideHeight {
  readonly kind: 'high' | 'low'
}

/** Names that no table of constituents has. */
export const unknownConstituents = ({ constituents }: TideStation): readonly string[] =>
  constituents.map(({ name }) => name).filter((name) => KNOWN[name] === undefined)

const predictorOf = ({ constituents, meanM = 0 }: TideStation) =>
  createTidePredictor(
    constituents.map(({ name, amplitudeM, phaseDeg }) => ({ name, amplitude: amplitudeM, phase: phaseDeg })),
    { offset: meanM },
  )

/**
 * Heights of the tide at even steps: harmonic constituents with their published speeds, node factors and equilibrium arguments.
 * Surge and pressure are left out. [standard] Names that are not known count for nothing: ask `unknownConstituents` first.
 * @param stepS [s], (0, ∞)
 */
export const tideHeights = (
  station: TideStation,
  fromMs: number,
  toMs: number,
  stepS: number,
): readonly TideHeight[] =>
  predictorOf(station)
    .getTimelinePrediction({ start: new Date(fromMs), end: new Date(toMs), timeFidelity: stepS })
    .map(({ time, level }) => ({ atMs: time.getTime(), heightM: level }))

/** High and low waters between two times. [standard] */
export const tideTurns = (station: TideStation, fromMs: number, toMs: number): readonly TideTurn[] =>
  predictorOf(station)
    .getExtremesPrediction({ start: new Date(fromMs), end: new Date(toMs) })
    .map(({ time, level, high }) => ({ atMs: time.getTime(), heightM: level, kind: high ? 'high' : 'low' }))
