export { isList, LISTS, nothingKept, readDocument, SINGLES, writeDocument } from '@hoxen/core/format'
