export {
  missingInSteps,
  neighboursInSteps,
  OVER_DAYS,
  servingInSteps,
  specifyInSteps,
  withSpansInSteps,
} from '@hoxen/core/specify'
