import type { HeadStyle } from '../gear/index.ts'
import { type Anchor, CAST_NAMES, CASTS, type CastDefinition, type CastName } from './casts.ts'
import { roomForBackCast, roomForLoop } from './room.ts'

export type Side = 'left' | 'right'
export type Fit = 'good' | 'care' | 'no'
export const OBSTRUCTIONS = ['none', 'brush', 'cliff', 'people', 'branches', 'power-line'] as const
export type Obstruction = (typeof OBSTRUCTIONS)[number]
export const SKILLS = ['beginner', 'practised', 'expert'] as const
export type Skill = (typeof SKILLS)[number]

/** Where one stands, what is in the hand and what the air does. */
export interface CastSetting {
  readonly hand: Side
  /** The bank one stands on, looking downstream; null in still water and the surf. */
  readonly bank: Side | null
  /** From where it blows, facing the water: 0 from ahead, 90 from the right hand [°]; and how hard [m/s]. */
  readonly wind: { readonly fromDeg: number; readonly mps: number }
  /** The cast's line: 0 straight across, + to the right [°]. */
  readonly targetDeg?: number | undefined
  /** Behind the angler [m]. */
  readonly roomM: number
  readonly rig: {
    readonly rodLengthM: number
    readonly style: HeadStyle
    readonly headLengthM: number
    readonly tipLengthM?: number | undefined
    readonly leaderLengthM?: number | undefined
  }
  /** How far the line is to turn from where it hangs [°]. */
  readonly changeDeg?: number | undefined
  readonly obstruction?: Obstruction | undefined
  readonly skill?: Skill | undefined
  readonly wadingM?: number | undefined
}

/** Why a cast is not simply good; which hand is on top is only told. */
export type CastReason =
  | 'windward'
  | 'light-windward'
  | 'headwind'
  | 'tailwind'
  | 'too-windy'
  | 'other-side'
  | 'no-room'
  | 'compact-stroke'
  | 'tight-room'
  | 'back-cast-room'
  | 'people-behind'
  | 'cliff-behind'
  | 'branches'
  | 'power-line'
  | 'head-wants-sustained'
  | 'head-wants-touch'
  | 'head-is-for-overhead'
  | 'angle-wide'
  | 'angle-too-wide'
  | 'skill'
  | 'one-grip'
  | 'heavy-for-one-hand'
  | 'strong-hand'
  | 'off-hand'

export interface CastChoice {
  readonly cast: CastName
  readonly anchor: Anchor
  /** Of the body, where anchor and D loop, or the rod's path, lie. */
  readonly side: Side
  readonly fit: Fit
  readonly reasons: readonly CastReason[]
}

/** Wind across the body above which nothing goes on the windward side [m/s], and below which there is none. [practice] */
export const ACROSS_MPS = Object.freeze({ no: 1.5, calm: 0.2 })
/** Wind along the cast that is felt, and above which casting stops [m/s]. [estimate] */
const ALONG_MPS = { felt: 6, most: 15 } as const
const RAD = Math.PI / 180

/** The wind on a cast [m/s]: across it, from the right when positive; along it, from ahead when positive. [physics] */
export const windOn = (
  { fromDeg, mps }: CastSetting['wind'],
  targetDeg = 0,
): { readonly acrossMps: number; readonly aheadMps: number } => ({
  acrossMps: mps * Math.sin((fromDeg - targetDeg) * RAD),
  aheadMps: mps * Math.cos((fromDeg - targetDeg) * RAD),
})

type Judged = readonly [fit: Fit, reason: CastReason]
type Rule = (cast: CastDefinition, side: Side, setting: CastSetting) => Judged | null
const overhead = ({ anchor }: CastDefinition): boolean => anchor === 'none'

/** Anchor and D loop lie downwind, always. */
const byWindAcross: Rule = (_cast, side, { wind, targetDeg }) => {
  const { acrossMps } = windOn(wind, targetDeg)
  const onto = side === 'right' ? acrossMps : -acrossMps
  if (onto > ACROSS_MPS.no) return ['no', 'windward']
  return onto > ACROSS_MPS.calm ? ['care', 'light-windward'] : null
}

const byWindAlong: Rule = (_cast, _side, { wind, targetDeg }) => {
  const { aheadMps } = windOn(wind, targetDeg)
  if (wind.mps > ALONG_MPS.most) return ['no', 'too-windy']
  if (aheadMps > ALONG_MPS.felt) return ['care', 'headwind']
  return aheadMps < -ALONG_MPS.felt ? ['care', 'tailwind'] : null
}

/** Facing the water, the current runs from left to right on river right. */
const bySide: Rule = ({ shoulder }, side, { bank }) => {
  if (bank === null || shoulder === 'either') return null
  const downstream = side === bank
  return downstream === (shoulder === 'downstream') ? null : ['no', 'other-side']
}

const byRoom: Rule = (cast, _side, { rig, roomM, wadingM }) => {
  const { rodLengthM: rodM, style, headLengthM, tipLengthM = 0, leaderLengthM = 0 } = rig
  if (overhead(cast)) {
    const back = roomForBackCast(headLengthM + tipLengthM + leaderLengthM, roomM)
    return back === 'enough' ? null : [back === 'tight' ? 'care' : 'no', 'back-cast-room']
  }
  const room = roomForLoop({ rodM, style, carriedM: headLengthM, wadingM }, roomM)
  if (room === 'enough') return null
  return room === 'none' ? ['no', 'no-room'] : ['care', room === 'compact' ? 'compact-stroke' : 'tight-room']
}

const byObstruction: Rule = (cast, _side, { obstruction = 'none' }) => {
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

/** Sustained anchors suit Skagits, touch and go the finer heads; both can do the other with care. */
const byHead: Rule = ({ anchor }, _side, { rig: { style } }) => {
  if (anchor === 'none') return null
  if (style === 'overhead') return ['care', 'head-is-for-overhead']
  if (style === 'skagit') return anchor === 'sustained' ? null : ['care', 'head-wants-sustained']
  return anchor === 'touch-and-go' ? null : ['care', 'head-wants-touch']
}

const byAngle: Rule = ({ changeDeg }, _side, { changeDeg: asked = 0 }) => {
  if (Math.abs(asked) > changeDeg.most) return ['no', 'angle-too-wide']
  return Math.abs(asked) > changeDeg.good ? ['care', 'angle-wide'] : null
}

/** Sustained anchors for a first season; touch and go asks for timing. */
const bySkill: Rule = ({ anchor }, _side, { skill = 'practised' }) =>
  skill === 'beginner' && anchor === 'touch-and-go' ? ['care', 'skill'] : null

const byRod: Rule = ({ rodM }, _side, { rig: { rodLengthM } }) => {
  if (rodM?.low !== undefined && rodLengthM < rodM.low) return ['no', 'one-grip']
  return rodM?.high !== undefined && rodLengthM > rodM.high ? ['care', 'heavy-for-one-hand'] : null
}

/** Everything a cast is judged by. One more is one more entry. */
const RULES: readonly Rule[] = [
  byWindAcross,
  bySide,
  byRoom,
  byObstruction,
  byHead,
  byAngle,
  byWindAlong,
  bySkill,
  byRod,
]

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
      const reasons = [...worstFirst, side === setting.hand ? 'strong-hand' : 'off-hand'] as const
      return { choice: { cast: name, anchor: cast.anchor, side, fit, reasons }, cares: judged.length }
    }),
  )
  return choices
    .sort((a, b) => RANK[a.choice.fit] - RANK[b.choice.fit] || a.cares - b.cares)
    .map(({ choice }) => choice)
}
