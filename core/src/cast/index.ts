export { roomForCastBack } from './backCast.ts'
export { CARRY_M, carryOf, SKILLS, type Skill } from './carry.ts'
export { type Anchor, CAST_NAMES, CASTS, type CastName, ONE_HAND_M } from './casts.ts'
export {
  ACROSS_MPS,
  backCastIn,
  type CastChoice,
  type CastReason,
  type CastSetting,
  castToMake,
  chooseCasts,
} from './choose.ts'
export { dLoopDepth, loopMass, upperArcAt } from './dLoop.ts'
export { frontTapers, SHORT_TAPER_REACH_M, TAPER_CARRIED_M } from './frontTaper.ts'
export { longestHeadM } from './longest.ts'
export {
  HANDS,
  type HandState,
  type HeldState,
  type Holding,
  heldState,
  holdable,
  loopsToHold,
  PULL_M,
  pullsFor,
} from './loops.ts'
export { windOnto } from './onto.ts'
export { type CastPose, fullestOf, type Place3, type PlayedCast, poseAt } from './pose.ts'
export {
  compactLaunch,
  type DLoop,
  dLoopOf,
  type Looped,
  type RoomFor,
  rollBehindM,
  roomForLoop,
  roomForRoll,
  type Stroke,
} from './room.ts'
export { OVERHANG_M, shootLengthM, USUAL_LAUNCH_M } from './shoot.ts'
export { CAST_MOVES, type CastFault, type CastStepCode, stepsOf } from './steps.ts'
export { liveInLoop } from './taper.ts'
export {
  type AirPart,
  type FlyInAir,
  loopAt,
  TURNOVER_MODEL,
  type TurnoverResult,
  turnover,
} from './turnover.ts'
export { type CastWind, nearestQuarter, type Side, WIND_QUARTERS, type WindQuarter, windOn } from './wind.ts'
