import type { Day } from '../day/index.ts'
import type { Gear } from '../gear/index.ts'
import { type SwingSetup, swingKey, swungIn, unknownSwings } from '../rig/index.ts'
import type { SwingInput } from '../swing/index.ts'
import { type Candidates, candidatesOf } from './candidates.ts'
import {
  type Card,
  judge,
  judgeSwung,
  type MatchResult,
  outcomeOf,
  type RankedRig,
  through,
  tipOption,
} from './match.ts'
import type { Found } from './podium.ts'
import { BREAK_COST, rankCost } from './score.ts'
import { searchInSteps } from './search.ts'

/** Rods with heads that get their second look at once; the rest wait for theirs and are ranked below. */
export const SECOND_LOOKS = 12
/** Tips let swing where every one of them breaks some other line: the least broken. */
const BROKEN_TIPS = 3
/** Leaders tried behind the tip that came out best, on so many of the best rods and heads. */
const OTHER_LEADERS = 2
const CARDS_WITH_LEADERS = 4

/** How far a second look has come: rods with heads done, of how many. */
export interface Progress {
  readonly done: number
  readonly of: number
}

const cheapest = (a: RankedRig, b: RankedRig): number => rankCost(a.score) - rankCost(b.score)

/** Every tip on a rod and head, each with the rest that suits it, that breaks no other line; else the least broken few. */
function* tipsFor(c: Candidates, day: Day, { rig }: Card): Generator<void, readonly Found[]> {
  const pair: Candidates = { ...c, rods: [rig.parts.rod], heads: [rig.parts.head] }
  const found = yield* searchInSteps(pair, day, { limit: c.tips.length, oneFor: 'tip' })
  const whole = found.filter(({ cost }) => cost < BREAK_COST)
  return whole.length > 0 ? whole : found.slice(0, BROKEN_TIPS)
}

/** The best rig's neighbours by leader, where they are no worse on every other line. */
function otherLeaders(c: Candidates, day: Day, best: RankedRig): readonly RankedRig[] {
  const known = new Set([swingKey({ ...day, parts: best.parts })])
  return c.leaders
    .filter((leader) => leader?.id !== best.parts.leader?.id)
    .map((leader) => judge({ ...best.parts, leader }, day, best.swung))
    .filter((other) => rankCost(other.score) < rankCost(best.score) + BREAK_COST / 100)
    .sort(cheapest)
    .filter(({ parts }) => {
      const key = swingKey({ ...day, parts })
      return !known.has(key) && known.add(key)
    })
    .slice(0, OTHER_LEADERS)
    .map(({ parts }) => judgeSwung(parts, day))
}

/** One rod and head with all its tips let swing. */
function* secondCard(c: Candidates, day: Day, card: Card): Generator<void, Card> {
  const rigs: RankedRig[] = []
  for (const { parts } of yield* tipsFor(c, day, card)) {
    rigs.push(judge(parts, day, swungIn(parts, day)))
    yield
  }
  rigs.sort(cheapest)
  const [best] = rigs
  return best === undefined ? card : { rig: best, tips: rigs.map(tipOption) }
}

/** The card with the leader that serves its best tip best. */
function withBestLeader(c: Candidates, day: Day, card: Card): Card {
  const [rig = card.rig] = [card.rig, ...otherLeaders(c, day, card.rig)].sort(cheapest)
  return { rig, tips: [tipOption(rig), ...card.tips.slice(1)] }
}

const byRig = (a: Card, b: Card): number => cheapest(a.rig, b.rig)

/** What the second look will let swing, to be worked out wherever there is room for it. */
export function* wantedSwings(
  gear: Gear,
  day: Day,
  first: MatchResult,
  looks = SECOND_LOOKS,
): Generator<void, readonly SwingInput[]> {
  const c = candidatesOf(gear, day)
  const setups: SwingSetup[] = []
  for (const card of first.cards.slice(0, looks))
    for (const { parts } of yield* tipsFor(c, day, card)) setups.push({ ...day, parts })
  return unknownSwings(setups)
}

/**
 * The second answer: the swing decides among the tips and leaders of the best rods and heads, and then among these. Cards
 * without it stand below those that have it.
 */
export function* secondLookInSteps(
  gear: Gear,
  day: Day,
  first: MatchResult,
  looks = SECOND_LOOKS,
): Generator<Progress | undefined, MatchResult> {
  const c = candidatesOf(gear, day)
  const asked = first.cards.slice(0, looks)
  const seen: Card[] = []
  for (const card of asked) {
    yield { done: seen.length, of: asked.length }
    for (const steps = secondCard(c, day, card); ; yield undefined) {
      const step = steps.next()
      if (step.done) {
        seen.push(step.value)
        break
      }
    }
  }
  seen.sort(byRig)
  for (let i = 0; i < Math.min(CARDS_WITH_LEADERS, seen.length); i++) {
    const card = seen[i]
    if (card !== undefined) seen[i] = withBestLeader(c, day, card)
    yield undefined
  }
  const cards = [...seen.sort(byRig), ...first.cards.slice(looks)]
  return { ...first, outcome: outcomeOf(c, cards), cards }
}

/** The same, at one go. */
export const secondLook = (gear: Gear, day: Day, first: MatchResult, looks = SECOND_LOOKS): MatchResult =>
  through(secondLookInSteps(gear, day, first, looks))
