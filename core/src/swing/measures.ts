import { type Bottom, type FishAt, holdingBand, holdsFish } from '../water/index.ts'

// Taken once: asked for in every step.
const { max } = Math

/** Snags met in a metre of line dragged along the bed, by what it is made of. [estimate] */
export const SNAGS_PER_M: Readonly<Record<Bottom, number>> = Object.freeze({
  sand: 0.002,
  gravel: 0.01,
  cobble: 0.03,
  boulder: 0.08,
  ledge: 0.15,
})

/** A fly that lifts off the bed and comes back within this time has not left it [s]. */
const TOUCH_GAP_S = 0.5

export interface SwingSummary {
  /** Deepest the fly came [m]. */
  readonly maxDepthM: number
  /** Depth of the fly at the hang-down [m]: the line at rest in the water straight below, never under the bed; stripped in, as it is lifted. */
  readonly hangDepthM: number
  /** Depth of the fly on the whole, over holding water [m]; over all of its swing where it never came there. */
  readonly ridesM: number
  /** Time the fly rode where the fish hold, clear of the bed [s]. */
  readonly inBandS: number
  /** The part of it over holding water [s]: a fly in the shallows by the bank is always near the bottom, and fishes nothing. */
  readonly holdingS: number
  /** Time the fly was over holding water at all [s]. */
  readonly overHoldingS: number
  /** `holdingS` ÷ `overHoldingS`; 0 where it never was over holding water. */
  readonly holdingShare: number
  /** Time over holding water above where the fish hold, and below or on the bed [s]. */
  readonly aboveS: number
  readonly belowS: number
  /** Times fly or line came to the bed over holding water. */
  readonly touches: number
  /** From the line's landing to the end of the swing [s]. */
  readonly swingS: number
  /** Line or fly dragged along the bed over holding water [m]. The bed that shelves up out of it counts against nobody. */
  readonly draggedM: number
  /** Whether the swing ended fast on the bed of holding water. */
  readonly groundedOverHolding: boolean
  /** Chance that the swing ends on a snag, 0 to 1, wherever it dragged. [estimate] */
  readonly snagRisk: number
  /** Mean speed of the fly across the current while it swings [m/s]. */
  readonly crossMps: number
}

/** Measures of one step of time. */
export interface FlyMoment {
  readonly tS: number
  readonly dtS: number
  readonly depthM: number
  readonly overBedM: number
  /** Whether the fly, or any of the line before it, is on the bed. */
  readonly flyOnBed: boolean
  readonly lineOnBed: boolean
  readonly crossedM: number
  /** Distance the fastest part on the bed moved [m]. */
  readonly draggedM: number
}

/** Results that only the whole swing tells. */
export interface SwingEnd {
  readonly swingS: number
  readonly bottom: Bottom
  readonly hangDepthM: number
  readonly grounded: boolean
}

/** Sums a swing up as it goes. */
export class Measures {
  private maxDepthM = 0
  private inBandS = 0
  private holdingS = 0
  private overHoldingS = 0
  private aboveS = 0
  private belowS = 0
  private depthSums = { holding: 0, all: 0, allS: 0 }
  private touches = 0
  private draggedM = 0
  private draggedAnywhereM = 0
  private crossedM = 0
  private lastOnBedS = Number.NEGATIVE_INFINITY
  private overHolding = false

  /** @param deepestM of the water that the cast covers @param fishAt where in it the fish hold */
  constructor(
    private readonly deepestM: number,
    private readonly fishAt: FishAt,
  ) {}

  take(moment: FlyMoment): void {
    const { dtS, depthM, overBedM, crossedM, draggedM } = moment
    this.maxDepthM = max(this.maxDepthM, depthM)
    const waterM = depthM + overBedM
    this.overHolding = holdsFish(waterM, this.deepestM)
    this.depthSums.all += depthM * dtS
    this.depthSums.allS += dtS
    this.draggedAnywhereM += draggedM
    this.crossedM += crossedM
    const { low, high } = holdingBand(this.fishAt, waterM)
    const inBand = depthM >= low && depthM <= high && !moment.flyOnBed && waterM > 0
    if (inBand) this.inBandS += dtS
    if (this.overHolding) this.takeOverHolding(moment, inBand, depthM < low)
  }

  private takeOverHolding(
    { tS, dtS, depthM, lineOnBed, draggedM }: FlyMoment,
    inBand: boolean,
    above: boolean,
  ): void {
    this.overHoldingS += dtS
    this.depthSums.holding += depthM * dtS
    this.draggedM += draggedM
    if (inBand) this.holdingS += dtS
    else if (above) this.aboveS += dtS
    else this.belowS += dtS
    if (!lineOnBed) return
    if (tS - this.lastOnBedS > TOUCH_GAP_S) this.touches++
    this.lastOnBedS = tS
  }

  /** Line or fly dragged along the bed over holding water so far [m]. */
  get draggedSoFarM(): number {
    return this.draggedM
  }

  summary({ swingS, bottom, hangDepthM, grounded }: SwingEnd): SwingSummary {
    const { depthSums, overHoldingS, holdingS } = this
    return {
      maxDepthM: this.maxDepthM,
      hangDepthM,
      ridesM: overHoldingS > 0 ? depthSums.holding / overHoldingS : depthSums.all / (depthSums.allS || 1),
      inBandS: this.inBandS,
      holdingS,
      overHoldingS,
      holdingShare: overHoldingS > 0 ? holdingS / overHoldingS : 0,
      aboveS: this.aboveS,
      belowS: this.belowS,
      touches: this.touches,
      swingS,
      draggedM: this.draggedM,
      groundedOverHolding: grounded && this.overHolding,
      snagRisk: 1 - Math.exp(-SNAGS_PER_M[bottom] * this.draggedAnywhereM),
      crossMps: swingS > 0 ? this.crossedM / swingS : 0,
    }
  }
}
