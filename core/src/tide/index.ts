export type { TideHeight, TideTurn } from './height.ts'
export {
  bedAt,
  FISH_DEPTH_M,
  type LeaveBy,
  leaveBy,
  lowestWayBack,
  ROUND_TURN_H,
  type Sea,
  type Shore,
  type ShorePoint,
  standingM,
  type TideWindow,
  type Trough,
  tideWindows,
  troughsAt,
  WAY_BACK,
} from './shore.ts'
export { gapsIn, type TideGap, type TideTable } from './table.ts'
export {
  type TideConstituent,
  type TideSource,
  type TideStation,
  tideAt,
  tideHeights,
  tideTurns,
  unknownConstituents,
} from './tide.ts'
export { readTideFile, TIDE_TABLE_MOST, type TideFileProblem, type TideFileReading } from './tideFile.ts'
export { readConstituents, readProfile, type TypedProblem, type TypedReading } from './typed.ts'
export { momentIn } from './zone.ts'
