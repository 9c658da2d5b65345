import type { Schools } from '../../gear/index.ts'
import type { FlyKnot } from '../../leader/index.ts'

/** Joints of a rig, reel side first, each with the knots that serve it; the first is offered where nothing is preferred. */
export const JOINT_KNOTS = {
  'reel-backing': ['arbor', 'double-slip'],
  'backing-running': ['loops', 'nail'],
  'running-head': ['loops', 'swivel'],
  'head-tip': ['loops'],
  'front-leader': ['loops', 'nail-loop', 'ring'],
  'leader-fly': ['non-slip-loop', 'clinch', 'double-clinch'] satisfies readonly FlyKnot[],
} as const
export type RigJoint = keyof typeof JOINT_KNOTS
export type RigKnot = (typeof JOINT_KNOTS)[RigJoint][number]

/** The knot a school prefers, before the angler says otherwise. */
export function usualKnot(joint: RigJoint, schools: Schools): RigKnot {
  if (joint === 'backing-running' && schools.backingJoint === 'knot') return 'nail'
  return JOINT_KNOTS[joint][0]
}
