export {
  type BuildResult,
  buildLeader,
  type DropperPlan,
  dropperPlan,
  type IndicatorRig,
  indicatorRig,
  type LeaderRecipe,
  type LeaderStep,
  type LeaderWarning,
  neededStrengthN,
} from './build.ts'
export { leaderDiameterM } from './diameter.ts'
export { type LeaderRule, leaderRule } from './length.ts'
