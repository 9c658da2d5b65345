export { readCsv, readDocument } from '@hoxen/core/format'
export { readGaugeFile } from '@hoxen/core/water'
