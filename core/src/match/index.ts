export { choiceOf, judge, MATCH_LIMIT, type MatchResult, matchRigs, type RankedRig } from './match.ts'
export {
  type Effect,
  effectsOf,
  fillsSlot,
  type Mend,
  mendFor,
  type Option,
  optionsFor,
  swapPart,
} from './mend.ts'
export { type MissingItem, missingItem } from './missing.ts'
export { costOf, rankCost, type Score, scoreFigure } from './score.ts'
