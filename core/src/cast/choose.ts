import { type Caster, type HeadStyle, troutLine } from '../gear/index.ts'
import type { Obstruction } from '../water/index.ts'
import { type BackCast, backCastOf, CLEAR_M, roomForCastBack } from './backCast.ts'
import { carryOf, type Skill } from './carry.ts'
import { type Anchor, CAST_NAMES, CASTS, type CastDefinition, type CastName, ONE_HAND_M } from './casts.ts'
import { windOnto } from './onto.ts'
import { roomForLoop, roomForRoll } from './room.ts'
import { type CastWind, type Side, windOn } from './wind.ts'

export type Fit = 'good' | 'care' | 'no'

/** Setting of a cast: stand, rig and air. */
export interface CastSetting {
  readonly hand: Side
  /** The bank one stands on, looking downstream; null in still water and the surf. */
  readonly bank: Side | null
  readonly wind: CastWind
  /** The cast's line: 0 straight across, + to the right [°]. */
  readonly targetDeg?: number | undefined
  /** Behind the angler [m]. */
  readonly roomM: number
  readonly rig: {
    readonly rodLengthM: number
    readonly style: HeadStyle
    readonly headLengthM: number
    /** Of a line in one piece what an overhead cast so far carries [m]. */
    readonly overheadLengthM?: number | undefined
    readonly tipLengthM?: number | undefined
    readonly leaderLengthM?: number | undefined
  }
  /** Change of angle from where the line hangs [°]. */
  readonly changeDeg?: number | undefined
  readonly obstruction?: Obstruction | undefined
  readonly skill?: Skill | undefined
  readonly wadingM?: number | undefined
  /** Height of what is behind, over the water [m]; left out where nobody has said. */
  readonly behindHighM?: number | undefined
  /** Waves that come in behind one who stands in the surf [m]. */
  readonly swellM?: number | undefined
  readonly habit?: Caster['habit'] | undefined
  readonly shoulder?: 'sore' | undefined
  /** Reach that the compact stroke costs this rig [m], where it is known. */
  readonly compactCostM?: number | undefined
}

/** Why a cast is not simply good; which hand is on top is only told. */
export type CastReason =
  | 'windward'
  | 'light-windward'
  | 'wind-turns'
  | 'headwind'
  | 'tailwind'
  | 'tailwind-back-cast'
  | 'crosswind'
  | 'too-windy'
  | 'other-side'
  | 'no-room'
  | 'compact-stroke'
  | 'tight-room'
  | 'back-cast-room'
  | 'people-behind'
  | 'cliff-behind'
  | 'clears-behind'
  | 'meets-behind'
  | 'swell-close'
  | 'swell-meets'
  | 'branches'
  | 'power-line'
  | 'head-wants-sustained'
  | 'head-wants-touch'
  | 'head-is-for-overhead'
  | 'angle-wide'
  | 'angle-too-wide'
  | 'skill'
  | 'long-carry'
  | 'one-grip'
  | 'heavy-for-one-hand'
  | 'shoulder-one-hand'
  | 'shoulder-high'
  | 'shoulder-spared'
  | 'top-hand-habit'
  | 'skagit-first'
  | 'strong-hand'
  | 'off-hand'
  | 'across-the-body'

export interface CastChoice {
  readonly cast: CastName
  readonly anchor: Anchor
  /** Of the body, where anchor and D loop, or the rod's path, lie. */
  readonly side: Side
  readonly fit: Fit
  /** Things it is not simply good for. */
  readonly cares: number
  readonly reasons: readonly CastReason[]
}

/** Wind across the body above which nothing goes on the windward side [m/s], and below which there is none. [practice] */
export const ACROSS_MPS = Object.freeze({ no: 1.5, calm: 0.2 })
/** Wind along the cast and across it that is felt, and above which casting stops, its gusts counted [m/s]. [practice] */
const FELT_MPS = { along: 6, across: 10, most: 15 } as const

type Judged = readonly [fit: Fit, reason: CastReason]
type Rule = (cast: CastDefinition, side: Side, setting: CastSetting) => Judged | null
const overhead = ({ anchor }: CastDefinition): boolean => anchor === 'none'

/** Anchor and D loop lie downwind, always. */
const byWindAcross: Rule = (_cast, side, { wind, targetDeg }) => {
  const { veerDeg: _veer, ...steady } = wind
  const onto = windOnto(steady, side, targetDeg)
  if (onto > ACROSS_MPS.no) return ['no', 'windward']
  if (onto > ACROSS_MPS.calm) return ['care', 'light-windward']
  // From the other side, or from ahead or behind, but turning: now and then it reaches this one.
  return windOnto(wind, side, targetDeg) > ACROSS_MPS.no ? ['care', 'wind-turns'] : null
}

const byWindAlong: Rule = (cast, _side, { wind, targetDeg }) => {
  const { aheadMps } = windOn(wind, targetDeg)
  if (aheadMps > FELT_MPS.along) return ['care', 'headwind']
  if (aheadMps >= -FELT_MPS.along) return null
  return ['care', overhead(cast) ? 'tailwind-back-cast' : 'tailwind']
}

/** However it lies to the caster: a hard wind across takes the line along, a harder one ends casting. */
const byWindForce: Rule = (_cast, _side, { wind, targetDeg }) => {
  const mps = Math.max(wind.mps, wind.gustMps ?? 0)
  if (mps > FELT_MPS.most) return ['no', 'too-windy']
  const { acrossMps } = windOn({ ...wind, mps }, targetDeg)
  return Math.abs(acrossMps) > FELT_MPS.across ? ['care', 'crosswind'] : null
}

/** Facing the water, the current runs from left to right on river right. */
const bySide: Rule = ({ shoulder }, side, { bank }) => {
  if (bank === null || shoulder === 'either') return null
  const downstream = side === bank
  return downstream === (shoulder === 'downstream') ? null : ['no', 'other-side']
}

const byRoom: Rule = (cast, _side, setting) => {
  const { rig, roomM, wadingM } = setting
  const { rodLengthM: rodM, style, headLengthM } = rig
  if (overhead(cast)) {
    const behindHighM = overHigh(setting)
    const back = roomForCastBack({ rodM, lineM: backCastM(setting), roomM, wadingM, behindHighM })
    if (back === 'enough') return null
    if (back === 'over') return ['care', 'clears-behind']
    if (behindHighM !== undefined) return ['no', 'meets-behind']
    return [back === 'tight' ? 'care' : 'no', 'back-cast-room']
  }
  const looped = { rodM, style, carriedM: headLengthM, wadingM }
  const room = cast.rolled ? roomForRoll(rodM, roomM) : roomForLoop(looped, roomM)
  if (room === 'enough') return null
  return room === 'none' ? ['no', 'no-room'] : ['care', room === 'compact' ? 'compact-stroke' : 'tight-room']
}

const backCastM = ({ rig }: CastSetting): number =>
  (rig.overheadLengthM ?? rig.headLengthM) + (rig.tipLengthM ?? 0) + (rig.leaderLengthM ?? 0)
/** The back cast of this rig here. */
export const backCastIn = (setting: CastSetting): BackCast & { readonly lineM: number } => {
  const lineM = backCastM(setting)
  return { lineM, ...backCastOf(setting.rig.rodLengthM, lineM, setting.wadingM) }
}
const backCastLow = (setting: CastSetting): number => backCastIn(setting).lowM

/** Only brush and cliff can be cast over, and only where somebody has said how high they stand. */
const overHigh = ({ obstruction, behindHighM }: CastSetting): number | undefined =>
  obstruction === 'brush' || obstruction === 'cliff' ? behindHighM : undefined

const byObstruction: Rule = (cast, _side, setting) => {
  const { obstruction = 'none' } = setting
  // Its height known, the room it leaves says it all.
  if (overhead(cast) && overHigh(setting) !== undefined) return null
  switch (obstruction) {
    case 'power-line':
      return ['no', 'power-line']
    case 'people':
      return overhead(cast) ? ['no', 'people-behind'] : ['care', 'people-behind']
    case 'cliff':
      return overhead(cast) ? ['no', 'cliff-behind'] : null
    case 'branches':
      return overhead(cast) ? ['no', 'branches'] : cast.high ? ['care', 'branches'] : null
    default:
      return null
  }
}

/** A back cast of one who stands in the surf goes out over the waves that have passed. */
const bySwell: Rule = (cast, _side, setting) => {
  const { swellM, bank } = setting
  if (!overhead(cast) || bank !== null || swellM === undefined) return null
  const lowM = backCastLow(setting)
  if (lowM < swellM) return ['no', 'swell-meets']
  return lowM < swellM + CLEAR_M ? ['care', 'swell-close'] : null
}

/** Sustained anchors suit Skagits, touch and go the finer heads; both can do the other with care. */
const byHead: Rule = ({ anchor }, _side, { rig: { style } }) => {
  if (anchor === 'none') return null
  if (style === 'overhead') return ['care', 'head-is-for-overhead']
  if (style === 'skagit') return anchor === 'sustained' ? null : ['care', 'head-wants-sustained']
  return anchor === 'touch-and-go' ? null : ['care', 'head-wants-touch']
}

/** A trout line is rolled round in two or three casts, a little further with each. [practice] */
const ROLLED_ROUND_DEG = { good: 30, most: 100 } as const

const byAngle: Rule = (cast, _side, { changeDeg: asked = 0, rig }) => {
  const changeDeg = cast.rolled && troutLine(rig.style) ? ROLLED_ROUND_DEG : cast.changeDeg
  if (Math.abs(asked) > changeDeg.most) return ['no', 'angle-too-wide']
  return Math.abs(asked) > changeDeg.good ? ['care', 'angle-wide'] : null
}

/** Sustained anchors for a first season; touch and go asks for timing. */
const bySkill: Rule = ({ anchor }, _side, { skill = 'practised' }) =>
  skill === 'beginner' && anchor === 'touch-and-go' ? ['care', 'skill'] : null

/** A trout line in the air is comfortable to some length, and hard work beyond (C4). */
const byCarry: Rule = (cast, _side, { rig: { overheadLengthM }, skill = 'practised' }) => {
  if (!overhead(cast) || overheadLengthM === undefined) return null
  return overheadLengthM > carryOf(skill).easyM ? ['care', 'long-carry'] : null
}

const byRod: Rule = ({ rodM }, _side, { rig: { rodLengthM } }) => {
  if (rodM?.low !== undefined && rodLengthM < rodM.low) return ['no', 'one-grip']
  return rodM?.high !== undefined && rodLengthM > rodM.high ? ['care', 'heavy-for-one-hand'] : null
}

/** The upper arm lifts a long rod alone, or a short one above the head: a sore shoulder is spared that. [practice] */
const byShoulder: Rule = (cast, _side, { shoulder, rig: { rodLengthM } }) => {
  if (shoulder !== 'sore') return null
  if (rodLengthM < ONE_HAND_M.least || cast.rodM?.high !== undefined) return ['care', 'shoulder-one-hand']
  return cast.high && !overhead(cast) ? ['care', 'shoulder-high'] : null
}

/** Everything a cast is judged by. One more is one more entry. */
const RULES: readonly Rule[] = [
  byWindAcross,
  bySide,
  byRoom,
  byObstruction,
  bySwell,
  byHead,
  byAngle,
  byWindAlong,
  byWindForce,
  bySkill,
  byCarry,
  byRod,
  byShoulder,
]

/** With a sore shoulder, casts the lower hand drives: two hands, low; overhead among them only where it is simply good. [practice] */
const spares = ({ high, rodM }: CastDefinition, fit: Fit, rodLengthM: number): boolean =>
  rodLengthM >= ONE_HAND_M.least && (rodM?.low !== undefined ? fit === 'good' : !high)

/** Remarks on a cast that do not count in its judgement. */
function said(cast: CastDefinition, side: Side, fit: Fit, setting: CastSetting): readonly CastReason[] {
  const { hand, habit, shoulder, skill, rig } = setting
  const oneHand = rig.rodLengthM < ONE_HAND_M.least
  const driven = !oneHand && (cast.anchor === 'touch-and-go' || cast.rodM?.low !== undefined)
  return [
    ...(shoulder === 'sore' && spares(cast, fit, rig.rodLengthM) ? (['shoulder-spared'] as const) : []),
    ...(skill === 'beginner' && cast.anchor === 'sustained' && rig.style !== 'skagit'
      ? (['skagit-first'] as const)
      : []),
    ...(habit === 'top-hand' && driven ? (['top-hand-habit'] as const) : []),
    side === hand ? 'strong-hand' : oneHand || cast.rodM?.high !== undefined ? 'across-the-body' : 'off-hand',
  ]
}

/** Among equals: the stronger hand on top, then a cast that belongs to this side of the current, then the anchor of one's habit. [practice] */
function preference(cast: CastDefinition, side: Side, { hand, bank, habit }: CastSetting): number {
  const ownHand = side === hand ? 0 : 4
  const ownSide = bank === null || cast.shoulder !== 'either' ? 0 : 2
  const usual = habit === 'top-hand' ? 'sustained' : 'touch-and-go'
  const ownHabit = habit === undefined || habit === 'average' || cast.anchor === usual ? 0 : 1
  return ownHand + ownSide + ownHabit
}

const RANK: Readonly<Record<Fit, number>> = { good: 0, care: 1, no: 2 }
const SIDES: readonly Side[] = ['right', 'left']

/**
 * Every cast on each side of the body, best first, each with its reasons. Nothing outweighs a "no"; which hand is on top is said
 * and not judged. [practice] Common practice, no source.
 */
export function chooseCasts(setting: CastSetting): readonly CastChoice[] {
  const choices = CAST_NAMES.flatMap((name) =>
    SIDES.map((side) => {
      const cast: CastDefinition = CASTS[name]
      const judged = RULES.flatMap((rule) => {
        const found = rule(cast, side, setting)
        return found === null ? [] : [found]
      })
      const fit = judged.reduce<Fit>((worst, [each]) => (RANK[each] > RANK[worst] ? each : worst), 'good')
      const worstFirst = [...judged].sort(([a], [b]) => RANK[b] - RANK[a]).map(([, reason]) => reason)
      const reasons = [...worstFirst, ...said(cast, side, fit, setting)]
      const leads = reasons.includes('shoulder-spared') ? 0 : 1
      const choice = { cast: name, anchor: cast.anchor, side, fit, cares: judged.length, reasons }
      return { choice, leads, after: preference(cast, side, setting) }
    }),
  )
  return choices
    .sort(
      (a, b) =>
        RANK[a.choice.fit] - RANK[b.choice.fit] ||
        a.leads - b.leads ||
        a.choice.cares - b.choice.cares ||
        a.after - b.after,
    )
    .map(({ choice }) => choice)
}

/** The cast to make: the fittest that is safe and possible; undefined where none is. @param casts as `chooseCasts` puts them */
export const castToMake = (casts: readonly CastChoice[]): CastChoice | undefined =>
  casts.find(({ fit }) => fit !== 'no')
