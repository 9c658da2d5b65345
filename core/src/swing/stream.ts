import type { Bottom, Run } from '../water/index.ts'
import { depthAt, PROFILE_EXPONENT, surfaceCurrentAt } from '../water/index.ts'

// Taken once: asked for millions of times a second.
const { ceil, max, min, sqrt } = Math

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
  /** Last place that can be looked up, in cells. */
  private readonly farCell: number
  readonly friction: number
  /** Found by `look`: depth of the water and current at the surface. In a list, which is written in place. */
  private readonly found = new Float64Array(2)

  constructor(run: Run) {
    const cells = ceil((run.widthM + 2 * MARGIN_M) / CELL_M) + 2
    this.table = new Float64Array(2 * cells)
    for (let i = 0; i < cells; i++) {
      const y = i * CELL_M - MARGIN_M
      this.table[2 * i] = depthAt(run, y)
      this.table[2 * i + 1] = surfaceCurrentAt(run, y)
    }
    this.farCell = cells - 1.001
    this.friction = BED_FRICTION[run.bottom]
  }

  /** Looks up depth and surface current this far from the bank. Beyond the table the river is as at its edge: dry. */
  look(yM: number): void {
    const { table, found } = this
    const at = min(max((yM + MARGIN_M) / CELL_M, 0), this.farCell)
    const cell = at | 0
    const part = at - cell
    const i = 2 * cell
    const depth = table[i] as number
    const speed = table[i + 1] as number
    found[0] = depth + ((table[i + 2] as number) - depth) * part
    found[1] = speed + ((table[i + 3] as number) - speed) * part
  }

  /** Depth of the water where `look` looked last [m]. */
  get depthM(): number {
    return this.found[0] as number
  }
  /** Current at the surface there [m/s]. */
  get surfaceMps(): number {
    return this.found[1] as number
  }

  /** Current at a height where `look` looked last, z up from the surface [m/s]. */
  currentAt(zM: number): number {
    const { depthM, surfaceMps } = this
    if (zM >= 0) return surfaceMps
    const share = max(zM + depthM, LIES_OVER_M) / depthM
    if (share >= 1) return surfaceMps
    const at = sqrt(share) * PROFILE_CELLS
    const cell = at | 0
    const low = PROFILE[cell] as number
    return surfaceMps * (low + ((PROFILE[cell + 1] as number) - low) * (at - cell))
  }
}
