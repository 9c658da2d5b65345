import * as z from 'zod'
import { FORMAT, placeOf } from './document.ts'
import { LIST_NAMES, LISTS, SINGLE_NAMES, SINGLES } from './kept.ts'
import { FORMAT_VERSION, type Raw } from './steps.ts'
import { trailsSchema } from './trailSchema.ts'

/** A schema without the heading that only a document of its own carries. */
function partSchema(schema: z.ZodType): Raw {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io: 'input' })
  return rest
}

/** Puts a list's schema where the list stands in a file, beside what stands there already. */
function placed(properties: Raw, [key, ...rest]: readonly string[], schema: Raw): Raw {
  if (key === undefined) return properties
  if (rest.length === 0) return { ...properties, [key]: schema }
  const inner = (properties[key] as { readonly properties?: Raw } | undefined)?.properties ?? {}
  return { ...properties, [key]: { type: 'object', properties: placed(inner, rest, schema) } }
}

/** The JSON Schema (draft 2020-12) of a file of today's version, drawn from the registry of what is kept. */
export function documentSchema(): Raw {
  const headings: Raw = {
    format: { const: FORMAT },
    version: { const: FORMAT_VERSION },
    savedAt: { type: 'string', description: 'ISO 8601 date and time' },
    trails: {
      description: 'the states each thing has been through, by list and identifier, newest first',
      ...partSchema(trailsSchema),
    },
    gone: { description: 'the same of what was taken away', ...partSchema(trailsSchema) },
    about: { type: 'string', description: 'a remark; not read' },
  }
  const lists = LIST_NAMES.reduce<Raw>((properties, name) => {
    const { schema, limit, words } = LISTS[name]
    const items = partSchema(schema)
    const described = { type: 'array', description: words.many, maxItems: limit, items }
    return placed(properties, placeOf(name), described)
  }, headings)
  const singles = SINGLE_NAMES.map((name) => [
    name,
    { description: SINGLES[name].words.one, ...partSchema(SINGLES[name].schema) },
  ])
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'What an angler keeps in Hoxen',
    type: 'object',
    required: ['format', 'version'],
    properties: { ...lists, ...Object.fromEntries(singles) },
  }
}
