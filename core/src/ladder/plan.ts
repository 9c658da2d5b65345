import { type Steps, type SwingSetup, swungIn, swungInSteps, unknownSwings } from '../rig/index.ts'
import { type Plan, type Swung, swingVerdict } from '../swing/index.ts'
import { type PlanChange, planChanges } from './change.ts'
import { betterRide } from './rungs.ts'

/** Another way to fish the same rig, and how it then swings. */
export interface PlanMend {
  readonly change: PlanChange
  readonly plan: Partial<Pick<Plan, 'angleDeg' | 'mends'>>
  readonly swung: Swung
}

/**
 * Another angle or mend with which a rig would hold that does not as it is fished: a mend of the depth line, not counted in any
 * verdict. Undefined where it holds already, or nothing of the kind would help.
 */
export function* planThatHolds(setup: SwingSetup): Steps<PlanMend | undefined> {
  if (swingVerdict(yield* swungInSteps(setup)).state === 'holds') return undefined
  const others = planChanges(setup)
  yield unknownSwings(others.map(([, changed]) => changed))
  const [best] = others
    .map(([change, changed]): PlanMend => {
      const plan = change.code === 'angle' ? { angleDeg: change.angleDeg } : { mends: [...change.mends] }
      return { change, plan, swung: swungIn(changed.parts, changed) }
    })
    .filter(({ swung }) => swingVerdict(swung).state === 'holds')
    .sort((a, b) => betterRide(a.swung, b.swung))
  return best
}
