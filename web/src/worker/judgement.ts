import type { Day } from '@hoxen/core/day'
import type { Item } from '@hoxen/core/gear'
import { type PlanMend, planThatHolds } from '@hoxen/core/ladder'
import {
  judgeSwungInSteps,
  type Option,
  type Owned,
  optionsInSteps,
  type RankedRig,
  type Remedy,
  remedyInSteps,
} from '@hoxen/core/match'
import {
  type CheckCode,
  type RigChoice,
  type RigSlot,
  resolveRig,
  type Steps,
  worstFirst,
} from '@hoxen/core/rig'

export { calibrateInSteps, ownWindowsInSteps, seenIn } from '@hoxen/core/journal'
export { secondLookInSteps } from '@hoxen/core/match'
export { keepSwung } from '@hoxen/core/rig'

/** The gear of a question, by identifier too, and the wallet. */
interface Known extends Owned {
  readonly byId: ReadonlyMap<string, Item>
}

/** A rig judged with its swing; undefined where a part of it is no longer there. */
function* rigIn({ byId }: Pick<Known, 'byId'>, day: Day, choice: RigChoice): Steps<RankedRig | undefined> {
  const resolved = resolveRig(choice, byId)
  return resolved.outcome === 'resolved' ? yield* judgeSwungInSteps(resolved.parts, day) : undefined
}

/** The remedy of the worst line of each of these rigs. */
export function* remediesInSteps(
  known: Known,
  day: Day,
  choices: readonly RigChoice[],
): Steps<readonly (Remedy | undefined)[]> {
  const out: (Remedy | undefined)[] = []
  for (const choice of choices) {
    const rig = yield* rigIn(known, day, choice)
    const [worst] = rig === undefined ? [] : worstFirst(rig.checks)
    out.push(rig && worst && (yield* remedyInSteps(known, rig, worst.code, day)))
  }
  return out
}

/** The remedy of every failing line of one rig. */
export function* remediesOfInSteps(
  known: Known,
  day: Day,
  choice: RigChoice,
): Steps<readonly (readonly [CheckCode, Remedy])[]> {
  const out: (readonly [CheckCode, Remedy])[] = []
  const rig = yield* rigIn(known, day, choice)
  for (const { code } of rig?.checks ?? []) {
    const remedy = rig && (yield* remedyInSteps(known, rig, code, day))
    if (remedy !== undefined) out.push([code, remedy])
  }
  return out
}

/** Another angle or mend with which a rig would hold; under a float nothing swings. */
export function* planMendInSteps(
  { byId }: Pick<Known, 'byId'>,
  day: Day,
  choice: RigChoice,
): Steps<PlanMend | undefined> {
  const resolved = resolveRig(choice, byId)
  if (resolved.outcome !== 'resolved' || day.indicator) return undefined
  return yield* planThatHolds({ ...day, parts: resolved.parts })
}

/** Every item that could stand in a slot of a rig, swung and judged. */
export function* slotOptionsInSteps(
  known: Known,
  day: Day,
  choice: RigChoice,
  slot: RigSlot,
): Steps<readonly Option[]> {
  const rig = yield* rigIn(known, day, choice)
  return rig === undefined ? [] : yield* optionsInSteps(known, rig, slot, day)
}
