import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { FIRST_JOB } from '../day/index.ts'
import { readCsv } from '../format/csv.ts'
import {
  type HoxenDocument,
  LIST_NAMES,
  LISTS,
  placesGeoJson,
  placesGpx,
  planMerge,
  quickAdd,
  readDocument,
  readPlaces,
  readShared,
  readTypedLines,
  sharedOf,
  writeCsv,
  writeDocument,
  writeShared,
} from '../format/index.ts'
import { DEFAULT_SCHOOLS, type Item, itemSchema, type Problem } from '../gear/index.ts'
import { ownWindowsOf } from '../journal/own.ts'
import { matchRigs } from '../match/index.ts'
import { changeRigged, EMPTY_WALLET, resolveRig } from '../rig/index.ts'
import { USUAL_PLAN } from '../swing/index.ts'
import { byId, DEMO, DEMO_GEAR, dayWith, WINTER_RIG } from '../testing/index.ts'
import { LONG } from '../testing/long.ts'
import { readTideFile } from '../tide/index.ts'
import { readGaugeFile } from '../water/index.ts'
import { sayGuesses, sayLine, sayProblem, sayTideProblem } from './index.ts'

/** Names that every plain object answers to, and that an identifier, a header or a word may be. */
const INHERITED = Object.getOwnPropertyNames(Object.prototype)

const SNIPPETS = [
  ...INHERITED,
  '',
  '\u0000',
  '\uFEFF',
  '=cmd|x',
  '<script>',
  '"',
  "'",
  ';',
  ',',
  '\n',
  '\r\n',
  '\t',
  '-1',
  '1e400',
  '0',
  '9'.repeat(40),
  '½',
  '１３',
  '\ud83d\ude00',
  '29.02.2027 25:61',
  '{}',
  '[]',
  'null',
  ']]>',
  '&bogus;',
  '{"a":',
]

/** A sound file with a few cuts, doublings and strange things in it. */
const spoiled = (sound: string) =>
  fc
    .array(fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.nat(60), fc.constantFrom(...SNIPPETS)), {
      minLength: 1,
      maxLength: 6,
    })
    .map((blows) =>
      blows.reduce((text, [share, cut, put]) => {
        const at = Math.floor(share * text.length)
        return text.slice(0, at) + put + text.slice(at + cut)
      }, sound),
    )
const seeded = { seed: 20261129, numRuns: LONG ? 10_000 : 100 }

const says = (problem: Problem): string => sayProblem(problem, 'trade')
const sound = (sentence: string): void => {
  expect(sentence.length).toBeGreaterThan(5)
  expect(sentence).not.toMatch(/\bundefined\b|\bNaN\b|\[object|function /)
}
const soundItems = (items: readonly Item[]): void => {
  for (const item of items) expect(itemSchema.safeParse(item).success).toBe(true)
}

const TIDE_CSV = `time,height_m\n${Array.from({ length: 12 }, (_, i) => `2026-11-${10 + i} 0${i % 9}:10,${(i % 3) + 0.4}`).join('\n')}`
const ICS = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nDTSTART:20261110T061500Z\r\nSUMMARY:High tide 3.2 m\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nDTSTART:20261110T122000Z\r\nSUMMARY:Low tide 0.4 m\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`
const GAUGE_CSV = 'time,level_m,flow_m3ps,water_c\n2026-11-25 08:00,1.2,24,4.1\n2026-11-25 09:00,1.3,26,4.2\n'
const WATERML = `<wml2:Collection><wml2:observationMember><om:OM_Observation><om:observedProperty xlink:title="Discharge"/><om:result><wml2:MeasurementTimeseries><wml2:defaultPointMetadata><wml2:DefaultTVPMeasurementMetadata><wml2:uom code="m3/s"/></wml2:DefaultTVPMeasurementMetadata></wml2:defaultPointMetadata><wml2:point><wml2:MeasurementTVP><wml2:time>2026-11-25T08:00:00Z</wml2:time><wml2:value>24.5</wml2:value></wml2:MeasurementTVP></wml2:point></wml2:MeasurementTimeseries></om:result></om:OM_Observation></wml2:observationMember></wml2:Collection>`
const LINES =
  'skagit 510 gr 23 ft\nT-11 10 ft\n13 ft no. 7 two-hander\nleader 5 ft 12 lb stepped\nreel no. 11 full frame'
const FEW: HoxenDocument = {
  ...DEMO,
  items: DEMO.items.slice(0, 8),
  runs: DEMO.runs.slice(0, 2),
  entries: [],
  photos: [],
}
const LINK = writeShared(
  sharedOf({
    rig: WINTER_RIG,
    items: DEMO_GEAR.items,
    parts: {
      job: DEMO.job,
      schools: DEFAULT_SCHOOLS,
      stand: DEMO.stand,
      water: { plan: USUAL_PLAN, runId: 'kettle-run' },
      runs: DEMO.runs,
    } as never,
    wind: { fromDeg: 0, mps: 2 },
    flowM3ps: 20,
  }),
)

/** Reads what may be anything: what it takes is sound, and every refusal is a sentence. */
const READERS: readonly (readonly [what: string, sound: string, read: (text: string) => void])[] = [
  [
    'a file of everything',
    writeDocument(FEW, '2026-11-29T12:00:00Z'),
    (text) => {
      const { document, problems, readable } = readDocument(text)
      problems.map(says).forEach(sound)
      for (const name of LIST_NAMES)
        for (const row of document[name]) expect(LISTS[name].schema.safeParse(row).success).toBe(true)
      if (!readable) expect([problems.length > 0, document.items]).toEqual([true, []])
    },
  ],
  [
    'a table of gear',
    writeCsv(FEW.items, 'trade'),
    (text) => {
      const { items, rowProblems, fileProblems } = readCsv(text, (row) => `r${row}`)
      ;[...rowProblems, ...fileProblems].map(says).forEach(sound)
      for (const { row } of rowProblems) expect(row).toBeGreaterThan(1)
      soundItems(items)
    },
  ],
  ['places as GPX', placesGpx(DEMO.runs), (text) => void readPlaces(text).problems.map(says).forEach(sound)],
  [
    'places as GeoJSON',
    placesGeoJson(DEMO.runs),
    (text) => void readPlaces(text).problems.map(says).forEach(sound),
  ],
  ...(['tide table', 'tide calendar'] as const).map(
    (what, i) =>
      [
        `a ${what}`,
        [TIDE_CSV, ICS][i] ?? '',
        (text: string) => void readTideFile(text, 'UTC', 'x').problems.map(sayTideProblem).forEach(sound),
      ] as const,
  ),
  ...(['table', 'WaterML'] as const).map(
    (what, i) =>
      [
        `a gauge’s ${what}`,
        [GAUGE_CSV, WATERML][i] ?? '',
        (text: string) => {
          const { readings, problems } = readGaugeFile(text)
          problems.map(says).forEach(sound)
          for (const { atMs, ...figures } of readings)
            for (const figure of [atMs, ...Object.values(figures)]) expect(Number.isFinite(figure)).toBe(true)
          expect(readings.length + problems.length).toBeGreaterThan(0)
        },
      ] as const,
  ),
  [
    'a typed list',
    LINES,
    (text) => {
      const { items, guessed, rowProblems, fileProblems } = readTypedLines(text, (row) => `r${row}`)
      for (const problem of rowProblems) sound(sayLine(problem, 'trade'))
      fileProblems.map(says).forEach(sound)
      for (const item of items) sayGuesses(item, guessed.get(item.id) ?? [], 'metric')
      soundItems(items)
    },
  ],
  [
    'a typed line',
    'part-sinking tip 10 ft 5 ft T-11',
    (text) => {
      const read = quickAdd(text, 'x')
      if (read.ok) soundItems([read.item])
      else for (const problem of read.problems) sound(sayLine(problem, 'metric'))
    },
  ],
  ['a link', LINK, (text) => expect(['read', 'damaged', 'newer']).toContain(readShared(text).outcome)],
]

describe('whatever comes in: nothing breaks down, what is taken is sound, every refusal is a sentence', () => {
  test.each(READERS)('%s', (_what, whole, read) => {
    read(whole)
    fc.assert(fc.property(spoiled(whole), read), seeded)
  })
})

test('identifiers that every object answers to are identifiers like others', () => {
  const names = INHERITED.filter((name) => /^[A-Za-z0-9-]+$/.test(name))
  expect(names.length).toBeGreaterThan(5)
  const called = new Map(DEMO.items.slice(0, names.length).map(({ id }, i) => [id, names[i] ?? id]))
  const renamed = <T>(value: T): T =>
    JSON.parse(JSON.stringify(value), (_key, each) =>
      typeof each === 'string' ? (called.get(each) ?? each) : each,
    )
  const { document, problems } = readDocument(writeDocument(renamed(DEMO), '2026-11-29T12:00:00Z'))
  expect(problems).toEqual([])
  expect(planMerge({ document }, { document }).plan.lists.items.same).toBe(DEMO.items.length)
  const day = dayWith()
  const ids = (items: readonly Item[]) =>
    matchRigs({ items }, day).cards.map(({ rig: { parts } }) => [
      parts.rod.id,
      parts.head.head.id,
      parts.tip?.item.id ?? null,
    ])
  expect(ids(document.items)).toEqual(renamed(ids(DEMO.items)))
  const learnt = (of: HoxenDocument) =>
    ownWindowsOf({ items: of.items }, { trials: of.trials, bends: of.bends }, {})
  expect(Object.values(learnt(document))).toEqual(Object.values(learnt(DEMO)))
  const rig = renamed(WINTER_RIG)
  expect(resolveRig(rig, byId(document.items)).outcome).toBe('resolved')
  const tipId = 'constructor'
  const now = { rig, wallet: EMPTY_WALLET, job: FIRST_JOB, water: { plan: USUAL_PLAN } }
  const changed = changeRigged(now, { part: { slot: 'tipId', itemId: tipId } }, byId(document.items))
  expect(changed.rig?.leaderId).toBe(rig.leaderId)
  for (const name of names)
    expect(readTypedLines('Skagit 525', () => name).guessed.get(name)).toContain('massKg')
})
