export { type Candidates, candidatesOf, inStyle } from './candidates.ts'
export { type Advantage, advantagesOf, type ComparedLine, compareRigs } from './compare.ts'
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
  isDearer,
  leaderThatComes,
  type Option,
  type Owned,
  optionsInSteps,
  type Remedy,
  remedyInSteps,
} from './remedy.ts'
export { BREAK_COST, costOf, rankCost, scoreFigure } from './score.ts'
export { searchInSteps } from './search.ts'
export { secondLook, secondLookInSteps } from './secondLook.ts'
