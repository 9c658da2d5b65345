export { DEEPEST_WADE_M, type SingleChange, singleChanges, type Trial, type Wallet } from './change.ts'
export {
  ANGLE_STEP_DEG,
  betterRide,
  gainS,
  type Ride,
  type Rung,
  rideOf,
  tipRungs,
  tipsToTry,
} from './rungs.ts'
export { type Strand, strandsOf } from './strand.ts'
