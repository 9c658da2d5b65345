export { readCsv, readDocument, refusedTable, rowId } from '@hoxen/core/format'
export { readGaugeFile } from '@hoxen/core/water'
