export {
  buildLeader,
  type DropperPlan,
  dropperPlan,
  type IndicatorRig,
  indicatorRig,
  LEADER_STEP_M,
  LEAST_PIECE_M,
  type LeaderRecipe,
  type LeaderWarning,
  leaderFrom,
  withEndAt,
  withPiece,
} from './build.ts'
export { leaderDiameterM } from './diameter.ts'
export { LEADER_RULES, type LeaderRule, leaderRule } from './length.ts'
export {
  type FlyKnot,
  leastStrengthN,
  neededStrengthN,
  offWantedStrength,
  USUAL_FLY_KNOT,
} from './strength.ts'
