import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { FIRST_JOB, waterChoiceSchema } from '../day/index.ts'
import { type Item, itemSchema } from '../gear/index.ts'
import { JOINT_KNOTS } from '../rig/index.ts'
import { USUAL_PLAN } from '../swing/index.ts'
import type { Run } from '../water/index.ts'
import { readCsv } from './csv.ts'
import { newIn, planImport } from './importPlan.ts'
import {
  DEFAULT_SETTINGS,
  FORMAT_VERSION,
  LIST_NAMES,
  LISTS,
  nothingKept,
  placeOf,
  readDocument,
  readParsedDocument,
  refusedTable,
  rowId,
  SINGLE_NAMES,
  upgradedPart,
  writeDocument,
} from './index.ts'
import { upgraded } from './steps.ts'

const seeded = { seed: 20261125, numRuns: 200 }
const demo = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8'))
const anyItem = fc.constantFrom(...demo.document.items)
const anyName = fc.oneof(
  fc.constantFrom('=1+1', "'=x", '@sum', '+44', '-rod', '<b>bold</b>', 'a,b;"c"'),
  fc.string({ minLength: 1, maxLength: 30 }),
)
const named = fc
  .tuple(anyItem, anyName, fc.nat())
  .map(([item, name, n]): unknown => ({ ...item, id: `n${n}`, name }))
const gearList = fc.array(named, { maxLength: 30 }).map((list) => {
  const sound = list.map((item) => itemSchema.safeParse(item)).flatMap((r) => (r.success ? [r.data] : []))
  return [...new Map(sound.map((item) => [item.id, item])).values()]
})

describe('the open format', () => {
  test('the demo file is sound', () => {
    expect(demo.problems).toEqual([])
    expect(demo.document.items.length).toBeGreaterThan(40)
  })
  test('write then read is identity', () => {
    fc.assert(
      fc.property(gearList, (items) => {
        const document = { ...nothingKept(), items, settings: DEFAULT_SETTINGS }
        expect(readDocument(writeDocument(document, '2026-01-01T00:00:00Z'))).toEqual({
          document,
          problems: [],
          readable: true,
        })
      }),
      seeded,
    )
    const past = { trails: { 'items/a': ['lx1-a:name'] }, gone: { 'runs/b': ['lx2-b'] } }
    const reread = (told: unknown) =>
      readDocument(writeDocument(nothingKept(), '2026-01-01T00:00:00Z', told as typeof past))
    expect(reread(past)).toMatchObject({ past, problems: [] })
    const unsound = reread({ ...past, gone: { 'runs/b': ['yesterday'] } })
    expect(unsound).not.toHaveProperty('past')
    expect(unsound.problems).toMatchObject([{ path: ['gone'], code: 'bad-trails' }])
  })
  test.each([
    ['', 'empty-file'],
    ['<!doctype html><p>', 'is-markup'],
    ['{"format":"hoxen","version":1,"gear":{"items":[{"kind":', 'cut-short'],
    ['hello', 'not-json'],
    ['[1,2]', 'other-file'],
    ['{"some":"thing"}', 'other-file'],
    ['{"format":"hoxen","gear":{"items":[]}}', 'no-version'],
    ['{"format":"hoxen","version":99,"gear":{"items":[]}}', 'newer-version'],
    ['{"format":"hoxen","version":1,"gear":{"items":7}}', 'no-list'],
  ])('%s is refused: %s', (text, code) => {
    expect(readDocument(text)).toMatchObject({
      readable: false,
      problems: [{ code }],
      document: nothingKept(),
    })
  })
  test('one bad item does not hide the others', () => {
    const [a, b] = demo.document.items
    const reading = readDocument(
      JSON.stringify({ format: 'hoxen', version: 1, gear: { items: [a, { kind: 'hat' }, a, b] }, extra: 1 }),
    )
    expect(reading.document.items).toEqual([a, b])
    expect(reading.problems.map((p) => p.path.join('.'))).toEqual([
      'gear.items.1.kind',
      'gear.items.2.id',
      'extra',
    ])
  })
  test('no text crashes the reader', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => Array.isArray(readDocument(text).problems)),
      seeded,
    )
    fc.assert(
      fc.property(fc.nat({ max: 2000 }), (cut) => {
        const whole = writeDocument(demo.document, 'now')
        const reading = readDocument(whole.slice(0, Math.floor((whole.length * cut) / 2001)))
        return reading.document.items.length === 0 && !reading.readable
      }),
      seeded,
    )
  })
  test('an import is planned by identifier and takes nothing away', () => {
    const items = demo.document.items
    const [first, second] = items as [Item, Item]
    const incoming = [{ ...first, name: 'Renamed' }, second, { ...second, id: 'new' }]
    const plan = planImport(
      { ...nothingKept(), items: [first, second], job: FIRST_JOB },
      {
        ...nothingKept(),
        items: incoming,
        runs: demo.document.runs,
        job: FIRST_JOB,
        settings: DEFAULT_SETTINGS,
      },
    )
    const { added, changed, same } = plan.lists.items
    expect([added.length, changed.length, same]).toEqual([1, 1, 1])
    expect(plan.lists.runs.added).toHaveLength(demo.document.runs.length)
    expect(plan.singles).toEqual(['settings'])
  })
})

const run = (id: string, change: Partial<Run> = {}): Run => ({
  id,
  name: id,
  bank: 'left',
  widthM: 20,
  soundings: [{ fromBankM: 10, depthM: 1 }],
  currents: [{ fromBankM: 10, mps: 0.6 }],
  bottom: 'sand',
  wadeM: 2,
  ...change,
})
const file = (parts: Record<string, unknown>) => ({
  format: 'hoxen',
  version: 1,
  gear: { items: [] },
  ...parts,
})

describe('pools in a file', () => {
  test('go out and come back the same', () => {
    const runs = [run('a', { notes: 'Best at dusk', gaugeId: 'skarn', measuredFlowM3ps: 12 }), run('b')]
    const water = { runId: 'b', plan: USUAL_PLAN, flowM3ps: 14 }
    const text = writeDocument({ ...nothingKept(), runs, water }, '2026-11-25T12:00:00Z')
    const { document, problems } = readParsedDocument(JSON.parse(text))
    expect(problems).toEqual([])
    expect(document.runs).toEqual(runs)
    expect(document.water).toEqual(water)
  })
  test('one that cannot be is told with its place; the others are taken', () => {
    const bad = { ...run('bad'), soundings: [{ fromBankM: 3, depthM: -1 }] }
    const { document, problems } = readParsedDocument(file({ runs: [run('a'), bad, run('c')] }))
    expect(document.runs.map((r) => r.id)).toEqual(['a', 'c'])
    expect(problems).toEqual([
      expect.objectContaining({ code: 'bed-above-surface', path: ['runs', 1, 'soundings', 0, 'depthM'] }),
    ])
  })
  test('the same identifier twice is taken once', () => {
    const { document, problems } = readParsedDocument(file({ runs: [run('a'), run('a', { widthM: 30 })] }))
    expect(document.runs).toHaveLength(1)
    expect(problems[0]).toMatchObject({ code: 'duplicate-id', path: ['runs', 1, 'id'] })
  })
  test('a plan outside what can be cast is refused, and the rest of the file kept', () => {
    const water = { runId: 'a', plan: { ...USUAL_PLAN, angleDeg: 200 } }
    const { document, problems } = readParsedDocument(file({ runs: [run('a')], water }))
    expect(document.water).toBeUndefined()
    expect(document.runs).toHaveLength(1)
    expect(problems[0]?.path).toEqual(['water', 'plan', 'angleDeg'])
  })
  test('a mend too late or too large is refused', () => {
    for (const mend of [
      { kind: 'upstream', atS: 90, sizeM: 2 },
      { kind: 'upstream', atS: 1, sizeM: 40 },
      { kind: 'sideways', atS: 1, sizeM: 2 },
    ])
      expect(waterChoiceSchema.safeParse({ plan: { ...USUAL_PLAN, mends: [mend] } }).success).toBe(false)
    expect(waterChoiceSchema.safeParse({ plan: USUAL_PLAN }).success).toBe(true)
  })
})

const USUAL = { plan: { angleDeg: 60, tipHeightM: 1, mends: [] } }

describe('every version that shipped', () => {
  const fixture = (version: string): string =>
    readFileSync(`${process.cwd()}/core/src/format/fixtures/${version}.json`, 'utf8')

  test.each(['0.1.0', '0.2.0', '0.3.0', '0.5.0'])(
    'a file of %s is read whole, and goes out and comes back the same',
    (version) => {
      const { document, problems, readable } = readDocument(fixture(version))
      expect({ problems, readable }).toEqual({ problems: [], readable: true })
      expect(document.items).toHaveLength(24)
      expect(document.job?.stripToM).toBe(4)
      expect(document.settings?.schools.headMass).toBe('lighter')
      const text = writeDocument(document, 'now')
      expect(JSON.parse(text)).toMatchObject({ version: FORMAT_VERSION })
      expect(readDocument(text).document).toEqual(document)
    },
  )
  test('knots in words become codes that their joints know; a cast belongs to the job, a copied temperature to the gauge', () => {
    const { document } = readDocument(fixture('0.3.0'))
    expect(document.rigging?.knots).toEqual({
      'reel-backing': 'double-slip',
      'backing-running': 'nail',
      'running-head': 'swivel',
      'front-leader': 'ring',
      'leader-fly': 'clinch',
    })
    expect(document.water?.plan).not.toHaveProperty('castM')
    expect(document.water?.plan.mends).toHaveLength(1)
    expect(document.job).not.toHaveProperty('waterC')
    expect(readDocument(fixture('0.2.0')).document.rigging?.done).toEqual(['reel-backing', 'wind'])
  })
  test('a job of version 1 without a pool keeps its temperature: there is no gauge it was copied from', () => {
    const job = { ...FIRST_JOB, waterC: 6 }
    const { plan } = USUAL
    expect(upgraded({ job, water: { plan } }, 1).job).toEqual(job)
    expect(upgraded({ job }, 1).job).toEqual(job)
    expect(upgraded({ job, water: { plan, runId: 'a' } }, 1).job).not.toHaveProperty('waterC')
  })
  test('what is of today already stays as it is, part by part', () => {
    const { document } = readDocument(fixture('0.3.0'))
    for (const name of SINGLE_NAMES) expect(upgradedPart(name, document[name])).toEqual(document[name])
    const knots = Object.fromEntries(Object.entries(JOINT_KNOTS).map(([joint, [knot]]) => [joint, knot]))
    expect(upgradedPart('rigging', { knots, done: [] })).toEqual({ knots, done: [] })
    expect(upgradedPart('job', { ...FIRST_JOB, waterC: 6 })).toHaveProperty('waterC', 6)
  })
})

describe('limits', () => {
  test.each(LIST_NAMES)('a file with more %s than can be kept is refused whole, and says so', (name) => {
    const rows = Array.from({ length: LISTS[name].limit + 1 }, (_, i) => ({ id: `x${i}` }))
    const list = placeOf(name).reduceRight<unknown>((inner, key) => ({ [key]: inner }), rows)
    const reading = readParsedDocument({ format: 'hoxen', version: FORMAT_VERSION, ...(list as object) })
    expect(reading).toMatchObject({
      readable: false,
      problems: [{ code: 'too-many-rows', data: { rows: rows.length, limit: LISTS[name].limit } }],
    })
  })
})

describe('the same table again', () => {
  const table =
    'kind,name,style,mass_gr,length_ft\nhead,A,skagit,510,20\nhead,A,skagit,510,20\nhead,B,scandi,450,33\n'
  const read = (stamp: string, id = rowId) => ({
    ...nothingKept(),
    items: readCsv(table, (row) => id(row + 9, stamp)).items,
  })
  test('adds nothing: its rows are known by what they are; a third of a pair is new', () => {
    const first = planImport(nothingKept(), read('a'))
    expect(first.lists.items.added).toHaveLength(3)
    const kept = newIn(read('a'), first)
    const again = planImport(kept, read('b'))
    expect([again.lists.items.added.length, again.lists.items.same]).toEqual([0, 3])
    expect(newIn(read('b'), again).items).toEqual([])
    // What only looks like a row's is an identifier.
    const named = read('d', (row, stamp) => `my-${rowId(row, stamp)}`)
    expect(planImport(kept, named).lists.items.added).toHaveLength(3)
    const fewer = { ...kept, items: kept.items.slice(1) }
    expect(planImport(fewer, read('c')).lists.items.added).toHaveLength(1)
  })
  test('what was refused goes out as a table of its own, each row with why', () => {
    const text = 'kind,name,mass_gr\nhead,"A, long",x\nhead,B,510\nhead,C,y\n'
    expect(refusedTable(text, { 2: 'no figure', 4: 'no figure' }).split('\r\n')).toEqual([
      'kind,name,mass_gr,why',
      'head,"A, long",x,no figure',
      'head,C,y,no figure',
    ])
  })
})
