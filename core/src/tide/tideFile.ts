import ICAL from 'ical.js'
import Papa from 'papaparse'
import { M_PER_FOOT, separated, withPoints } from '../quantity/index.ts'
import type { TideTable } from './table.ts'
import { isZone, momentIn } from './zone.ts'

/** Fault in a tide file, as a code and what it is about. */
export interface TideFileProblem {
  readonly code:
    | 'tide-file-large'
    | 'tide-empty'
    | 'tide-columns'
    | 'tide-row'
    | 'tide-date-order'
    | 'tide-zone'
    | 'tide-ical'
    | 'tide-too-many'
    | 'tide-absurd'
  readonly data: Readonly<Record<string, string | number>>
}

/** A tide file read: its table, and what of it could not be read. */
export interface TideFileReading {
  readonly source?: TideTable
  /** Whether times without a zone were read in the zone that was said. */
  readonly floating: boolean
  readonly problems: readonly TideFileProblem[]
}

const MAX_CHARACTERS = 4_000_000
/** Heights that are kept: a year of turns, or six weeks of a reading every ten minutes. */
export const TIDE_TABLE_MOST = 6000
/** No tide stands further from its datum [m]. */
const ABSURD_M = 20
const MOST_TOLD = 6

type Row = { readonly atMs: number; readonly heightM: number; readonly floating: boolean } | TideFileProblem
const problem = (code: TideFileProblem['code'], data: TideFileProblem['data'] = {}): TideFileProblem => ({
  code,
  data,
})

const HEIGHT = /(-?\d+(?:[.,]\d+)?)\s*(m|metres?|meters?|ft|feet|foot|')(?![a-z\d])/i
const BARE = /(-?\d+(?:[.,]\d+)?)(?![\d:])/

/** A height with its unit, or in the one its column says: "3.2 m", "10,5 ft". */
function heightOf(text: string, feet: boolean): number | undefined {
  const [, figure, unit] = HEIGHT.exec(text) ?? BARE.exec(text.replace(/\d{1,2}:\d{2}/g, '')) ?? []
  if (figure === undefined) return undefined
  const value = Number(withPoints(figure, ','))
  return (unit === undefined ? feet : /^(f|')/i.test(unit)) ? value * M_PER_FOOT : value
}

type Order = 'ymd' | 'dmy' | 'mdy'
const DATE = /^(\d{1,4})[-./](\d{1,2})[-./](\d{1,4})/
const TIME = /(\d{1,2})[:.h](\d{2})(?::(\d{2})(?:\.\d+)?)?\s*(am|pm)?\s*(z|utc|gmt|[+-]\d{2}:?\d{2})?$/i

/** In which order a column writes its dates; undefined where every one of them could be read two ways. */
function orderOf(dates: readonly string[]): Order | undefined {
  const read = dates.flatMap((text) => {
    const [, a, , b] = DATE.exec(text) ?? []
    const second = Number(DATE.exec(text)?.[2])
    return a === undefined || b === undefined ? [] : [{ first: a, second, dots: text.includes('.') }]
  })
  if (read.some(({ first }) => first.length === 4)) return 'ymd'
  if (read.some(({ first, dots }) => Number(first) > 12 || dots)) return 'dmy'
  return read.some(({ second }) => second > 12) ? 'mdy' : undefined
}

/** A date and a time as a moment. */
function momentOf(
  date: string,
  time: string,
  order: Order,
  zone: string,
): { atMs: number; floating: boolean } | undefined {
  const [, a = '', b = '', c = ''] = DATE.exec(date) ?? []
  const [, h, m, s, half, said] = TIME.exec(time) ?? []
  if (a === '' || h === undefined || m === undefined) return undefined
  const [year, month, day] = { ymd: [a, b, c], dmy: [c, b, a], mdy: [c, a, b] }[order].map(Number)
  const hour = half === undefined ? Number(h) : (Number(h) % 12) + (/pm/i.test(half) ? 12 : 0)
  const wall = {
    year: (year ?? 0) < 100 ? 2000 + (year ?? 0) : (year ?? 0),
    month: month ?? 0,
    day: day ?? 0,
    hour,
    minute: Number(m),
    second: Number(s ?? 0),
  }
  const atMs = momentIn(said === undefined ? zone : 'UTC', wall)
  if (atMs === undefined) return undefined
  const [, sign, hours, minutes] = /^([+-])(\d{2}):?(\d{2})$/.exec(said ?? '') ?? []
  const aheadMs = (Number(hours ?? 0) * 60 + Number(minutes ?? 0)) * 60_000 * (sign === '-' ? -1 : 1)
  return { atMs: atMs - aheadMs, floating: said === undefined }
}

/** Rows of a table with dates, times and heights in some columns. */
function csvRows(text: string, zone: string): readonly Row[] {
  const table = separated(text)
  const { data } = Papa.parse<string[]>(table.text, {
    ...(table.delimiter === undefined ? {} : { delimiter: table.delimiter }),
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  })
  const rows = data.map((cells) => cells.map((cell) => cell.trim().replace('T', ' ')))
  const first = rows.findIndex((cells) => cells.some((cell) => DATE.test(cell)))
  const sample = rows[first]
  if (sample === undefined) return [problem('tide-columns')]
  const dateAt = sample.findIndex((cell) => DATE.test(cell))
  const joined = TIME.test(sample[dateAt] ?? '')
  const timeAt = joined
    ? dateAt
    : sample.findIndex((cell, i) => i !== dateAt && TIME.test(cell) && !DATE.test(cell))
  const heading = rows[first - 1] ?? []
  const named = heading.findIndex((cell) => /height|level|water|^m$|metre|meter|feet|ft/i.test(cell))
  const heightAt =
    named > -1 && named !== dateAt && named !== timeAt
      ? named
      : sample.findIndex((cell, i) => i !== dateAt && i !== timeAt && heightOf(cell, false) !== undefined)
  if (timeAt === -1 || heightAt === -1) return [problem('tide-columns')]
  const feet = /\b(ft|feet|foot)\b/i.test(heading[heightAt] ?? '')
  const body = rows.slice(first)
  const order = orderOf(body.map((cells) => cells[dateAt] ?? ''))
  if (order === undefined) return [problem('tide-date-order', { text: sample[dateAt] ?? '' })]
  return body.map((cells, i): Row => {
    const moment = momentOf(cells[dateAt] ?? '', cells[timeAt] ?? '', order, zone)
    const heightM = heightOf(cells[heightAt] ?? '', feet)
    const row = first + i + 1
    if (moment === undefined) return problem('tide-row', { row, what: 'time' })
    return heightM === undefined ? problem('tide-row', { row, what: 'height' }) : { ...moment, heightM }
  })
}

/** The moment of an event: in UTC, in the zone it names, or floating in the one that was said. */
function momentOfEvent(start: ICAL.Time, named: string | undefined, zone: string): number | undefined {
  const { year, month, day, hour, minute, second } = start
  const wall = { year, month, day, hour, minute, second }
  if (start.zone === ICAL.Timezone.utcTimezone) return momentIn('UTC', wall)
  if (named === undefined) return momentIn(zone, wall)
  return isZone(named) ? momentIn(named, wall) : undefined
}

/** Turns of the tide in a calendar, one an event. */
function icalRows(text: string, zone: string): readonly Row[] {
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[])
    return calendar.getAllSubcomponents('vevent').map((event, i) => icalRow(event, i + 1, zone))
  } catch {
    // What is no calendar is found when it is read, or when its parts are asked for.
    return [problem('tide-ical')]
  }
}

/** A turn of the tide with its height in its words. */
function icalRow(event: ICAL.Component, row: number, zone: string): Row {
  const property = event.getFirstProperty('dtstart')
  const start = property?.getFirstValue()
  const words = ['summary', 'description'].map((name) => String(event.getFirstPropertyValue(name) ?? ''))
  if (!(start instanceof ICAL.Time) || start.isDate) return problem('tide-row', { row, what: 'time' })
  const heightM = words.map((each) => heightOf(each, false)).find((m) => m !== undefined)
  if (heightM === undefined) return problem('tide-row', { row, what: 'height' })
  const named = property?.getFirstParameter('tzid')
  const atMs = momentOfEvent(start, named, zone)
  if (atMs === undefined) return problem('tide-zone', { zone: named ?? zone })
  return { atMs, heightM, floating: named === undefined && start.zone !== ICAL.Timezone.utcTimezone }
}

/**
 * Reads a tide file: a table of times and heights, or a calendar of high and low waters. Times are taken in the zone they name;
 * those that name none in `zone`. What cannot be read is told; a file with more faults than rows is refused.
 * @param zone "UTC", or a name of the zone database @param from the file's name
 */
export function readTideFile(text: string, zone: string, from: string): TideFileReading {
  const refused = (...problems: readonly TideFileProblem[]): TideFileReading => ({
    floating: false,
    problems,
  })
  const body = text.replace(/^\uFEFF/, '').trim()
  if (body === '') return refused(problem('tide-empty'))
  if (body.length > MAX_CHARACTERS) return refused(problem('tide-file-large'))
  const read = /^BEGIN:VCALENDAR/i.test(body) ? icalRows(body, zone) : csvRows(body, zone)
  const problems = read.filter((row): row is TideFileProblem => 'code' in row)
  const rows = read.flatMap((row) => ('code' in row ? [] : [row])).sort((a, b) => a.atMs - b.atMs)
  const told = problems.slice(0, MOST_TOLD)
  if (rows.length < 2) return refused(...(told.length > 0 ? told : [problem('tide-empty')]))
  if (rows.length > TIDE_TABLE_MOST)
    return refused(problem('tide-too-many', { count: rows.length, most: TIDE_TABLE_MOST }))
  const absurd = rows.find(({ heightM }) => Math.abs(heightM) > ABSURD_M)
  if (absurd !== undefined) return refused(problem('tide-absurd', { heightM: absurd.heightM }))
  const table = rows
    .filter(({ atMs }, i) => atMs !== rows[i - 1]?.atMs)
    .map(({ atMs, heightM }) => [atMs, Math.round(heightM * 1000) / 1000] as const)
  return { source: { table, from }, floating: rows.some(({ floating }) => floating), problems: told }
}
