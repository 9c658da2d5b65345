export {
  type Anchor,
  CAST_NAMES,
  CASTS,
  type CastDefinition,
  type CastName,
  type Shoulder,
} from './casts.ts'
export {
  ACROSS_MPS,
  type CastChoice,
  type CastReason,
  type CastSetting,
  chooseCasts,
  type Fit,
  OBSTRUCTIONS,
  type Obstruction,
  type Side,
  SKILLS,
  type Skill,
  windOn,
} from './choose.ts'
export { type DLoopResult, dLoopDepth, type LoopMass, loopMass } from './dLoop.ts'
export { loopsToHold, PULL_M } from './loops.ts'
export {
  type DLoop,
  dLoopOf,
  type Looped,
  longestHeadM,
  type RoomFor,
  roomForBackCast,
  roomForLoop,
  type Stroke,
} from './room.ts'
export { OVERHANG_M, shootLengthM, USUAL_LAUNCH_M } from './shoot.ts'
export {
  ANCHOR_PLACE,
  CAST_MOVES,
  type CastFault,
  type CastStep,
  type CastStepCode,
  hangsOn,
  type Place,
  stepsOf,
} from './steps.ts'
export {
  type AirPart,
  type FlyInAir,
  TURNOVER_MODEL,
  type TurnoverModel,
  type TurnoverResult,
  type TurnoverSample,
  turnover,
} from './turnover.ts'
