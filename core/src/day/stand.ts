import type { HandState, Side, Skill } from '../cast/index.ts'
import type { Obstruction } from '../water/index.ts'

/** Who says how the wind is: the angler; the weather station; or how it usually blows here. */
export const WIND_BY = ['hand', 'station', 'usual'] as const
export type WindBy = (typeof WIND_BY)[number]

/** Stand of a cast: place and air. SI. */
export interface Stand {
  /** Looking downstream. */
  readonly bank: Side
  /** From where it blows, facing the water: 0 from ahead, 90 from the right hand [°]; and how hard, in its gusts too where they are felt [m/s]. */
  readonly wind: { readonly fromDeg: number; readonly mps: number; readonly gustMps?: number | undefined }
  /** By hand where it is not said. */
  readonly windBy?: WindBy | undefined
  /** Obstruction behind. */
  readonly obstruction: Obstruction
  readonly wadingM: number
  readonly skill: Skill
  /** Height of what is behind, over the water [m], where somebody has said. */
  readonly behindHighM?: number | undefined
  readonly shoulder?: 'sore' | undefined
  readonly hands?: HandState | undefined
  /** The line lies in a basket, not in loops. */
  readonly basket?: true | undefined
  /** Waves, from trough to crest [m]. */
  readonly swellM?: number | undefined
  /** Wave run-up on the beach [m]. */
  readonly runUpM?: number | undefined
  /** Hours round a turn of the tide that are fished. */
  readonly roundTurnH?: number | undefined
  /** Shift of the beach's mark from the prediction, and when it was read. */
  readonly mark?: { readonly shiftM: number; readonly atMs: number } | undefined
}

/** Wind that is written down [m/s]: harder nobody stands in it. */
export const WIND_LIMITS = Object.freeze({ low: 0, high: 40 })
/** Limits of what is typed of the stand: height behind, waves and marks [m]. */
export const STAND_LIMITS = Object.freeze({
  behindHighM: { low: 0, high: 60 },
  swellM: { low: 0, high: 4 },
  runUpM: { low: 0, high: 1 },
  shiftM: { low: -1.5, high: 2.5 },
  roundTurnH: { low: 0.5, high: 3 },
})
/** As deep as anybody wades [m]. */
export const WADING_LIMITS = Object.freeze({ low: 0, high: 1.4 })

/** By default: the right bank, no wind, nothing behind. */
export const USUAL_STAND: Stand = Object.freeze({
  bank: 'right',
  wind: Object.freeze({ fromDeg: 0, mps: 0 }),
  obstruction: 'none',
  wadingM: 0,
  skill: 'practised',
})

/** A mark read longer ago than this no longer shifts the tide [ms]. [practice] */
const MARK_COUNTS_MS = 24 * 3_600_000

/** Shift of the sea from the prediction, by a mark that still counts [m]. */
export const seaShiftM = ({ mark }: Pick<Stand, 'mark'>, nowMs: number): number =>
  mark !== undefined && nowMs - mark.atMs < MARK_COUNTS_MS ? mark.shiftM : 0
