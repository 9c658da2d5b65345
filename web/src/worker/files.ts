export { readCsv, readDocument } from '@hoxen/core/gear'
export { readGaugeFile } from '@hoxen/core/water'
