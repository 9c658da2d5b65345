export { type Candidates, candidatesOf, inStyle } from './candidates.ts'
export { type Advantage, advantagesOf, type Compared, type ComparedLine, compareRigs } from './compare.ts'
export { judgeSwung, judgeSwungInSteps } from './judgeSwung.ts'
export {
  CARD_LIMIT,
  type Card,
  choiceOf,
  judge,
  judgeStrand,
  type MatchResult,
  matchInSteps,
  matchRigs,
  type PartOption,
  type RankedRig,
} from './match.ts'
export {
  type Effect,
  effectsOf,
  fillsSlot,
  isDearer,
  leaderThatComes,
  type Option,
  type Owned,
  optionsFor,
  optionsInSteps,
  type Remedy,
  remedyFor,
  remedyInSteps,
} from './remedy.ts'
export { BREAK_COST, costOf, rankCost, type Score, scoreFigure } from './score.ts'
export { searchInSteps } from './search.ts'
export { SECOND_LOOKS, secondLook, secondLookInSteps } from './secondLook.ts'
