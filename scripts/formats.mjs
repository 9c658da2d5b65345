/** Writes the description and the JSON Schema of the open format. */
import { writeFileSync } from 'node:fs'
import { documentSchema, sharedJsonSchema } from '@hoxen/core/format'
import { formatsPage } from '@hoxen/core/words'

writeFileSync('docs/formats.md', formatsPage())
writeFileSync('docs/hoxen.schema.json', `${JSON.stringify(documentSchema(), null, 2)}\n`)
writeFileSync('docs/hoxen-link.schema.json', `${JSON.stringify(sharedJsonSchema(), null, 2)}\n`)
