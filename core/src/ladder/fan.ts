import { quantileSorted } from 'd3-array'
import { type SwingSetup, swingInput } from '../rig/index.ts'
import { diameterForSinkRate, sinkRateMps, WATER_MODEL, type WaterPart } from '../sink/index.ts'
import { type Ride, SWING_OPTIONS, type SwingInput } from '../swing/index.ts'
import { type Run, scaledRun, spreadOf } from '../water/index.ts'

/** Standard deviations of a swing's unknowns besides the pool, of the logarithms. [estimate] */
export const FAN_MODEL = Object.freeze({
  /** Number of swings simulated. */
  samples: 24,
  /** Of a sinking part’s rate about the nominal one: makers round, tips wear. */
  sinkSd: 0.08,
  /** Of the drag across a line, which is rough and trembles. */
  normalDragSd: 0.1,
  /** Of the drag along it. */
  tangentialDragSd: 0.25,
  /** Four swings in five lie between these. */
  low: 0.1,
  high: 0.9,
  /** Between points of the fan [s]. */
  stepS: 0.5,
})

/** One thing in doubt at a time is not enough: five directions in which a swing may differ from the one that is shown. */
const DIRECTIONS = 5

/** The positive root of x^(d+1) = x + 1: what the golden ratio is in one direction. */
function goldenIn(directions: number): number {
  let x = 2
  for (let i = 0; i < 60; i++) x = (1 + x) ** (1 / (directions + 1))
  return x
}

/**
 * Points that fill a cube evenly, (0, 1): the additive recurrence on powers of the generalised golden ratio (Roberts, the R
 * sequence; from memory), each direction then spread by rank so that every one of its equal parts holds one point. The same
 * every time. [standard]
 */
export function evenPoints(count: number, directions: number): readonly (readonly number[])[] {
  const g = goldenIn(directions)
  const columns = Array.from({ length: directions }, (_, d) => {
    const values = Array.from({ length: count }, (__, i) => (0.5 + (i + 1) / g ** (d + 1)) % 1)
    const sorted = [...values].sort((a, b) => a - b)
    return values.map((value) => (sorted.indexOf(value) + 0.5) / count)
  })
  return Array.from({ length: count }, (_, i) => columns.map((column) => column[i] ?? 0.5))
}

/**
 * The standard normal quantile: below it this share of a normal lies; to within 4.5e-4: Abramowitz & Stegun 26.2.23, from memory. [standard]
 * @param share (0, 1)
 */
export function normalQuantile(share: number): number {
  const tail = Math.min(share, 1 - share)
  const t = Math.sqrt(-2 * Math.log(tail))
  const top = 2.515517 + 0.802853 * t + 0.010328 * t * t
  const bottom = 1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3
  const z = t - top / bottom
  return share < 0.5 ? -z : z
}

/** A part that sinks faster or slower than it is said to. */
function sinking(part: WaterPart, factor: number): WaterPart {
  const rate = part.floats ? 0 : sinkRateMps(part.kgPerM, part.diameterM)
  return rate > 0 ? { ...part, diameterM: diameterForSinkRate(part.kgPerM, rate * factor) } : part
}

export interface FanTask {
  readonly id: string
  readonly input: SwingInput
}

/**
 * The swings of a fan: the rig in waters and with drags and sink rates that are as likely as those that are shown.
 * @param pool as it was measured: it knows how sure its log has made it @param samples number of swings
 */
export function fanTasks(
  setup: SwingSetup,
  pool: Run,
  samples: number = FAN_MODEL.samples,
): readonly FanTask[] {
  const { sinkSd, normalDragSd, tangentialDragSd } = FAN_MODEL
  const { depthSd, currentSd } = spreadOf(pool)
  return evenPoints(samples, DIRECTIONS).map((point, i): FanTask => {
    const at = (direction: number, sd: number): number =>
      Math.exp(sd * normalQuantile(point[direction] ?? 0.5))
    const run = scaledRun(setup.run, at(0, depthSd), at(1, currentSd))
    const input = swingInput({ ...setup, run })
    const faster = at(2, sinkSd)
    return {
      id: String(i),
      input: {
        ...input,
        parts: input.parts.map((part) => sinking(part, faster)),
        model: {
          ...WATER_MODEL,
          normalDrag: WATER_MODEL.normalDrag * at(3, normalDragSd),
          tangentialDrag: WATER_MODEL.tangentialDrag * at(4, tangentialDragSd),
        },
      },
    }
  })
}

export interface Band {
  readonly low: number
  readonly high: number
}

/** Central 80 % of the fan. */
export interface Fan {
  readonly points: readonly (Band & { readonly tS: number })[]
  readonly hangDepthM: Band
  readonly holdingShare: Band
}

/** Between the tenth and the ninetieth percentile, interpolated (Hyndman & Fan 1996, type 7). */
function spanOf(values: readonly number[]): Band {
  const sorted = values.toSorted((a, b) => a - b)
  return {
    low: quantileSorted(sorted, FAN_MODEL.low) ?? 0,
    high: quantileSorted(sorted, FAN_MODEL.high) ?? 0,
  }
}

/** The fan that swings make; a swing that has come to hang stays as it hangs. Undefined until all are simulated. @param toS [s] */
export function fanOf(
  rides: ReadonlyMap<string, Ride>,
  toS: number,
  samples: number = FAN_MODEL.samples,
): Fan | undefined {
  const all = [...rides.values()].filter(({ track }) => track.length > 0)
  if (rides.size < samples || all.length === 0) return undefined
  const depthAt = ({ track }: Ride, tS: number): number =>
    track[Math.min(track.length - 1, Math.round(tS / SWING_OPTIONS.sampleS))]?.[1] ?? 0
  const count = Math.floor(toS / FAN_MODEL.stepS) + 1
  return {
    points: Array.from({ length: count }, (_, i) => {
      const tS = i * FAN_MODEL.stepS
      return { tS, ...spanOf(all.map((ride) => depthAt(ride, tS))) }
    }),
    hangDepthM: spanOf(all.map(({ summary }) => summary.hangDepthM)),
    holdingShare: spanOf(all.map(({ summary }) => summary.holdingShare)),
  }
}
