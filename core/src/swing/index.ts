export { castReachM, landsBeyond } from './cast.ts'
export { SWING_OPTIONS, type SwingInput, type SwingOptions, workOf } from './input.ts'
export { SNAGS_PER_M, type SwingSummary } from './measures.ts'
export { type Mend, type Plan, planSchema, type SwingPlan } from './plan.ts'
export { BED_FRICTION } from './stream.ts'
export { type SwingResult, type SwingSample, swing, swingInSteps } from './swing.ts'
export { USUAL_MEND, USUAL_PLAN } from './usualPlan.ts'
export { SWING_VERDICTS, type SwingVerdict, swingVerdict } from './verdict.ts'
export {
  ANGLE_LIMITS,
  MEND_LIMITS,
  MENDS,
  type MendKind,
  ROD_HANDLING,
  type RodHandling,
} from './vocabulary.ts'
