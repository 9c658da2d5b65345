import { describe, expect, test } from '@jest/globals'
import { type GaugeReading, gaugeSchema, latest, readGaugeFile, trendOf } from './index.ts'

const at = (text: string): number => Date.parse(text)
const HOUR = 3600_000

describe('a table of readings', () => {
  test('time, level, flow and temperature, in order whatever the file’s', () => {
    const { readings, problems } = readGaugeFile(
      'time,level_m,flow_m3ps,water_c\n2026-11-25T08:00Z,1.12,18.4,4.1\n2026-11-25T07:00Z,1.10,17.9,4.0\n',
    )
    expect(problems).toEqual([])
    expect(readings).toEqual([
      { atMs: at('2026-11-25T07:00:00Z'), levelM: 1.1, flowM3ps: 17.9, waterC: 4 },
      { atMs: at('2026-11-25T08:00:00Z'), levelM: 1.12, flowM3ps: 18.4, waterC: 4.1 },
    ])
  })
  test('feet, cubic feet and Fahrenheit by their column names; decimal commas; a byte order mark', () => {
    const { readings } = readGaugeFile('\uFEFFTime;level_ft;flow_cfs;water_f\n2026-11-25 08:00;3,5;640;41\n')
    expect(readings[0]?.levelM).toBeCloseTo(1.0668, 9)
    // 1 ft³ = 0.028316846592 m³, exact (international foot, 1959).
    expect(readings[0]?.flowM3ps).toBeCloseTo(640 * 0.028316846592, 9)
    expect(readings[0]?.waterC).toBeCloseTo(5, 9)
    expect(readings[0]?.atMs).toBe(at('2026-11-25T08:00:00Z'))
  })
  test('rows that cannot be read are told by place and left out', () => {
    const { readings, problems } = readGaugeFile(
      'time,level_m,flow_m3ps\n2026-11-25T08:00Z,1.1,18\nyesterday,1.1,18\n2026-11-25T09:00Z,1.1,much\n2026-11-25T10:00Z,1.1,-4\n',
    )
    expect(readings).toHaveLength(1)
    expect(problems.map((p) => [p.code, p.data.row, p.data.column])).toEqual([
      ['gauge-row', 3, 'time'],
      ['gauge-row', 4, 'flow_m3ps'],
      ['gauge-row', 5, 'figure'],
    ])
  })
  test('a level below the gauge’s zero is a level', () => {
    expect(readGaugeFile('time,level_m\n2026-11-25T08:00Z,-0.31\n').readings[0]?.levelM).toBe(-0.31)
  })
  test.each([
    ['nothing', '', 'empty-file'],
    ['a web page', '<!doctype html><html><body>Not found</body></html>', 'gauge-is-page'],
    ['a table of something else', 'kind,name\nrod,Long seven\n', 'gauge-columns'],
    ['a header alone', 'time,level_m\n', 'gauge-empty'],
    ['other XML', '<?xml version="1.0"?><note><to>you</to></note>', 'gauge-waterml'],
    ['broken XML', '<?xml version="1.0"?><wml2:Collection><a></b>', 'gauge-waterml'],
  ])('%s is refused and says why', (_name, text, code) => {
    expect(readGaugeFile(text).problems[0]?.code).toBe(code)
    expect(readGaugeFile(text).readings).toEqual([])
  })
})

/** Shaped after the time-value-pair example of OGC 10-126r4, WaterML 2.0 part 1 (from memory); figures invented. */
const waterMl = (
  property: string,
  uom: string,
  points: readonly [string, string][],
): string => `<?xml version="1.0"?>
<wml2:Collection xmlns:wml2="http://www.opengis.net/waterml/2.0" xmlns:om="http://www.opengis.net/om/2.0" xmlns:xlink="http://www.w3.org/1999/xlink">
 <wml2:observationMember><om:OM_Observation>
  <om:observedProperty xlink:title="${property}"/>
  <om:result><wml2:MeasurementTimeseries>
   <wml2:defaultPointMetadata><wml2:DefaultTVPMeasurementMetadata><wml2:uom code="${uom}"/></wml2:DefaultTVPMeasurementMetadata></wml2:defaultPointMetadata>
   ${points
     .map(
       ([time, value]) =>
         `<wml2:point><wml2:MeasurementTVP><wml2:time>${time}</wml2:time><wml2:value>${value}</wml2:value></wml2:MeasurementTVP></wml2:point>`,
     )
     .join('')}
  </wml2:MeasurementTimeseries></om:result>
 </om:OM_Observation></wml2:observationMember>
</wml2:Collection>`

describe('WaterML 2.0', () => {
  test('a series of flow', () => {
    const { readings, problems } = readGaugeFile(
      waterMl('River discharge', 'm3/s', [
        ['2026-11-25T08:00:00Z', '18.4'],
        ['2026-11-25T09:00:00+01:00', '18.2'],
        ['2026-11-25T10:00:00Z', 'NaN'],
      ]),
    )
    expect(problems).toEqual([])
    expect(readings).toEqual([{ atMs: at('2026-11-25T08:00:00Z'), flowM3ps: 18.2 }])
  })
  test('level in feet and temperature in Fahrenheit', () => {
    expect(
      readGaugeFile(waterMl('Stage', '[ft_i]', [['2026-11-25T08:00:00Z', '10']])).readings[0]?.levelM,
    ).toBeCloseTo(3.048, 9)
    const warm = readGaugeFile(waterMl('Water temperature', '[degF]', [['2026-11-25T08:00:00Z', '50']]))
    expect(warm.readings[0]?.waterC).toBeCloseTo(10, 9)
  })
  test('a unit it does not know is said, not guessed', () => {
    const { problems } = readGaugeFile(waterMl('Discharge', 'furlong', [['2026-11-25T08:00:00Z', '1']]))
    expect(problems[0]).toMatchObject({ code: 'gauge-unit', data: { unit: 'furlong' } })
  })
})

describe('what the readings say', () => {
  const readings: readonly GaugeReading[] = [0, 3, 6, 9].map((h) => ({
    atMs: at('2026-11-25T00:00:00Z') + h * HOUR,
    flowM3ps: 20 + h,
    ...(h < 6 ? { waterC: 4 } : {}),
  }))
  test('the latest of each kind keeps its own time', () => {
    expect(latest(readings, 'flowM3ps')).toEqual({ value: 29, atMs: at('2026-11-25T09:00:00Z') })
    expect(latest(readings, 'waterC')).toEqual({ value: 4, atMs: at('2026-11-25T03:00:00Z') })
    expect(latest(readings, 'levelM')).toBeUndefined()
  })
  const NOW = at('2026-11-25T10:00:00Z')
  test('rising, falling, steady', () => {
    expect(trendOf(readings, NOW)).toBe('rising')
    expect(
      trendOf(
        readings.map((r, i) => ({ ...r, flowM3ps: 30 - 3 * i })),
        NOW,
      ),
    ).toBe('falling')
    expect(
      trendOf(
        readings.map((r) => ({ ...r, flowM3ps: 20 })),
        NOW,
      ),
    ).toBe('steady')
    expect(trendOf(readings.slice(0, 1), NOW)).toBeUndefined()
    // Of a river read this morning nobody knows which way it goes by now.
    expect(trendOf(readings, NOW + 3 * HOUR)).toBeUndefined()
  })
  test('a reply without any figure is refused', () => {
    expect(gaugeSchema.safeParse({ station: 'Skarn', readings: [{ atMs: 1 }] }).success).toBe(false)
    expect(gaugeSchema.safeParse({ station: 'Skarn', readings: [] }).success).toBe(false)
    expect(gaugeSchema.safeParse({ station: 'Skarn', readings }).success).toBe(true)
  })
})

test('of a very long record the latest 4,000 days are kept, not the oldest', () => {
  const DAY_MS = 86_400_000
  const last = Date.parse('2026-11-28T12:00:00Z')
  const rows = Array.from({ length: 4200 }, (_, i) => `${new Date(last - i * DAY_MS).toISOString()},${i + 1}`)
  const { readings } = readGaugeFile(`time,flow_m3ps\n${rows.join('\n')}`)
  expect(readings.at(-1)?.atMs).toBe(last)
  expect(readings[0]?.atMs).toBeGreaterThan(last - 4020 * DAY_MS)
  expect(readings.length).toBeGreaterThan(3990)
})

test('of a long record the last fortnight is kept in full and one reading a day before it', () => {
  const rows = Array.from(
    { length: 40 * 96 },
    (_, i) => `${new Date(1_700_000_000_000 + i * 900_000).toISOString()},${1 + (i % 5) / 10}`,
  )
  const { readings, read } = readGaugeFile(`time,level_m\n${rows.join('\n')}\n`)
  expect(read).toBe(40 * 96)
  expect(readings.length).toBeGreaterThanOrEqual(14 * 96)
  expect(readings.length).toBeLessThan(15 * 96 + 30)
  expect(readings.at(-1)?.atMs).toBe(1_700_000_000_000 + (40 * 96 - 1) * 900_000)
  expect(readings.every((r, i) => i === 0 || r.atMs > (readings[i - 1]?.atMs ?? 0))).toBe(true)
})

test('a gauge table as a spreadsheet of the Continent writes it', () => {
  const { readings, problems } = readGaugeFile(
    'sep=;\r\ntime;level_m;flow_m3ps\r\n29.11.2026 08:00;0,850;12,250\r\n31.02.2026 08:00;1;1\r\n',
  )
  expect(readings).toEqual([{ atMs: Date.UTC(2026, 10, 29, 8), levelM: 0.85, flowM3ps: 12.25 }])
  expect(problems).toMatchObject([{ code: 'gauge-row', data: { row: 3, column: 'time' } }])
})
