export {
  DEEPEST_WADE_M,
  type PlanChange,
  type SingleChange,
  type SingleChangeSwing,
  type Spares,
  singleChanges,
} from './change.ts'
export {
  type BandTask,
  type ChartBand,
  type ChartCell,
  type ChartColumn,
  chartBand,
  chartBandTasks,
  chartCells,
  chartColumns,
  chartLevels,
} from './chart.ts'
export {
  type Band,
  evenPoints,
  FAN_MODEL,
  type Fan,
  type FanTask,
  fanOf,
  fanTasks,
  normalQuantile,
} from './fan.ts'
export { type PlanMend, planThatHolds } from './plan.ts'
export {
  ANGLE_STEP_DEG,
  anglesAround,
  betterRide,
  frontsToTry,
  gainS,
  type Rung,
  type TipsOwned,
  tipIdOf,
  tipRungs,
} from './rungs.ts'
export { type Strand, strandsOf } from './strand.ts'
