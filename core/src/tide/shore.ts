import { type Coordinates, type Light, lightSpans } from '../sky/index.ts'
import type { TideHeight } from './height.ts'
import { type TideSource, tideHeights, tideTurns } from './tide.ts'

/** A point of the beach and the bed: from the dry sand outward, and its height over the datum of the tide [m]. */
export interface ShorePoint {
  readonly fromM: number
  readonly heightM: number
}

/** A beach: its tide, its bed, and where one stands to fish. */
export interface Shore {
  readonly station: TideSource
  /** From the dry sand outward. */
  readonly profile: readonly ShorePoint[]
  /** Stand, from where the profile begins [m]. */
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

/** Verdict on the way back. */
export type LeaveBy =
  /** Said so early that there is time: the way back is cut off at `cutOffMs`. */
  | { readonly outcome: 'leave-by'; readonly leaveMs: number; readonly cutOffMs: number }
  /** Cut off at this moment, until then, or until nobody knows when. */
  | { readonly outcome: 'cut-off'; readonly freeMs?: number }
  /** Even low water covers it too deep. */
  | { readonly outcome: 'no-dry-way' }
  /** Not in the next day. */
  | { readonly outcome: 'free' }
  /** The table of the tide says nothing from then on. */
  | { readonly outcome: 'not-known'; readonly fromMs: number }

export interface Sea {
  /** Wave run-up [m]. */
  readonly runUpM?: number | undefined
  /** Shift of the beach's own mark from the prediction: surge and pressure [m]. */
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
  const heights = unbroken(tideHeights(shore.station, nowMs, nowMs + DAY_MS, STEP_S), nowMs)
  const over = heights.map(({ heightM }) => heightM + shiftM >= limitM)
  const endsMs = heights.at(-1)?.atMs ?? nowMs
  const whole = endsMs >= nowMs + DAY_MS - 2 * STEP_S * 1000
  const change = over.findIndex((each) => each !== over[0])
  if (change === -1 && !whole)
    return over[0] ? { outcome: 'cut-off' } : { outcome: 'not-known', fromMs: endsMs }
  if (change === -1) return { outcome: over[0] ? 'no-dry-way' : 'free' }
  const atMs = heights[change]?.atMs ?? nowMs
  return over[0]
    ? { outcome: 'cut-off', freeMs: atMs }
    : { outcome: 'leave-by', leaveMs: Math.max(nowMs, atMs - WAY_BACK.earlyMs), cutOffMs: atMs }
}

/** Heights from now on up to the first that is missing. */
function unbroken(heights: readonly TideHeight[], nowMs: number): readonly TideHeight[] {
  const hole = heights.findIndex(({ atMs }, i) => atMs - nowMs > (i + 0.5) * STEP_S * 1000)
  return hole === -1 ? heights : heights.slice(0, hole)
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

/** Hours round a turn that are usually fished. [practice] */
export const ROUND_TURN_H = 1.5
const HOUR_MS = 3_600_000
/** Fish come close in the dusk: so long before dark and after first light [ms]. [practice] */
const DUSK_MS = 0.75 * HOUR_MS

export interface TideWindow {
  readonly kind: 'scout' | 'fish' | 'dusk'
  readonly fromMs: number
  readonly toMs: number
}

/** Parts of a window that lie in a light. */
const windowsIn = (window: TideWindow, spans: readonly TimeSpan[]): readonly TideWindow[] =>
  spans.flatMap(({ fromMs, toMs }) => {
    const [from, to] = [Math.max(window.fromMs, fromMs), Math.min(window.toMs, toMs)]
    return to > from ? [{ ...window, fromMs: from, toMs: to }] : []
  })
interface TimeSpan {
  readonly fromMs: number
  readonly toMs: number
}

/**
 * When to look at the bed: round low water, in daylight; when to fish: so many hours round high water and on the flood after low;
 * and dawn and dusk. Without a place nothing is known of the light, and none is asked for. [practice]
 */
export function tideWindows(
  source: TideSource,
  fromMs: number,
  toMs: number,
  {
    place,
    roundTurnH = ROUND_TURN_H,
  }: { readonly place?: Coordinates | undefined; readonly roundTurnH?: number } = {},
): readonly TideWindow[] {
  const roundMs = roundTurnH * HOUR_MS
  const lights = place === undefined ? [] : lightSpans(place, fromMs, toMs)
  const of = (light: Light): readonly TimeSpan[] => lights.filter((span) => span.light === light)
  const lit = (window: TideWindow): readonly TideWindow[] =>
    place === undefined ? [window] : windowsIn(window, of('day'))
  const byTide = tideTurns(source, fromMs - 6 * HOUR_MS, toMs + 6 * HOUR_MS).flatMap(
    ({ atMs, kind }): readonly TideWindow[] =>
      kind === 'low'
        ? [
            ...lit({ kind: 'scout', fromMs: atMs - roundMs / 2, toMs: atMs + roundMs / 2 }),
            { kind: 'fish', fromMs: atMs + roundMs / 2, toMs: atMs + 2 * roundMs },
          ]
        : [{ kind: 'fish', fromMs: atMs - roundMs, toMs: atMs + roundMs }],
  )
  const dusk = of('twilight').map(
    (span): TideWindow => ({
      kind: 'dusk',
      fromMs: span.fromMs - DUSK_MS / 2,
      toMs: span.toMs + DUSK_MS / 2,
    }),
  )
  return [...byTide, ...dusk].flatMap((window) => windowsIn(window, [{ fromMs, toMs }]))
}

/** Wading depth at a level of the sea [m]; 0 on the dry bar. @param levelM over the datum */
export const standingM = ({ profile, standM }: Shore, levelM: number): number =>
  Math.max(0, levelM - bedAt(profile, standM))
