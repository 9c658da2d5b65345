export {
  bedAt,
  FISH_DEPTH_M,
  type LeaveBy,
  leaveBy,
  lowestWayBack,
  type Sea,
  type Shore,
  type ShorePoint,
  type TideWindow,
  type Trough,
  tideWindows,
  troughsAt,
  WAY_BACK,
} from './shore.ts'
export {
  type TideConstituent,
  type TideHeight,
  type TideStation,
  type TideTurn,
  tideHeights,
  tideTurns,
  unknownConstituents,
} from './tide.ts'
