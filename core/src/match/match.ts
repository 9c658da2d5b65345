import type { Day } from '../day/index.ts'
import type { Gear } from '../gear/index.ts'
import type { RigChoice } from '../rig/index.ts'
import {
  type Check,
  type CheckState,
  ledger,
  massOnWindow,
  type RigParts,
  verdictOf,
  windowOf,
} from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import { candidatesOf, combinations } from './candidates.ts'
import { type Score, scoreOf } from './score.ts'
import { searchInSteps } from './search.ts'

/** A rig with its ledger, its place on the grain axis and why it stands where it stands. */
export interface RankedRig {
  readonly choice: RigChoice
  readonly parts: RigParts
  readonly verdict: CheckState
  readonly checks: readonly Check[]
  readonly score: Score
  readonly window: GrainWindow | undefined
  /** What the window weighs of this rig [kg]. */
  readonly massKg: number
}

export interface MatchResult {
  readonly outcome: 'ranked' | 'nothing-fits' | 'no-rods' | 'no-heads'
  readonly rigs: readonly RankedRig[]
  /** How many rigs the gear could be put together to. */
  readonly combinations: number
}

export const MATCH_LIMIT = 60

export function choiceOf(parts: RigParts): RigChoice {
  return {
    rodId: parts.rod.id,
    headId: parts.head.head.id,
    tipId: parts.tip?.item.id ?? null,
    leaderId: parts.leader?.id ?? null,
    runningLineId: parts.runningLine?.item.id ?? null,
    reelId: parts.reel?.id ?? null,
  }
}

/** A rig's full ledger and standing, whoever put it together. */
export function judge(parts: RigParts, day: Day): RankedRig {
  const window = windowOf(parts, day)
  const checks = ledger(parts, day)
  const massKg = massOnWindow(parts.rod, parts.head, parts.tip, window?.counts ?? 'head')
  return {
    choice: choiceOf(parts),
    parts,
    verdict: verdictOf(checks),
    checks,
    score: scoreOf(checks, massKg, window),
    window,
    massKg,
  }
}

/** Works a calculation in steps through to its end. */
export function through<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/**
 * All sensible rigs for a job, best first: no breaks, or the nearest to none, then fewest watches weighted by evidence, then closest to the
 * window's centre; equals keep the gear's order. One rig for each rod, head and tip.
 * In steps, so that it can be left off between them.
 * @param limit how many to return, [1, ∞)
 */
export function* matchInSteps(gear: Gear, day: Day, limit = MATCH_LIMIT): Generator<void, MatchResult> {
  const candidates = candidatesOf(gear, day)
  const found = yield* searchInSteps(candidates, day, limit)
  const rigs: RankedRig[] = []
  for (const { parts } of found) {
    rigs.push(judge(parts, day))
    yield
  }
  const best = rigs[0]
  const outcome =
    candidates.rods.length === 0
      ? 'no-rods'
      : candidates.heads.length === 0
        ? 'no-heads'
        : best === undefined || best.verdict === 'breaks'
          ? 'nothing-fits'
          : 'ranked'
  return { outcome, rigs, combinations: combinations(candidates) }
}

/** The same, at one go. */
export const matchRigs = (gear: Gear, day: Day, limit = MATCH_LIMIT): MatchResult =>
  through(matchInSteps(gear, day, limit))
