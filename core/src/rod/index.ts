export {
  type NumberSchool,
  numberStep,
  ratedNumber,
  singleHandEquivalent,
  twoHandEquivalents,
} from './number.ts'
export {
  castSpanM,
  FISH_POUNDS_PER_NUMBER,
  fishSpanKg,
  ROD_FOR_CAST,
  rodLengthForCast,
  SINGLE_HAND_CAST_M,
  type Span,
} from './suits.ts'
export {
  type GrainWindow,
  WINDOW_MODEL,
  type WindowOptions,
  type WindowResult,
  windowFor,
} from './window.ts'
