export { type DLoopResult, dLoopDepth } from './dLoop.ts'
export { loopsToHold, PULL_M } from './loops.ts'
export { OVERHANG_M, shootLengthM, USUAL_LAUNCH_M } from './shoot.ts'
export {
  type AirPart,
  type FlyInAir,
  TURNOVER_MODEL,
  type TurnoverModel,
  type TurnoverResult,
  type TurnoverSample,
  turnover,
} from './turnover.ts'
