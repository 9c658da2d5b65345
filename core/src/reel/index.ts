export { backingState, backingWantedM, dragRangeN, USUAL_BACKING_M } from './backing.ts'
export {
  type BalancedRod,
  balancePointM,
  type Hung,
  nearestReel,
  reelForBalance,
  usualFreeM,
  usualHandle,
} from './balance.ts'
export { arborFromBox, calibratePacking, fillBand, fillSpool, numberByVolume } from './fill.ts'
export { reelNumbersFor } from './number.ts'
export { afterRun, type Ring, ringsOn } from './rings.ts'
export { fillDiameterM, HEXAGONAL_PACKING, PACKING, spoolVolumeM3, woundVolumeM3 } from './spool.ts'
