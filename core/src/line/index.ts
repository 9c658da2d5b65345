export { cheaterJoint, type Lengthened, usualCheater, withCheater, withoutCheater } from './cheater.ts'
export { CUT_ENDS, type CutEnd, type CutResult, cutHead, cutTo, type HeadCut, leftIfCutAt } from './cut.ts'
export {
  type CarryResult,
  DOUBLE_TAPER_LIMITS,
  type DoubleTaperResult,
  doubleTaper,
  equalMassCarry,
  USUAL_TAPER_M,
  USUAL_TAPER_RATIO,
} from './doubleTaper.ts'
export { type HeadFacts, headFacts } from './head.ts'
export { type LabelReading, readLabel } from './label.ts'
export { FLOATING_KG_PER_M3, MATERIAL_KG_PER_M3, strandKgPerM } from './material.ts'
export {
  centreOfMassM,
  kgPerMAt,
  type LineProfile,
  lengthOf,
  lengthWeighing,
  massOf,
  massOfFirst,
} from './profile.ts'
export {
  COATED_RUNNING,
  type RunningLineFacts,
  runningLineFacts,
  USUAL_RUNNING_LINES,
} from './runningLine.ts'
export {
  classLengthM,
  type NumberReading,
  nearestClass,
  SINGLE_HAND_LENGTH_M,
  SINGLE_HAND_MAX,
  STANDARD_SOURCES,
  singleHandKg,
  singleHandNumber,
  singleHandRows,
  singleHandToleranceKg,
  TWO_HAND_CLASSES,
  type TwoHandClass,
  twoHandKg,
  twoHandNumber,
  twoHandRows,
} from './standard.ts'
