export { readTideFile } from '@hoxen/core/tide'
export { textOf } from './textOf.ts'
