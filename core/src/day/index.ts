export { JOB_LIMITS, SEASONS, STYLES, WATERS } from './answers.ts'
export { behindOf } from './behind.ts'
export type { CastPlace } from './castPlace.ts'
export {
  CAUTION_NAMES,
  CAUTIONS,
  type Caution,
  type CautionSetting,
  cautionsIn,
  type Hushed,
  hushedOn,
} from './cautions.ts'
export { type Day, type DayParts, dayOf, FLOW_STEP, type PoolLevel, type Where } from './day.ts'
export {
  type Answers,
  changedDay,
  changedPlan,
  type DayChange,
  type PlanChange,
  type SaidDay,
} from './dayChange.ts'
export { byNow, flowToday, fresher, type Heard, type TodaysFlow } from './heard.ts'
export { hushedSchema } from './hushedSchema.ts'
export { type Job, jobSchema } from './job.ts'
export { isElsewhere, kindThere } from './place.ts'
export { runOfWords } from './plainWater.ts'
export { SEASON_C, seasonFelt } from './season.ts'
export {
  STAND_LIMITS,
  type Stand,
  seaShiftM,
  USUAL_STAND,
  WADING_LIMITS,
  WIND_BY,
  WIND_LIMITS,
  type WindBy,
} from './stand.ts'
export { standSchema } from './standSchema.ts'
export { FIRST_JOB, USUAL_DAYS, type UsualDay } from './usualDays.ts'
export { WADING, type Wading, wadingOf } from './wading.ts'
export { type WaterChoice, waterChoiceSchema } from './waterChoice.ts'
export { bankOf, blowing, castLineDeg, type Wind, windOf } from './wind.ts'
