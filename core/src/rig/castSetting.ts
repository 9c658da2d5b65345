import { type CastSetting, carryOf, type Skill } from '../cast/index.ts'
import { bankOf, behindOf, castLineDeg, type Day, type Stand, type Wind } from '../day/index.ts'
import type { Leader, Section } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import { type LineProfile, strandKgPerM } from '../line/index.ts'
import { compactCostM } from './held.ts'
import { loopedOf, type ThrowDay } from './looped.ts'
import type { RigParts } from './parts.ts'

/**
 * A rig in a day, where one stands, as the choice of casts asks for it. The cast's line and the change of angle are the plan's: from
 * hanging below to the angle that is fished; in the surf the line comes straight in and goes straight out.
 */
export function castSettingOf(
  parts: Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader' | 'runningLine'>,
  day: ThrowDay & Pick<Day, 'plan' | 'caster' | 'where' | 'castM'>,
  stand: Stand,
  wind: Wind,
): CastSetting {
  const { skill, shoulder, swellM } = stand
  const surf = day.water === 'surf'
  const pool = day.where.by === 'pool' ? day.where.pool : undefined
  const bank = bankOf(pool, stand)
  const { rodM, style, carriedM } = loopedOf(parts, day)
  return {
    hand: day.caster.hand,
    habit: day.caster.habit,
    shoulder,
    bank: surf ? null : bank,
    wind,
    targetDeg: castLineDeg(surf, bank, day.plan.angleDeg),
    changeDeg: surf ? 0 : day.plan.angleDeg,
    roomM: day.roomBehindM,
    rig: {
      rodLengthM: rodM,
      style,
      headLengthM: carriedM,
      overheadLengthM: overheadM(parts, day, skill),
      tipLengthM: parts.tip?.lengthM ?? 0,
      leaderLengthM: parts.leader?.lengthM ?? 0,
    },
    ...behindOf(pool, stand),
    skill,
    wadingM: day.wadingM,
    swellM: surf ? swellM : undefined,
    compactCostM: compactCostM(parts, day),
  }
}

/** Line in one piece carried by an overhead cast so far [m]: no more than this caster can. */
function overheadM(
  { rod, head, leader }: Pick<RigParts, 'rod' | 'head' | 'leader'>,
  { castM }: Pick<Day, 'castM'>,
  skill: Skill,
): number | undefined {
  const { style } = head.head
  if (style !== 'double-taper' && style !== 'weight-forward') return undefined
  const askedM = castM - rod.lengthM - (leader?.lengthM ?? 0)
  return Math.max(0, Math.min(head.lengthM, askedM, carryOf(skill).mostM))
}

/** Head, tip and leader as one line, front first: what is thrown. @param stretch the head so many times as long, its shape kept */
export function frontProfile(
  { head, tip, leader }: Pick<RigParts, 'head' | 'tip' | 'leader'>,
  stretch = 1,
): LineProfile {
  const level = (lengthM: number, kgPerM: number): Section => ({
    lengthM,
    startKgPerM: kgPerM,
    endKgPerM: kgPerM,
  })
  return {
    sections: [
      ...(leader === null ? [] : [level(leader.lengthM, leaderKgPerM(leader))]),
      ...(tip === null ? [] : [level(tip.lengthM, tip.massKg.value / tip.lengthM)]),
      ...head.line.sections.map((section) => ({ ...section, lengthM: section.lengthM * stretch })),
    ],
  }
}

/** Mean mass per length of a leader, by its middle [kg/m]. */
const leaderKgPerM = (leader: Leader): number =>
  strandKgPerM(leaderDiameterM(leader, 0.5), leader.material ?? 'nylon')
