export { readCsv, readDocument } from '@hoxen/core/gear'
