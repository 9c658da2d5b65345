export { askJudged, askLooked, type Progress } from './judged.ts'
export { askSwing } from './loaded.ts'
export { useRide, useRides } from './useRides.ts'
export { useFullSwings, useSwing } from './useSwing.ts'
