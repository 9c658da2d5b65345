export { missingInSteps } from '@hoxen/core/match'
export { specifyInSteps, withSpansInSteps } from '@hoxen/core/specify'
