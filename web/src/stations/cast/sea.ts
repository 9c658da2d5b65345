import type { Stand } from '@hoxen/core/day'

/** A mark read longer ago than this no longer shifts the tide [ms]. [practice] */
const MARK_COUNTS_MS = 24 * 3_600_000

/** How the sea stands above the prediction, by a mark that still counts [m]. */
export const seaShiftM = ({ mark }: Stand, now: number): number =>
  mark !== undefined && now - mark.atMs < MARK_COUNTS_MS ? mark.shiftM : 0
