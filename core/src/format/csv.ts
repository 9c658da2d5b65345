import Papa from 'papaparse'
import {
  FIELDS,
  type Field,
  type Item,
  itemSchema,
  KINDS,
  type Kind,
  type Problem,
  problemsOf,
  readField,
  withField,
} from '../gear/index.ts'
import {
  type DecimalMark,
  dimensionOf,
  type Measure,
  parseQuantity,
  printExact,
  separated,
  type UnitSystem,
  unitFor,
} from '../quantity/index.ts'
import { LISTS } from './kept.ts'

/** One row of the file that could not be taken; `row` counts as a spreadsheet does, the header being row 1. */
export interface RowProblem extends Problem {
  readonly row: number
  readonly name: string
}

export interface CsvReading {
  readonly items: readonly Item[]
  readonly rowProblems: readonly RowProblem[]
  /** Problems of the file as a whole; with any of these nothing is taken. */
  readonly fileProblems: readonly Problem[]
  readonly unknownColumns: readonly string[]
  readonly rows: number
}

/** Lists that do not fit one cell each travel as JSON in a column of their own. */
const JSON_COLUMNS: readonly (readonly [column: string, path: string, kind: Kind])[] = [
  ['sections_json', 'sections', 'head'],
  ['spare_spools_json', 'spareSpools', 'reel'],
]
/** Unit suffixes a column header may carry, with the symbol each stands for. */
const SUFFIXES: Readonly<Record<string, string>> = {
  gr: 'gr',
  g: 'g',
  kg: 'kg',
  oz: 'oz',
  lb: 'lb',
  ft: 'ft',
  in: 'in',
  yd: 'yd',
  m: 'm',
  cm: 'cm',
  mm: 'mm',
  in_s: 'in/s',
  cm_s: 'cm/s',
  m_s: 'm/s',
  ft_s: 'ft/s',
  gr_ft: 'gr/ft',
  g_m: 'g/m',
  lbf: 'lbf',
  kgf: 'kgf',
  n: 'N',
}
const MAX_CHARACTERS = 20_000_000
const FORMULA_START = /^'*[=+\-@\t\r]/
const GUARDED = /^'+[=+\-@\t\r]/

/** A cell that a spreadsheet will not run: text that could start a formula gets an apostrophe in front. */
export function guardCell(text: string): string {
  return FORMULA_START.test(text) ? `'${text}` : text
}
/** Rows of words as a table for a spreadsheet, the head of it first. */
export const rowsCsv = (rows: readonly (readonly string[])[]): string =>
  Papa.unparse(
    rows.map((row) => row.map(guardCell)),
    { newline: '\r\n' },
  )

const unguardCell = (text: string): string => (GUARDED.test(text) ? text.slice(1) : text)

function suffixFor(measure: Measure, system: UnitSystem): string {
  const symbol = unitFor(measure, system)
  return Object.entries(SUFFIXES).find(([, unit]) => unit === symbol)?.[0] ?? symbol
}

const columnName = (field: Field, system: UnitSystem): string =>
  field.type.as === 'quantity' ? `${field.column}_${suffixFor(field.type.measure, system)}` : field.column

/** The columns a kind of gear may fill, as a file carries them. */
export const csvColumns = (kind: Kind, system: UnitSystem): readonly string[] => [
  ...FIELDS[kind].map((field) => columnName(field, system)),
  ...JSON_COLUMNS.filter(([, , of]) => of === kind).map(([column]) => column),
]

function cellText(item: Item, field: Field, system: UnitSystem): string {
  const value = readField(item, field.path)
  if (value === undefined) return ''
  if (field.type.as !== 'quantity') return guardCell(String(value))
  return printExact(Number(value), unitFor(field.type.measure, system)).split(' ')[0] ?? ''
}

/**
 * All items as one comma-separated table, units in the header. Figures are exact to one part in 10¹².
 * @param system which units the columns use
 */
export function writeCsv(items: readonly Item[], system: UnitSystem): string {
  const columns: string[] = ['kind', 'id']
  const rows = items.map((item) => {
    const row: Record<string, string> = { kind: item.kind, id: item.id }
    for (const field of FIELDS[item.kind]) {
      const text = cellText(item, field, system)
      const column = columnName(field, system)
      if (text === '') continue
      if (!columns.includes(column)) columns.push(column)
      row[column] = text
    }
    for (const [column, path] of JSON_COLUMNS) {
      const list = readField(item, path)
      if (list === undefined) continue
      if (!columns.includes(column)) columns.push(column)
      row[column] = JSON.stringify(list)
    }
    return row
  })
  return Papa.unparse({ fields: columns, data: rows }, { newline: '\r\n' })
}

/** "mass_gr" → the fields called "mass", in grains. */
function readHeader(header: string): { column: string; unit?: string } {
  const clean = header
    .trim()
    .toLowerCase()
    .replace(/[\s-]+/g, '_')
    .replace(/\//g, '_')
  const suffixes = Object.keys(SUFFIXES).sort((a, b) => b.length - a.length)
  const suffix = suffixes.find((s) => clean.endsWith(`_${s}`))
  return suffix === undefined
    ? { column: clean }
    : { column: clean.slice(0, -suffix.length - 1), unit: SUFFIXES[suffix] ?? '' }
}

const KNOWN_COLUMNS = new Set([
  'kind',
  'id',
  ...JSON_COLUMNS.map(([column]) => column),
  ...Object.values(FIELDS).flatMap((fields) => fields.map((f) => f.column.replaceAll('-', '_'))),
])

interface Header {
  readonly header: string
  readonly column: string
  readonly unit?: string
}

function readCell(
  field: Field,
  text: string,
  unit: string | undefined,
  mark: DecimalMark,
): { value?: unknown; problem?: Problem } {
  const path = field.path.split('.')
  if (field.type.as === 'text') return { value: text }
  if (field.type.as === 'count')
    return /^\d+$/.test(text)
      ? { value: Number(text) }
      : { problem: { path, code: 'not-a-count', data: { text } } }
  if (field.type.as === 'choice') return { value: text.toLowerCase().replace(/\s+/g, '-') }
  const dimension = dimensionOf(field.type.measure)
  const symbol = dimension === 'force' && (unit === 'lb' || unit === 'kg') ? `${unit}f` : (unit ?? '')
  const { measure } = field.type
  const suffixes = { trade: suffixFor(measure, 'trade'), metric: suffixFor(measure, 'metric') }
  if (symbol === '' && /^[\d.,\s]+$/.test(text))
    return {
      problem: { path, code: 'column-without-unit', data: { text, column: field.column, ...suffixes } },
    }
  const read = parseQuantity(
    text,
    dimension,
    symbol === '' ? unitFor(field.type.measure, 'trade') : symbol,
    mark,
  )
  if (read.ok) return { value: read.si }
  const { ok: _ok, code, ...data } = read
  return { problem: { path, code, data: { text, ...data } } }
}

function readJsonCell(text: string, path: string): { value?: unknown; problem?: Problem } {
  try {
    return { value: JSON.parse(text) }
  } catch {
    return { problem: { path: [path], code: 'not-json', data: {} } }
  }
}

type RawItem = Record<string, unknown>
interface Cells extends ReadonlyMap<string, { text: string; unit?: string | undefined }> {}

function readRow(
  kind: Kind,
  cells: Cells,
  id: string,
  mark: DecimalMark,
): { draft: RawItem; problems: Problem[] } {
  let draft: RawItem = { kind, id }
  const problems: Problem[] = []
  const take = (path: string, read: { value?: unknown; problem?: Problem }): void => {
    if (read.problem) problems.push(read.problem)
    else draft = withField(draft, path, read.value)
  }
  for (const field of FIELDS[kind]) {
    const cell = cells.get(field.column)
    if (cell) take(field.path, readCell(field, cell.text, cell.unit, mark))
  }
  for (const [column, path, of] of JSON_COLUMNS) {
    const cell = cells.get(column)
    if (cell && kind === of) take(path, readJsonCell(cell.text, path))
  }
  return { draft, problems }
}

function cellsOf(
  row: Readonly<Record<string, string>>,
  headers: readonly Header[],
): Map<string, { text: string; unit?: string | undefined }> {
  const cells = new Map<string, { text: string; unit?: string | undefined }>()
  for (const { header, column, unit } of headers) {
    const text = unguardCell((row[header] ?? '').trim())
    if (text !== '') cells.set(column, { text, unit })
  }
  return cells
}

type RowReading =
  | { readonly item: Item }
  | { readonly item?: undefined; readonly problems: readonly Problem[] }

/** @param seen identifiers taken by earlier rows, with the row each stands in */
function readItem(
  cells: Cells,
  newId: () => string,
  seen: ReadonlyMap<string, number>,
  mark: DecimalMark,
): RowReading {
  const kind = (cells.get('kind')?.text ?? '').toLowerCase().replace(/[\s_]+/g, '-')
  if (!isKind(kind)) return { problems: [{ path: ['kind'], code: 'unknown-kind', data: { text: kind } }] }
  const id = cells.get('id')?.text ?? newId()
  const earlier = seen.get(id)
  if (earlier !== undefined)
    return { problems: [{ path: ['id'], code: 'duplicate-id', data: { id, row: earlier } }] }
  const { draft, problems } = readRow(kind, cells, id, mark)
  if (problems.length > 0) return { problems: problems.map((p) => ({ ...p, kind })) }
  const checked = itemSchema.safeParse(draft)
  return checked.success ? { item: checked.data } : { problems: problemsOf(checked.error, itemSchema, draft) }
}

const fileProblem = (code: string, data: Record<string, unknown> = {}): CsvReading => ({
  items: [],
  rowProblems: [],
  fileProblems: [{ path: [], code, data }],
  unknownColumns: [],
  rows: 0,
})

/** Rows read between two chances to tell how far it is. */
const ROWS_A_STEP = 50

/**
 * Reads gear from comma-, semicolon- or tab-separated text. Good rows are taken, bad rows reported one by one.
 * Nothing in a cell is ever run or shown as markup.
 * @param newId makes the identifier of row n when the file has none @yields the share of the rows that is read
 */
export function* readCsvInSteps(text: string, newId: (row: number) => string): Generator<number, CsvReading> {
  if (text.length > MAX_CHARACTERS) return fileProblem('file-too-large', { limit: MAX_CHARACTERS })
  if (text.includes('\u0000')) return fileProblem('not-a-table')
  if (text.trim() === '') return fileProblem('empty-file')
  const table = separated(text)
  const parsed = Papa.parse<Record<string, string>>(table.text, {
    header: true,
    skipEmptyLines: 'greedy',
    ...(table.delimiter === undefined ? {} : { delimiter: table.delimiter }),
  })
  const mark = parsed.meta.delimiter === ';' ? ',' : '.'
  const headers = (parsed.meta.fields ?? []).map((header) => ({ header, ...readHeader(header) }))
  const has = (column: string): boolean => headers.some((h) => h.column === column)
  const missing = ['kind', 'name'].filter((column) => !has(column))
  if (missing.length > 0)
    return fileProblem(missing.length === 2 ? 'not-a-table' : 'missing-column', { columns: missing })
  if (parsed.data.length > LISTS.items.limit)
    return fileProblem('too-many-rows', { rows: parsed.data.length, limit: LISTS.items.limit })
  const items: Item[] = []
  const rowProblems: RowProblem[] = []
  const seen = new Map<string, number>()
  for (const [index, raw] of parsed.data.entries()) {
    if (index % ROWS_A_STEP === 0) yield index / parsed.data.length
    const row = index + 2
    const cells = cellsOf(raw, headers)
    const read = readItem(cells, () => newId(row), seen, mark)
    if (read.item === undefined) {
      const name = cells.get('name')?.text ?? ''
      rowProblems.push(...read.problems.map((p) => ({ ...p, row, name })))
    } else {
      seen.set(read.item.id, row)
      items.push(read.item)
    }
  }
  const unknownColumns = headers
    .filter((h) => h.header !== '' && !KNOWN_COLUMNS.has(h.column))
    .map((h) => h.header)
  return { items, rowProblems, fileProblems: [], unknownColumns, rows: parsed.data.length }
}

/** The same, run to completion. @internal asked for by tests alone */
export function readCsv(text: string, newId: (row: number) => string): CsvReading {
  const steps = readCsvInSteps(text, newId)
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value
}

function isKind(text: string): text is Kind {
  return (KINDS as readonly string[]).includes(text)
}
