import { type EvidenceTag, KG_PER_GRAIN } from '../quantity/index.ts'

/** Feel of a head on a rod: too light, a little light, right, a little heavy, too heavy. */
export const FEELS = [-2, -1, 0, 1, 2] as const
export type Feel = (typeof FEELS)[number]

export interface Trial {
  readonly headKg: number
  readonly feel: Feel
}

/** Prior of a caster’s window before any trial: its centre, and how unsure that is. */
export interface Prior {
  readonly centreKg: number
  /** Half-width ÷ centre. */
  readonly halfShare: number
  /** Standard deviation of the centre’s logarithm. */
  readonly sd: number
}

/** Standard deviation of a window before trials, by what it rests on: the caster moves it, whoever printed it. [estimate] */
export const PRIOR_SD: Readonly<Record<EvidenceTag, number>> = Object.freeze({
  printed: 0.07,
  log: 0.05,
  physics: 0.09,
  standard: 0.1,
  estimate: 0.12,
  practice: 0.12,
})

/** The ordered-response model and its grid. [estimate] */
export const TRIAL_MODEL = Object.freeze({
  /** From “a little” to “too”: so many half-widths off the centre. */
  tooFar: 2.4,
  /** Scatter of one trial’s feel, in the logarithm of the mass: the usual one … */
  noise: 0.045,
  /** … and how many times as much a caster may scatter, with their weights; learnt with the window. */
  scatters: [0.7, 1, 1.6, 2.5],
  scatterWeights: [0.2, 0.4, 0.25, 0.15],
  /** Half-widths tried, as factors of the prior’s, with their weights. */
  halves: [0.6, 0.8, 1, 1.3, 1.7],
  halfWeights: [0.12, 0.23, 0.3, 0.23, 0.12],
  /** Centres tried: so many standard deviations to either side, so many places. */
  reachSds: 4,
  places: 81,
  /** Narrow enough to stop at: the centre’s standard deviation, as a share. */
  settledSd: 0.022,
  /** A head is worth borrowing when it narrows the centre’s deviation by this share. */
  worthwhile: 0.04,
})

const { abs, exp, log, sqrt } = Math

/** Standard normal distribution: Abramowitz & Stegun 7.1.26 by the error function, right to 1.5 in 10⁷. [standard] */
export function normalCdf(x: number): number {
  const z = abs(x) / Math.SQRT2
  const t = 1 / (1 + 0.3275911 * z)
  const erf =
    1 -
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) *
      t *
      exp(-z * z)
  return x < 0 ? (1 - erf) / 2 : (1 + erf) / 2
}

/** Chances of the five feels, lightest first, put into a list that is used again. */
function chancesInto(into: Float64Array, off: number, half: number, noise: number): void {
  const { tooFar } = TRIAL_MODEL
  let below = 0
  for (let i = 0; i < 4; i++) {
    const cut = i === 0 ? -tooFar * half : i === 1 ? -half : i === 2 ? half : tooFar * half
    const upTo = normalCdf((cut - off) / noise)
    into[i] = Math.max(LEAST_CHANCE, upTo - below)
    below = upTo
  }
  into[4] = Math.max(LEAST_CHANCE, 1 - below)
}
/** Nothing that an angler says is impossible. */
const LEAST_CHANCE = 1e-9
const chances = new Float64Array(FEELS.length)

/**
 * Chance of a feel: the ordered probit (McCullagh 1980) with cuts at the window’s ends and beyond them. [standard]
 * @param off logarithm of the head’s mass over the centre @param half the window’s half-width, as a logarithm
 */
export function chanceOf(feel: Feel, off: number, half: number, noise: number = TRIAL_MODEL.noise): number {
  chancesInto(chances, off, half, noise)
  return chances[feel + 2] ?? 0
}

/** A caster’s own window as the trials tell it. */
export interface OwnWindow {
  readonly lowKg: number
  readonly centreKg: number
  readonly highKg: number
  /** Standard deviation of the centre, as a share of it. */
  readonly sd: number
  /** Between which the centre lies four times in five. */
  readonly sure: { readonly lowKg: number; readonly highKg: number }
  readonly trials: number
  /** Whether it is narrow enough to count before an estimate. */
  readonly settled: boolean
}

/** Posterior on a grid: centre off the prior’s, half-width, scatter, and how much it weighs. */
interface Grid {
  readonly off: Float64Array
  readonly half: Float64Array
  readonly noise: Float64Array
  readonly weight: Float64Array
}

function priorGrid({ halfShare, sd }: Prior): Grid {
  const { halves, halfWeights, reachSds, places, noise, scatters, scatterWeights } = TRIAL_MODEL
  const list = () => new Float64Array(places * halves.length * scatters.length)
  const grid = { off: list(), half: list(), noise: list(), weight: list() }
  for (let i = 0, at = 0; i < places; i++) {
    const sds = reachSds * ((2 * i) / (places - 1) - 1)
    for (let k = 0; k < halves.length; k++)
      for (let j = 0; j < scatters.length; j++, at++) {
        grid.off[at] = sd * sds
        grid.half[at] = log(1 + halfShare * (halves[k] ?? 1))
        grid.noise[at] = noise * (scatters[j] ?? 1)
        grid.weight[at] = (halfWeights[k] ?? 0) * (scatterWeights[j] ?? 0) * exp(-0.5 * sds * sds)
      }
  }
  return grid
}

interface Moments {
  readonly off: number
  readonly half: number
  readonly sd: number
}
function momentsOf({ off, half, weight }: Grid): Moments {
  let [total, sumOff, sumHalf, square] = [0, 0, 0, 0]
  for (let i = 0; i < weight.length; i++) {
    const w = weight[i] ?? 0
    const o = off[i] ?? 0
    total += w
    sumOff += w * o
    sumHalf += w * (half[i] ?? 0)
    square += w * o * o
  }
  const mean = sumOff / total
  return { off: mean, half: sumHalf / total, sd: sqrt(Math.max(0, square / total - mean * mean)) }
}

/** 80 % of a normal lies within this many deviations. */
const FOUR_IN_FIVE = 1.2816

/** The grid after the trials; each is learnt from in turn, in any order the same. */
function posterior(prior: Prior, trials: readonly Trial[]): Grid {
  const grid = priorGrid(prior)
  const { off, half, noise, weight } = grid
  for (const { headKg, feel } of trials) {
    const at = log(headKg / prior.centreKg)
    let total = 0
    for (let i = 0; i < weight.length; i++) {
      weight[i] = (weight[i] ?? 0) * chanceOf(feel, at - (off[i] ?? 0), half[i] ?? 0, noise[i])
      total += weight[i] ?? 0
    }
    for (let i = 0; i < weight.length; i++) weight[i] = (weight[i] ?? 0) / total
  }
  return grid
}

/** Places of the grid that weigh less are passed over, as a share of all. */
const LEAST_WEIGHT = 1e-7

/** Expected standard deviation of the centre once a head was tried: over all it may feel like. */
function sdAfter({ off, half, noise, weight }: Grid, at: number): number {
  const chance = new Float64Array(FEELS.length)
  const first = new Float64Array(FEELS.length)
  const second = new Float64Array(FEELS.length)
  for (let i = 0; i < weight.length; i++) {
    const o = off[i] ?? 0
    const before = weight[i] ?? 0
    // What weighs nothing tells nothing.
    if (before < LEAST_WEIGHT) continue
    chancesInto(chances, at - o, half[i] ?? 0, noise[i] ?? TRIAL_MODEL.noise)
    for (let k = 0; k < FEELS.length; k++) {
      const w = before * (chances[k] ?? 0)
      chance[k] = (chance[k] ?? 0) + w
      first[k] = (first[k] ?? 0) + w * o
      second[k] = (second[k] ?? 0) + w * o * o
    }
  }
  let [total, variance] = [0, 0]
  for (let k = 0; k < FEELS.length; k++) {
    const c = chance[k] ?? 0
    total += c
    if (c > 0) variance += (second[k] ?? 0) - (first[k] ?? 0) ** 2 / c
  }
  return sqrt(Math.max(0, variance / total))
}

/** A caster’s window from what heads felt like, by Bayes on a grid over its centre and width. [log] */
export function ownWindow(prior: Prior, trials: readonly Trial[]): OwnWindow {
  const { off, half, sd } = momentsOf(posterior(prior, trials))
  const centreKg = prior.centreKg * exp(off)
  return {
    lowKg: centreKg * exp(-half),
    centreKg,
    highKg: centreKg * exp(half),
    sd,
    sure: { lowKg: centreKg * exp(-FOUR_IN_FIVE * sd), highKg: centreKg * exp(FOUR_IN_FIVE * sd) },
    trials: trials.length,
    settled: trials.length > 0 && sd <= TRIAL_MODEL.settledSd,
  }
}

/** Heads one could ask for round a centre, every ten grains. */
const LADDER = { shares: 0.22, stepKg: 10 * KG_PER_GRAIN } as const

/** Shares of a window's ends beyond which ten casts of a head tell nothing that is not known. [practice] */
const WORTH_TRYING = { low: 0.7, high: 1.35 } as const

/** Whether a head is near enough to a window to be tried on it. */
export const isWorthTrying = (
  headKg: number,
  { lowKg, highKg }: { readonly lowKg: number; readonly highKg: number },
): boolean => headKg > WORTH_TRYING.low * lowKg && headKg < WORTH_TRYING.high * highKg

/**
 * The next head worth borrowing: of those there are, the one after which the centre is expected to be least unsure; undefined
 * where none is worth the trouble any more.
 * @param headsKg what can be had; left out, every ten grains round the centre
 */
export function nextHead(
  prior: Prior,
  trials: readonly Trial[],
  headsKg?: readonly number[],
): { readonly headKg: number; readonly sdAfter: number } | undefined {
  const grid = posterior(prior, trials)
  const now = momentsOf(grid)
  if (trials.length > 0 && now.sd <= TRIAL_MODEL.settledSd) return undefined
  const centreKg = prior.centreKg * exp(now.off)
  const ladder =
    headsKg ??
    Array.from(
      { length: Math.round((2 * LADDER.shares * centreKg) / LADDER.stepKg) + 1 },
      (_, i) => Math.round((centreKg * (1 - LADDER.shares)) / LADDER.stepKg + i) * LADDER.stepKg,
    )
  let best: { headKg: number; sdAfter: number } | undefined
  for (const headKg of ladder) {
    const expected = sdAfter(grid, log(headKg / prior.centreKg))
    if (best === undefined || expected < best.sdAfter) best = { headKg, sdAfter: expected }
  }
  return best !== undefined && best.sdAfter < now.sd * (1 - TRIAL_MODEL.worthwhile) ? best : undefined
}
