import { windOn } from '../cast/index.ts'
import type { Day } from '../day/index.ts'
import type { Item } from '../gear/index.ts'
import type { CastRound, GoRound, Round, RoundKind, SpanChoice } from '../practise/index.ts'
import { type Measure, printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import { OBSTRUCTION_NAMES, sayCast } from './cast.ts'
import { CAST_TITLES } from './castNames.ts'
import { CHECK_TITLES, sayCheck } from './check.ts'
import { FISH_AT_NAMES, sayFly } from './day.ts'
import { summarize, WINDOW_NAMES } from './names.ts'
import { sayLeaveBy } from './shore.ts'

export const ROUND_NAMES: Readonly<Record<RoundKind, string>> = Object.freeze({
  head: 'Which head?',
  cast: 'Which cast?',
  wrong: 'What is wrong?',
  tip: 'Which tip?',
  deep: 'How deep?',
  change: 'What changes?',
  go: 'When to go?',
})

/** A round in words. */
export interface SaidRound {
  readonly question: string
  readonly choices: readonly { readonly id: string; readonly text: string }[]
  /** Why the right one is right, then why each other is not. */
  readonly reasons: readonly string[]
}

type Clock = (ms: number) => string

/** A span in the reader's units. */
function spanText(
  { low, high }: SpanChoice,
  say: (value: number) => string,
  ends: readonly [below: string, above: string],
): string {
  if (low === undefined) return `${ends[0]} ${say(high ?? 0)}`
  return high === undefined ? `${ends[1]} ${say(low)}` : `${say(low)} to ${say(high)}`
}

const nameOf = (items: readonly Item[], id: string | null): string =>
  items.find((item) => item.id === id)?.name ?? 'none'

/** Wind as one feels it who faces the water. */
function sayWind({ setting }: CastRound, show: (si: number, measure: Measure) => string): string {
  const { wind, targetDeg } = setting
  if (wind.mps === 0) return 'No wind'
  const { acrossMps, aheadMps } = windOn(wind, targetDeg)
  const across = Math.abs(acrossMps) < 0.5 ? '' : acrossMps > 0 ? 'from your right' : 'from your left'
  const along = Math.abs(aheadMps) < 0.5 ? '' : aheadMps > 0 ? 'in your face' : 'from behind'
  return `Wind ${show(wind.mps, 'windSpeed')} ${[across, along].filter(Boolean).join(' and ')}`
}

/** How far the line is turned from where it hangs. */
const sayTurn = (angleDeg: number): string =>
  angleDeg < 15 ? 'straight back down' : `${angleDeg}° up from where the line hangs`

function castWords(round: CastRound, system: UnitSystem): SaidRound {
  const show = (si: number, measure: Measure): string => printMeasure(si, measure, system)
  const { setting, situation, choices, answer } = round
  const { rig, items, roomM, obstruction, bank, hand, angleDeg } = situation
  const behind = obstruction === 'none' ? '' : `, ${OBSTRUCTION_NAMES[obstruction]} behind`
  const right = choices.find(({ id }) => id === answer)
  return {
    question: `${bank === null ? 'On a beach' : `River ${bank}, ${sayTurn(angleDeg)}`}, ${hand}-handed, ${nameOf(items, rig.rodId)} with ${nameOf(items, rig.headId)}. ${sayWind(round, show)}; ${show(roomM, 'length')} behind you${behind}. Which cast, off which side?`,
    choices: choices.map(({ id, cast }) => ({ id, text: `${CAST_TITLES[cast.cast]}, ${cast.side} side` })),
    reasons: [right, ...choices.filter((each) => each !== right)].flatMap((each) => {
      if (each === undefined) return []
      const said = sayCast(each.cast, setting, system)
      return [`${CAST_TITLES[each.cast.cast]}, ${each.cast.side} side: ${said.join(' ')}`]
    }),
  }
}

/** Where a rig is fished. */
const sayPool = (
  {
    run,
    flowM3ps,
    job,
  }: {
    readonly run: { readonly name: string }
    readonly flowM3ps: number
    readonly job: Parameters<typeof sayJob>[0]
  },
  { waterDepthM, currentMps }: Pick<Day, 'waterDepthM' | 'currentMps'>,
  system: UnitSystem,
): string =>
  `${run.name} at ${printMeasure(flowM3ps, 'flow', system)}, ${printMeasure(waterDepthM, 'length', system)} deep, ${printMeasure(currentMps, 'current', system)}; ${sayJob(job)}`
const sayJob = ({
  fishAt,
  fly,
}: {
  readonly fishAt: keyof typeof FISH_AT_NAMES
  readonly fly: Parameters<typeof sayFly>[0]
}): string => `fish ${FISH_AT_NAMES[fishAt]}, a ${sayFly(fly)}`
const sayRig = ({
  items,
  rig,
}: {
  readonly items: readonly Item[]
  readonly rig: {
    readonly rodId: string
    readonly headId: string
    readonly tipId: string | null
    readonly leaderId: string | null
  }
}): string =>
  [rig.rodId, rig.headId, rig.tipId, rig.leaderId]
    .flatMap((id) => (id === null ? [] : [nameOf(items, id)]))
    .join(' · ')

/** A round’s question, choices and reasons. @param clock prints a time */
export function sayRound(round: Round, system: UnitSystem, clock: Clock): SaidRound {
  const show = (si: number, measure: Measure): string => printMeasure(si, measure, system)
  const length = (m: number): string => show(m, 'length')
  switch (round.kind) {
    case 'cast':
      return castWords(round, system)
    case 'tip': {
      const { situation, choices, answer } = round
      const right = choices.find(({ id }) => id === answer)
      const order = [right, ...choices.filter((each) => each !== right)]
      return {
        question: `${sayPool(situation, round.day, system)}. Behind ${nameOf(situation.items, situation.rig.headId)}: which tip?`,
        choices: choices.map(({ id }) => ({ id, text: nameOf(situation.items, id) })),
        reasons: order.flatMap((each) => {
          const check = each?.rig.checks.find(({ code }) => code === 'depth')
          return each === undefined || check === undefined
            ? []
            : [`${nameOf(situation.items, each.id)}: ${sayCheck(check, system)}`]
        }),
      }
    }
    case 'deep':
      return {
        question: `${sayPool(round.situation, round.day, system)}. ${sayRig(round.situation)}. How deep does the fly ride?`,
        choices: round.choices.map((span) => ({
          id: span.id,
          text: spanText(span, length, ['less than', 'more than']),
        })),
        reasons: [
          `It rides ${length(round.ridesM)} down; in four pools of five like it between ${printRange({ low: round.likely[0], high: round.likely[1] }, 'length', system)}.`,
        ],
      }
    case 'head':
      return {
        question: `${round.rod.name}, ${summarize(round.rod, system)}. Which of these ${WINDOW_NAMES[round.situation.style]} heads?`,
        choices: round.choices.map(({ id, head, label }) => ({
          id,
          text: `no. ${label} on its box, ${summarize(head, system)}`,
        })),
        reasons: [...round.choices]
          .sort((a, b) => Number(b.id === round.answer) - Number(a.id === round.answer))
          .map(({ massKg, check }) => `${show(massKg, 'lineMass')}: ${sayCheck(check, system)}`),
      }
    case 'wrong': {
      const { situation, broken, rig } = round
      return {
        question: `${sayRig(situation)} · ${[rig.choice.runningLineId, rig.choice.reelId].flatMap((id) => (id === null ? [] : [nameOf(situation.items, id)])).join(' · ')}; ${sayJob(situation.job)}. One thing is wrong: which check breaks?`,
        choices: round.choices.map(({ id }) => ({ id, text: CHECK_TITLES[id] })),
        reasons: [
          sayCheck(broken, system),
          `One change puts it right: ${nameOf(situation.items, situation.wasId)} for ${nameOf(situation.items, situation.rig[situation.slot])}.`,
        ],
      }
    }
    case 'go':
      return {
        question: `${round.run.name}, ${clock(round.situation.atMs)}: you wade out to the bar. ${sayTide(round, clock, length)} By when must you leave?`,
        choices: round.choices.map((span) => ({
          id: span.id,
          text: spanText(span, clock, ['before', 'after']),
        })),
        reasons: [`${sayLeaveBy(round.leave, clock)}.`],
      }
    case 'change': {
      const { situation, before, after, higherM } = round
      const [was, is] = [before, after].map(({ overBedM }) => length(Math.max(0, overBedM)))
      const way = situation.thenM3ps > situation.flowM3ps ? 'rises' : 'falls'
      return {
        question: `${sayPool(situation, before.day, system)}. ${sayRig(situation)}. The river ${way} to ${show(situation.thenM3ps, 'flow')}: how does the fly ride over the bed?`,
        choices: round.choices.map((span) => ({ id: span.id, text: sayHigher(span, length) })),
        reasons: [
          `${is} over the bed, ${was} before: ${Math.abs(higherM) < 0.1 ? 'much the same' : `${length(Math.abs(higherM))} ${higherM > 0 ? 'higher' : 'lower'}`}. The water is ${length(after.day.waterDepthM)} deep, ${length(before.day.waterDepthM)} before.`,
        ],
      }
    }
  }
}

/** The tide of a round, as a table of it says, and the lowest of the way back. */
const sayTide = ({ turns, wayBackM }: GoRound, clock: Clock, length: (m: number) => string): string =>
  `${turns.map(({ kind, atMs, heightM }) => `${kind === 'high' ? 'High' : 'Low'} water ${clock(atMs)}, ${length(heightM)}`).join('; ')}; the lowest of the way back lies at ${length(wayBackM)}.`

/** A span of change: lower, much the same, higher, much higher. */
function sayHigher({ low, high }: SpanChoice, length: (m: number) => string): string {
  if (low === undefined) return `lower by more than ${length(Math.abs(high ?? 0))}`
  if (high === undefined) return `higher by more than ${length(low)}`
  return low < 0 ? 'much the same' : `higher by ${length(low)} to ${length(high)}`
}

/** Seconds a swing holds the fly with the fish, beside its drawing. */
export const sayWithFish = ({ holdingS }: { readonly holdingS: number }): string =>
  `${Math.round(holdingS)} s with the fish`

/** How one stands in a kind of round. */
export const sayStanding = (asked: number, right: number, sureWrong: number): string =>
  asked === 0
    ? 'not tried yet'
    : `${right} of ${asked} right${sureWrong === 0 ? '' : `; sure and wrong ${sureWrong === 1 ? 'once' : `${sureWrong} times`}`}`

/** A step of a first season: what to learn, in a few sentences, and the rounds that ask it. */
export interface SeasonStep {
  readonly id: string
  readonly title: string
  readonly text: string
  readonly kinds: readonly RoundKind[]
}

/** A first season, in the order a beginner meets it. Common practice, no source. */
export const FIRST_SEASON: readonly SeasonStep[] = Object.freeze([
  {
    id: 'window',
    title: 'A rod, a head, a window',
    text: 'A rod wants so many grains to bend, and no more than it can take: that is its window. The number on the box was made for another kind of line, so read the grains and the length, and the number last. Start at the sweet spot and try a little to either side.',
    kinds: ['head'],
  },
  {
    id: 'sides',
    title: 'Anchors, and two sides',
    text: 'The line that lies on the water holds the fly while the loop behind you loads the rod: that is the anchor. It belongs on the side away from the wind, so that line and hook never pass you. In a river each cast has its own side; learn two, one for each.',
    kinds: ['cast'],
  },
  {
    id: 'skagit',
    title: 'Skagit first',
    text: 'A short, thick head with a sustained anchor waits for you: you set it, you look, you cast. It throws heavy tips and big flies in little room, and it never goes without a tip. Give it a season before you go to a Scandi.',
    kinds: ['wrong', 'head'],
  },
  {
    id: 'tips',
    title: 'Sink tips',
    text: 'The tip decides how deep the fly goes, and everything behind it must be able to turn it over. Heavier sinks faster, longer sinks further; a short leader keeps the fly down with it. Begin light and add, until it ticks the bottom now and then.',
    kinds: ['tip', 'wrong'],
  },
  {
    id: 'depth',
    title: 'Reading depth',
    text: 'A fly that swings fast is usually too high. Watch how long it takes to come round, and where the line bends. Slow and deep comes from a steeper cast, a mend, a heavier tip; ticking the bottom all the way means you have gone too far.',
    kinds: ['deep', 'change'],
  },
  {
    id: 'wind',
    title: 'Wind',
    text: 'From your right, cast off the left; from your left, off the right. Ahead it shortens the cast and lays the line down early; behind it spoils the loop. When it blows too hard, no cast is the right one.',
    kinds: ['cast'],
  },
  {
    id: 'room',
    title: 'Room',
    text: 'A loop needs half of what a back cast needs, and a short head half of what a long one does. Look behind before you look ahead. With a wall of brush at your back, shorten the stroke, or roll it.',
    kinds: ['cast'],
  },
  {
    id: 'surf',
    title: 'Surf',
    text: 'On a beach the fish come close and the tide goes out and comes back. Look at low water, fish the turn and the flood, and know the time by which you must have left before you wade out. Nobody fishes a bar alone.',
    kinds: ['go', 'cast'],
  },
])
