export {
  isList,
  LISTS,
  nothingKept,
  readDocument,
  SINGLES,
  withoutPast,
  writeDocument,
} from '@hoxen/core/format'
