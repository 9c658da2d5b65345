import { describe, expect, test } from '@jest/globals'
import {
  gapsIn,
  leaveBy,
  readConstituents,
  readProfile,
  readTideFile,
  type TideFileReading,
  tideAt,
  tideHeights,
  tideTurns,
  tideWindows,
} from './index.ts'

const HOUR_MS = 3_600_000
const at = (iso: string): number => Date.parse(iso)
const table = (reading: TideFileReading) => reading.source?.table ?? []
const codes = (reading: TideFileReading): readonly string[] => reading.problems.map(({ code }) => code)
const read = (text: string, zone = 'UTC') => readTideFile(text, zone, 'x')
const ical = (...events: readonly string[]): string =>
  `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${events.map((body) => `BEGIN:VEVENT\r\n${body}\r\nEND:VEVENT`).join('\r\n')}\r\nEND:VCALENDAR`

describe('a tide file', () => {
  test.each([
    ['Time,Height (m)\n2026-11-27T05:12:00Z,3.2\n2026-11-27T11:20:00Z,0.6', 'ISO times'],
    ['date;time;height\n27.11.2026;05:12;3,2 m\n27.11.2026;11:20;0,6 m', 'days first, with dots'],
    ['27/11/2026\t5:12\tHigh\t3.2\n27/11/2026\t11:20\tLow\t0.6', 'no heading'],
    [
      'Date,Time,Level ft\n11/27/2026,5:12 AM,10.499\n11/27/2026,11:20 AM,1.9685',
      'months first, feet, half days',
    ],
    ['2026-11-27 06:12+01:00,3.2\n2026-11-27 12:20+01:00,0.6', 'another zone, said'],
    [
      ical(
        'DTSTART:20261127T051200Z\r\nSUMMARY:High tide 3.2 m',
        'DTSTART:20261127T112000Z\r\nSUMMARY:Low 11:20 0.6m',
      ),
      'a calendar',
    ],
    [
      ical(
        'DTSTART;TZID=Europe/Oslo:20261127T061200\r\nSUMMARY:HW\r\nDESCRIPTION:10.5 ft',
        'DTSTART;TZID=Europe/Oslo:20261127T122000\r\nSUMMARY:Low 0.6 m',
      ),
      'a calendar in a zone',
    ],
  ])('%# %s', (text) => {
    const reading = read(text)
    expect(reading.problems).toEqual([])
    expect(table(reading).map(([ms]) => new Date(ms).toISOString())).toEqual([
      '2026-11-27T05:12:00.000Z',
      '2026-11-27T11:20:00.000Z',
    ])
    expect(table(reading)[0]?.[1]).toBeCloseTo(3.2, 2)
    expect(table(reading)[1]?.[1]).toBeCloseTo(0.6, 2)
  })
  test('times without a zone are read in the one that is said, summer time and all', () => {
    const text = '2026-07-01 06:00,3.2\n2026-12-01 06:00,3.2'
    const reading = read(text, 'Europe/Oslo')
    expect(reading.floating).toBe(true)
    expect(table(reading).map(([ms]) => new Date(ms).getUTCHours())).toEqual([4, 5])
    expect(table(read(text, '+05:30')).map(([ms]) => new Date(ms).toISOString().slice(11, 16))).toEqual([
      '00:30',
      '00:30',
    ])
    expect(read('2026-07-01 06:00Z,3.2\n2026-12-01 06:00Z,3.2').floating).toBe(false)
  })
  test.each([
    ['', ['tide-empty']],
    ['a,b\n1,2', ['tide-columns']],
    ['03/04/2026,05:12,3.2\n04/04/2026,06:12,3.1', ['tide-date-order']],
    ['2026-11-27 05:12,300\n2026-11-27 11:12,1', ['tide-absurd']],
    ['BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART', ['tide-ical']],
    [ical('DTSTART;TZID=Nowhere/Land:20261127T061200\r\nSUMMARY:3 m'), ['tide-zone']],
    [
      ical('DTSTART;VALUE=DATE:20261127\r\nSUMMARY:3 m', 'DTSTART:20261127T061200Z\r\nSUMMARY:High'),
      ['tide-row', 'tide-row'],
    ],
    [
      Array.from({ length: 6002 }, (_, i) => `${new Date(i * HOUR_MS).toISOString()},1`).join('\n'),
      ['tide-too-many'],
    ],
    ['x'.repeat(4_000_001), ['tide-file-large']],
  ])('%# is refused and said', (text, expected) => {
    const reading = read(text)
    expect(codes(reading)).toEqual(expected)
    expect(reading.source).toBeUndefined()
  })
  test('a bad row is told and left out, the rest is taken; a day there is not is no time', () => {
    const reading = read(
      '2026-02-27 05:12,3.2\n2026-02-30 05:12,3.1\n2026-02-27 11:20,low\n2026-02-27 17:40,3.3',
    )
    expect(codes(reading)).toEqual(['tide-row', 'tide-row'])
    expect(reading.problems[0]?.data).toMatchObject({ row: 2, what: 'time' })
    expect(table(reading)).toHaveLength(2)
  })
})

describe('a tide known by a table', () => {
  const turns = {
    table: [0, 6.2, 12.4, 18.6, 43.4, 49.6].map((hour, i) => [hour * HOUR_MS, i % 2 === 0 ? 3 : 1] as const),
  }
  test('between turns by half a cosine: half way in time is half way in height', () => {
    expect(tideAt(turns, 3.1 * HOUR_MS)).toBeCloseTo(2, 9)
    expect(tideAt(turns, 1.55 * HOUR_MS)).toBeCloseTo(2 + Math.SQRT1_2, 2)
    expect(tideTurns(turns, 0, 20 * HOUR_MS).map(({ kind }) => kind)).toEqual(['high', 'low', 'high', 'low'])
  })
  test('in a hole nothing is known, and nothing is made up', () => {
    expect(gapsIn(turns)).toEqual([{ fromMs: 18.6 * HOUR_MS, toMs: 43.4 * HOUR_MS }])
    expect(tideAt(turns, 30 * HOUR_MS)).toBeUndefined()
    expect(
      tideHeights(turns, 0, 60 * HOUR_MS, 600).some(({ atMs }) => atMs > 19 * HOUR_MS && atMs < 43 * HOUR_MS),
    ).toBe(false)
    const shore = {
      station: turns,
      standM: 50,
      profile: [
        { fromM: 0, heightM: 5 },
        { fromM: 30, heightM: 3.5 },
        { fromM: 60, heightM: 3.6 },
      ],
    }
    const way = leaveBy(shore, 0)
    expect(leaveBy(shore, 0, { shiftM: 4 })).toEqual({ outcome: 'cut-off' })
    expect(way.outcome).toBe('not-known')
    expect(way.outcome === 'not-known' && way.fromMs / HOUR_MS).toBeCloseTo(18.6, 0)
  })
  test('a series is read straight, and its tops and bottoms are its turns', () => {
    const series = {
      table: Array.from(
        { length: 60 },
        (_, i) => [i * HOUR_MS, 2 + Math.cos((2 * Math.PI * i) / 12.4)] as const,
      ),
    }
    expect(tideAt(series, 0.5 * HOUR_MS)).toBeCloseTo(
      (series.table[0]?.[1] ?? 0) / 2 + (series.table[1]?.[1] ?? 0) / 2,
      9,
    )
    expect(
      tideTurns(series, 0, 30 * HOUR_MS).map(({ atMs, kind }) => [Math.round(atMs / HOUR_MS), kind]),
    ).toEqual([
      [6, 'low'],
      [12, 'high'],
      [19, 'low'],
      [25, 'high'],
    ])
  })
  test('windows keep to the light: looking in daylight alone, dusk by the sun', () => {
    const station = { constituents: [{ name: 'M2', amplitudeM: 1.5, phaseDeg: 0 }], meanM: 2 }
    const place = { latitudeDeg: 62, longitudeDeg: 1.9 }
    const from = at('2026-11-27T00:00:00Z')
    const windows = tideWindows(station, from, from + 24 * HOUR_MS, { place })
    const all = tideWindows(station, from, from + 24 * HOUR_MS)
    for (const { fromMs, toMs } of windows.filter(({ kind }) => kind === 'scout')) {
      expect(fromMs).toBeGreaterThan(at('2026-11-27T08:00:00Z'))
      expect(toMs).toBeLessThan(at('2026-11-27T15:30:00Z'))
    }
    expect(windows.filter(({ kind }) => kind === 'dusk')).toHaveLength(2)
    expect(all.some(({ kind }) => kind === 'dusk')).toBe(false)
    const width = (roundTurnH: number): number =>
      tideWindows(station, from, from + 24 * HOUR_MS, { roundTurnH }).reduce(
        (sum, w) => sum + w.toMs - w.fromMs,
        0,
      )
    expect(width(2)).toBeGreaterThan(width(1))
  })
})

describe('a beach as it is typed', () => {
  test('points and constituents in any unit', () => {
    const bed = readProfile('0, 15 ft\n20 m, 1.2 m\n\n40 m; -0.5 m', 'ft')
    expect(bed.ok && bed.value[0]?.heightM).toBeCloseTo(4.572, 3)
    expect(bed.ok && bed.value[2]).toEqual({ fromM: 40, heightM: -0.5 })
    expect(readConstituents('M2 1.32 m 152\ns2, 0.45 m, -169°', 'm')).toEqual({
      ok: true,
      value: [
        { name: 'M2', amplitudeM: 1.32, phaseDeg: 152 },
        { name: 'S2', amplitudeM: 0.45, phaseDeg: -169 },
      ],
    })
  })
  test.each([
    ['0, 4\n10', 'typed-form', 2],
    ['0, 4\nfar, 2', 'typed-length', 2],
    ['0, 4\n10, deep', 'typed-length', 2],
    ['0, 4\n10, 2\n10, 1', 'out-of-order', 3],
    ['0, 4', 'too-few', undefined],
  ])('a bed of %j is explained', (text, code, line) => {
    expect(readProfile(text, 'm')).toMatchObject({
      ok: false,
      problem: { code, data: line === undefined ? {} : { line } },
    })
  })
  test.each([
    ['M2 1.2', 'typed-form'],
    ['M9 1.2 m 40', 'unknown-constituent'],
    ['M2 1.2 kg 40', 'typed-length'],
    ['M2 1.2 m 40\nm2 1 m 30', 'twice'],
    ['', 'too-few'],
  ])('constituents of %j are explained', (text, code) => {
    expect(readConstituents(text, 'm')).toMatchObject({ ok: false, problem: { code } })
  })
})
