export { cheaterJoint, type Lengthened, usualCheater, withCheater } from './cheater.ts'
export { CUT_ENDS, type CutEnd, cutHead, cutTo, leftIfCutAt } from './cut.ts'
export {
  type CarryResult,
  DOUBLE_TAPER_LIMITS,
  doubleTaper,
  equalMassCarry,
  USUAL_TAPER_M,
} from './doubleTaper.ts'
export { type HeadFacts, headFacts } from './head.ts'
export { readLabel } from './label.ts'
export { FLOATING_KG_PER_M3, strandKgPerM } from './material.ts'
export { kgPerMAt, type LineProfile, lengthOf, massOf, massOfFirst } from './profile.ts'
export {
  COATED_RUNNING,
  type RunningLineFacts,
  runningLineFacts,
  USUAL_RUNNING_LINES,
} from './runningLine.ts'
export {
  classLengthM,
  SINGLE_HAND_LENGTH_M,
  SINGLE_HAND_MAX,
  STANDARD_SOURCES,
  singleHandKg,
  singleHandNumber,
  singleHandRows,
  TWO_HAND_CLASSES,
  twoHandKg,
  twoHandRows,
} from './standard.ts'
