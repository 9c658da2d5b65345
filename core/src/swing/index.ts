export { type Aim, aimAt, castReachM, landingOf, landsBeyond, mendedM, mendOf } from './cast.ts'
export { SWING_OPTIONS, type SwingInput, type SwingOptions, workOf } from './input.ts'
export type { OnTop, SwingSummary, Touch } from './measures.ts'
export { type Mend, type Plan, planSchema, type SwingPlan } from './plan.ts'
export { type Ride, rideOf } from './ride.ts'
export type { SwingSample } from './samples.ts'

export { type SwingResult, swing, swingInSteps } from './swing.ts'
export { SWING_THRESHOLDS } from './thresholds.ts'
export { USUAL_MEND, USUAL_PLAN, usualRod } from './usualPlan.ts'
export { type SwingReason, type Swung, swingVerdict } from './verdict.ts'
export {
  ANGLE_LIMITS,
  MEND_LIMITS,
  MENDS,
  type MendKind,
  RETRIEVE_LIMITS,
  ROD_HANDLING,
  type RodHandling,
} from './vocabulary.ts'
