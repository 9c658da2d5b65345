import type { Day } from '../day/index.ts'
import type { Gear } from '../gear/index.ts'
import type { Strand } from '../ladder/index.ts'
import type { Front, RigChoice } from '../rig/index.ts'
import {
  type Check,
  type CheckState,
  ledger,
  massOnWindow,
  type RigParts,
  type Steps,
  through,
  verdictOf,
  windowOf,
} from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import type { Swung } from '../swing/index.ts'
import { candidatesOf, combinations } from './candidates.ts'
import { rankCost, type Score, scoreOf } from './score.ts'
import { searchInSteps } from './search.ts'

/** A rig with its ledger, its place on the grain axis and why it stands where it stands. */
export interface RankedRig {
  readonly choice: RigChoice
  readonly parts: RigParts
  readonly verdict: CheckState
  readonly checks: readonly Check[]
  readonly score: Score
  readonly window: GrainWindow | undefined
  /** Mass of this rig that the window weighs [kg]. */
  readonly massKg: number
  /** Swing of the rig on the day; none where it is drifted under a float. */
  readonly swung?: Swung
  /** Whether its swing is still to be computed: then it never holds. */
  readonly provisional: boolean
}

/** A rod with a head: its best rig, and what others of its parts come to, best first, its own among them. */
export interface Card {
  readonly rig: RankedRig
  readonly tips: readonly PartOption[]
  /** Tips there are, none among them, where only some of them were swung. */
  readonly someOf?: number
  /** Leaders and running lines that were swung in the place of the rig's own; none before. */
  readonly leaders: readonly PartOption[]
  readonly lines: readonly PartOption[]
}

/** One part on a rod and head: a tip with the leader that serves it, a leader or a running line with the rest as it is. */
export interface PartOption {
  readonly choice: RigChoice
  /** Null for none. */
  readonly name: string | null
  readonly verdict: CheckState
  readonly swung?: Swung
  readonly provisional: boolean
}

export interface MatchResult {
  readonly outcome: 'ranked' | 'nothing-fits' | 'no-rods' | 'no-heads'
  readonly cards: readonly Card[]
  /** Number of rigs the gear could be put together to. */
  readonly combinations: number
}

/** Rods with heads that are shown. */
export const CARD_LIMIT = 24

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

/**
 * A rig's full ledger and standing, whoever put it together.
 * @param swung how it swings in the day; a rig judged without it is provisional
 */
export function judge(parts: RigParts, day: Day, swung?: Swung): RankedRig {
  const window = windowOf(parts, day)
  const checks = ledger(parts, day, swung)
  const massKg = massOnWindow(parts.rod, parts.head, parts.tip, window?.counts ?? 'head')
  return {
    choice: choiceOf(parts),
    parts,
    verdict: verdictOf(checks),
    checks,
    score: scoreOf(checks, massKg, window),
    window,
    massKg,
    // Under a float nothing swings.
    ...(swung === undefined || day.indicator ? {} : { swung }),
    provisional: swung === undefined && !day.indicator,
  }
}

export const partOption = (
  { choice, parts, verdict, swung, provisional }: RankedRig,
  slot: 'tipId' | 'leaderId' | 'runningLineId',
): PartOption => ({
  choice,
  name:
    (slot === 'leaderId' ? parts.leader : slot === 'tipId' ? parts.tip?.item : parts.runningLine?.item)
      ?.name ?? null,
  verdict,
  provisional,
  ...(swung === undefined ? {} : { swung }),
})

export function outcomeOf(
  candidates: ReturnType<typeof candidatesOf>,
  cards: readonly Card[],
): MatchResult['outcome'] {
  if (candidates.rods.length === 0) return 'no-rods'
  if (candidates.heads.length === 0) return 'no-heads'
  return cards[0] === undefined || cards[0].rig.verdict === 'breaks' ? 'nothing-fits' : 'ranked'
}

/**
 * The first answer: the best rig of each rod and head, best first: no breaks, or the nearest to none, then fewest watches weighted by
 * evidence, then closest to the window's centre. None has been swung yet: all are provisional. A generator: it can be cancelled between
 * two steps.
 * @param limit how many rods with heads to return, [1, ∞)
 */
export function* matchInSteps(gear: Gear, day: Day, limit = CARD_LIMIT): Steps<MatchResult> {
  const candidates = candidatesOf(gear, day)
  const found = yield* searchInSteps(candidates, day, { limit, oneFor: 'head' })
  const cards: Card[] = []
  for (const { parts } of found) {
    const rig = judge(parts, day)
    cards.push({ rig, tips: [partOption(rig, 'tipId')], leaders: [], lines: [] })
    yield
  }
  // The search uses the surrogates of second looks only; the looks themselves settle the order.
  cards.sort((a, b) => rankCost(a.rig.score) - rankCost(b.rig.score))
  return { outcome: outcomeOf(candidates, cards), cards, combinations: combinations(candidates) }
}

/** The same, run to completion. */
export const matchRigs = (gear: Gear, day: Day, limit = CARD_LIMIT): MatchResult =>
  through(matchInSteps(gear, day, limit))

/** The rig with a tip and its leader, cast at the angle that serves the tip best: what the ladder of tips says of it. */
export const judgeStrand = (
  parts: RigParts,
  day: Day,
  front: Front,
  { angleDeg, ride }: Strand['best'],
): RankedRig => judge({ ...parts, ...front }, { ...day, plan: { ...day.plan, angleDeg } }, ride)
