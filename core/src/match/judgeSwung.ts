import type { Day } from '../day/index.ts'
import { type RigParts, type Steps, swungIn, swungInSteps } from '../rig/index.ts'
import { judge, type RankedRig } from './match.ts'

/** A rig judged with its swing: the verdict that every page shows. */
export const judgeSwung = (parts: RigParts, day: Day): RankedRig =>
  day.indicator ? judge(parts, day) : judge(parts, day, swungIn(parts, day))

/** The same in steps: says first that it needs the swing. */
export function* judgeSwungInSteps(parts: RigParts, day: Day): Steps<RankedRig> {
  return day.indicator ? judge(parts, day) : judge(parts, day, yield* swungInSteps({ ...day, parts }))
}
