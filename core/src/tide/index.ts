export type { TideTurn } from './height.ts'
export {
  bedAt,
  type LeaveBy,
  leaveBy,
  lowestWayBack,
  ROUND_TURN_H,
  type Shore,
  standingM,
  type TideWindow,
  tideWindows,
  troughsAt,
  WAY_BACK,
} from './shore.ts'
export { gapsIn } from './table.ts'
export {
  type TideSource,
  tideAt,
  tideHeights,
  tideTurns,
  unknownConstituents,
} from './tide.ts'
export { readTideFile, type TideFileProblem, type TideFileReading } from './tideFile.ts'
export { readConstituents, readProfile, type TypedProblem } from './typed.ts'
export { momentIn } from './zone.ts'
