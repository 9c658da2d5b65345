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
  windOnto,
} from '../cast/index.ts'
import { M_PER_FOOT, printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { Obstruction } from '../water/index.ts'

export const ANCHOR_NAMES: Readonly<Record<Anchor, string>> = Object.freeze({
  sustained: 'sustained anchor',
  'touch-and-go': 'touch and go',
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
    `The wind comes from the ${side}, ${show(windOnto(wind, side, targetDeg), 'windSpeed')} across you${wind.gustMps === undefined ? '' : ' in its gusts'}: it puts line and hook into you. Cast off the ${other(side)}.`,
  'light-windward': ({ side }, _setting, show) =>
    `A light wind from the ${side}: below ${show(ACROSS_MPS.no, 'windSpeed')} across you it can be done, with care.`,
  'wind-turns': ({ side }, { wind }) =>
    `The wind turns by ${wind.veerDeg ?? 0}° and comes from the ${side} now and then: cast between.`,
  headwind: () => 'Into a wind: a tight loop, low and hard, and expect less.',
  tailwind: () => 'A wind from behind flattens the D loop: wait for it less, aim higher.',
  'tailwind-back-cast': () =>
    'A wind from behind holds the back cast up short and blows it down: throw it hard and low, the cast itself high.',
  crosswind: () => 'A hard wind across: it carries the line away sideways. Keep the loop low and tight.',
  'too-windy': () => 'Too much wind to cast in: wait, or go where it is sheltered.',
  'other-side': ({ side }) =>
    `Belongs to the other side: with this current it is made off the ${other(side)}.`,
  'no-room': (_choice, setting, show) =>
    `The D loop takes ${show(loopM(setting, setting.rig.style === 'skagit' ? 'compact' : 'full'), 'length')} behind you, and ${show(setting.roomM, 'length')} are there.`,
  'compact-stroke': (_choice, setting, show) =>
    `In the compact stroke: tip near the shoulder, a third of the head left anchored, ${show(loopM(setting, 'compact'), 'length')} behind you. It reaches ${setting.compactCostM === undefined ? 'less' : `about ${show(setting.compactCostM, 'length')} less`}.`,
  'tight-room': (_choice, setting, show) =>
    `The D loop takes ${show(loopM(setting, 'full'), 'length')} behind you: only just.`,
  'back-cast-room': (_choice, setting, show) =>
    `A back cast lays ${show(backCastIn(setting).lineM, 'length')} out behind you, and ${show(setting.roomM, 'length')} are there.`,
  'people-behind': ({ anchor }) =>
    anchor === 'none' ? 'People behind: no back cast.' : 'People about: look behind before each sweep.',
  'cliff-behind': () => 'A back cast meets the cliff: the hook breaks on it, or stays.',
  'clears-behind': (_choice, setting, show) =>
    `The back cast goes over what is behind, ${show(backCastIn(setting).lowM, 'length')} up against ${show(setting.behindHighM ?? 0, 'length')}: keep it high, and do not wait too long.`,
  'meets-behind': (_choice, setting, show) =>
    `The back cast comes down to ${show(backCastIn(setting).lowM, 'length')}, and what is behind stands ${show(setting.behindHighM ?? 0, 'length')} high: the hook stays in it.`,
  'swell-close': (_choice, setting, show) =>
    `The back cast comes down to ${show(backCastIn(setting).lowM, 'length')} over the water: cast between the waves.`,
  'swell-meets': (_choice, setting, show) =>
    `The back cast comes down to ${show(backCastIn(setting).lowM, 'length')}, and the waves stand ${show(setting.swellM ?? 0, 'length')} high: step back.`,
  branches: ({ anchor }) =>
    anchor === 'none' ? 'The rod has no room above.' : 'The rod goes high in this cast: mind the branches.',
  'power-line': () => 'No cast near a power line: rod and wet line carry the current. Go elsewhere.',
  'head-wants-sustained': () => 'A Skagit wants an anchor that lies: touch and go needs good timing with it.',
  'head-wants-touch': () => 'A fine head wants to touch and go: a lying anchor holds it back.',
  'head-is-for-overhead': () => 'An overhead head makes a poor D loop.',
  'angle-wide': () => 'A wide change of angle for this cast: turn it in two.',
  'angle-too-wide': () => 'It does not turn the line so far.',
  skill: () => 'Touch and go is for a later season: learn the lying anchor first, on both sides.',
  'long-carry': (_choice, { rig, skill = 'practised' }, show) =>
    `${show(rig.overheadLengthM ?? 0, 'length')} of line in the air: you carry ${show(carryOf(skill).easyM, 'length')} with ease, beyond it is hard work.`,
  'one-grip': () => 'This rod has one grip.',
  'heavy-for-one-hand': () => 'A long rod for one hand.',
  'shoulder-one-hand': () =>
    'One arm lifts it all, above the shoulder: with a sore one take two hands, and a lighter rig.',
  'shoulder-high': () => 'The arms go high in it: a sore shoulder feels that.',
  'shoulder-spared': ({ anchor }) =>
    anchor === 'none'
      ? 'Short and flat, the lower hand takes the turn: it spares the shoulder.'
      : 'Low, and the lower hand does the pulling: it spares the shoulder.',
  'skagit-first': () =>
    'For a first season a Skagit forgives more: its anchor lies still, and it asks for little timing.',
  'top-hand-habit': () => 'Your upper hand leads by habit: here the lower one pulls in.',
  'strong-hand': ({ side }, { rig }) =>
    rig.rodLengthM < ONE_HAND_M.least
      ? `Off the ${side} shoulder, with your own hand.`
      : `Off the ${side} shoulder, your stronger hand on top.`,
  'across-the-body': ({ side }) =>
    `Off the ${side} shoulder, across the body, the hand in front of the face.`,
  'off-hand': ({ side }) => `Off the ${side} shoulder: the other hand on top, or your own across the body.`,
}

/** Why a cast is as it is, in sentences. */
export const sayCast = (choice: CastChoice, setting: CastSetting, system: UnitSystem): readonly string[] =>
  choice.reasons.map((reason) =>
    REASONS[reason](choice, setting, (si, measure) => printMeasure(si, measure, system)),
  )

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
  'Loops of one size tangle: each a pull shorter than the one before; mono in a few long ones.',
  'A tangle: stop, hold the line, open it from the reel’s side; never pull it into the rings.',
  'Twist: take the head off and let the line hang in the current for a minute.',
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
    ...((holding.wadingM ?? 0) > 0.2 ? ['so deep in the water'] : []),
  ].join(' and ')
  const most = printMeasure(limit.mostM, 'length', system)
  const slips =
    holding.hands !== undefined && build === 'mono' ? ' Mono slips: a coated line grips better.' : ''
  return state === 'much'
    ? `More than is held easily${why === '' ? '' : ` ${why}`}: ${most} at most.${slips}`
    : `${most} is the most that is held${why === '' ? '' : ` ${why}`}: cast shorter, stand shallower or take a basket.${slips}`
}

/** Change of a cast's length by the wind along it [m], below zero where it costs; undefined where it is next to nothing. */
export function sayWindOnCast(gainM: number, system: UnitSystem): string | undefined {
  if (Math.abs(gainM) < SAID_FROM_M) return undefined
  const by = printMeasure(Math.abs(gainM), 'length', system)
  return gainM < 0
    ? `The wind ahead takes about ${by} of it.`
    : `The wind from behind gives about ${by} of it.`
}
/** Less than this is not worth a word [m]. */
const SAID_FROM_M = 0.3

/** Before the next cast: how often to strip, and what is lifted then. */
export const sayStripIn = (
  { pulls, hangsM, hangsKg }: { readonly pulls: number; readonly hangsM: number; readonly hangsKg: number },
  system: UnitSystem,
): string =>
  `Before the next cast strip in ${inWords(pulls)} ${pulls === 1 ? 'pull' : 'pulls'}, until the mark is at your finger; then ${printMeasure(hangsM, 'length', system)} hang from the tip, ${printMeasure(hangsKg, 'lineMass', system)} to lift.`

/** Below the rod tip the belly should have sunk so far before the sweep (C32) [m]. [practice] */
const BELLY_M = { low: 3 * M_PER_FOOT, high: 5 * M_PER_FOOT }

type SayStep = (show: (low: number, high: number) => string, longHead: boolean, oneHand: boolean) => string
const STEPS: Readonly<Record<CastStepCode, SayStep>> = {
  lift: () => 'Lift slowly, tip high, until the head is on the surface.',
  'lift-low': () => 'Lift low and slow with a slight dip; keep the line moving.',
  'draw-back': () => 'Draw the rod back slowly along the side; the line stays on the water.',
  'lay-upstream': () =>
    'Lay the line across in front of you: swing the rod upstream, flat, so that the fly lands a rod’s length downstream.',
  snap: () =>
    'Carry the tip up and round, then snap it down and under: the fly lands upstream, ahead of you.',
  dump: () => 'Drop the line in a heap ahead of you; it may lie in curves.',
  'draw-oval': () => 'Draw an oval with the tip, out and back over the water, without a stop.',
  'swing-touch': () => 'Swing the line round in one rising curve: fly and leader kiss the water beside you.',
  sweep: (show) =>
    `When the belly hangs ${show(BELLY_M.low, BELLY_M.high)} below the tip, sweep round, low and even, peeling the line off the water.`,
  'circle-up': () => 'Let the tip climb as it comes round: the line follows behind it.',
  'form-loop': (_show, longHead) =>
    longHead
      ? 'Tip at the shoulder: wait until the long head has drawn the loop out behind you.'
      : 'Tip at the shoulder: the loop fills behind you; do not stop long.',
  forward: (_show, _longHead, oneHand) =>
    oneHand
      ? 'Forward with a short haul of the line hand, and stop high; let the line go.'
      : 'Forward with the lower hand pulling in, and stop high; let the line go.',
  'back-cast': () => 'A short, flat, quick stroke back; stop high.',
  wait: (_show, longHead) =>
    longHead ? 'Wait: the whole line must straighten behind you.' : 'Wait until it pulls behind you.',
  'forward-overhead': (_show, _longHead, oneHand) =>
    oneHand
      ? 'Forward with a haul of the line hand, and stop high.'
      : 'Forward, and stop high; the lower hand takes the turn.',
}

const FAULTS: Readonly<Record<CastFault, string>> = {
  'sweep-too-early': 'Swept before the belly formed: the line tears off the water and the loop stays small.',
  'anchor-far-back': 'Anchor behind you: it looks as if the line sticks, and the fly comes past your ear.',
  'anchor-ahead': 'Anchor too far ahead: the loop has nothing to pull on and the cast lands in a heap.',
  'rod-dips': 'The tip dips in the sweep: slack between rod and anchor, a loop that sags.',
  'lift-too-fast': 'Lifted too fast: the line leaves the water before it is meant to.',
  crossed: 'Anchor across the line of the cast: the line crosses itself in the air.',
  'loop-stalls': 'Stopped too long at the shoulder: the loop collapses onto the water.',
  'back-drops': 'The back cast drops: it touches the ground, and hooks break.',
}

/** A head longer than this many rods needs a wait. [practice] */
const LONG_HEAD_RODS = 2

/** Steps of a cast, and its usual faults with what they look like. */
export function sayMoves(
  cast: CastName,
  { rig }: Pick<CastSetting, 'rig'>,
  system: UnitSystem,
): { readonly steps: readonly string[]; readonly faults: readonly string[] } {
  const long = rig.headLengthM > LONG_HEAD_RODS * rig.rodLengthM
  const oneHand = rig.rodLengthM < ONE_HAND_M.least
  const { steps, faults } = CAST_MOVES[cast]
  return {
    steps: steps.map(({ code }) =>
      STEPS[code]((low, high) => printRange({ low, high }, 'length', system), long, oneHand),
    ),
    faults: faults.map((fault) => FAULTS[fault]),
  }
}
