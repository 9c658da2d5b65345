export {
  isList,
  LISTS,
  nothingKept,
  readDocument,
  SINGLES,
  withoutPast,
  writeDocument,
} from '@hoxen/core/format'
export { problemsOf } from '@hoxen/core/gear'
export { sayProblem } from '@hoxen/core/words'
