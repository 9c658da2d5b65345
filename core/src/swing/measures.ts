import type { FloatingFly } from '../gear/index.ts'
import { type Bottom, type FishAt, HOLDS_FROM, holdingBand } from '../water/index.ts'

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
  /** Times fly or line came to the bed, and how many of them over holding water. */
  readonly touches: number
  readonly touchesOverHolding: number
  /** The fly's share of the swing on the bed, the last rod length before the hang-down left out: there it is usual. C51 */
  readonly bedShare: number
  /** From the line's landing to the end of the swing [s]. */
  readonly swingS: number
  /** Line or fly dragged along the bed [m]. */
  readonly draggedM: number
  /** Whether the swing ended fast on the bed before its last rod length. */
  readonly grounded: boolean
  /** Chance that the swing ends on a snag, 0 to 1, wherever it dragged. [estimate] */
  readonly snagRisk: number
  /** Mean speed of the fly across the current while it swings [m/s]. */
  readonly crossMps: number
  /** What a floating fly does on top; none of another. */
  readonly onTop?: OnTop
}

/** A floating fly over holding water. C52 */
export interface OnTop {
  readonly floats: FloatingFly
  /** Share of the time that it is on top. */
  readonly upShare: number
  /** Mean speed against the water around it while it is [m/s]. */
  readonly wakeMps: number
  /** Time it goes with the water, wherever it is [s]. */
  readonly dragFreeS: number
}

/** A fly that is no deeper than this is on top [m], and drifts that goes no faster against the water around it [m/s]. [estimate] */
const ON_TOP = { depthM: 0.03, driftMps: 0.1 } as const

/** A time that fly or line came to the bed. */
export interface Touch {
  readonly tS: number
  /** Place of what touched: downstream, across, up [m]. */
  readonly atM: readonly [xM: number, yM: number, zM: number]
  readonly overHolding: boolean
}

/** Measures of one step of time. */
export interface FlyMoment {
  readonly tS: number
  readonly dtS: number
  readonly depthM: number
  readonly overBedM: number
  readonly flyOnBed: boolean
  /** Place of the fly, or of the line before it, on the bed [m]; none where both are clear. */
  readonly onBedM: Touch['atM'] | undefined
  readonly crossedM: number
  /** Speed of the fly against the water around it [m/s]. */
  readonly slipMps: number
  /** Distance the fastest part on the bed moved [m]. */
  readonly draggedM: number
  /** Share in which fish hold under the fly, [0, 1]. */
  readonly holds: number
  /** Whether it is in the last rod length before the hang-down. */
  readonly nearHangDown: boolean
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
  readonly touches: Touch[] = []
  private draggedM = 0
  /** Line or fly dragged along the bed before the last rod length so far [m]. */
  draggedOutM = 0
  private bedS = 0
  private outS = 0
  private crossedM = 0
  private lastOnBedS = Number.NEGATIVE_INFINITY
  private near = false

  private upS = 0
  private wakeM = 0
  private driftS = 0

  /** @param fishAt where in the water the fish hold */
  constructor(
    private readonly fishAt: FishAt,
    private readonly floats?: FloatingFly,
  ) {}

  take(moment: FlyMoment): void {
    const { dtS, depthM, overBedM, crossedM, slipMps } = moment
    this.maxDepthM = max(this.maxDepthM, depthM)
    const waterM = depthM + overBedM
    this.depthSums.all += depthM * dtS
    this.depthSums.allS += dtS
    this.crossedM += crossedM
    const { low, high } = holdingBand(this.fishAt, waterM)
    const inBand = depthM >= low && depthM <= high && !moment.flyOnBed && waterM > 0
    if (inBand) this.inBandS += dtS
    if (moment.holds > 0) this.takeOverHolding(moment, inBand, depthM < low)
    // What lies on dry land beyond the far bank touches no bed.
    if (waterM > 0) this.takeContact(moment)
    if (depthM >= ON_TOP.depthM) return
    const upS = moment.holds * dtS
    this.upS += upS
    this.wakeM += upS * slipMps
    if (slipMps < ON_TOP.driftMps) this.driftS += dtS
  }

  private takeOverHolding({ dtS, depthM, holds }: FlyMoment, inBand: boolean, above: boolean): void {
    const countsS = holds * dtS
    this.overHoldingS += countsS
    this.depthSums.holding += depthM * countsS
    if (inBand) this.holdingS += countsS
    else if (above) this.aboveS += countsS
    else this.belowS += countsS
  }

  /** Contact with the bed, of the whole swing. */
  private takeContact({ tS, dtS, flyOnBed, onBedM, draggedM, holds, nearHangDown }: FlyMoment): void {
    this.near = nearHangDown
    this.draggedM += draggedM
    if (!nearHangDown) {
      this.outS += dtS
      this.draggedOutM += draggedM
      if (flyOnBed) this.bedS += dtS
    }
    if (onBedM === undefined) return
    if (tS - this.lastOnBedS > TOUCH_GAP_S)
      this.touches.push({ tS, atM: onBedM, overHolding: holds >= HOLDS_FROM })
    this.lastOnBedS = tS
  }

  summary({ swingS, bottom, hangDepthM, grounded }: SwingEnd): SwingSummary {
    const { depthSums, overHoldingS, holdingS, floats, upS } = this
    const onTop = floats && {
      floats,
      upShare: overHoldingS > 0 ? upS / overHoldingS : 0,
      wakeMps: upS > 0 ? this.wakeM / upS : 0,
      dragFreeS: this.driftS,
    }
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
      touches: this.touches.length,
      touchesOverHolding: this.touches.filter((touch) => touch.overHolding).length,
      bedShare: this.outS > 0 ? this.bedS / this.outS : 0,
      swingS,
      draggedM: this.draggedM,
      grounded: grounded && !this.near,
      snagRisk: 1 - Math.exp(-SNAGS_PER_M[bottom] * this.draggedM),
      crossMps: swingS > 0 ? this.crossedM / swingS : 0,
      ...(onTop && { onTop }),
    }
  }
}
