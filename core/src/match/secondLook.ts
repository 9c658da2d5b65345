import type { Day } from '../day/index.ts'
import type { Gear } from '../gear/index.ts'
import {
  type RigParts,
  type Steps,
  type SwingSetup,
  searchedRide,
  through,
  unknownSwings,
  type Wanted,
} from '../rig/index.ts'
import { type Candidates, candidatesOf } from './candidates.ts'
import { judgeSwung } from './judgeSwung.ts'
import { type Card, judge, type MatchResult, outcomeOf, partOption, type RankedRig } from './match.ts'
import { BREAK_COST, rankCost } from './score.ts'
import { searchInSteps } from './search.ts'
import { simplestFirst } from './simplestFirst.ts'

/** Rods with heads that get their second look at once; the rest wait for theirs and are ranked below. */
export const SECOND_LOOKS = 12
/** Tips of a rod and head that are sought by the first look, and that are swung. */
const MOST_TIPS_SOUGHT = 300
export const MOST_TIPS_SWUNG = 30
/** Tips swung where every one of them breaks some other line: the least broken. */
const BROKEN_TIPS = 3
/** Rods with heads whose other leaders and running lines are swung too, and how many of each. */
const CARDS_WITH_OTHERS = 4
const MOST_OTHERS = 2

const cheapest = (a: RankedRig, b: RankedRig): number => rankCost(a.score) - rankCost(b.score)
const byRig = (a: Card, b: Card): number => cheapest(a.rig, b.rig)

const wantedFor = (rigs: readonly RigParts[], day: Day): Wanted =>
  day.indicator ? [] : unknownSwings(rigs.map((parts): SwingSetup => ({ ...day, parts })))

/** Of very many rigs, in order of cost, some of every depth that the fly rides at: the cheapest of each step. */
function ofEveryDepth(rigs: readonly RigParts[], day: Day): readonly RigParts[] {
  if (rigs.length <= MOST_TIPS_SWUNG) return rigs
  const byDepth = rigs
    .map((parts, place) => ({ parts, place, depthM: searchedRide(parts, day).depthM }))
    .sort((a, b) => a.depthM - b.depthM || a.place - b.place)
  return Array.from({ length: MOST_TIPS_SWUNG }, (_, i) =>
    byDepth
      .slice(
        Math.floor((i * byDepth.length) / MOST_TIPS_SWUNG),
        Math.floor(((i + 1) * byDepth.length) / MOST_TIPS_SWUNG),
      )
      .reduce((best, one) => (one.place < best.place ? one : best)),
  ).map(({ parts }) => parts)
}

interface ToSwing {
  readonly rigs: readonly RigParts[]
  /** Whether there were too many for all of them. */
  readonly cut: boolean
}

/** The tips to swing on a rod and head, each with the rest that suits it: those that break no other line; else the least broken few. */
function* tipsFor(c: Candidates, day: Day, { rig }: Card): Steps<ToSwing> {
  const pair: Candidates = { ...c, rods: [rig.parts.rod], heads: [rig.parts.head] }
  const found = yield* searchInSteps(pair, day, { limit: MOST_TIPS_SOUGHT, oneFor: 'tip' })
  const whole = found.filter(({ cost }) => cost < BREAK_COST)
  const rigs = (whole.length > 0 ? whole : found.slice(0, BROKEN_TIPS)).map(({ parts }) => parts)
  const swings = ofEveryDepth(rigs, day)
  return { rigs: swings, cut: swings.length < rigs.length }
}

/** One rod and head with its tips swung. @param there tips owned, none among them */
function* secondCard({ rigs, cut }: ToSwing, day: Day, card: Card, there: number): Steps<Card> {
  const swung: RankedRig[] = []
  for (const parts of rigs) {
    swung.push(judgeSwung(parts, day))
    yield
  }
  swung.sort(cheapest)
  const [rig] = swung
  if (rig === undefined) return card
  const tips = swung.map((each) => partOption(each, 'tipId'))
  return { ...card, rig, tips, ...(cut ? { someOf: there } : {}) }
}

/** Alternatives for the best rig's own leader or running line, before it is swung. */
const OTHERS = {
  leaders: {
    slot: 'leaderId',
    of: (c: Candidates, { parts }: RankedRig): readonly RigParts[] =>
      c.leaders
        .filter((leader) => leader !== null && leader.id !== parts.leader?.id)
        .map((leader) => ({ ...parts, leader })),
  },
  lines: {
    slot: 'runningLineId',
    of: (c: Candidates, { parts }: RankedRig): readonly RigParts[] =>
      c.runningLines
        .filter((line) => parts.runningLine !== null && line?.item.id !== parts.runningLine.item.id)
        .map((runningLine) => ({ ...parts, runningLine })),
  },
} as const
const KINDS_OF_OTHERS = ['leaders', 'lines'] as const

/** Of these, the few nearest to holding that break no more than the rig does. */
const nearest = (rig: RankedRig, day: Day, others: readonly RigParts[]): readonly RigParts[] =>
  others
    .map((parts) => judge(parts, day, rig.swung))
    .filter((other) => rankCost(other.score) < rankCost(rig.score) + BREAK_COST / 100)
    .sort(cheapest)
    .slice(0, MOST_OTHERS)
    .map(({ parts }) => parts)

/** The best cards, each with the leader, then the running line that serves its best tip best, and what else was tried. */
function* withOthers(c: Candidates, day: Day, cards: readonly Card[]): Steps<readonly Card[]> {
  let out = cards
  for (const kind of KINDS_OF_OTHERS) {
    const { of, slot } = OTHERS[kind]
    const tried = out.map(({ rig }) => nearest(rig, day, of(c, rig)))
    yield wantedFor(tried.flat(), day)
    out = out.map((card, i) => {
      const swung = [card.rig, ...(tried[i] ?? []).map((parts) => judgeSwung(parts, day))].sort(cheapest)
      const [rig = card.rig] = swung
      const tips = [partOption(rig, 'tipId'), ...card.tips.slice(1)]
      return { ...card, rig, tips, [kind]: swung.map((each) => partOption(each, slot)) }
    })
    yield
  }
  return out
}

/**
 * The second answer: the swing decides among the tips, leaders and running lines of the best rods and heads, and then among
 * these. Cards without it stand below those that have it. Each step says which swings the next one needs.
 */
export function* secondLookInSteps(
  gear: Gear,
  day: Day,
  first: MatchResult,
  looks = SECOND_LOOKS,
): Steps<MatchResult> {
  const c = candidatesOf(gear, day)
  const asked = first.cards.slice(0, looks)
  const tips: [Card, ToSwing][] = []
  for (const card of asked) tips.push([card, yield* tipsFor(c, day, card)])
  yield wantedFor(
    tips.flatMap(([, { rigs }]) => rigs),
    day,
  )
  const seen: Card[] = []
  for (const [card, toSwing] of tips) seen.push(yield* secondCard(toSwing, day, card, c.tips.length))
  seen.sort(byRig)
  const best = yield* withOthers(c, day, seen.slice(0, CARDS_WITH_OTHERS))
  const swung = [...best, ...seen.slice(CARDS_WITH_OTHERS)].sort(byRig)
  const cards = [...simplestFirst(swung, c), ...first.cards.slice(looks)]
  return { ...first, outcome: outcomeOf(c, cards), cards }
}

/** The same, run to completion. */
export const secondLook = (gear: Gear, day: Day, first: MatchResult, looks = SECOND_LOOKS): MatchResult =>
  through(secondLookInSteps(gear, day, first, looks))
