import { type CastSetting, carryOf, type Skill } from '../cast/index.ts'
import type { Day } from '../day/index.ts'
import { type Leader, type Section, troutLine } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import { type LineProfile, strandKgPerM } from '../line/index.ts'
import { compactCostM } from './held.ts'
import { type FrontParts, lineOutM, loopedOf, type ThrowDay } from './looped.ts'
import type { RigParts } from './parts.ts'

/** Of a day, what the choice of a cast depends on. */
export type CastDay = ThrowDay & Pick<Day, 'caster' | 'castPlace'>

/**
 * A rig in a day, where one stands, as the choice of casts asks for it. The cast's line and the change of angle are the plan's: from
 * hanging below to the angle that is fished; in the surf the line comes straight in and goes straight out.
 */
export function castSettingOf(parts: FrontParts & Pick<RigParts, 'runningLine'>, day: CastDay): CastSetting {
  const { castPlace, caster } = day
  const { rodM, style, carriedM } = loopedOf(parts, day)
  return {
    ...castPlace,
    hand: caster.hand,
    habit: caster.habit,
    changeDeg: castPlace.bank === null ? 0 : day.plan.angleDeg,
    roomM: day.roomBehindM,
    rig: {
      rodLengthM: rodM,
      style,
      headLengthM: carriedM,
      overheadLengthM: overheadM(parts, day, castPlace.skill),
      tipLengthM: parts.tip?.lengthM ?? 0,
      leaderLengthM: parts.leader?.lengthM ?? 0,
    },
    wadingM: day.wadingM,
    compactCostM: compactCostM(parts, day),
  }
}

/** Line in one piece carried by an overhead cast so far [m]: no more than this caster can. */
function overheadM(parts: FrontParts, day: Pick<Day, 'plan'>, skill: Skill): number | undefined {
  return troutLine(parts.head.head.style) ? Math.min(lineOutM(parts, day), carryOf(skill).mostM) : undefined
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
