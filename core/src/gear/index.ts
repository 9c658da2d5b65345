export { type CsvReading, guardCell, type RowProblem, readCsv, writeCsv } from './csv.ts'
export { cylinderDiameterM, WATER_KG_PER_M3 } from './cylinder.ts'
export { DAYS, type Day, FIRST_JOB } from './days.ts'
export {
  type DocumentReading,
  type HoxenDocument,
  readDocument,
  readParsedDocument,
  writeDocument,
} from './document.ts'
export { FIELDS, type Field, type FieldType, fieldAt, readField, withField } from './field.ts'
export { type Fly, type FlyShape, flyShapeSchema } from './fly.ts'
export { type Gear, itemsOf } from './gear.ts'
export { type Head, type Section, sectionSchema } from './head.ts'
export { type ImportPlan, planImport, sameItem } from './importPlan.ts'
export { type Item, type ItemOf, itemSchema } from './item.ts'
export { type Caster, casterSchema, type Job, jobSchema } from './job.ts'
export type { Leader, Tippet } from './leader.ts'
export {
  type Mend,
  type SwingPlan,
  swingPlanSchema,
  type WaterChoice,
  waterChoiceSchema,
} from './plan.ts'
export { type Problem, problemsOf } from './problem.ts'
export { type QuickAddResult, quickAdd } from './quickAdd.ts'
export type { Backing, Reel, Spool } from './reel.ts'
export { RIG_SLOTS, type RigChoice, type Rigging, type RigSlot, rigFromKey, rigKey } from './rigChoice.ts'
export { type Rod, rodSchema } from './rod.ts'
export { type Run, runSchema, type Sounding, type SurfaceCurrent } from './run.ts'
export type { RunningLine } from './runningLine.ts'
export {
  DEFAULT_SCHOOLS,
  DEFAULT_SETTINGS,
  SCHOOLS,
  type SchoolQuestion,
  type Schools,
  type Settings,
} from './settings.ts'
export { schoolsSchema } from './settingsSchema.ts'
export type { SinkingLeader, Tip } from './tip.ts'
export { USUAL_MEND, USUAL_PLAN } from './usualPlan.ts'
export {
  BANKS,
  BOTTOMS,
  type Bottom,
  DRESSES,
  type Dress,
  FISH_AT,
  HANDS,
  type Hands,
  HEAD_STYLES,
  type HeadStyle,
  JOB_LIMITS,
  KINDS,
  type Kind,
  LINE_STANDARDS,
  type LineStandard,
  MAX_ITEMS,
  MAX_RUNS,
  MENDS,
  type MendKind,
  ONE_PIECE_STYLES,
  ROD_HANDLING,
  type RodHandling,
  RUN_LIMITS,
  SEASONS,
  STYLES,
  WATERS,
  WEIGHTINGS,
  type Weighting,
  WINDOW_STYLES,
  type WindowStyle,
} from './vocabulary.ts'
