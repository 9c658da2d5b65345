export { RAD_PER_DEG } from './angle.ts'
export { clamp } from './clamp.ts'
export { convert } from './convert.ts'
export { type DecimalMark, withPoints } from './decimal.ts'
export {
  EVIDENCE_TAGS,
  EVIDENCE_WEIGHT,
  type EvidenceTag,
  estimated,
  type Figure,
  given,
} from './evidence.ts'
export {
  goDiameterM,
  KG_PER_GRAIN,
  KG_PER_M_PER_GRAIN_PER_FOOT,
  KG_PER_POUND,
  M_PER_FOOT,
  M_PER_INCH,
  M_PER_YARD,
  STANDARD_GRAVITY_MPS2,
} from './factor.ts'
export { fnv1a, keyOfData } from './hash.ts'
export { dimensionOf, type Measure, type UnitSystem, unitFor } from './measure.ts'
export { parseQuantity } from './parse.ts'
export {
  feetOf,
  printExact,
  printIn,
  printMeasure,
  printRange,
  printRound,
  printShare,
  readBy,
  spokenUnit,
  withUnit,
} from './print.ts'
export { separated } from './separated.ts'
export { type Dimension, findUnit, UNITS, unitOf } from './unit.ts'
