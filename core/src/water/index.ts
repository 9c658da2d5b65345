export { type GaugeReading, type GaugeRecord, gaugeSchema, latest, STALE_MS, trendOf } from './gauge.ts'
export { type GaugeFileReading, readGaugeCsv, readGaugeFile, readGaugeWaterMl } from './gaugeFile.ts'
export { atFlow, HYDRAULIC_GEOMETRY, LEVEL_REACH, type LevelFactors, levelFactors } from './level.ts'
export {
  bedPoints,
  currentAt,
  depthAt,
  fishedWater,
  MEAN_OF_SURFACE,
  PROFILE_EXPONENT,
  profileShare,
  sectionFlowM3ps,
  surfaceCurrentAt,
} from './section.ts'
