export { type TripFound, TripSearch } from './answer.ts'
export { atHome } from './atHome.ts'
export { type WorthBorrowing, worthBorrowing } from './borrowing.ts'
export { type CalendarWords, tripCalendar } from './calendar.ts'
export { coverageOf, fallsWithout, fliesToPack, questionOf, rigWith, sortOf } from './carried.ts'
export { type Contradiction, contradictionOf } from './contradiction.ts'
export { type Covered, EFFORTS, type Effort, type Why } from './covering.ts'
export { bestKit, type CoverQuestion, type Kit, type Step, staircaseInSteps } from './coverModel.ts'
export type { MoreRods } from './dayOrder.ts'
export { demandsOf, type TripAbout, type TripProblem } from './demand.ts'
export { flowQuantiles, flowsAround, LEVEL_SHARES } from './flows.ts'
export { type Mark, type MatrixRow, matrixOf, usesOf } from './matrix.ts'
export { lentFor, type Missing } from './missing.ts'
export { type Packed, packedWallet, packList } from './packing.ts'
export {
  buffersOf,
  isToSolve,
  type PackedProgramme,
  packed,
  packedSolverBy,
  type Solution,
  type Solving,
  solverBy,
  solveThrough,
} from './programme.ts'
export { type Spare, sparesFor } from './spares.ts'
export { stillPairs, stillRigs } from './still.ts'
export { countsOf, mostMissing } from './summary.ts'
export { type OrderedDay, orderDay, type TimedVisit } from './tripDay.ts'
export { tripKey } from './tripKey.ts'
export {
  type FlowsAsked,
  type Trip,
  type TripDay,
  type TripLimits,
  type TripPlan,
  tripSchema,
  tripShape,
} from './tripSchema.ts'
export {
  CARRIED,
  type Carried,
  CHANGE_MINUTES,
  type ChangeKind,
  type ChangeMinutes,
  TRIP_LIMITS,
} from './vocabulary.ts'
