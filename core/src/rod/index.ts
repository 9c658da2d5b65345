export {
  BEND_MODEL,
  type BendComparison,
  type BendTest,
  compareBends,
  type HungWeight,
} from './bend.ts'
export { alphaFor, bentRod } from './elastica.ts'
export {
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
} from './suits.ts'
export {
  type GrainWindow,
  type OwnBand,
  type OwnWindows,
  WINDOW_MODEL,
  type WindowOptions,
  windowFor,
} from './window.ts'
