export { type Caster, casterSchema } from './caster.ts'
export type { Cheater } from './cheater.ts'
export { idSchema, lengthSchema, nameSchema, numberIn, refuse } from './common.ts'
export { cylinderDiameterM, WATER_KG_PER_M3 } from './cylinder.ts'
export { FIELDS, type Field, fieldAt, readField, withField } from './field.ts'
export {
  type Dropper,
  dropperSchema,
  type Fly,
  type FlyShape,
  flyShapeSchema,
} from './fly.ts'
export { type Gear, itemsOf } from './gear.ts'
export { type Head, type Section, sectionSchema } from './head.ts'
export { type Item, type ItemOf, itemSchema } from './item.ts'
export type { Leader, Tippet } from './leader.ts'
export { asText, byFigures } from './order.ts'
export { type Problem, problemsOf } from './problem.ts'
export type { Backing, Reel, Spool } from './reel.ts'
export { type Rod, rodSchema } from './rod.ts'
export type { RunningLine } from './runningLine.ts'
export { DEFAULT_SCHOOLS, SCHOOLS, type SchoolQuestion, type Schools } from './schools.ts'
export { schoolsSchema } from './schoolsSchema.ts'
export type { SinkingLeader, Tip } from './tip.ts'
export {
  BACKING_LIMIT_M,
  CHEATER_LIMITS,
  DRESSES,
  DROPPER_LIMITS,
  type Dress,
  FLOATING_FLIES,
  FLY_KG,
  type FloatingFly,
  HANDS,
  type Hands,
  HEAD_STYLES,
  type HeadStyle,
  ID_PATTERN,
  KINDS,
  type Kind,
  LINE_STANDARDS,
  type LineStandard,
  ONE_PIECE_STYLES,
  troutLine,
  USUAL_DROPPER_M,
  WEIGHTINGS,
  type Weighting,
  WINDOW_STYLES,
  type WindowStyle,
} from './vocabulary.ts'
