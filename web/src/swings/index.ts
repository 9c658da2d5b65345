export { askJudged, askLooked, type Progress } from './judged.ts'
export { askRides, askSwing, type RideTask } from './loaded.ts'
export { type Rides, useRide, useRides } from './useRides.ts'
export { type ShownSwing, useFullSwings, useSwing } from './useSwing.ts'
