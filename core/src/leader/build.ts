import type { Leader, Tippet } from '../gear/index.ts'
import { M_PER_FOOT, M_PER_INCH } from '../quantity/index.ts'
import type { LeaderRule } from './length.ts'
import { type FlyKnot, leastStrengthN } from './strength.ts'

/** A piece of the recipe, from the butt to the fly. */
export interface LeaderStep {
  readonly spoolId: string
  readonly name: string
  readonly diameterM: number
  readonly lengthM: number
  readonly breakingN: number | undefined
}

export interface LeaderRecipe {
  readonly steps: readonly LeaderStep[]
  readonly lengthM: number
  readonly knots: number
  /** Weakest piece as its spool prints it, where it does; knots are allowed for in what a fish wants (C37). [N] */
  readonly weakestN: number | undefined
  readonly warnings: readonly LeaderWarning[]
}

export type LeaderWarning = 'step-too-big' | 'butt-too-thin' | 'strength-unknown'

export type BuildResult =
  | { readonly outcome: 'built'; readonly recipe: LeaderRecipe }
  | { readonly outcome: 'no-spools' | 'none-strong-enough' }

/** Largest step of diameter a blood knot takes well [m]. [practice] */
export const LEADER_STEP_M = 0.05e-3
/** Shares of the length: butt, point; what is between is shared evenly. [practice] */
const BUTT_SHARE = 0.45
const POINT_SHARE = 0.22
/** Thinnest butt that carries on from a fly line or tip [m]. [practice] */
const LEAST_BUTT_M = 0.38e-3
/** Thickest that is still a leader [m]. */
const LARGEST_BUTT_M = 0.62e-3

type Sized = Tippet & { diameterM: number }
const sized = (spools: readonly Tippet[]): Sized[] =>
  spools
    .filter((s): s is Sized => s.diameterM !== undefined && s.diameterM <= LARGEST_BUTT_M)
    .sort((a, b) => b.diameterM - a.diameterM)

/** The thinnest spool that holds the fish; spools of unknown strength count last. */
function pointFor(spools: readonly Sized[], needN: number): Sized | undefined {
  const strong = spools.filter((s) => (s.breakingN ?? 0) >= needN)
  return strong.at(-1) ?? spools.filter((s) => s.breakingN === undefined).at(-1)
}

/** From butt to point in steps of no more than 0.05 mm where the spools allow it. */
function chain(spools: readonly Sized[], point: Sized): Sized[] {
  const [butt = point] = spools
  const out = [butt]
  let at = butt
  while (at.diameterM > point.diameterM) {
    const thinner = spools.filter((s) => s.diameterM < at.diameterM && s.diameterM >= point.diameterM)
    const near = thinner.filter((s) => at.diameterM - s.diameterM <= LEADER_STEP_M + 1e-9)
    const next = near.at(-1) ?? thinner[0] ?? point
    out.push(next.diameterM === point.diameterM ? point : next)
    at = next
  }
  return out
}

function lengthsOf(count: number, lengthM: number): number[] {
  if (count === 1) return [lengthM]
  if (count === 2) return [lengthM * (1 - POINT_SHARE * 1.5), lengthM * POINT_SHARE * 1.5]
  const middle = (1 - BUTT_SHARE - POINT_SHARE) / (count - 2)
  return Array.from(
    { length: count },
    (_, i) => lengthM * (i === 0 ? BUTT_SHARE : i === count - 1 ? POINT_SHARE : middle),
  )
}

/**
 * A recipe from the spools at hand: as long as the rule says, the thinnest point that holds the fish, and either stepped
 * down in small steps or one level piece (both schools). [practice]
 * @param form stepped or level @param fishKg heaviest fish of the job [kg] @param knot the angler's own at the fly
 */
export function buildLeader(
  spools: readonly Tippet[],
  rule: LeaderRule,
  fishKg: number,
  form: 'stepped' | 'level',
  knot?: FlyKnot,
): BuildResult {
  const usable = sized(spools)
  if (usable.length === 0) return { outcome: 'no-spools' }
  const needN = leastStrengthN(fishKg, knot).holds
  const point = pointFor(usable, needN)
  if (point === undefined) return { outcome: 'none-strong-enough' }
  const lengthM = (rule.lowM + rule.highM) / 2
  const picked = form === 'level' ? [point] : chain(usable, point)
  const lengths = lengthsOf(picked.length, lengthM)
  const steps = picked.map(({ id, name, diameterM, breakingN }, i) => ({
    spoolId: id,
    name,
    diameterM,
    breakingN,
    lengthM: lengths[i] ?? 0,
  }))
  const known = steps.map((s) => s.breakingN).filter((n) => n !== undefined)
  const bigStep = steps.some(
    (s, i) => i > 0 && (steps[i - 1]?.diameterM ?? 0) - s.diameterM > LEADER_STEP_M + 1e-9,
  )
  const warnings: LeaderWarning[] = []
  if (bigStep) warnings.push('step-too-big')
  if ((steps[0]?.diameterM ?? 0) < LEAST_BUTT_M && form === 'stepped') warnings.push('butt-too-thin')
  if (point.breakingN === undefined) warnings.push('strength-unknown')
  return {
    outcome: 'built',
    recipe: {
      steps,
      lengthM,
      knots: steps.length - 1,
      weakestN: known.length === 0 ? undefined : Math.min(...known),
      warnings,
    },
  }
}

/** No piece between two knots is shorter than this [m]. [practice] */
export const LEAST_PIECE_M = 0.1

const ofLengths = (recipe: LeaderRecipe, lengthsM: readonly number[]): LeaderRecipe => ({
  ...recipe,
  steps: recipe.steps.map((step, i) => ({ ...step, lengthM: lengthsM[i] ?? step.lengthM })),
  lengthM: lengthsM.reduce((sum, m) => sum + m, 0),
})

/** A leader with one piece of another length; the whole grows or shrinks with it. @param lengthM at least 0.1 [m] */
export const withPiece = (recipe: LeaderRecipe, index: number, lengthM: number): LeaderRecipe =>
  ofLengths(
    recipe,
    recipe.steps.map((step, i) => (i === index ? Math.max(LEAST_PIECE_M, lengthM) : step.lengthM)),
  )

/**
 * A leader with the end of a piece put elsewhere: its knot moves between its neighbours, and the whole stays as long as it was; the last
 * end is the fly, and the whole goes with it.
 * @param atM from the butt [m]
 */
export function withEndAt(recipe: LeaderRecipe, index: number, atM: number): LeaderRecipe {
  const [step, next] = [recipe.steps[index], recipe.steps[index + 1]]
  if (step === undefined) return recipe
  const beforeM = recipe.steps.slice(0, index).reduce((sum, { lengthM }) => sum + lengthM, 0)
  if (next === undefined) return withPiece(recipe, index, atM - beforeM)
  const both = step.lengthM + next.lengthM
  const lengthM = Math.max(LEAST_PIECE_M, Math.min(both - LEAST_PIECE_M, atM - beforeM))
  return ofLengths(
    recipe,
    recipe.steps.map((s, i) => (i === index ? lengthM : i === index + 1 ? both - lengthM : s.lengthM)),
  )
}

/** The leader that a recipe makes, as a thing of its own. */
export function leaderFrom(
  { steps, lengthM, weakestN }: LeaderRecipe,
  form: 'stepped' | 'level',
  called: { readonly id: string; readonly name: string },
): Leader {
  const [butt, point] = [steps[0], steps.at(-1)]
  return {
    kind: 'leader',
    ...called,
    form,
    lengthM,
    ...(butt === undefined ? {} : { buttDiameterM: butt.diameterM }),
    ...(point === undefined ? {} : { pointDiameterM: point.diameterM }),
    ...(weakestN === undefined ? {} : { breakingN: weakestN }),
  }
}

/** Least distance of a dropper from the point fly; all of the leader behind a fast tip [m]. [practice] */
const DROPPER = { leastM: 1.5 * M_PER_FOOT, usualM: 0.9, fastTipLeaderM: 9 * M_PER_FOOT } as const

export interface DropperPlan {
  /** Dropper to point fly [m]. */
  readonly spacingM: number
  /** Leader with its dropper, butt to point [m]. */
  readonly wholeM: number
  /** Most of a leader behind a fast tip [m]. */
  readonly mostM: number
  readonly tooLong: boolean
}

/**
 * A dropper above the point: on a tippet ring, which gives a clean dropper and keeps the leader's length. Heavy droppers
 * may sit as close as 1½ ft; with a fast tip all of the leader stays within 9 ft. [practice]
 */
export function dropperPlan(leaderM: number, heavyDropper: boolean, fastTip: boolean): DropperPlan {
  const spacingM = heavyDropper ? DROPPER.leastM : DROPPER.usualM
  const wholeM = leaderM + spacingM
  const mostM = DROPPER.fastTipLeaderM
  return { spacingM, wholeM, mostM, tooLong: fastTip && wholeM > mostM }
}

export interface IndicatorRig {
  /** Float to weight [m]. */
  readonly floatToWeight: { readonly low: number; readonly high: number }
  /** Weight to fly [m]. */
  readonly weightToFlyM: number
}

/** Weight to fly: about 36 in; less in fast water, more in big pools [m]. [practice] */
const WEIGHT_TO_FLY = { fast: 0.6, usual: 36 * M_PER_INCH, big: 1.2 } as const
const FAST_MPS = 1
const DEEP_M = 2

/** Indicator rig (C25): float to weight 1.2–1.3 × the depth, weight to fly about 36 in. Start light and add. [practice] */
export function indicatorRig(waterDepthM: number, currentMps: number): IndicatorRig {
  const weightToFlyM =
    currentMps > FAST_MPS
      ? WEIGHT_TO_FLY.fast
      : waterDepthM > DEEP_M
        ? WEIGHT_TO_FLY.big
        : WEIGHT_TO_FLY.usual
  return { floatToWeight: { low: waterDepthM * 1.2, high: waterDepthM * 1.3 }, weightToFlyM }
}
