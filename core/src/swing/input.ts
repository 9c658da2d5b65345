import type { WaterFly, WaterModel, WaterPart } from '../sink/index.ts'
import type { Fish, Run } from '../water/index.ts'
import type { Mend } from './plan.ts'
import type { RodHandling } from './vocabulary.ts'

export interface SwingOptions {
  /** Nodes the line is cut into. */
  readonly nodes: number
  /** Step of time where the line turns; where it runs evenly a step is up to twice as long [s]. */
  readonly stepS: number
  /** Longest time looked at [s]. */
  readonly maxS: number
  /** Time between samples [s]. */
  readonly sampleS: number
  /** Share of its length by which the line lands short, [0, 0.5]. */
  readonly slack: number
  readonly rod: RodHandling
  /** From the angler to the rod tip, in plan [m]; the circle a following rod goes round. */
  readonly reachM: number
  /** Line fed while the rod is set to feed [m/s], and how much in all [m]. */
  readonly feedMps: number
  readonly feedM: number
  /** Line taken in while the rod is set to strip [m/s]: all that lies behind the head, or of the head behind the tip. [practice] */
  readonly stripMps: number
  /** Count before it is [s]. */
  readonly stripAfterS: number
  /** Whether the line's shape is kept with each sample. */
  readonly shapes: boolean
  /** Most steps × nodes that are computed; a swing that needs more is not begun, or ends unfinished. */
  readonly mostWork: number
}

/** 32 nodes and 38 ms keep depth and time of a swing within a hundredth or two of much finer cuts; see the tests and the bench. One cut for all that is shown. */
export const SWING_OPTIONS: SwingOptions = Object.freeze({
  nodes: 32,
  stepS: 0.038,
  maxS: 240,
  sampleS: 0.1,
  slack: 0.02,
  rod: 'still',
  reachM: 3.5,
  feedMps: 0.5,
  feedM: 3,
  stripMps: 0.4,
  stripAfterS: 0,
  shapes: false,
  mostWork: 4_000_000,
})

/** Lines shorter than this are cut into links of a hand’s breadth, which want a short step [m], [s]. [estimate, by 20,000 seeded lines] */
const SHORT = { lineM: 4, stepS: 0.006 } as const

/** The step as it was asked for, or the longest that is stable for so fine a cut, or so short a line [s]. */
export const stepOf = (
  { stepS, nodes }: Pick<SwingOptions, 'stepS' | 'nodes'>,
  lineM = Number.POSITIVE_INFINITY,
): number => {
  const fine = (SWING_OPTIONS.stepS * SWING_OPTIONS.nodes) / Math.max(SWING_OPTIONS.nodes, nodes)
  return Math.min(stepS, fine, lineM < SHORT.lineM ? SHORT.stepS : stepS)
}

/** Steps × nodes a swing takes if it lasts as long as it may and no step has to be halved. */
export function workOf({ options = {} }: Pick<SwingInput, 'options'>): number {
  const whole = { ...SWING_OPTIONS, ...options }
  return Math.ceil(whole.maxS / stepOf(whole)) * whole.nodes
}

/** A cast and all that is needed to let it swing. Axes: x downstream, y across from the angler's bank, z up, surface at z = 0. */
export interface SwingInput {
  readonly run: Run
  readonly rodTip: {
    readonly heightM: number
    readonly xM?: number | undefined
    readonly yM?: number | undefined
  }
  /** 0 straight downstream, 90 straight across. */
  readonly castAngleDeg: number
  /** Rod tip first, fly last. */
  readonly parts: readonly WaterPart[]
  readonly fly: WaterFly
  /** The fish whose water counts: small ones at the bottom by default. */
  readonly fish?: Fish | undefined
  readonly mends?: readonly Mend[] | undefined
  readonly model?: WaterModel | undefined
  readonly options?: Partial<SwingOptions> | undefined
}
