export { readTideFile } from '@hoxen/core/tide'
