export { readDocument, writeDocument } from '@hoxen/core/gear'
