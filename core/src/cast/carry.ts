import { M_PER_FOOT } from '../quantity/index.ts'

/** Skill of the caster. */
export const SKILLS = ['beginner', 'practised', 'expert'] as const
export type Skill = (typeof SKILLS)[number]

/** Overhead a standard line is carried comfortably to here, and is hard work beyond (C4) [m]. [practice] */
export const CARRY_M = Object.freeze({ comfortable: 50 * M_PER_FOOT, most: 60 * M_PER_FOOT })
/** A beginner carries less, who is sure of all casts more [m]. [estimate] */
const BY_SKILL_M: Readonly<Record<Skill, number>> = Object.freeze({
  beginner: -10 * M_PER_FOOT,
  practised: 0,
  expert: 10 * M_PER_FOOT,
})

/** Line in the air that a caster carries overhead: comfortably, and as hard work [m] (C4). [practice, estimate] */
export const carryOf = (skill: Skill): { readonly easyM: number; readonly mostM: number } => ({
  easyM: CARRY_M.comfortable + BY_SKILL_M[skill],
  mostM: CARRY_M.most + BY_SKILL_M[skill],
})
