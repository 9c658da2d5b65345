export { missingInSteps, specifyInSteps, withSpansInSteps } from '@hoxen/core/specify'
