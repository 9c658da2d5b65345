export { type SingleChange, singleChanges } from './change.ts'
export {
  type ChartBand,
  type ChartCell,
  type ChartColumn,
  chartBand,
  chartBandTasks,
  chartCells,
  chartColumns,
  chartLevels,
} from './chart.ts'
export { FAN_MODEL, type Fan, fanOf, fanTasks } from './fan.ts'
export { type PlanMend, planThatHolds } from './plan.ts'
export { anglesAround, betterRide, frontsToTry, gainS, type TipsOwned, tipIdOf, tipRungs } from './rungs.ts'
export { type Strand, strandsOf } from './strand.ts'
