/** A factor on what was measured, and between which it lies four times in five. */
export interface Factor {
  readonly factor: number
  readonly low: number
  readonly high: number
}

/** Correction of a pool that an angler's log has taught: kept beside what was measured, never written over it. [log] */
export interface ByLog {
  readonly depth: Factor
  readonly current: Factor
  /** Set where the two cannot be told apart: the depth then stands for both. */
  readonly combined?: true | undefined
  /** Swings it was learnt from. */
  readonly swings: number
  /** The day it was learnt. */
  readonly on?: string | undefined
  /** Set while the angler wants the pool as it was measured. */
  readonly off?: true | undefined
}
