import { type LineProfile, massOf, massOfFirst } from '../line/index.ts'

/**
 * Perimeter of an ellipse with semi-axes a ≥ b > 0, exact, by the arithmetic–geometric mean (Gauss):
 * 2π (a² − Σ 2ⁿ⁻¹ cₙ²) / M(a, b). [physics]
 */
function ellipsePerimeter(a: number, b: number): number {
  let x = a
  let y = b
  let squares = (a * a + b * b) / 2
  // The mean converges quadratically: 30 rounds are far beyond double precision, even for a flat ellipse.
  for (let power = 1, i = 0; i < 30 && x - y > 1e-15 * x; i++, power *= 2) {
    const half = (x - y) / 2
    squares -= power * half * half
    const mean = (x + y) / 2
    y = Math.sqrt(x * y)
    x = mean
  }
  return (2 * Math.PI * squares) / x
}

export type DLoopResult =
  | { readonly outcome: 'found'; readonly depthM: number }
  | { readonly outcome: 'no-loop' }

/**
 * Room behind the rod tip that a D loop takes [m]: half an ellipse over the height of the tip, whose arc is the line in
 * the loop. `no-loop` when the line is no longer than the tip is high.
 * @param tipHeightM [m], (0, 10] @param arcM line in the loop [m], (0, 40]
 */
export function dLoopDepth(tipHeightM: number, arcM: number): DLoopResult {
  if (!(arcM > tipHeightM)) return { outcome: 'no-loop' }
  const a = tipHeightM / 2
  const excess = (depthM: number): number =>
    ellipsePerimeter(Math.max(a, depthM), Math.min(a, depthM)) / 2 - arcM
  // A loop of no depth is too short, one as deep as the arc is long too long: false position between the two (Illinois).
  let low = 0
  let high = arcM
  let below = tipHeightM - arcM
  let above = excess(high)
  let depthM = high
  let side = 0
  for (let i = 0; i < ROUNDS; i++) {
    depthM = high - (above * (high - low)) / (above - below)
    const off = excess(depthM)
    if (Math.abs(off) < 1e-13 * arcM) break
    if (off < 0) {
      low = depthM
      below = off
      if (side < 0) above /= 2
      side = -1
    } else {
      high = depthM
      above = off
      if (side > 0) below /= 2
      side = 1
    }
  }
  return { outcome: 'found', depthM }
}

/** Far more than it takes. */
const ROUNDS = 200

/** Distribution of line mass in a D loop. Only what hangs in the upper leg loads the rod. */
export interface LoopMass {
  /** Share of the loop's mass in its upper leg, [0, 1]. */
  readonly upperShare: number
  /** The same as a share of the whole line, what lies anchored included. */
  readonly liveShare: number
}

/**
 * The mass of a line in a D loop: as the stroke begins the half ellipse is halved at its middle, and what of the loop the line
 * does not fill is running line, taken as weightless. [physics]
 * @param line with tip and leader, front first @param anchoredM of its front, on the water [m] @param arcM line in the loop [m]
 * @param upperArc share of the loop's length in its upper leg, [0.5, 1]
 */
export function loopMass(line: LineProfile, anchoredM: number, arcM: number, upperArc = 0.5): LoopMass {
  const before = massOfFirst(line, anchoredM)
  const lower = massOfFirst(line, anchoredM + arcM * (1 - upperArc)) - before
  const whole = massOfFirst(line, anchoredM + arcM) - before
  const upper = whole - lower
  return {
    upperShare: whole > 0 ? upper / whole : 0,
    liveShare: upper / massOf(line),
  }
}

/**
 * Arc of the upper leg as a share of the loop's length: the anchor stays, the tip goes forward by s, and of a loop so deep the rear end follows at
 * half that: its share of the length is ½ + s / 4b, until all of it is upper leg. [physics: a flat loop of fixed length, estimate]
 * @param depthM b, as the stroke begins [m], (0, 20] @param forwardM s [m], [0, 10]
 */
export const upperArcAt = (depthM: number, forwardM: number): number =>
  depthM > 0 ? Math.min(1, 0.5 + forwardM / (4 * depthM)) : 1
