import type { Item } from '../gear/index.ts'
import { resolveRig, type Steps, type SwingSetup, swingInput, swingsInSteps, through } from '../rig/index.ts'
import type { SwingInput, Swung } from '../swing/index.ts'
import {
  atFlow,
  type ByLog,
  type Factor,
  FOUR_IN_FIVE,
  POOL_SPREAD,
  type Run,
  scaledRun,
} from '../water/index.ts'
import type { Entry } from './keptSchema.ts'
import { normalCdf } from './trials.ts'
import type { Saw } from './vocabulary.ts'

/** A swing that was seen: how it was fished, at which flow, and what was seen of it. */
export interface Seen {
  readonly setup: Omit<SwingSetup, 'run'>
  readonly flowM3ps: number
  readonly saw: Saw
}

/** A swing that must be simulated to learn from what was seen. */
export interface CalibrationTask {
  readonly id: string
  readonly input: SwingInput
}

export type Calibrated =
  | {
      readonly outcome: 'calibrated'
      readonly depth: Factor
      readonly current: Factor
      readonly correlation: number
      /** The one correction where depth and current cannot be told apart: told as depth with the current as it was measured. */
      readonly combined?: Factor
      /** Result kept beside the pool, without the day. */
      readonly byLog: ByLog
    }
  | { readonly outcome: 'too-few' }

/** Model by which a log teaches a pool's own depth and current. [estimate] */
export const CALIBRATE_MODEL = Object.freeze({
  /** Standard deviations of the logarithms before anything was seen. */
  ...POOL_SPREAD,
  /** Factors that swings are simulated at, and the number of grid points between them. */
  reach: 0.4,
  swings: 5,
  places: 61,
  /** A swing that is above the fish for more than half its way is high; one that touches so much is said to touch. */
  highBelow: -0.5,
  touchedFrom: 0.12,
  /** Scatter of what is seen about what is computed. */
  noise: 0.3,
  least: 2,
  /** From this correlation on neither is claimed alone. */
  inseparable: 0.8,
})

const { abs, exp, log, sqrt } = Math

/** Observation of a journal entry, where its rig is still there and its flow is known. */
export function seenIn(
  { flowM3ps, waterC, fly, dropper, fishAt, plan, castM, rig, saw }: Entry,
  items: ReadonlyMap<string, Item>,
): Seen | undefined {
  const resolved = resolveRig(rig, items)
  if (flowM3ps === undefined || resolved.outcome !== 'resolved') return undefined
  const whole = { ...plan, rod: plan.rod ?? 'follow', castM }
  return {
    setup: { parts: resolved.parts, fly, dropper, fishAt, fishKg: undefined, waterC, plan: whole },
    flowM3ps,
    saw,
  }
}

/** Logarithms of the factors at which swings are simulated. */
const STEPS: readonly number[] = Array.from(
  { length: CALIBRATE_MODEL.swings },
  (_, i) => CALIBRATE_MODEL.reach * ((2 * i) / (CALIBRATE_MODEL.swings - 1) - 1),
)
const idOf = (entry: number, d: number, c: number): string => `${entry} ${d} ${c}`

/** The swings of one entry over a small grid of depths and currents, at the level it was logged at. */
function tasksOf(run: Run, { setup, flowM3ps }: Seen, entry: number): readonly CalibrationTask[] {
  const measured = run.measuredFlowM3ps
  if (measured === undefined) return []
  return STEPS.flatMap((logDepth, d) =>
    STEPS.flatMap((logCurrent, c): readonly CalibrationTask[] => {
      const carried = atFlow(scaledRun(run, exp(logDepth), exp(logCurrent)), measured, flowM3ps)
      if (carried.outcome === 'too-far') return []
      return [{ id: idOf(entry, d, c), input: swingInput({ ...setup, run: carried.run }) }]
    }),
  )
}

/** Every swing that is wanted. */
export const calibrationTasks = (run: Run, seen: readonly Seen[]): readonly CalibrationTask[] =>
  seen.flatMap((one, entry) => tasksOf(run, one, entry))

/** Height of a swing, from too high (−1) over with the fish (0) to on the bed (+1). */
function heightOf({ outcome, summary }: Swung): number {
  const { overHoldingS, aboveS, belowS, touches, draggedM } = summary
  if (outcome === 'grounded') return 1
  if (overHoldingS <= 0) return -1
  const low = Math.min(1, 0.1 * touches + 0.3 * draggedM + belowS / overHoldingS)
  return low - aboveS / overHoldingS
}

function chanceOfSeeing(saw: Saw, height: number): number {
  const { highBelow, touchedFrom, noise } = CALIBRATE_MODEL
  const high = (): number => normalCdf((highBelow - height) / noise)
  const notTouched = (): number => normalCdf((touchedFrom - height) / noise)
  const chance = saw === 'high' ? high() : saw === 'touched' ? 1 - notTouched() : notTouched() - high()
  return Math.max(1e-6, chance)
}

/** Drawn report of a swing by an angler, by the same scatter. @param roll [0, 1) */
export function sawOf(swung: Swung, roll: number): Saw {
  const height = heightOf(swung)
  const high = chanceOfSeeing('high', height)
  return roll < high ? 'high' : roll < high + chanceOfSeeing('band', height) ? 'band' : 'touched'
}

/** Bilinear interpolation between the simulated swings. @param d and c, places on the grid of swings, [0, swings − 1] */
function between(table: readonly number[], d: number, c: number): number {
  const many = CALIBRATE_MODEL.swings
  const i = Math.min(many - 2, Math.floor(d))
  const j = Math.min(many - 2, Math.floor(c))
  const [u, v] = [d - i, c - j]
  const at = i * many + j
  const near = (1 - v) * (table[at] ?? 0) + v * (table[at + 1] ?? 0)
  const far = (1 - v) * (table[at + many] ?? 0) + v * (table[at + many + 1] ?? 0)
  return (1 - u) * near + u * far
}

const factorOf = (log: number, sd: number): Factor => ({
  factor: exp(log),
  low: exp(log - FOUR_IN_FIVE * sd),
  high: exp(log + FOUR_IN_FIVE * sd),
})

/** One entry with how high its fly rides at each place of the grid of swings. */
interface Weighed {
  readonly saw: Saw
  /** Row by row: depth by depth, in it current by current. */
  readonly table: readonly number[]
  /** So many entries say the same of the same water. */
  readonly times: number
}

function weighedOf({ saw }: Seen, entry: number, rides: ReadonlyMap<string, Swung>): readonly Weighed[] {
  const table: number[] = []
  for (let d = 0; d < STEPS.length; d++)
    for (let c = 0; c < STEPS.length; c++) {
      const ride = rides.get(idOf(entry, d, c))
      if (ride === undefined) return []
      table.push(heightOf(ride))
    }
  return [{ saw, table, times: 1 }]
}

/** Entries that say the same of the same water, as one. */
function joinedOf(known: readonly Weighed[]): readonly Weighed[] {
  const alike = new Map<string, Weighed>()
  for (const { saw, table, times } of known) {
    const key = `${saw} ${table.join()}`
    alike.set(key, { saw, table, times: times + (alike.get(key)?.times ?? 0) })
  }
  return [...alike.values()]
}

/** A place of the posterior's grid: logarithms of depth and current factor, and of how likely they are together. */
type GridPoint = readonly [d: number, c: number, logWeight: number]

/** Likelihood of the entries at each depth and current, row by row. Logarithms are summed: hundreds of entries multiply to nothing. */
function* gridOf(known: readonly Weighed[]): Steps<readonly GridPoint[]> {
  const { depthSd, currentSd, reach, swings, places } = CALIBRATE_MODEL
  const grid: GridPoint[] = []
  const alike = joinedOf(known)
  for (let i = 0; i < places; i++) {
    for (let j = 0; j < places; j++) {
      const [u, v] = [i / (places - 1), j / (places - 1)]
      const [d, c] = [reach * (2 * u - 1), reach * (2 * v - 1)]
      let logWeight = -0.5 * ((d / depthSd) ** 2 + (c / currentSd) ** 2)
      for (const { saw, table, times } of alike)
        logWeight += times * log(chanceOfSeeing(saw, between(table, u * (swings - 1), v * (swings - 1))))
      grid.push([d, c, logWeight])
    }
    yield
  }
  return grid
}

/** Means and deviations of a posterior on a grid; the likeliest place weighs 1. */
function momentsOf(grid: readonly GridPoint[]) {
  const likeliest = grid.reduce((most, [, , w]) => Math.max(most, w), Number.NEGATIVE_INFINITY)
  let [total, sumD, sumC, sumDD, sumCC, sumDC] = [0, 0, 0, 0, 0, 0]
  for (const [d, c, logWeight] of grid) {
    const weight = exp(logWeight - likeliest)
    total += weight
    sumD += weight * d
    sumC += weight * c
    sumDD += weight * d * d
    sumCC += weight * c * c
    sumDC += weight * d * c
  }
  const [d, c] = [sumD / total, sumC / total]
  const sdOf = (sum: number, mean: number): number => sqrt(Math.max(1e-12, sum / total - mean * mean))
  const [sdD, sdC] = [sdOf(sumDD, d), sdOf(sumCC, c)]
  return { d, c, sdD, sdC, correlation: (sumDC / total - d * c) / (sdD * sdC) }
}

/** Posterior of observations, weighed against what swings in such water do: a pool's own depth and current, by Bayes on a grid. [log] */
function* posteriorOf(known: readonly Weighed[]): Steps<Calibrated> {
  const { least, inseparable } = CALIBRATE_MODEL
  const from = known.length
  if (from < least) return { outcome: 'too-few' }
  const grid = yield* gridOf(known)
  const { d, c, sdD, sdC, correlation } = momentsOf(grid)
  const [depth, current] = [factorOf(d, sdD), factorOf(c, sdC)]
  // With the current as it was measured.
  const alone = momentsOf(grid.filter(([, logCurrent]) => abs(logCurrent) < 1e-12))
  const combined = abs(correlation) > inseparable ? factorOf(alone.d, alone.sdD) : undefined
  return {
    outcome: 'calibrated',
    depth,
    current,
    correlation,
    ...(combined === undefined ? {} : { combined }),
    byLog:
      combined === undefined
        ? { depth, current, swings: from }
        : { depth: combined, current: { factor: 1, low: 1, high: 1 }, combined: true, swings: from },
  }
}

/** Correction of a pool, from swings already computed. */
export const calibrated = (seen: readonly Seen[], rides: ReadonlyMap<string, Swung>): Calibrated =>
  through(posteriorOf(seen.flatMap((one, entry) => weighedOf(one, entry, rides))))

/** Correction of a pool by its log, from the pool as it was measured: entry by entry, then all together. */
export function* calibrateInSteps(run: Run, seen: readonly Seen[]): Steps<Calibrated> {
  const known: Weighed[] = []
  for (const [entry, one] of seen.entries()) {
    const tasks = tasksOf(run, one, entry)
    const swung = yield* swingsInSteps(tasks.map(({ input }) => input))
    known.push(...weighedOf(one, entry, new Map(tasks.map(({ id }, i) => [id, swung[i] as Swung]))))
  }
  return yield* posteriorOf(known)
}
