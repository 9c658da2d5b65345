export { planThatHolds } from '@hoxen/core/ladder'
export { optionsFor, remedyFor } from '@hoxen/core/match'
export {
  clashInSteps,
  missingInSteps,
  neighboursInSteps,
  OVER_DAYS,
  otherSchoolsInSteps,
  servingInSteps,
  specifyInSteps,
  withSpansInSteps,
} from '@hoxen/core/specify'
