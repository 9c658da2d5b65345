export { BED_GRAIN_M } from './bedGrain.ts'
export type { ByLog, Factor } from './byLog.ts'
export { flowSchema } from './flow.ts'
export { freshness, latest, readByNow, trendOf } from './gauge.ts'
export { type GaugeFileReading, readGaugeFile } from './gaugeFile.ts'
export { type GaugeReading, type GaugeRecord, gaugeSchema } from './gaugeSchema.ts'
export { FISH_AT, type Fish, type FishAt, HOLDS_FROM, HoldingWater, holdingBand } from './holding.ts'
export { byItsLog, FOUR_IN_FIVE, POOL_SPREAD, scaledRun, spreadOf } from './itsLog.ts'
export { atFlow, flowReach, levelFactors } from './level.ts'
export { readLies } from './lies.ts'
export { type Lie, newRun, type Run, runSchema, type Sounding } from './run.ts'
export {
  depthAt,
  fishedWater,
  MEAN_OF_SURFACE,
  PROFILE_EXPONENT,
  profileShare,
  sectionFlowM3ps,
  surfaceCurrentAt,
} from './section.ts'
export { type Section, type SectionPoint, sectionOf } from './sectionOf.ts'
export { placedSounding, withSounding } from './soundings.ts'
export type { Spot } from './spot.ts'
export { BANKS, BOTTOMS, type Bottom, OBSTRUCTIONS, type Obstruction, RUN_LIMITS } from './vocabulary.ts'
