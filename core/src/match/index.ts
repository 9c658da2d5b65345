export { candidatesOf, inStyle } from './candidates.ts'
export { type Advantage, advantagesOf, type Compared, type ComparedLine, compareRigs } from './compare.ts'
export {
  CARD_LIMIT,
  type Card,
  choiceOf,
  judge,
  judgeSwung,
  type MatchResult,
  matchInSteps,
  matchRigs,
  type PartOption,
  type RankedRig,
  through,
} from './match.ts'
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
export { BREAK_COST, costOf, rankCost, type Score, scoreFigure } from './score.ts'
export { searchInSteps } from './search.ts'
export { SECOND_LOOKS, secondLook, secondLookInSteps, type Wanted } from './secondLook.ts'
