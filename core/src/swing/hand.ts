import type { WaterModel } from '../sink/index.ts'
import { type Chain, lengthOfPartAtRod, letOut, takeIn } from './chain.ts'
import type { SwingOptions } from './input.ts'
import type { Drive, Drives } from './load.ts'
import type { Mend } from './plan.ts'

// Taken once: asked for in every step.
const { atan2, cos, floor, max, min, PI, sin } = Math

/** Time a mend takes [s]. [practice] */
const MEND_S = 0.7
/** A mend lifts the line this far off the water at its middle [m]. [estimate] */
const MEND_LIFT_M = 0.25
/** A following rod turns no faster than this [rad/s]. [estimate] */
const TURN_RADPS = 0.6
/** It points at the line this share of the way out. */
const LOOK_SHARE = 0.25
const STILL: Drive = { vx: 0, vy: 0, vz: 0 }

const under = ({ atS }: Mend, tS: number): boolean => tS >= atS && tS < atS + MEND_S

/** The angler's hand while the line swings: leads the rod tip, feeds line, strips it in, mends. */
export class Hand {
  private fedM = 0
  /** Line still to be stripped in [m]. */
  private toStripM = 0
  /** Line stacked by each mend so far [m]. */
  private readonly stackedM: number[]
  private readonly cutM: number
  /** Position of the angler along the river [m]. */
  readonly pivotX: number
  readonly pivotY: number

  constructor(
    private readonly chain: Chain,
    private readonly options: SwingOptions,
    private readonly mends: readonly Mend[],
    private readonly model: WaterModel,
    castRad: number,
  ) {
    const tip = chain.count - 1
    this.cutM = chain.lengthM[tip - 1] ?? 1
    this.stackedM = mends.map(() => 0)
    if (this.strips) this.toStripM = lengthOfPartAtRod(chain) - this.cutM / 2
    this.pivotX = (chain.x[tip] as number) - options.reachM * cos(castRad)
    this.pivotY = (chain.y[tip] as number) - options.reachM * sin(castRad)
  }

  /** Whether anything is still to come that would stir the line. */
  busy(tS: number): boolean {
    const feeding = this.options.rod === 'feed' && this.fedM < this.options.feedM
    const counting = this.toStripM > 0 && tS < this.options.stripAfterS
    return feeding || counting || this.mends.some((mend) => tS < mend.atS + MEND_S)
  }

  /** Whether line is stripped in, and whether the rod goes round after the line. */
  get strips(): boolean {
    return this.options.rod === 'strip'
  }
  get follows(): boolean {
    return this.options.rod === 'follow' || this.strips
  }

  /** Whether all has been stripped in that is to be. */
  get strippedIn(): boolean {
    return this.strips && this.toStripM <= 1e-9
  }

  /** Velocity of the rod tip over the next step. */
  rod(dtS: number): Drive {
    if (!this.follows) return STILL
    const { count, x, y } = this.chain
    const tip = count - 1
    const seen = floor(tip * (1 - LOOK_SHARE))
    const [tipX = 0, tipY = 0] = [x[tip], y[tip]]
    const now = atan2(tipY - this.pivotY, tipX - this.pivotX)
    const wanted = atan2((y[seen] as number) - this.pivotY, (x[seen] as number) - this.pivotX)
    const off = atan2(sin(wanted - now), cos(wanted - now))
    const turn = max(-TURN_RADPS * dtS, min(TURN_RADPS * dtS, off))
    const { reachM } = this.options
    return {
      vx: (this.pivotX + reachM * cos(now + turn) - tipX) / dtS,
      vy: (this.pivotY + reachM * sin(now + turn) - tipY) / dtS,
      vz: 0,
    }
  }

  /** Feeds, stacks or strips in what is to be in the next step. */
  feed(tS: number, dtS: number): void {
    const { rod, feedM, feedMps, stripMps, stripAfterS } = this.options
    if (this.toStripM > 0 && tS >= stripAfterS) {
      const lengthM = min(stripMps * dtS, this.toStripM)
      this.toStripM -= lengthM
      takeIn(this.chain, lengthM, this.cutM, this.model)
    }
    if (rod === 'feed' && this.fedM < feedM) {
      const lengthM = min(feedMps * dtS, feedM - this.fedM)
      this.fedM += lengthM
      letOut(this.chain, lengthM, this.cutM, this.model)
    }
    this.mends.forEach((mend, i) => {
      if (mend.kind !== 'stack' || !under(mend, tS)) return
      const stackedM = this.stackedM[i] ?? 0
      const lengthM = min((mend.sizeM * dtS) / MEND_S, mend.sizeM - stackedM)
      this.stackedM[i] = stackedM + lengthM
      letOut(this.chain, lengthM, this.cutM, this.model)
    })
  }

  /** Drives of the floating line in the next step; mends under way together add up. */
  drives(tS: number): Drives | undefined {
    const current = this.mends.filter((mend) => under(mend, tS))
    if (current.length === 0) return undefined
    const drives = new Map<number, Drive>()
    for (const mend of current) this.addDrives(drives, mend, (tS - mend.atS) / MEND_S)
    return drives
  }

  private addDrives(drives: Map<number, Drive>, mend: Mend, progress: number): void {
    const { count, floats, z, ex, ey } = this.chain
    const last = count - 1
    const firstFloating = floats.indexOf(1)
    const floating = last - firstFloating
    if (firstFloating >= count || floating < 2) return
    // Up in the first half of the mend, down again in the second.
    const lift = ((PI * MEND_LIFT_M) / MEND_S) * cos(PI * progress)
    for (let i = firstFloating + 1; i < last; i++) {
      const share = (last - i) / floating
      const shape = mend.kind === 'stack' ? 1 - share : sin(PI * share)
      const speed = (shape * mend.sizeM) / MEND_S
      const vz = (z[i] as number) > 0.5 ? 0 : shape * lift
      const along = mend.kind === 'stack' ? speed : 0
      const down = mend.kind === 'stack' ? 0 : mend.kind === 'upstream' ? -speed : speed
      const before = drives.get(i)
      drives.set(i, {
        vx: (before?.vx ?? 0) + down - (ex[i] as number) * along,
        vy: (before?.vy ?? 0) - (ey[i] as number) * along,
        vz: before === undefined ? vz : max(before.vz, vz),
      })
    }
  }
}
