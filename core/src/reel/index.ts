export { backingState, backingWantedM, dragRangeN, USUAL_BACKING_M } from './backing.ts'
export {
  type BalancedRod,
  type BalanceResult,
  balancePointM,
  type Hung,
  nearestReel,
  reelForBalance,
  tipMoment,
  usualFreeM,
  usualHandle,
} from './balance.ts'
export {
  arborFromBox,
  type Calibration,
  calibratePacking,
  type Fill,
  fillBand,
  fillSpool,
  numberByVolume,
  troutLineVolumeM3,
  type WoundLine,
} from './fill.ts'
export { type ReelNumbers, reelNumbersFor } from './number.ts'
export { afterRun, type Ring, type RunState, ringsOn } from './rings.ts'
export {
  diameterAtM,
  fillDiameterM,
  HEXAGONAL_PACKING,
  PACKING,
  retrievePerTurnM,
  SQUARE_PACKING,
  spoolVolumeM3,
  USUAL_CLEARANCE_M,
  woundVolumeM3,
} from './spool.ts'
