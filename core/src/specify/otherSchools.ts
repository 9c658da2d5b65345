import type { Day } from '../day/index.ts'
import { SCHOOLS, type SchoolQuestion } from '../gear/index.ts'
import type { RankedRig } from '../match/index.ts'
import { itemIn, type RigSlot, type Steps } from '../rig/index.ts'
import { anyOf, bestRig, type FixedParts, type SpecifiedRig } from './specify.ts'

/** Parts another school would look for in the place of a rig's. */
export interface OtherSchool {
  readonly question: SchoolQuestion
  readonly choice: string
  readonly rig: RankedRig
  /** Open parts that come out otherwise. */
  readonly changed: readonly RigSlot[]
}

/**
 * Parts the other schools would look for: the same question asked anew with each other answer to each thing that good practitioners
 * differ on, the rod staying as it is; those that change nothing are left out.
 */
export function* otherSchoolsInSteps(
  day: Day,
  fixed: FixedParts,
  { rig, style, open }: SpecifiedRig,
): Steps<readonly OtherSchool[]> {
  const out: OtherSchool[] = []
  for (const question of Object.keys(SCHOOLS) as SchoolQuestion[])
    for (const choice of SCHOOLS[question]) {
      if (choice === day.schools[question]) continue
      const theirs: Day = { ...anyOf(day), schools: { ...day.schools, [question]: choice } }
      const other = yield* bestRig({ ...fixed, rod: rig.parts.rod }, theirs, style)
      if (other === undefined) continue
      const changed = open.filter((slot) => itemIn(other.parts, slot)?.id !== itemIn(rig.parts, slot)?.id)
      if (changed.length > 0) out.push({ question, choice, rig: other, changed })
    }
  return out
}
