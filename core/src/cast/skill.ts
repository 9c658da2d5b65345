/** How sure a caster is. */
export const SKILLS = ['beginner', 'practised', 'expert'] as const
export type Skill = (typeof SKILLS)[number]
