import { WATER_MODEL, type WaterModel } from './cylinder.ts'
import { type WaterFly, type WaterPart, weightInWaterNPerM } from './part.ts'

// Taken once: asked for millions of times in a sweep.
const { abs, atan2, cos, max, PI, sin } = Math

/** A point of the line: downstream of where it leaves the surface, and up from the surface (so negative) [m]. */
export type ShapePoint = readonly [xM: number, zM: number]

export interface SteadyLine {
  /** `on-bed`: the line as it would hang reaches deeper than the water. */
  readonly outcome: 'converged' | 'on-bed'
  readonly depthM: number
  /** Angle to the flow where the line leaves the surface [°]. */
  readonly surfaceAngleDeg: number
  /** From the surface to the fly. */
  readonly shape: readonly ShapePoint[]
}

export type SteadyResult = SteadyLine | { readonly outcome: 'no-root' | 'iteration-limit' }

/** Current downstream [m/s] at a depth below the surface [m]. */
export type CurrentOverDepth = (depthM: number) => number

/** Pieces a part is cut into by default. The rule is second order: 200 are right to a few parts in 10⁵. */
const PIECES = 200
/** Tolerance of the top of a line in sheared current at the surface [m]. */
const TOP_TOLERANCE_M = 1e-7
const MAX_TRIALS = 100

/** Last step of the search for a piece's angle [rad]: it leaves no more than about its square. */
const ANGLE_TOLERANCE = 1e-7

/** The pull of all that hangs below: downstream, and down [N]. */
interface Pull {
  readonly downstreamN: number
  readonly downN: number
}

/** Angle of a short piece so that its pull, with half its own load, lies along it; the left side falls from 0 to 90°. */
function pieceAngle(pull: Pull, halfWeightN: number, halfDragN: number): number {
  let low = 0
  let high = PI / 2
  let angle = atan2(max(0, pull.downN + halfWeightN), pull.downstreamN + halfDragN)
  for (let i = 0; i < 60; i++) {
    const s = sin(angle)
    const c = cos(angle)
    const off = (pull.downN + halfWeightN) * c - pull.downstreamN * s - halfDragN * s * s
    if (off > 0) low = angle
    else high = angle
    const slope = -(pull.downN + halfWeightN) * s - pull.downstreamN * c - 2 * halfDragN * s * c
    const next = slope < 0 ? angle - off / slope : (low + high) / 2
    const bounded = next > low && next < high ? next : (low + high) / 2
    // Newton's next step would be of the square of this one.
    if (abs(bounded - angle) < ANGLE_TOLERANCE) return bounded
    angle = bounded
  }
  return angle
}

/** The pull where a second fly hangs. */
const withHung = (pull: Pull, fly: WaterFly, speed: number, half: number): Pull => ({
  downstreamN: pull.downstreamN + half * fly.dragAreaM2 * speed ** 2,
  downN: max(0, pull.downN + fly.submergedWeightN),
})

interface Climbed {
  /** Depth at which the line's upper end lies [m]; 0 at the surface. */
  readonly topM: number
  readonly topAngle: number
  /** Downstream and depth of each point, from the fly up, the fly at 0. */
  readonly points: readonly (readonly [xM: number, depthM: number])[]
}

/**
 * Adds the line up from the fly, until it lies flat or is all added: each short piece lies along the pull on it; what floats
 * takes of the pull downward, and once there is none left the rest lies on the surface. Its load is its weight in water, normal drag
 * ½ρ Cn d U² sin²φ across it and ½ρ Ct π d U² cos²φ along it: the towed-cable equations (Glauert 1930; Pode 1951). [physics]
 */
function climb(
  parts: readonly WaterPart[],
  fly: WaterFly,
  flyDepthM: number,
  current: CurrentOverDepth,
  model: WaterModel,
  pieces: number,
): Climbed {
  const half = 0.5 * model.waterKgPerM3
  const flySpeed = current(max(0, flyDepthM))
  let pull: Pull = {
    downstreamN: half * fly.dragAreaM2 * flySpeed ** 2,
    downN: max(0, fly.submergedWeightN),
  }
  let depth = flyDepthM
  let x = 0
  let angle = 0
  const points: [number, number][] = [[0, depth]]
  for (const part of parts.toReversed()) {
    const step = part.lengthM / pieces
    const weightN = weightInWaterNPerM(part, model) * step
    if (part.hangs !== undefined) pull = withHung(pull, part.hangs, current(max(0, depth)), half)
    for (let i = 0; i < pieces; i++) {
      if (weightN < 0 && pull.downN + weightN <= 0) return { topM: depth, topAngle: 0, points }
      const speed = current(max(0, depth - 0.5 * step * sin(angle)))
      const normalN = half * model.normalDrag * part.diameterM * speed ** 2 * step
      const alongN = half * model.tangentialDrag * PI * part.diameterM * speed ** 2 * step
      angle = pieceAngle(pull, weightN / 2, normalN / 2)
      const s = sin(angle)
      const c = cos(angle)
      pull = {
        downstreamN: pull.downstreamN + normalN * s ** 3 + alongN * c ** 3,
        downN: max(0, pull.downN + weightN - normalN * s * s * c + alongN * c * c * s),
      }
      depth -= step * s
      x -= step * c
      points.push([x, depth])
    }
  }
  return { topM: depth, topAngle: angle, points }
}

function lineOf({ topAngle, points }: Climbed, flyDepthM: number, bedM: number): SteadyLine {
  const [topX] = points.at(-1) ?? [0]
  return {
    outcome: flyDepthM > bedM ? 'on-bed' : 'converged',
    depthM: flyDepthM,
    surfaceAngleDeg: (topAngle * 180) / PI,
    shape: points.map(([x, depth]): ShapePoint => [x - topX, 0 - depth]).reverse(),
  }
}

/**
 * Shape at rest of a line in a uniform stream, held where it leaves the surface. Independent of depth, so it is summed
 * once from the fly up.
 * @param parts surface first, fly last @param currentMps [m/s], [0, ∞)
 * @example steadyLine([{ lengthM: 3, kgPerM: 0.00234, diameterM: 0.0009 }], { submergedWeightN: 0, dragAreaM2: 0 }, 0.5).depthM // 1.023 m, 3 sin 19.9°
 */
export function steadyLine(
  parts: readonly WaterPart[],
  fly: WaterFly,
  currentMps: number,
  model: WaterModel = WATER_MODEL,
  pieces = PIECES,
): SteadyLine {
  const raised = climb(parts, fly, 0, () => currentMps, model, pieces)
  const depthM = 0 - raised.topM
  const points = raised.points.map(([x, depth]) => [x, depth + depthM] as const)
  return lineOf({ ...raised, points }, depthM, Number.POSITIVE_INFINITY)
}

/**
 * The same in current that changes over depth: the depth of the fly is sought for which the line's top meets the surface.
 * @param bedM depth of the water [m]; a line that would hang deeper is `on-bed`
 */
export function steadyLineInShear(
  parts: readonly WaterPart[],
  fly: WaterFly,
  current: CurrentOverDepth,
  bedM: number,
  model: WaterModel = WATER_MODEL,
  pieces = PIECES,
): SteadyResult {
  const longest = parts.reduce((sum, part) => sum + part.lengthM, 0)
  const top = (depthM: number): Climbed => climb(parts, fly, depthM, current, model, pieces)
  const atLow = top(0)
  if (atLow.topM >= 0) return lineOf(atLow, 0, bedM)
  const atHigh = top(longest)
  if (atHigh.topM < -TOP_TOLERANCE_M) return { outcome: 'no-root' }
  let low = { depthM: 0, topM: atLow.topM }
  let high = { depthM: longest, topM: atHigh.topM }
  for (let i = 0; i < MAX_TRIALS; i++) {
    const depthM = i % HALVE_EVERY === 0 ? (low.depthM + high.depthM) / 2 : secant(low, high)
    const tried = top(depthM)
    if (abs(tried.topM) < TOP_TOLERANCE_M || high.depthM - low.depthM < TOP_TOLERANCE_M)
      return lineOf(tried, depthM, bedM)
    // Of an end that stays half its value counts the next time, or it might stay for good (the Illinois rule, Dowell & Jarratt 1971).
    if (tried.topM < 0)
      [low, high] = [
        { depthM, topM: tried.topM },
        { ...high, topM: high.topM / 2 },
      ]
    else
      [low, high] = [
        { ...low, topM: low.topM / 2 },
        { depthM, topM: tried.topM },
      ]
  }
  return { outcome: 'iteration-limit' }
}

/** Of the trials for the top of a line so many in turn halve the span: the line's top jumps where a floating part comes to lie flat. */
const HALVE_EVERY = 4

interface End {
  readonly depthM: number
  readonly topM: number
}
/** Depth at which a straight line between two ends of a span meets the surface. */
const secant = (low: End, high: End): number =>
  low.depthM + ((high.depthM - low.depthM) * low.topM) / (low.topM - high.topM)
