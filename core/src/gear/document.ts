import * as z from 'zod'
import { type Item, itemSchema } from './item.ts'
import { type Job, jobSchema } from './job.ts'
import { type WaterChoice, waterChoiceSchema } from './plan.ts'
import { type Problem, problemsOf } from './problem.ts'
import type { RigChoice, Rigging } from './rigChoice.ts'
import { rigChoiceSchema, riggingSchema } from './rigChoiceSchema.ts'
import { type Run, runSchema } from './run.ts'
import type { Settings } from './settings.ts'
import { settingsSchema } from './settingsSchema.ts'
import { MAX_ITEMS, MAX_RUNS } from './vocabulary.ts'

/** The open format: one JSON file with everything an angler keeps in Hoxen. */
export const FORMAT = 'hoxen'
export const FORMAT_VERSION = 1

export interface HoxenDocument {
  readonly gear: { readonly items: readonly Item[] }
  readonly runs?: readonly Run[]
  readonly job?: Job
  readonly rig?: RigChoice
  readonly pinned?: RigChoice
  readonly settings?: Settings
  readonly rigging?: Rigging
  readonly water?: WaterChoice
}

export interface DocumentReading {
  readonly document: HoxenDocument
  readonly problems: readonly Problem[]
  /** False when nothing can be taken from the file. */
  readonly readable: boolean
}

const PARTS = {
  job: jobSchema,
  rig: rigChoiceSchema,
  pinned: rigChoiceSchema,
  settings: settingsSchema,
  rigging: riggingSchema,
  water: waterChoiceSchema,
} as const
const KEYS = new Set(['format', 'version', 'savedAt', 'about', 'gear', 'runs', ...Object.keys(PARTS)])
const MAX_CHARACTERS = 50_000_000

/** Everything as text, ready to save. @param savedAt ISO date and time, given by the caller */
export function writeDocument(document: HoxenDocument, savedAt: string): string {
  return `${JSON.stringify({ format: FORMAT, version: FORMAT_VERSION, savedAt, ...document }, null, 2)}\n`
}

const unreadable = (code: string, data: Record<string, unknown> = {}): DocumentReading => ({
  document: { gear: { items: [] } },
  problems: [{ path: [], code, data }],
  readable: false,
})

function parseJson(text: string): { value: unknown } | { code: string } {
  try {
    return { value: JSON.parse(text) as unknown }
  } catch {
    const trimmed = text.trim()
    if (trimmed === '') return { code: 'empty-file' }
    if (/^<(!doctype|html|\?xml)/i.test(trimmed)) return { code: 'is-markup' }
    return { code: /^[{[]/.test(trimmed) && !/[}\]]$/.test(trimmed) ? 'cut-short' : 'not-json' }
  }
}

/** Reads a list one by one: what is sound is taken, once for each identifier, and what is not is told with its place. */
function readList<T extends { readonly id: string }>(
  raw: readonly unknown[],
  schema: z.ZodType<T>,
  place: readonly string[],
  problems: Problem[],
): T[] {
  const taken: T[] = []
  const seen = new Set<string>()
  raw.forEach((candidate, index) => {
    const parsed = schema.safeParse(candidate)
    const at = [...place, index]
    if (!parsed.success) {
      problems.push(...problemsOf(parsed.error).map((p) => ({ ...p, path: [...at, ...p.path] })))
    } else if (seen.has(parsed.data.id)) {
      problems.push({ path: [...at, 'id'], code: 'duplicate-id', data: { id: parsed.data.id } })
    } else {
      seen.add(parsed.data.id)
      taken.push(parsed.data)
    }
  })
  return taken
}

const looseGear = z.object({ items: z.array(z.unknown()) })

/**
 * Reads a gear or backup file, item by item: what is sound is taken, what is not is reported with its place.
 * Accepts a whole document, or a bare gear object `{ "items": [...] }`.
 */
export function readDocument(text: string): DocumentReading {
  if (text.length > MAX_CHARACTERS) return unreadable('file-too-large', { limit: MAX_CHARACTERS })
  const json = parseJson(text.replace(/^\uFEFF/, ''))
  if ('code' in json) return unreadable(json.code)
  return readParsedDocument(json.value)
}

export function readParsedDocument(value: unknown): DocumentReading {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return unreadable('other-file')
  const root = value as Record<string, unknown>
  const bare = root.format === undefined && Array.isArray(root.items)
  if (!bare && root.format !== FORMAT) return unreadable('other-file')
  const version = bare ? FORMAT_VERSION : root.version
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return unreadable('no-version')
  if (version > FORMAT_VERSION) return unreadable('newer-version', { version, known: FORMAT_VERSION })
  const gear = looseGear.safeParse(bare ? root : (root.gear ?? { items: [] }))
  if (!gear.success) return unreadable('no-gear-list')
  if (gear.data.items.length > MAX_ITEMS)
    return unreadable('too-many-rows', { rows: gear.data.items.length, limit: MAX_ITEMS })
  const problems: Problem[] = []
  const document: Record<string, unknown> = {
    gear: { items: readList<Item>(gear.data.items, itemSchema, ['gear', 'items'], problems) },
  }
  if (!bare) readParts(root, document, problems)
  return { document: document as unknown as HoxenDocument, problems, readable: true }
}

function readParts(
  root: Record<string, unknown>,
  document: Record<string, unknown>,
  problems: Problem[],
): void {
  for (const [name, schema] of Object.entries(PARTS)) {
    if (root[name] === undefined) continue
    const parsed = schema.safeParse(root[name])
    if (parsed.success) document[name] = parsed.data
    else problems.push(...problemsOf(parsed.error).map((p) => ({ ...p, path: [name, ...p.path] })))
  }
  if (Array.isArray(root.runs))
    document.runs = readList<Run>(root.runs.slice(0, MAX_RUNS), runSchema, ['runs'], problems)
  for (const key of Object.keys(root))
    if (!KEYS.has(key)) problems.push({ path: [key], code: 'unknown-key', data: { key } })
}
