import {
  ACROSS_MPS,
  type Anchor,
  type CastChoice,
  type CastName,
  type CastReason,
  type CastSetting,
  dLoopOf,
  type Obstruction,
  type Skill,
  windOn,
} from '../cast/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'

export const CAST_TITLES: Readonly<Record<CastName, string>> = Object.freeze({
  'double-spey': 'Double spey',
  'snap-t': 'Snap-T, or circle',
  'perry-poke': 'Perry poke',
  'single-spey': 'Single spey',
  'snake-roll': 'Snake roll, or spiral',
  roll: 'Roll',
  switch: 'Switch',
  'overhead-one-handed': 'Overhead, one hand',
  'overhead-two-handed': 'Overhead, two hands',
})

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

type Say = (
  choice: CastChoice,
  setting: CastSetting,
  show: (si: number, measure: 'length' | 'windSpeed') => string,
) => string

const other = (side: CastChoice['side']): string => (side === 'left' ? 'right' : 'left')
const backCastM = ({ rig: { headLengthM, tipLengthM = 0, leaderLengthM = 0 } }: CastSetting): number =>
  headLengthM + tipLengthM + leaderLengthM
const loopM = ({ rig, wadingM = 0 }: CastSetting, stroke: 'full' | 'compact'): number =>
  dLoopOf({ rodM: rig.rodLengthM, style: rig.style, carriedM: rig.headLengthM, wadingM }, stroke).behindM

const REASONS: Readonly<Record<CastReason, Say>> = {
  windward: ({ side }, { wind, targetDeg }, show) =>
    `The wind comes from the ${side}, ${show(Math.abs(windOn(wind, targetDeg).acrossMps), 'windSpeed')} across you: it puts line and hook into you. Cast off the ${other(side)}.`,
  'light-windward': ({ side }, _setting, show) =>
    `A light wind from the ${side}: below ${show(ACROSS_MPS.no, 'windSpeed')} across you it can be done, with care.`,
  headwind: () => 'Into a wind: a tight loop, low and hard, and expect less.',
  tailwind: () => 'A wind from behind flattens the D loop: wait for it less, aim higher.',
  'too-windy': () => 'Too much wind to cast in: wait, or go where it is sheltered.',
  'other-side': ({ side }) =>
    `Belongs to the other side: with this current it is made off the ${other(side)}.`,
  'no-room': (_choice, setting, show) =>
    `The D loop takes ${show(loopM(setting, setting.rig.style === 'skagit' ? 'compact' : 'full'), 'length')} behind you, and ${show(setting.roomM, 'length')} are there.`,
  'compact-stroke': (_choice, setting, show) =>
    `In the compact stroke: tip near the shoulder, a third of the head left anchored, ${show(loopM(setting, 'compact'), 'length')} behind you. It reaches less.`,
  'tight-room': (_choice, setting, show) =>
    `The D loop takes ${show(loopM(setting, 'full'), 'length')} behind you: only just.`,
  'back-cast-room': (_choice, setting, show) =>
    `A back cast lays ${show(backCastM(setting), 'length')} out behind you, and ${show(setting.roomM, 'length')} are there.`,
  'people-behind': ({ anchor }) =>
    anchor === 'none' ? 'People behind: no back cast.' : 'People about: look behind before each sweep.',
  'cliff-behind': () => 'A back cast meets the cliff: the hook breaks on it, or stays.',
  branches: ({ anchor }) =>
    anchor === 'none' ? 'The rod has no room above.' : 'The rod goes high in this cast: mind the branches.',
  'power-line': () => 'No cast near a power line: rod and wet line carry the current. Go elsewhere.',
  'head-wants-sustained': () => 'A Skagit wants an anchor that lies: touch and go needs good timing with it.',
  'head-wants-touch': () => 'A fine head wants to touch and go: a lying anchor holds it back.',
  'head-is-for-overhead': () => 'An overhead head makes a poor D loop.',
  'angle-wide': () => 'A wide change of angle for this cast: turn it in two.',
  'angle-too-wide': () => 'It does not turn the line so far.',
  skill: () => 'Touch and go is for a later season: learn the lying anchor first, on both sides.',
  'one-grip': () => 'This rod has one grip.',
  'heavy-for-one-hand': () => 'A long rod for one hand.',
  'strong-hand': ({ side }) => `Off the ${side} shoulder, your stronger hand on top.`,
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

/** What to say aloud while stripping: "six pulls, five, four, three". @param pullM one pull [m] */
export function sayPulls(loopsM: readonly number[], build: 'coated' | 'mono', pullM: number): string {
  if (loopsM.length === 0) return 'Nothing to hold.'
  if (build === 'mono')
    return `${inWords(loopsM.length)} long loops of mono.`.replace(/^./, (c) => c.toUpperCase())
  const [first = 0, ...rest] = loopsM.map((m) => Math.round(m / pullM))
  return `“${[`${inWords(first)} ${first === 1 ? 'pull' : 'pulls'}`, ...rest.map(inWords)].join(', ')}.”`.replace(
    /^“./,
    (c) => c.toUpperCase(),
  )
}
