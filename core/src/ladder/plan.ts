import { type SwingSetup, swungIn } from '../rig/index.ts'
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
export function planThatHolds(setup: SwingSetup): PlanMend | undefined {
  if (swingVerdict(swungIn(setup.parts, setup)).state === 'holds') return undefined
  const [best] = planChanges(setup)
    .map(([change, changed]): PlanMend => {
      const plan = change.code === 'angle' ? { angleDeg: change.angleDeg } : { mends: [...change.mends] }
      return { change, plan, swung: swungIn(changed.parts, changed) }
    })
    .filter(({ swung }) => swingVerdict(swung).state === 'holds')
    .sort((a, b) => betterRide(a.swung, b.swung))
  return best
}
