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
/** Margin of the table beyond either bank [m]. */
const MARGIN_M = 4

/** Entries of the velocity profile's table, even in the square root of the height, where it is steepest. */
const PROFILE_CELLS = 2048
const PROFILE = Float64Array.from(
  { length: PROFILE_CELLS + 2 },
  (_, i) => (i / PROFILE_CELLS) ** (2 * PROFILE_EXPONENT),
)

/** Line on the bed lies on stones: its middle is this high over the bed as it was sounded, and feels the current there [m]. [estimate] */
const LIES_OVER_M = 0.01

/** A run made quick to ask: depth and surface current in one table across, two and two. */
export class Stream {
  private readonly table: Float64Array
  readonly friction: number
  /** Filled by `look`: depth of the water [m] and current at the surface [m/s]. */
  depthM = 0
  surfaceMps = 0

  constructor(run: Run) {
    const cells = ceil((run.widthM + 2 * MARGIN_M) / CELL_M) + 2
    this.table = new Float64Array(2 * cells)
    for (let i = 0; i < cells; i++) {
      const y = i * CELL_M - MARGIN_M
      this.table[2 * i] = depthAt(run, y)
      this.table[2 * i + 1] = surfaceCurrentAt(run, y)
    }
    this.friction = BED_FRICTION[run.bottom]
  }

  /** Looks up depth and surface current this far from the bank. Beyond the table the river is as at its edge: dry. */
  look(yM: number): void {
    const { table } = this
    const at = min(max((yM + MARGIN_M) / CELL_M, 0), table.length / 2 - 1.001)
    const cell = floor(at)
    const part = at - cell
    const i = 2 * cell
    const depth = table[i] as number
    const speed = table[i + 1] as number
    this.depthM = depth + ((table[i + 2] as number) - depth) * part
    this.surfaceMps = speed + ((table[i + 3] as number) - speed) * part
  }

  /** Current at a height where `look` looked last, z up from the surface [m/s]. */
  currentAt(zM: number): number {
    if (zM >= 0) return this.surfaceMps
    const share = max(zM + this.depthM, LIES_OVER_M) / this.depthM
    if (share >= 1) return this.surfaceMps
    const at = sqrt(share) * PROFILE_CELLS
    const cell = floor(at)
    const low = PROFILE[cell] as number
    return this.surfaceMps * (low + ((PROFILE[cell + 1] as number) - low) * (at - cell))
  }
}
