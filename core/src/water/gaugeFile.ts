import { XMLParser } from 'fast-xml-parser'
import Papa from 'papaparse'
import type { Problem } from '../gear/index.ts'
import { type DecimalMark, separated, unitOf, withPoints } from '../quantity/index.ts'
import { type GaugeReading, readingSchema } from './gaugeSchema.ts'

export interface GaugeFileReading {
  /** Readings that are kept: all of its last fortnight, of the time before one a day. */
  readonly readings: readonly GaugeReading[]
  /** Number of readings in the file; left out where all are kept. */
  readonly read?: number
  readonly problems: readonly Problem[]
}

type Figure = 'levelM' | 'flowM3ps' | 'waterC'

const MAX_CHARACTERS = 20_000_000
/** Faults of single rows told one by one; a file with more is told by its first. */
const MAX_PROBLEMS = 8

/** Columns of the open format: a time, and level, flow and temperature in whatever unit the header names. */
const COLUMNS: Readonly<Record<string, readonly [figure: Figure, unit: string]>> = {
  level_m: ['levelM', 'm'],
  level_ft: ['levelM', 'ft'],
  flow_m3ps: ['flowM3ps', 'm³/s'],
  flow_cfs: ['flowM3ps', 'ft³/s'],
  water_c: ['waterC', '°C'],
  water_f: ['waterC', '°F'],
}
const problem = (code: string, data: Record<string, unknown> = {}): Problem => ({ path: [], code, data })
const failed = (code: string, data: Record<string, unknown> = {}): GaugeFileReading => ({
  readings: [],
  problems: [problem(code, data)],
})

/** A figure of a file in SI; levels and temperatures may be below zero, which a field's parser refuses. */
function figureOf(text: string, unit: string, mark: DecimalMark): number | undefined {
  const value = Number(withPoints(text.trim(), mark))
  return text.trim() === '' || !Number.isFinite(value) ? undefined : unitOf(unit).toSi(value)
}

function timeOf(text: string): number | undefined {
  const trimmed = text.trim()
  const [, day, month, year, hour = '0', minute = '0'] =
    /^(\d{1,2})\.(\d{1,2})\.(\d{4})(?:[ T](\d{1,2}):(\d{2})(?::\d{2})?)?$/.exec(trimmed) ?? []
  if (year !== undefined) {
    const atMs = Date.UTC(Number(year), Number(month) - 1, Number(day), Number(hour), Number(minute))
    const real = new Date(atMs).getUTCDate() === Number(day) && Number(hour) < 24 && Number(minute) < 60
    return real ? atMs : undefined
  }
  // A bare date-time would be read in the zone of whoever opens the file; gauges mean UTC.
  const iso = /^\d{4}-\d{2}-\d{2}([T ]\d{2}:\d{2}(:\d{2}(\.\d+)?)?)?$/.test(trimmed)
  const atMs = Date.parse(iso && trimmed.length > 10 ? `${trimmed.replace(' ', 'T')}Z` : trimmed)
  return /^\d{4}-\d{2}-\d{2}/.test(trimmed) && Number.isFinite(atMs) ? atMs : undefined
}

/** Sorts by time and joins figures read at the same moment; a later one of the same kind wins. */
function ordered(readings: readonly GaugeReading[]): readonly GaugeReading[] {
  const byTime = new Map<number, GaugeReading>()
  for (const reading of readings) byTime.set(reading.atMs, { ...byTime.get(reading.atMs), ...reading })
  return [...byTime.values()].sort((a, b) => a.atMs - b.atMs)
}

/** Every reading is kept so far back from the last [ms]; before that, one a day, and at most so many days. */
const KEPT = { allMs: 14 * 24 * 3600_000, dayMs: 24 * 3600_000, days: 4000 } as const

/** Readings to keep of a long record: today’s water wants the last days in full, a season only its days. */
function thinned({ readings, problems }: GaugeFileReading): GaugeFileReading {
  const lastMs = readings.at(-1)?.atMs ?? 0
  const days = new Map<number, GaugeReading>()
  const recent: GaugeReading[] = []
  for (const reading of readings) {
    if (reading.atMs >= lastMs - KEPT.allMs) recent.push(reading)
    else days.set(Math.floor(reading.atMs / KEPT.dayMs), reading)
  }
  const kept = [...[...days.values()].slice(-KEPT.days), ...recent]
  return kept.length === readings.length
    ? { readings, problems }
    : { readings: kept, problems, read: readings.length }
}

function rowOf(
  row: Readonly<Record<string, string>>,
  time: string,
  figures: readonly string[],
  place: number,
  mark: DecimalMark,
): GaugeReading | Problem {
  const atMs = timeOf(row[time] ?? '')
  if (atMs === undefined) return problem('gauge-row', { row: place, column: 'time' })
  const reading: { atMs: number } & Partial<Record<Figure, number>> = { atMs }
  for (const column of figures) {
    const text = row[column] ?? ''
    const [figure, unit] = COLUMNS[column] ?? []
    if (text.trim() === '' || figure === undefined || unit === undefined) continue
    const value = figureOf(text, unit, mark)
    if (value === undefined) return problem('gauge-row', { row: place, column })
    reading[figure] = value
  }
  const parsed = readingSchema.safeParse(reading)
  return parsed.success ? parsed.data : problem('gauge-row', { row: place, column: 'figure' })
}

/** Reads a table of time, level, flow, temperature; rows that cannot be read are told and left out. */
export function readGaugeCsv(text: string): GaugeFileReading {
  const table = separated(text)
  const parsed = Papa.parse<Record<string, string>>(table.text.trim(), {
    header: true,
    ...(table.delimiter === undefined ? {} : { delimiter: table.delimiter }),
    skipEmptyLines: true,
    transformHeader: (h) => h.trim().toLowerCase(),
  })
  const fields = parsed.meta.fields ?? []
  const time = fields.find((f) => f === 'time' || f === 'date' || f === 'datetime')
  const figures = fields.filter((f) => COLUMNS[f] !== undefined)
  if (time === undefined || figures.length === 0) return failed('gauge-columns')
  const rows = parsed.data.map((row, i) =>
    rowOf(row, time, figures, i + 2, parsed.meta.delimiter === ';' ? ',' : '.'),
  )
  const readings = rows.filter((r): r is GaugeReading => 'atMs' in r)
  const problems = rows.filter((r): r is Problem => 'code' in r).slice(0, MAX_PROBLEMS)
  return readings.length === 0
    ? { readings, problems: problems.length > 0 ? problems : [problem('gauge-empty')] }
    : { readings: ordered(readings), problems }
}

type Xml = { readonly [key: string]: unknown }
const isXml = (value: unknown): value is Xml => typeof value === 'object' && value !== null

/** Every element of this name, however deep. */
function find(node: unknown, name: string, found: Xml[] = []): Xml[] {
  if (Array.isArray(node)) for (const one of node) find(one, name, found)
  else if (isXml(node))
    for (const [key, value] of Object.entries(node)) {
      if (key === name)
        for (const one of Array.isArray(value) ? value : [value]) if (isXml(one)) found.push(one)
      find(value, name, found)
    }
  return found
}

/** Figure that a series measures, by the words of its observed property. */
function figureOfProperty(words: string): Figure | undefined {
  if (/discharge|flow/i.test(words)) return 'flowM3ps'
  if (/temperature/i.test(words)) return 'waterC'
  if (/level|stage|gau?ge.?height|height/i.test(words)) return 'levelM'
  return undefined
}

/** Units as WaterML writes them (UCUM), as ours. */
const UCUM: Readonly<Record<string, string>> = {
  m: 'm',
  'm3/s': 'm³/s',
  'm3.s-1': 'm³/s',
  'm^3/s': 'm³/s',
  'm³/s': 'm³/s',
  '[ft_i]': 'ft',
  ft: 'ft',
  '[cft_i]/s': 'ft³/s',
  'ft3/s': 'ft³/s',
  Cel: '°C',
  '°C': '°C',
  degC: '°C',
  '[degF]': '°F',
  degF: '°F',
}

const attribute = (node: Xml | undefined, name: string): string => String(node?.[`@${name}`] ?? '')

function seriesOf(observation: Xml): GaugeFileReading {
  const [property] = find(observation, 'observedProperty')
  const figure = figureOfProperty(`${attribute(property, 'title')} ${attribute(property, 'href')}`)
  if (figure === undefined) return { readings: [], problems: [] }
  const [uom] = [...find(observation, 'uom'), ...find(observation, 'value')].filter(
    (n) => attribute(n, 'code') !== '',
  )
  const stated = attribute(uom, 'code') || attribute(find(observation, 'uom')[0], 'uom')
  const usual = { levelM: 'm', flowM3ps: 'm³/s', waterC: '°C' }[figure]
  const unit = stated === '' ? usual : UCUM[stated]
  if (unit === undefined) return failed('gauge-unit', { unit: stated })
  const readings = find(observation, 'MeasurementTVP').flatMap((point): GaugeReading[] => {
    const atMs = timeOf(textOf(point.time))
    const value = figureOf(textOf(point.value), unit, '.')
    const parsed = readingSchema.safeParse({ atMs, [figure]: value })
    return parsed.success && value !== undefined ? [parsed.data] : []
  })
  return { readings, problems: [] }
}

function textOf(node: unknown): string {
  return isXml(node) ? String(node['#text'] ?? '') : String(node ?? '')
}

/** Reads the time–value pairs of an OGC WaterML 2.0 document: level, flow and temperature, in plain units. */
export function readGaugeWaterMl(text: string): GaugeFileReading {
  const parser = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '@',
    removeNSPrefix: true,
    parseTagValue: false,
    processEntities: false,
  })
  let root: unknown
  try {
    root = parser.parse(text, true)
  } catch {
    return failed('gauge-waterml')
  }
  const series = find(root, 'OM_Observation').map(seriesOf)
  const readings = ordered(series.flatMap((s) => s.readings))
  const problems = series.flatMap((s) => s.problems)
  return readings.length > 0 || problems.length > 0 ? { readings, problems } : failed('gauge-waterml')
}

/** Reads a gauge's file, a table or WaterML, telling what else it is when it is neither. */
export function readGaugeFile(text: string): GaugeFileReading {
  const start = text.replace(/^\uFEFF/, '').trimStart()
  if (start === '') return failed('empty-file')
  if (text.length > MAX_CHARACTERS) return failed('file-too-large')
  if (/^<(!doctype html|html)/i.test(start)) return failed('gauge-is-page')
  return thinned(start.startsWith('<') ? readGaugeWaterMl(start) : readGaugeCsv(start))
}
