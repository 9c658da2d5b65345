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
