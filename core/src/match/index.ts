export {
  choiceOf,
  judge,
  MATCH_LIMIT,
  type MatchResult,
  matchInSteps,
  matchRigs,
  type RankedRig,
} from './match.ts'
export { type MissingItem, missingInSteps, missingItem } from './missing.ts'
export {
  type Effect,
  effectsOf,
  fillsSlot,
  type Option,
  optionsFor,
  type Remedy,
  remedyFor,
  swapPart,
} from './remedy.ts'
export { costOf, rankCost, type Score, scoreFigure } from './score.ts'
