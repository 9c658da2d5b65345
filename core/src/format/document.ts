import { type Problem, problemsOf } from '../gear/index.ts'
import {
  type HoxenDocument,
  LIST_NAMES,
  LISTS,
  type ListName,
  nothingKept,
  SINGLE_NAMES,
  SINGLES,
} from './kept.ts'
import { FILE_PLACES, FORMAT_VERSION, type Raw, upgraded } from './steps.ts'
import type { Trails } from './trail.ts'
import { trailsSchema } from './trailSchema.ts'

/** The open format: one JSON file with everything an angler keeps in Hoxen. */
export const FORMAT = 'hoxen'

/** History of a device's things, so that two devices can be brought together. */
export interface Past {
  readonly trails: Trails
  /** Trails of what was taken away. */
  readonly gone: Trails
}

export interface DocumentReading {
  readonly document: HoxenDocument
  readonly problems: readonly Problem[]
  /** History of each thing, and what was taken away, where the file tells it. */
  readonly past?: Past
  /** False when nothing can be taken from the file. */
  readonly readable: boolean
}

const MAX_CHARACTERS = 50_000_000
const HEADINGS = ['format', 'version', 'savedAt', 'about', 'trails', 'gone']

/** Path of a list in a file. */
export const placeOf = (name: ListName): readonly string[] => FILE_PLACES[name] ?? [name]

const KNOWN_KEYS: ReadonlySet<string> = new Set([
  ...HEADINGS,
  ...SINGLE_NAMES,
  ...LIST_NAMES.map((name) => placeOf(name)[0] ?? name),
])

const nested = ([key, ...rest]: readonly string[], value: unknown): unknown =>
  key === undefined ? value : { [key]: nested(rest, value) }
const at = (raw: unknown, place: readonly string[]): unknown =>
  place.reduce<unknown>((value, key) => (value as Raw | null | undefined)?.[key], raw)

/** Everything as text, ready to save. @param savedAt ISO date and time, given by the caller @param past left out, the file is a plain one */
export function writeDocument(document: HoxenDocument, savedAt: string, past?: Past): string {
  const lists = LIST_NAMES.map((name) => nested(placeOf(name), document[name]) as Raw)
  const singles = Object.fromEntries(
    SINGLE_NAMES.filter((name) => document[name] !== undefined).map((name) => [name, document[name]]),
  )
  const file = Object.assign({ format: FORMAT, version: FORMAT_VERSION, savedAt }, ...lists, singles, past)
  return `${JSON.stringify(file, null, 2)}\n`
}

const unreadable = (code: string, data: Record<string, unknown> = {}): DocumentReading => ({
  document: nothingKept(),
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
function readList(name: ListName, raw: readonly unknown[], problems: Problem[]): unknown[] {
  const taken: unknown[] = []
  const seen = new Set<string>()
  raw.forEach((candidate, index) => {
    const parsed = LISTS[name].schema.safeParse(candidate)
    const place = [...placeOf(name), index]
    if (!parsed.success) {
      problems.push(
        ...problemsOf(parsed.error, LISTS[name].schema, candidate).map((p) => ({
          ...p,
          path: [...place, ...p.path],
        })),
      )
    } else if (seen.has(parsed.data.id)) {
      problems.push({ path: [...place, 'id'], code: 'duplicate-id', data: { id: parsed.data.id } })
    } else {
      seen.add(parsed.data.id)
      taken.push(parsed.data)
    }
  })
  return taken
}

/**
 * Reads a gear or backup file, item by item: what is sound is taken, what is not is reported with its place.
 * Accepts a whole document, or a bare gear object `{ "items": [...] }`, of this version or any before.
 */
export function readDocument(text: string): DocumentReading {
  if (text.length > MAX_CHARACTERS) return unreadable('file-too-large', { limit: MAX_CHARACTERS })
  const json = parseJson(text.replace(/^\uFEFF/, ''))
  if ('code' in json) return unreadable(json.code)
  return readParsedDocument(json.value)
}

/** A file as it stands, as a document of today's version; or why it is none. */
function rootOf(value: unknown): Raw | { readonly refused: DocumentReading } {
  const refuse = (code: string, data?: Record<string, unknown>) => ({ refused: unreadable(code, data) })
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return refuse('other-file')
  const root = value as Raw
  if (root.format === undefined && Array.isArray(root.items)) return upgraded({ gear: root }, 1)
  if (root.format !== FORMAT) return refuse('other-file')
  const { version } = root
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) return refuse('no-version')
  if (version > FORMAT_VERSION) return refuse('newer-version', { version, known: FORMAT_VERSION })
  return upgraded(root, version)
}

export function readParsedDocument(value: unknown): DocumentReading {
  const root = rootOf(value)
  if ('refused' in root) return root.refused as DocumentReading
  const problems: Problem[] = []
  const document: Record<string, unknown> = {}
  for (const name of LIST_NAMES) {
    const raw = at(root, placeOf(name)) ?? []
    const { limit, words } = LISTS[name]
    if (!Array.isArray(raw)) return unreadable('no-list', { list: words.many })
    if (raw.length > limit) return unreadable('too-many-rows', { rows: raw.length, limit, what: words.many })
    document[name] = readList(name, raw, problems)
  }
  for (const name of SINGLE_NAMES) {
    if (root[name] === undefined) continue
    const parsed = SINGLES[name].schema.safeParse(root[name])
    if (parsed.success) document[name] = parsed.data
    else
      problems.push(
        ...problemsOf(parsed.error, SINGLES[name].schema).map((p) => ({ ...p, path: [name, ...p.path] })),
      )
  }
  const past = pastOf(root, problems)
  for (const key of Object.keys(root))
    if (!KNOWN_KEYS.has(key)) problems.push({ path: [key], code: 'unknown-key', data: { key } })
  return {
    document: document as unknown as HoxenDocument,
    problems,
    readable: true,
    ...(past === undefined ? {} : { past }),
  }
}

/** History told by a file; a part that is not sound is told, and the file taken as a plain one. */
function pastOf(root: Raw, problems: Problem[]): Past | undefined {
  if (root.trails === undefined) return undefined
  const trails = trailsSchema.safeParse(root.trails)
  const gone = trailsSchema.safeParse(root.gone ?? {})
  if (trails.success && gone.success) return { trails: trails.data, gone: gone.data }
  problems.push({ path: [trails.success ? 'gone' : 'trails'], code: 'bad-trails', data: {} })
  return undefined
}

/** Number of each sort in a document, by what they count as. */
export function countsOf(document: HoxenDocument): Readonly<Record<string, number>> {
  const counts: Record<string, number> = {}
  for (const name of LIST_NAMES) {
    const countAs = LISTS[name].countAs as (row: unknown) => string
    for (const row of document[name]) counts[countAs(row)] = (counts[countAs(row)] ?? 0) + 1
  }
  return counts
}
