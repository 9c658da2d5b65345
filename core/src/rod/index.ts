export {
  type Band,
  BEND_MODEL,
  type BendComparison,
  type BendTest,
  compareBends,
  type FittedBend,
  type HungWeight,
} from './bend.ts'
export { alphaFor, type BentRod, bentRod } from './elastica.ts'
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
  type TaggedSpan,
} from './suits.ts'
export {
  type GrainWindow,
  type OwnBand,
  type OwnWindows,
  WINDOW_MODEL,
  type WindowOptions,
  type WindowResult,
  windowFor,
} from './window.ts'
