export {
  type Cover,
  coverOf,
  distinct,
  type NamedDay,
  OVER_DAYS_COUNT,
  type OverDaysQuestion,
  type Serving,
  usualDays,
} from './cover.ts'
export { type FigureName, figureOfItem } from './figures.ts'
export { GENERIC_HEADS, GENERIC_TIPS, SPECIFIED_STYLES, type SpecifiedStyle } from './generic.ts'
export { type MissingItem, missingInSteps, missingItem, suggestions } from './missing.ts'
export { type Beside, type Neighbour, neighboursInSteps } from './neighbours.ts'
export { type OtherSchool, otherSchoolsInSteps } from './otherSchools.ts'
export { OVER_DAYS, servingInSteps } from './overDays.ts'
export { type ReelMass, reelMassFor } from './reelMass.ts'
export { rodsServed, type Served } from './served.ts'
export type { FigureSpan } from './spans.ts'
export {
  clashInSteps,
  type FixedParts,
  type Specified,
  type SpecifiedRig,
  specify,
  specifyInSteps,
  spoolWantedM3,
  stylesFor,
  together,
  withSpansInSteps,
} from './specify.ts'
export { lackingFor, mendsBeside, thereOf } from './there.ts'
