export {
  readCsvInSteps,
  readDocument,
  readPlaces,
  readTypedLines,
  refusedTable,
  rowId,
} from '@hoxen/core/format'
export { readGaugeFile } from '@hoxen/core/water'
export { textOf } from './textOf.ts'
