import type { Gear, Job, RigChoice, Schools } from '../gear/index.ts'
import {
  type Check,
  type CheckState,
  type Context,
  ledger,
  massOnWindow,
  type RigParts,
  verdictOf,
  windowOf,
} from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import { type Candidates, candidatesOf, combinations } from './candidates.ts'
import { type Score, scoreOf } from './score.ts'
import { type Found, search } from './search.ts'

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
export function judge(parts: RigParts, context: Context): RankedRig {
  const window = windowOf(parts, context)
  const checks = ledger(parts, context)
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

/** The cheapest rigs without their ledgers; for counting and comparing. */
export function searchGear(
  gear: Gear,
  context: Context,
  limit: number,
): { found: readonly Found[]; candidates: Candidates } {
  const candidates = candidatesOf(gear, context.job, context.schools)
  return { found: search(candidates, context, limit), candidates }
}

/**
 * All sensible rigs for a job, best first: no breaks, then fewest watches weighted by evidence, then closest to the
 * window's centre; equals keep the gear's order. One rig for each rod, head and tip.
 * @param limit how many to return, [1, ∞)
 */
export function matchRigs(gear: Gear, job: Job, schools: Schools, limit = MATCH_LIMIT): MatchResult {
  const context = { job, schools }
  const { found, candidates } = searchGear(gear, context, limit)
  const rigs = found.map(({ parts }) => judge(parts, context))
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
