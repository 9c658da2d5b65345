export { JOB_LIMITS, WATERS } from './answers.ts'
export { behindOf } from './behind.ts'

export { CAUTION_NAMES, type Caution, cautionsIn, hushedOn } from './cautions.ts'
export { type Day, type DayParts, dayOf } from './day.ts'
export {
  type Answers,
  changedDay,
  changedPlan,
  type DayChange,
  type PlanChange,
  type SaidDay,
} from './dayChange.ts'
export { byNow, fresher, type Heard, type TodaysFlow } from './heard.ts'
export { hushedSchema } from './hushedSchema.ts'
export { type Job, jobSchema } from './job.ts'
export { isElsewhere, kindThere } from './place.ts'
export { SEASON_C, seasonFelt } from './season.ts'
export {
  STAND_LIMITS,
  type Stand,
  seaShiftM,
  USUAL_STAND,
  WADING_LIMITS,
  WIND_LIMITS,
  type WindBy,
} from './stand.ts'
export { standSchema } from './standSchema.ts'
export { FIRST_JOB, USUAL_DAYS, type UsualDay } from './usualDays.ts'
export { WADING, wadingOf } from './wading.ts'
export { type WaterChoice, waterChoiceSchema } from './waterChoice.ts'
export { blowing, castLineDeg, type Wind, windOf } from './wind.ts'
