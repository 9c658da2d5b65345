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

interface Tip {
  readonly tipRad: number
  readonly found: boolean
}

/** The angle at which the tip stands: the least for which the clamp is level. By halving: under heavy loads there are others. */
function standing(alpha: number, tipShare: number): Tip {
  let low = 0
  let high = PI / 2
  for (let trial = 0; trial < MAX_TRIALS; trial++) {
    const tipRad = (low + high) / 2
    const { clampRad } = walk(alpha, tipRad, tipShare, false)
    if (abs(clampRad) < CLOSE_RAD || high - low < CLOSE_RAD) return { tipRad, found: true }
    if (clampRad > 0) high = tipRad
    else low = tipRad
  }
  return { tipRad: (low + high) / 2, found: false }
}

/**
 * How a rod bends under a load square to its clamped end. C44.
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

/** Loads tried for a drop, as logarithms of α, and how often the span is halved: to 10⁻⁹ of it. */
const LOG_ALPHA = { low: -8, high: 4, halvings: 34 } as const

/** The load, as α, under which a rod drops by this share of its free length: by halving, which a heavy load’s other solutions don’t mislead. @param dropShare (0, 0.9] */
export function alphaFor(dropShare: number, tipShare = 1): number {
  let { low, high }: { low: number; high: number } = LOG_ALPHA
  for (let i = 0; i < LOG_ALPHA.halvings; i++) {
    const middle = (low + high) / 2
    const alpha = Math.exp(middle)
    const { down } = walk(alpha, standing(alpha, tipShare).tipRad, tipShare, false)
    if (down < dropShare) low = middle
    else high = middle
  }
  return Math.exp((low + high) / 2)
}
