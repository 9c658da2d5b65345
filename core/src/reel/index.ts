export { type ReelNumbers, reelNumbersFor } from './number.ts'
export { spoolVolumeM3, USUAL_PACKING, woundVolumeM3 } from './spool.ts'
