import {
  ACROSS_MPS,
  type Anchor,
  backCastIn,
  CAST_MOVES,
  type CastChoice,
  type CastFault,
  type CastName,
  type CastReason,
  type CastSetting,
  type CastStepCode,
  carryOf,
  dLoopOf,
  type HeldState,
  type Holding,
  holdable,
  ONE_HAND_M,
  type Skill,
  type WindQuarter,
  windOnto,
} from '../cast/index.ts'
import { M_PER_FOOT, printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { Obstruction } from '../water/index.ts'

export const ANCHOR_NAMES: Readonly<Record<Anchor, string>> = Object.freeze({
  sustained: 'sustained anchor',
  'touch-and-go': 'touch-and-go',
  none: 'no anchor',
})

export const OBSTRUCTION_NAMES: Readonly<Record<Obstruction, string>> = Object.freeze({
  none: 'open',
  brush: 'brush',
  cliff: 'a cliff',
  people: 'people',
  branches: 'branches overhead',
  'power-line': 'a power line',
})

export const SKILL_NAMES: Readonly<Record<Skill, string>> = Object.freeze({
  beginner: 'first season',
  practised: 'practised',
  expert: 'sure of all casts',
})

type Show = (si: number, measure: 'length' | 'windSpeed') => string
type Say = (choice: CastChoice, setting: CastSetting, show: Show) => string

const other = (side: CastChoice['side']): string => (side === 'left' ? 'right' : 'left')
const loopM = ({ rig, wadingM = 0 }: CastSetting, stroke: 'full' | 'compact'): number =>
  dLoopOf({ rodM: rig.rodLengthM, style: rig.style, carriedM: rig.headLengthM, wadingM }, stroke).behindM

const REASONS: Readonly<Record<CastReason, Say>> = {
  windward: ({ side }, { wind, targetDeg }, show) =>
    `Wind from your ${side}, ${wind.gustMps === undefined ? '' : 'gusting '}${show(windOnto(wind, side, targetDeg), 'windSpeed')} across you: it would put the hook in you. Cast off your ${other(side)} side.`,
  'light-windward': ({ side }, _setting, show) =>
    `A light wind from your ${side}: under ${show(ACROSS_MPS.no, 'windSpeed')} across you it can be done, with care.`,
  'wind-turns': ({ side }, { wind }) =>
    `The wind swings ${wind.veerDeg ?? 0}° and now and then comes from your ${side}: cast between those spells.`,
  headwind: () => 'Into the wind: throw a tight loop, low and hard, and expect less distance.',
  tailwind: () => 'A wind from behind collapses the D loop: pause less, aim higher.',
  'tailwind-back-cast': () =>
    'A wind from behind stops the back cast short and blows it down: throw it hard and low, and the forward cast high.',
  crosswind: () => 'A hard crosswind carries the line sideways. Keep the loop low and tight.',
  'too-windy': () => 'Too windy to cast: wait, or find shelter.',
  'other-side': ({ side }) => `Wrong side: in this current it is made off your ${other(side)}.`,
  'no-room': (_choice, setting, show) =>
    `The D loop needs ${show(loopM(setting, setting.rig.style === 'skagit' ? 'compact' : 'full'), 'length')} behind you; you have ${show(setting.roomM, 'length')}.`,
  'compact-stroke': (_choice, setting, show) =>
    `With the compact stroke: rod tip near the shoulder, a third of the head left on the water, ${show(loopM(setting, 'compact'), 'length')} behind you. It reaches ${setting.compactCostM === undefined ? 'less' : `about ${show(setting.compactCostM, 'length')} less`}.`,
  'tight-room': (_choice, setting, show) =>
    `The D loop needs ${show(loopM(setting, 'full'), 'length')} behind you: it only just fits.`,
  'back-cast-room': (_choice, setting, show) =>
    `A back cast lays ${show(backCastIn(setting).lineM, 'length')} of line out behind you; you have ${show(setting.roomM, 'length')}.`,
  'people-behind': ({ anchor }) =>
    anchor === 'none' ? 'People behind: no back cast.' : 'People about: look behind you before each sweep.',
  'cliff-behind': () => 'A back cast would hit the cliff: the hook breaks on it, or stays in it.',
  'clears-behind': (_choice, setting, show) =>
    `The back cast clears what is behind you, ${show(backCastIn(setting).lowM, 'length')} up over ${show(setting.behindHighM ?? 0, 'length')}. Keep it high, and do not wait too long.`,
  'meets-behind': (_choice, setting, show) =>
    `The back cast drops to ${show(backCastIn(setting).lowM, 'length')}, and what is behind you is ${show(setting.behindHighM ?? 0, 'length')} high: the hook would stay in it.`,
  'swell-close': (_choice, setting, show) =>
    `The back cast drops to ${show(backCastIn(setting).lowM, 'length')} above the water: cast between the waves.`,
  'swell-meets': (_choice, setting, show) =>
    `The back cast drops to ${show(backCastIn(setting).lowM, 'length')}, and the waves are ${show(setting.swellM ?? 0, 'length')} high: move back.`,
  branches: ({ anchor }) =>
    anchor === 'none'
      ? 'No room for the rod overhead.'
      : 'The rod goes high in this cast: mind the branches.',
  'power-line': () => 'Never cast near a power line: rod and wet line conduct. Go elsewhere.',
  'head-wants-sustained': () => 'A Skagit likes a sustained anchor; touch-and-go takes good timing.',
  'head-wants-touch': () => 'A Scandi is built for touch-and-go; a sustained anchor holds it back.',
  'head-is-for-overhead': () => 'An overhead head makes a poor D loop.',
  'angle-wide': () => 'A big change of direction for this cast: do it in two.',
  'angle-too-wide': () => 'It can’t turn the line that far.',
  skill: () => 'Leave touch-and-go for a later season: learn the sustained anchor first, on both sides.',
  'long-carry': (_choice, { rig, skill = 'practised' }, show) =>
    `${show(rig.overheadLengthM ?? 0, 'length')} of line in the air: you carry ${show(carryOf(skill).easyM, 'length')} with ease; more is hard work.`,
  'one-grip': () => 'A single-hander: no lower grip to pull with.',
  'heavy-for-one-hand': () => 'A long rod for one hand.',
  'shoulder-one-hand': () =>
    'One arm lifts everything above the shoulder: with a sore one use two hands, and a lighter rig.',
  'shoulder-high': () => 'Your arms go high in this cast: a sore shoulder will feel it.',
  'shoulder-spared': ({ anchor }) =>
    anchor === 'none'
      ? 'Short and flat, with the lower hand leading: easy on the shoulder.'
      : 'Low, and the lower hand does the pulling: easy on the shoulder.',
  'skagit-first': () =>
    'A Skagit forgives more in a first season: its anchor stays put, and timing matters less.',
  'top-hand-habit': () => 'Your top hand leads by habit: in this cast the lower one pulls in.',
  'strong-hand': ({ side }, { rig }) =>
    rig.rodLengthM < ONE_HAND_M.least
      ? `Off the ${side} shoulder, with your casting hand.`
      : `Off the ${side} shoulder, your stronger hand on top.`,
  'across-the-body': ({ side }) => `Off the ${side} shoulder, across your body, hand in front of your face.`,
  'off-hand': ({ side }) =>
    `Off the ${side} shoulder: ${side} hand on top, or your own hand on top and across your body (cack-handed).`,
}

/** Why a cast is as it is, in sentences. */
export const sayCast = (choice: CastChoice, setting: CastSetting, system: UnitSystem): readonly string[] =>
  choice.reasons
    // The stronger hand on top goes without saying, unless there is nothing else to say.
    .filter((reason) => reason !== 'strong-hand' || choice.reasons.length === 1)
    .map((reason) => REASONS[reason](choice, setting, (si, measure) => printMeasure(si, measure, system)))

const NUMBERS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]
const inWords = (n: number): string => NUMBERS[n] ?? String(n)

/** Words to say aloud while stripping: "six pulls, five, four, three". @param pullM one pull [m] */
export function sayPulls(loopsM: readonly number[], build: 'coated' | 'mono', pullM: number): string {
  if (loopsM.length === 0) return 'Nothing to hold.'
  if (build === 'mono')
    return `${inWords(loopsM.length)} long ${loopsM.length === 1 ? 'loop' : 'loops'} of mono.`.replace(
      /^./,
      (c) => c.toUpperCase(),
    )
  const [first = 0, ...rest] = loopsM.map((m) => Math.round(m / pullM))
  return `“${[`${inWords(first)} ${first === 1 ? 'pull' : 'pulls'}`, ...rest.map(inWords)].join(', ')}.”`.replace(
    /^“./,
    (c) => c.toUpperCase(),
  )
}

/** Advice on loops and twist, said once. [practice] Common practice, no source. */
export const LOOP_ADVICE: readonly string[] = [
  'Loops of the same size tangle: make each a pull shorter than the one before; hold mono in a few long ones.',
  'If it tangles, stop, hold the line and open it from the reel’s side; never pull it into the guides.',
  'If it twists, take the head off and let the line hang in the current for a minute.',
]

/** Whether so much line can be held here, and what to do where it cannot; undefined where it is easy. */
export function sayHeld(
  state: HeldState,
  build: 'coated' | 'mono',
  holding: Holding,
  system: UnitSystem,
): string | undefined {
  const limit = holdable(build, holding)
  if (state === 'easy' || limit === undefined) return undefined
  const why = [
    ...(holding.hands === undefined ? [] : [`with ${holding.hands} hands`]),
    ...((holding.wadingM ?? 0) > 0.2 ? ['wading this deep'] : []),
  ].join(' and ')
  const most = printMeasure(limit.mostM, 'length', system)
  const slips =
    holding.hands !== undefined && build === 'mono' ? ' Mono slips: a coated line grips better.' : ''
  return state === 'much'
    ? `More than you can hold easily${why === '' ? '' : ` ${why}`}: ${most} at most.${slips}`
    : `${most} is the most anyone holds${why === '' ? '' : ` ${why}`}: cast shorter, wade shallower or use a stripping basket.${slips}`
}

/** Change of a cast's length by the wind along it [m], below zero where it costs; undefined where it is next to nothing. */
export function sayWindOnCast(gainM: number, system: UnitSystem): string | undefined {
  if (Math.abs(gainM) < SAID_FROM_M) return undefined
  const by = printMeasure(Math.abs(gainM), 'length', system)
  return gainM < 0 ? `The headwind costs you about ${by}.` : `The tailwind gives you about ${by}.`
}
/** Less than this is not worth a word [m]. */
const SAID_FROM_M = 0.3

/** Before the next cast: how often to strip, and what is lifted then. */
export const sayStripIn = (
  { pulls, hangsM, hangsKg }: { readonly pulls: number; readonly hangsM: number; readonly hangsKg: number },
  system: UnitSystem,
): string =>
  `Before the next cast strip in ${inWords(pulls)} ${pulls === 1 ? 'pull' : 'pulls'}, until the mark is at your finger. Then ${printMeasure(hangsM, 'length', system)} hangs from the rod tip: ${printMeasure(hangsKg, 'lineMass', system)} to lift.`

/** Below the rod tip the line should sag so far before the sweep (C32) [m]. [practice] */
const BELLY_M = { low: 3 * M_PER_FOOT, high: 5 * M_PER_FOOT }

type SayStep = (show: (low: number, high: number) => string, longHead: boolean, oneHand: boolean) => string
const STEPS: Readonly<Record<CastStepCode, SayStep>> = {
  lift: () => 'Lift slowly, rod tip high, until the head is on the surface.',
  'lift-low': () =>
    'Lift low and slow, with a slight dip as you start round, never in the sweep; keep the line moving.',
  'draw-back': () => 'Draw the rod back slowly beside you; the line stays on the water.',
  'lay-upstream': () =>
    'Swing the rod upstream, low and flat, and lay the line in front of you; the fly stops about a rod length downstream.',
  snap: () =>
    'Carry the rod tip up and round, then snap it down and under: the fly lands upstream of you, about a rod length out.',
  dump: () => 'Drop the line in a heap in front of you; curves don’t matter.',
  'draw-oval': () =>
    'Draw a flat, backward “e” with the rod tip (forward on the other side), out and back without a stop.',
  'swing-touch': () =>
    'Swing the line round in one rising curve: fly and leader touch down about a rod length out, a little to that side.',
  sweep: (show) =>
    `When the line sags ${show(BELLY_M.low, BELLY_M.high)} below the rod tip, sweep round, low and even, peeling it off the water. With a fast sink tip start the sweep at once, before the tip sinks away.`,
  'circle-up': () => 'Let the rod tip climb as it comes round: the line follows behind it.',
  'form-loop': (_show, longHead) =>
    longHead
      ? 'Rod tip at the shoulder: wait until the long head has drawn the loop out behind you.'
      : 'Rod tip at the shoulder: the loop fills behind you; don’t stop long.',
  forward: (_show, _longHead, oneHand) =>
    oneHand
      ? 'Forward with a short haul of your line hand, stop high, and let the line go.'
      : 'Forward with the lower hand pulling in, stop high, and let the line go.',
  'back-cast': () => 'A short, flat, quick stroke back; stop high.',
  wait: (_show, longHead) =>
    longHead ? 'Wait: the whole line must straighten behind you.' : 'Wait until you feel it pull behind you.',
  'forward-overhead': (_show, _longHead, oneHand) =>
    oneHand
      ? 'Forward with a haul of your line hand, and stop high.'
      : 'Forward with the lower hand pulling in, and stop high.',
}

/** The name of each fault, and what it looks like. */
const FAULTS: Readonly<Record<CastFault, readonly [name: string, looks: string]>> = {
  'sweep-too-early': ['Swept before the line sagged', 'It tears off the water and the loop stays small.'],
  'anchor-far-back': ['Anchor behind you', 'The line seems to stick, and the fly comes past your ear.'],
  'anchor-ahead': ['Anchor too far out', 'The loop has nothing to pull on and the cast lands in a heap.'],
  'rod-dips': ['The rod tip dips in the sweep', 'Slack between rod and anchor, and a sagging loop.'],
  'lift-too-fast': ['Lifted too fast', 'The line leaves the water too soon.'],
  crossed: ['Anchor across the line of the cast', 'The line crosses itself in the air.'],
  'loop-stalls': ['Stopped too long at the shoulder', 'The loop collapses onto the water.'],
  'back-drops': ['The back cast drops', 'The fly hits the ground, and hooks break.'],
}

/** A head longer than this many rods needs a wait. [practice] */
const LONG_HEAD_RODS = 2

/** A usual fault: its name, and what it looks like. */
interface SaidFault {
  readonly fault: CastFault
  readonly name: string
  readonly looks: string
}

/** Steps of a cast, and its usual faults with what they look like. */
export function sayMoves(
  cast: CastName,
  { rig }: Pick<CastSetting, 'rig'>,
  system: UnitSystem,
): { readonly steps: readonly string[]; readonly faults: readonly SaidFault[] } {
  const long = rig.headLengthM > LONG_HEAD_RODS * rig.rodLengthM
  const oneHand = rig.rodLengthM < ONE_HAND_M.least
  const { steps, faults } = CAST_MOVES[cast]
  return {
    steps: steps.map(({ code }) =>
      STEPS[code]((low, high) => printRange({ low, high }, 'length', system, ' to '), long, oneHand),
    ),
    faults: faults.map((fault) => {
      const [name, looks] = FAULTS[fault]
      return { fault, name, looks }
    }),
  }
}

/** From where a wind blows, for one who faces the water. */
export const WIND_WORDS: Readonly<Record<WindQuarter, string>> = Object.freeze({
  0: 'in front',
  45: 'in front, from the right',
  90: 'the right',
  135: 'behind, from the right',
  180: 'behind',
  225: 'behind, from the left',
  270: 'the left',
  315: 'in front, from the left',
})
