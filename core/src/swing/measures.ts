import { HOLDING_BAND_M } from '../sink/index.ts'
import type { Bottom } from '../water/index.ts'

/** Snags met in a metre of line dragged along the bed, by what it is made of. [estimate] */
export const SNAGS_PER_M: Readonly<Record<Bottom, number>> = Object.freeze({
  sand: 0.002,
  gravel: 0.01,
  cobble: 0.03,
  boulder: 0.08,
  ledge: 0.15,
})

/** Water at least this share as deep as the run's deepest is where fish hold. [estimate] */
const HOLDING_WATER = 0.5

/** A fly that lifts off the bed and comes back within this time has not left it [s]. */
const TOUCH_GAP_S = 0.5

export interface SwingSummary {
  /** Deepest the fly came [m]. */
  readonly maxDepthM: number
  /** Depth of the fly at the hang-down [m]; where it ended, if it did not settle. */
  readonly hangDepthM: number
  /** Time the fly rode in the holding band, clear of the bed, before the hang-down [s]. */
  readonly inBandS: number
  /** The part of it over holding water [s]: a fly in the shallows by the bank is always near the bottom, and fishes nothing. */
  readonly holdingS: number
  /** Time the fly was over holding water at all [s]. */
  readonly overHoldingS: number
  /** Times the fly came to the bed. */
  readonly touches: number
  /** From the line's landing to the hang-down [s]. */
  readonly swingS: number
  /** Line and fly dragged along the bed [m]. */
  readonly draggedM: number
  /** Chance that the swing ends on a snag, 0 to 1. [estimate] */
  readonly snagRisk: number
  /** Mean speed of the fly across the current while it swings [m/s]. */
  readonly crossMps: number
}

/** What is measured of the fly in one step of time. */
export interface FlyMoment {
  readonly tS: number
  readonly dtS: number
  readonly depthM: number
  readonly overBedM: number
  readonly onBed: boolean
  readonly crossedM: number
  /** How far the fastest part on the bed moved [m]. */
  readonly draggedM: number
}

/** Sums a swing up as it goes. Speed and band are of the time before the hang-down. */
export class Measures {
  private maxDepthM = 0
  private depthM = 0
  private inBandS = 0
  private holdingS = 0
  private overHoldingS = 0
  private touches = 0
  private draggedM = 0
  private crossedM = 0
  private lastOnBedS = Number.NEGATIVE_INFINITY

  /** @param deepestM the run's deepest sounding */
  constructor(private readonly deepestM: number) {}

  take({ tS, dtS, depthM, overBedM, onBed, crossedM, draggedM }: FlyMoment): void {
    this.maxDepthM = Math.max(this.maxDepthM, depthM)
    const holding = depthM + overBedM >= HOLDING_WATER * this.deepestM
    if (holding) this.overHoldingS += dtS
    this.depthM = depthM
    if (onBed) {
      if (tS - this.lastOnBedS > TOUCH_GAP_S) this.touches++
      this.lastOnBedS = tS
    } else if (overBedM <= HOLDING_BAND_M && depthM > 0) {
      this.inBandS += dtS
      if (holding) this.holdingS += dtS
    }
    this.draggedM += draggedM
    this.crossedM += crossedM
  }

  summary(swingS: number, bottom: Bottom): SwingSummary {
    return {
      maxDepthM: this.maxDepthM,
      hangDepthM: this.depthM,
      inBandS: Math.min(this.inBandS, swingS),
      holdingS: Math.min(this.holdingS, swingS),
      overHoldingS: Math.min(this.overHoldingS, swingS),
      touches: this.touches,
      swingS,
      draggedM: this.draggedM,
      snagRisk: 1 - Math.exp(-SNAGS_PER_M[bottom] * this.draggedM),
      crossMps: swingS > 0 ? this.crossedM / swingS : 0,
    }
  }
}
