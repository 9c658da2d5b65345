import { type TideStation, tideHeights, tideTurns } from './tide.ts'

/** A point of the beach and the bed: from the dry sand outward, and its height over the datum of the tide [m]. */
export interface ShorePoint {
  readonly fromM: number
  readonly heightM: number
}

/** A beach: its tide, its bed, and where one stands to fish. */
export interface Shore {
  readonly station: TideStation
  /** From the dry sand outward. */
  readonly profile: readonly ShorePoint[]
  /** Where one stands, from where the profile begins [m]. */
  readonly standM: number
}

/** Water over the lowest point of the way back from which on it is cut off [m], less the waves' run-up; and how early that is said. [practice, estimate] */
export const WAY_BACK = Object.freeze({ depthM: 0.5, runUpM: 0.3, earlyMs: 30 * 60_000 })
/** Depth from which a trough holds fish [m]. [practice] */
export const FISH_DEPTH_M = 0.7
const STEP_S = 120
const DAY_MS = 86_400_000

/** Height of the bed at a distance, straight between its points [m]. */
export function bedAt(profile: readonly ShorePoint[], fromM: number): number {
  const next = profile.findIndex((point) => point.fromM >= fromM)
  if (next === -1) return profile.at(-1)?.heightM ?? 0
  const [a, b] = [profile[Math.max(0, next - 1)], profile[next]]
  if (a === undefined || b === undefined || b.fromM <= a.fromM) return b?.heightM ?? 0
  return a.heightM + ((fromM - a.fromM) / (b.fromM - a.fromM)) * (b.heightM - a.heightM)
}

/** The lowest point of the straight way back to the dry sand. A lower gap beside this line is not seen. */
export function lowestWayBack({ profile, standM }: Shore): ShorePoint {
  const on = [
    ...profile.filter(({ fromM }) => fromM < standM),
    { fromM: standM, heightM: bedAt(profile, standM) },
  ]
  return on.reduce((low, point) => (point.heightM < low.heightM ? point : low))
}

/** What the way back allows. */
export type LeaveBy =
  /** Said so early that there is time: the way back is cut off at `cutOffMs`. */
  | { readonly outcome: 'leave-by'; readonly leaveMs: number; readonly cutOffMs: number }
  /** Cut off at this moment, until then. */
  | { readonly outcome: 'cut-off'; readonly freeMs: number }
  /** Even low water covers it too deep. */
  | { readonly outcome: 'no-dry-way' }
  /** Not in the next day. */
  | { readonly outcome: 'free' }

export interface Sea {
  /** How far the waves run up [m]. */
  readonly runUpM?: number | undefined
  /** What the beach's own mark reads above the prediction: surge and pressure [m]. */
  readonly shiftM?: number | undefined
}

/**
 * When the way back is cut off: its lowest point carries so much water, the waves' run-up taken off. The predicted tide leaves
 * out surge and pressure; a mark read today shifts it. [practice, estimate]
 */
export function leaveBy(
  shore: Shore,
  nowMs: number,
  { runUpM = WAY_BACK.runUpM, shiftM = 0 }: Sea = {},
): LeaveBy {
  const limitM = lowestWayBack(shore).heightM + WAY_BACK.depthM - runUpM
  const heights = tideHeights(shore.station, nowMs, nowMs + DAY_MS, STEP_S)
  const over = heights.map(({ heightM }) => heightM + shiftM >= limitM)
  if (over.every(Boolean)) return { outcome: 'no-dry-way' }
  const change = over.findIndex((each) => each !== over[0])
  if (change === -1) return { outcome: 'free' }
  const atMs = heights[change]?.atMs ?? nowMs
  return over[0]
    ? { outcome: 'cut-off', freeMs: atMs }
    : { outcome: 'leave-by', leaveMs: Math.max(nowMs, atMs - WAY_BACK.earlyMs), cutOffMs: atMs }
}

/** A stretch of the bed that lies deep enough at a level for fish to swim. */
export interface Trough {
  readonly fromM: number
  readonly toM: number
  readonly depthM: number
}

/** The troughs that hold fish at a level of the tide. @param levelM over the datum */
export function troughsAt(profile: readonly ShorePoint[], levelM: number): readonly Trough[] {
  const endM = profile.at(-1)?.fromM ?? 0
  const out: { fromM: number; toM: number; depthM: number }[] = []
  let open: (typeof out)[number] | undefined
  for (let m = 0; m <= endM; m += 0.5) {
    const depthM = levelM - bedAt(profile, m)
    if (depthM < FISH_DEPTH_M) {
      open = undefined
      continue
    }
    if (open === undefined) {
      open = { fromM: m, toM: m, depthM }
      out.push(open)
    }
    open.toM = m
    open.depthM = Math.max(open.depthM, depthM)
  }
  return out
}

/** Hours round a turn in which it is worth fishing, and before low water to look at the bed [ms]. [practice] */
const ROUND_TURN_MS = 1.5 * 3_600_000

export interface TideWindow {
  readonly kind: 'scout' | 'fish'
  readonly fromMs: number
  readonly toMs: number
}

/** When to look at the bed: round low water; and when to fish: from low water on with the flood, and round high water. [practice] */
export const tideWindows = (station: TideStation, fromMs: number, toMs: number): readonly TideWindow[] =>
  tideTurns(station, fromMs, toMs).flatMap(({ atMs, kind }): TideWindow[] =>
    kind === 'low'
      ? [
          { kind: 'scout', fromMs: atMs - ROUND_TURN_MS / 2, toMs: atMs + ROUND_TURN_MS / 2 },
          { kind: 'fish', fromMs: atMs + ROUND_TURN_MS / 2, toMs: atMs + 2 * ROUND_TURN_MS },
        ]
      : [{ kind: 'fish', fromMs: atMs - ROUND_TURN_MS, toMs: atMs + ROUND_TURN_MS }],
  )
