import type { CastSetting, Looped } from '../cast/index.ts'
import type { Day, Stand } from '../day/index.ts'
import type { Leader, Section } from '../gear/index.ts'
import { leaderDiameterM } from '../leader/index.ts'
import { type LineProfile, strandKgPerM } from '../line/index.ts'
import type { RigParts } from './parts.ts'
import { CARRIED_RODS } from './reach.ts'

/** What of a rig goes into its D loop. */
export const loopedOf = (
  { rod, head }: Pick<RigParts, 'rod' | 'head'>,
  { wadingM }: Pick<Day, 'wadingM'>,
): Looped => ({
  wadingM,
  rodM: rod.lengthM,
  style: head.head.style,
  carriedM: head.onePiece ? Math.min(head.lengthM, CARRIED_RODS * rod.lengthM) : head.lengthM,
})

/** Plans count their angle from straight downstream, casts from straight across [°]. */
const ACROSS_DEG = 90

/**
 * A rig in a day, where one stands, as the choice of casts asks for it. The cast's line and the change of angle are the plan's: from
 * hanging below to the angle that is fished; in the surf the line comes straight in and goes straight out.
 */
export function castSettingOf(
  parts: Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader'>,
  day: Pick<Day, 'water' | 'plan' | 'caster' | 'roomBehindM' | 'where' | 'run' | 'wadingM'>,
  stand: Stand,
): CastSetting {
  const { wind, obstruction, skill } = stand
  const bank = day.where.by === 'pool' ? day.run.bank : stand.bank
  const surf = day.water === 'surf'
  const { angleDeg } = day.plan
  const { rodM, style, carriedM } = loopedOf(parts, day)
  return {
    hand: day.caster.hand,
    bank: surf ? null : bank,
    wind,
    targetDeg: surf ? 0 : (bank === 'right' ? 1 : -1) * (ACROSS_DEG - angleDeg),
    changeDeg: surf ? 0 : angleDeg,
    roomM: day.roomBehindM,
    rig: {
      rodLengthM: rodM,
      style,
      headLengthM: carriedM,
      tipLengthM: parts.tip?.lengthM ?? 0,
      leaderLengthM: parts.leader?.lengthM ?? 0,
    },
    obstruction,
    skill,
    wadingM: day.wadingM,
  }
}

/** Head, tip and leader as one line, front first: what is thrown. */
export function frontProfile({ head, tip, leader }: Pick<RigParts, 'head' | 'tip' | 'leader'>): LineProfile {
  const level = (lengthM: number, kgPerM: number): Section => ({
    lengthM,
    startKgPerM: kgPerM,
    endKgPerM: kgPerM,
  })
  return {
    sections: [
      ...(leader === null ? [] : [level(leader.lengthM, leaderKgPerM(leader))]),
      ...(tip === null ? [] : [level(tip.lengthM, tip.massKg.value / tip.lengthM)]),
      ...head.line.sections,
    ],
  }
}

/** Mean mass per length of a leader, by its middle [kg/m]. */
const leaderKgPerM = (leader: Leader): number =>
  strandKgPerM(leaderDiameterM(leader, 0.5), leader.material ?? 'nylon')
