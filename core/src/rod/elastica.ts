/**
 * A rod bent by a weight at its tip: the elastica of a tapered cantilever, large deflections and all. The uniform one is that of
 * Bisshopp & Drucker 1945. [physics]
 */

// Taken once: asked for thousands of times in a fit.
const { abs, cos, PI, sin } = Math

/** A bent rod, its places as shares of the free length: out from the clamp, and down. */
export interface BentRod {
  readonly outcome: 'bent' | 'iteration-limit'
  readonly dropShare: number
  readonly reachShare: number
  /** From the clamp to the tip. */
  readonly shape: readonly (readonly [out: number, down: number])[]
}

/** Steps along the rod: right to some parts in 10⁶. */
const STEPS = 120
const MAX_TRIALS = 80
/** The clamp is met this closely [rad]. */
const CLOSE_RAD = 1e-10
/** Stiffness goes with the third power of the diameter: a tube whose wall stays as it is. [estimate] */
const STIFFNESS_POWER = 3

interface Walked {
  readonly clampRad: number
  readonly out: number
  readonly down: number
  readonly points: readonly (readonly [number, number])[]
}

/** From a tip that stands at an angle back to the clamp: dθ/ds = α·m/t(s)³, dm/ds = −cos θ, by Runge and Kutta’s fourth order. */
function walk(alpha: number, tipRad: number, tipShare: number, keep: boolean): Walked {
  const h = 1 / STEPS
  let theta = tipRad
  let moment = 0
  let out = 0
  let down = 0
  const points: (readonly [number, number])[] = keep ? [[0, 0]] : []
  const bend = (s: number, m: number): number => (-alpha * m) / (1 + (tipShare - 1) * s) ** STIFFNESS_POWER
  for (let i = 0; i < STEPS; i++) {
    const s = 1 - i * h
    const a = bend(s, moment)
    const a2 = theta + (h / 2) * a
    const b = bend(s - h / 2, moment + (h / 2) * cos(theta))
    const b2 = theta + (h / 2) * b
    const c = bend(s - h / 2, moment + (h / 2) * cos(a2))
    const c2 = theta + h * c
    const d = bend(s - h, moment + h * cos(b2))
    moment += (h / 6) * (cos(theta) + 2 * cos(a2) + 2 * cos(b2) + cos(c2))
    out += (h / 6) * (cos(theta) + 2 * cos(a2) + 2 * cos(b2) + cos(c2))
    down += (h / 6) * (sin(theta) + 2 * sin(a2) + 2 * sin(b2) + sin(c2))
    theta += (h / 6) * (a + 2 * b + 2 * c + d)
    if (keep) points.push([out, down])
  }
  return { clampRad: theta, out, down, points }
}

/**
 * A root of a function that is negative at one end and positive at the other: halved some times first, which no other root
 * nearby misleads, then by false position with the Illinois weight (Dowell & Jarratt 1971, from memory). [standard]
 */
function rootIn(
  f: (x: number) => number,
  ends: { readonly low: number; readonly high: number },
  { halvings, close }: { readonly halvings: number; readonly close: number },
): { readonly x: number; readonly found: boolean } {
  let { low, high } = ends
  let [fLow, fHigh] = [Number.NaN, Number.NaN]
  for (let trial = 0; trial < MAX_TRIALS; trial++) {
    const falsely = trial >= halvings && !Number.isNaN(fLow) && !Number.isNaN(fHigh)
    const x = falsely ? (low * fHigh - high * fLow) / (fHigh - fLow) : (low + high) / 2
    const y = f(x)
    if (abs(y) < close || high - low < close) return { x, found: true }
    if (y > 0) {
      high = x
      // An end that stays put counts half: else the other creeps.
      if (falsely && y * fHigh > 0) fLow /= 2
      fHigh = y
    } else {
      low = x
      if (falsely && y * fLow > 0) fHigh /= 2
      fLow = y
    }
  }
  return { x: (low + high) / 2, found: false }
}

interface Tip {
  readonly tipRad: number
  readonly found: boolean
}

/** The angle at which the tip stands: the least for which the clamp is level. Under heavy loads there are others. */
function standing(alpha: number, tipShare: number): Tip {
  const { x, found } = rootIn(
    (tipRad) => walk(alpha, tipRad, tipShare, false).clampRad,
    { low: 0, high: PI / 2 },
    { halvings: 7, close: CLOSE_RAD },
  )
  return { tipRad: x, found }
}

/**
 * Bend of a rod under a load square to its clamped end. C44.
 * @param alpha P·L²/EI at the clamp, [0, 1000] @param tipShare diameter at the tip ÷ at the clamp, (0, 1]; 1 is uniform
 * @example bentRod(1).dropShare // 0.3017
 */
export function bentRod(alpha: number, tipShare = 1): BentRod {
  const { tipRad, found } = standing(alpha, tipShare)
  const { out, down, points } = walk(alpha, tipRad, tipShare, true)
  return {
    outcome: found ? 'bent' : 'iteration-limit',
    dropShare: down,
    reachShare: out,
    shape: [...points].reverse().map(([o, d]) => [out - o, down - d] as const),
  }
}

/** Loads tried for a drop, as logarithms of α. */
const LOG_ALPHA = { low: -8, high: 4 } as const
/** The drop is met this closely, as a share of the free length. */
const CLOSE_DROP = 1e-9

/** Steps of Newton’s before it is given up, and the differences its slopes are taken over. */
const NEWTON = { steps: 12, by: 1e-6 } as const

/** Drop of a tapered rod's tip under a small load, per α: ∫ (1 − s)²/t³ ds. [physics] */
function compliance(tipShare: number): number {
  let sum = 0
  for (let i = 0; i < STEPS; i++) {
    const s = (i + 0.5) / STEPS
    sum += (1 - s) ** 2 / (1 + (tipShare - 1) * s) ** STIFFNESS_POWER / STEPS
  }
  return sum
}

/** Load and angle of the tip together, by Newton from what small deflections would make of it; undefined where that strays. */
function togetherFor(dropShare: number, tipShare: number): number | undefined {
  let logAlpha = Math.log((dropShare / compliance(tipShare)) * (1 + dropShare ** 2))
  let tipRad = Math.min(1.4, 1.45 * dropShare)
  const off = (a: number, rad: number): readonly [clamp: number, down: number] => {
    const { clampRad, down } = walk(Math.exp(a), rad, tipShare, false)
    return [clampRad, down - dropShare]
  }
  for (let step = 0; step < NEWTON.steps; step++) {
    const [c, d] = off(logAlpha, tipRad)
    if (abs(c) < CLOSE_DROP && abs(d) < CLOSE_DROP) return Math.exp(logAlpha)
    const [cA, dA] = off(logAlpha + NEWTON.by, tipRad)
    const [cT, dT] = off(logAlpha, tipRad + NEWTON.by)
    const [ca, da, ct, dt] = [cA - c, dA - d, cT - c, dT - d].map((each) => each / NEWTON.by) as [
      number,
      number,
      number,
      number,
    ]
    const det = ca * dt - ct * da
    const [moveA, moveT] = [(ct * d - dt * c) / det, (da * c - ca * d) / det]
    if (!Number.isFinite(moveA) || !Number.isFinite(moveT)) return undefined
    const share = Math.min(1, 0.5 / Math.max(abs(moveA), abs(moveT), 1e-12))
    logAlpha += share * moveA
    tipRad += share * moveT
    if (logAlpha < LOG_ALPHA.low || logAlpha > LOG_ALPHA.high || tipRad <= 0 || tipRad >= PI / 2)
      return undefined
  }
  return undefined
}

/** The load, as α, under which a rod drops by this share of its free length. @param dropShare (0, 0.9] */
export function alphaFor(dropShare: number, tipShare = 1): number {
  const together = togetherFor(dropShare, tipShare)
  // Newton may have met another of a heavy load’s solutions: the least angle is the rod’s.
  if (together !== undefined && abs(bentDown(together, tipShare) - dropShare) < 10 * CLOSE_DROP)
    return together
  const { x } = rootIn((logAlpha) => bentDown(Math.exp(logAlpha), tipShare) - dropShare, LOG_ALPHA, {
    halvings: 4,
    close: CLOSE_DROP,
  })
  return Math.exp(x)
}

const bentDown = (alpha: number, tipShare: number): number =>
  walk(alpha, standing(alpha, tipShare).tipRad, tipShare, false).down
