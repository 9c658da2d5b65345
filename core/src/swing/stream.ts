import type { Bottom, Run } from '../water/index.ts'
import { depthAt, PROFILE_EXPONENT, surfaceCurrentAt } from '../water/index.ts'

// Taken once: asked for millions of times a second.
const { ceil, floor, max, min, sqrt } = Math

/** Friction of a wet line on the bed, by what the bed is made of. [estimate] */
export const BED_FRICTION: Readonly<Record<Bottom, number>> = Object.freeze({
  sand: 0.3,
  gravel: 0.4,
  cobble: 0.5,
  boulder: 0.6,
  ledge: 0.7,
})

/** Spacing of the table across the river [m]. */
const CELL_M = 0.05
/** How far beyond either bank the table goes [m]. */
const MARGIN_M = 4

/** Entries of the velocity profile's table, even in the square root of the height, where it is steepest. */
const PROFILE_CELLS = 2048
const PROFILE = Float64Array.from(
  { length: PROFILE_CELLS + 2 },
  (_, i) => (i / PROFILE_CELLS) ** (2 * PROFILE_EXPONENT),
)

/** A run made quick to ask: depth and surface current in a table across. */
export class Stream {
  private readonly depths: Float64Array
  private readonly speeds: Float64Array
  readonly friction: number
  /** Filled by `look`: depth of the water [m] and current at the surface [m/s]. */
  depthM = 0
  surfaceMps = 0

  constructor(run: Run) {
    const cells = ceil((run.widthM + 2 * MARGIN_M) / CELL_M) + 2
    const at = (i: number): number => i * CELL_M - MARGIN_M
    this.depths = Float64Array.from({ length: cells }, (_, i) => depthAt(run, at(i)))
    this.speeds = Float64Array.from({ length: cells }, (_, i) => surfaceCurrentAt(run, at(i)))
    this.friction = BED_FRICTION[run.bottom]
  }

  /** Looks up depth and surface current this far from the bank. Beyond the table the river is as at its edge: dry. */
  look(yM: number): void {
    const at = min(max((yM + MARGIN_M) / CELL_M, 0), this.depths.length - 1.001)
    const cell = floor(at)
    const part = at - cell
    const depth = this.depths[cell] ?? 0
    const speed = this.speeds[cell] ?? 0
    this.depthM = depth + ((this.depths[cell + 1] ?? depth) - depth) * part
    this.surfaceMps = speed + ((this.speeds[cell + 1] ?? speed) - speed) * part
  }

  /** Current at a height where `look` looked last, z up from the surface [m/s]. */
  currentAt(zM: number): number {
    if (zM >= 0) return this.surfaceMps
    const over = zM + this.depthM
    if (over <= 0) return 0
    const at = sqrt(over / this.depthM) * PROFILE_CELLS
    const cell = floor(at)
    const low = PROFILE[cell] ?? 1
    return this.surfaceMps * (low + ((PROFILE[cell + 1] ?? low) - low) * (at - cell))
  }
}
