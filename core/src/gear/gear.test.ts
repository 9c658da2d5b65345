import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import {
  DEFAULT_SETTINGS,
  FIELDS,
  type Item,
  itemSchema,
  KINDS,
  planImport,
  problemsOf,
  quickAdd,
  readCsv,
  readDocument,
  readField,
  rigFromKey,
  rigKey,
  sameItem,
  withField,
  writeCsv,
  writeDocument,
} from './index.ts'

const seeded = { seed: 20261125, numRuns: 200 }
const demo = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8'))
const codes = (item: unknown): string[] => {
  const parsed = itemSchema.safeParse(item)
  return parsed.success ? [] : problemsOf(parsed.error).map((p) => p.code)
}

describe('physical impossibilities', () => {
  const base = { id: 'a', name: 'a' }
  test.each([
    [
      'a 3 ft head of 900 gr',
      { kind: 'head', style: 'skagit', massKg: 900 * KG_PER_GRAIN, lengthM: 3 * M_PER_FOOT },
      'too-thick',
    ],
    ['a head like a hair', { kind: 'head', style: 'scandi', massKg: 0.002, lengthM: 20 }, 'too-thin'],
    ['a head without mass', { kind: 'head', style: 'scandi', lengthM: 10 }, 'needs-mass'],
    [
      'a tip lighter than water that sinks',
      { kind: 'tip', build: 'level', lengthM: 3, massKg: 0.002, diameterM: 0.001 },
      'lighter-than-water',
    ],
    [
      'a floating tip that sinks',
      { kind: 'tip', build: 'floating', lengthM: 3, sinkRateMps: 0.1 },
      'floats-and-sinks',
    ],
    [
      'more sinking part than tip',
      { kind: 'tip', build: 'part-sinking', lengthM: 3, sinkingLengthM: 4 },
      'sinks-beyond-tip',
    ],
    [
      'an arbor larger than the rim',
      { kind: 'reel', spool: { rimDiameterM: 0.08, arborDiameterM: 0.09, widthM: 0.03 } },
      'arbor-beyond-rim',
    ],
    ['a reel of no size', { kind: 'reel' }, 'reel-needs-size'],
    [
      'a pair the wrong way round',
      { kind: 'rod', hands: 'surf', lineNumber: 9, lineNumberHigh: 8, lengthM: 3.3 },
      'pair-order',
    ],
    [
      'a window the wrong way round',
      {
        kind: 'rod',
        hands: 'switch',
        lineNumber: 6,
        lengthM: 3.3,
        windows: { skagit: { lowKg: 0.03, highKg: 0.02 } },
      },
      'window-order',
    ],
    [
      'a point thicker than its butt',
      { kind: 'leader', form: 'tapered', lengthM: 3, buttDiameterM: 0.0003, pointDiameterM: 0.0005 },
      'point-thicker-than-butt',
    ],
    ['a misspelt field', { kind: 'leader', form: 'tapered', lengthM: 3, lenght: 3 }, 'unrecognized_keys'],
    ['not a number', { kind: 'leader', form: 'tapered', lengthM: Number.NaN }, 'invalid_type'],
  ])('%s is refused', (_name, item, code) => {
    expect(codes({ ...base, ...item })).toContain(code)
  })
})

describe('the typed line', () => {
  test.each([
    [
      'skagit 510 gr 23 ft',
      { kind: 'head', style: 'skagit', massKg: 510 * KG_PER_GRAIN, lengthM: 23 * M_PER_FOOT },
    ],
    ['Beck scandi 15 g 7.2 m', { kind: 'head', style: 'scandi', massKg: 0.015, lengthM: 7.2, name: 'Beck' }],
    ['T-11 10 ft', { kind: 'tip', build: 'level', lengthM: 3.048 }],
    [
      'part-sinking tip 10 ft 5 ft',
      { kind: 'tip', build: 'part-sinking', lengthM: 3.048, sinkingLengthM: 1.524 },
    ],
    ['floating tip 10 ft 72 gr', { kind: 'tip', build: 'floating' }],
    ['sinking leader 10 ft 5 ips', { kind: 'sinking-leader', sinkRateMps: 0.127 }],
    ['13 ft no. 7 two-hander', { kind: 'rod', lineNumber: 7, hands: 'two-hander', lengthM: 13 * M_PER_FOOT }],
    ['surf rod 8/9 11 ft', { kind: 'rod', hands: 'surf', lineNumber: 8, lineNumberHigh: 9 }],
    ['rod 10 ft 9 in #3', { kind: 'rod', hands: 'trout-two-hander', lineNumber: 3 }],
    ['running line mono 7 gō 30 lb', { kind: 'running-line', build: 'mono' }],
    ['reel no 11 full frame', { kind: 'reel', forNumber: 11, cage: 'full' }],
    ['leader 5 ft 12 lb stepped', { kind: 'leader', form: 'stepped' }],
    ['tippet fluorocarbon 0.33 mm', { kind: 'tippet', material: 'fluorocarbon', diameterM: 0.00033 }],
    ['bulky heavy fly', { kind: 'fly', dress: 'bulky', weighting: 'heavy' }],
    ['backing 30 lb 150 m', { kind: 'backing', lengthM: 150 }],
  ])('%s', (text, expected) => {
    const added = quickAdd(text, 'new')
    expect(added).toMatchObject({ ok: true, item: { id: 'new' } })
    if (!added.ok) return
    for (const [key, value] of Object.entries(expected))
      expect(readField(added.item, key)).toEqual(typeof value === 'number' ? expect.closeTo(value, 9) : value)
  })
  test.each([
    ['', 'empty'],
    ['something nice', 'no-kind'],
    ['skagit 510 gr 23 ft 5 ips', 'figure-without-place'],
    ['skagit 510 23 ft', 'figure-without-unit'],
    ['skagit 900 gr 3 ft', 'too-thick'],
    ['skagit 23 ft', 'needs-mass'],
  ])('%p is refused: %s', (text, code) => {
    expect(quickAdd(text, 'new')).toMatchObject({ ok: false, problems: [expect.objectContaining({ code })] })
  })
  test('never throws', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 120 }),
        (text) => typeof quickAdd(`skagit ${text}`, 'x').ok === 'boolean',
      ),
      seeded,
    )
  })
})

const anyItem = fc.constantFrom(...demo.document.gear.items)
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

describe('tables', () => {
  test.each(['trade', 'metric'] as const)('export then import is identity, in %s units', (system) => {
    fc.assert(
      fc.property(gearList, (items) => {
        const read = readCsv(writeCsv(items, system), (row) => `r${row}`)
        if (items.length === 0) return
        expect(read.rowProblems).toEqual([])
        expect(read.unknownColumns).toEqual([])
        expect(read.items).toHaveLength(items.length)
        read.items.forEach((item, i) => {
          if (!sameItem(item, items[i]))
            throw new Error(`${JSON.stringify(item)} is not ${JSON.stringify(items[i])}`)
        })
      }),
      seeded,
    )
  })
  test('a name never starts a formula', () => {
    const csv = writeCsv(
      [{ kind: 'leader', id: 'a', name: '=HYPERLINK("x")', form: 'level', lengthM: 2 }],
      'trade',
    )
    expect(csv).toContain("'=HYPERLINK")
    expect(csv).not.toMatch(/(^|,|\n)"?=/)
  })
  test('bad rows are reported one by one, good rows taken', () => {
    const text = [
      'kind,name,style,mass_gr,length_ft,colour',
      'head,Good,skagit,510,23,red',
      'head,Heavy,skagit,900,3,',
      'hat,Hat,,,,',
      'head,Odd,skagit,many,23,',
      'head,Metric,scandi,30 g,10 m,',
    ].join('\n')
    const read = readCsv(text, (row) => `r${row}`)
    expect(read.items.map((i) => i.name)).toEqual(['Good', 'Metric'])
    expect(read.rowProblems.map((p) => [p.row, p.code])).toEqual([
      [3, 'too-thick'],
      [4, 'unknown-kind'],
      [5, 'not-a-number'],
    ])
    expect(read.unknownColumns).toEqual(['colour'])
  })
  test.each([
    ['', 'empty-file'],
    ['{"format":"hoxen"}', 'not-a-table'],
    ['name,mass_gr\nx,5', 'missing-column'],
    ['\u0089PNG\u0000\u0000', 'not-a-table'],
    [`kind,name\n${'leader,x\n'.repeat(100_000)}`, 'too-many-rows'],
  ])('a file that is no table of gear: %#', (text, code) => {
    expect(readCsv(text, String).fileProblems).toMatchObject([{ code }])
  })
  test('a figure without any unit is asked about, not guessed', () => {
    expect(readCsv('kind,name,form,length\nleader,x,level,9', String).rowProblems).toMatchObject([
      { code: 'column-without-unit' },
    ])
  })
  test('duplicate identifiers keep the first', () => {
    const read = readCsv('kind,id,name,form,length_ft\nleader,a,x,level,9\nleader,a,y,level,5', String)
    expect(read.items.map((i) => i.name)).toEqual(['x'])
    expect(read.rowProblems).toMatchObject([{ row: 3, code: 'duplicate-id' }])
  })
  test('no text crashes the reader or leaves half an item', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (noise) => {
        const read = readCsv(`kind,name,mass_gr,length_ft,sections_json\nhead,${noise}`, String)
        return read.items.every((item) => itemSchema.safeParse(item).success)
      }),
      seeded,
    )
  })
})

describe('the open format', () => {
  test('the demo file is sound', () => {
    expect(demo.problems).toEqual([])
    expect(demo.document.gear.items.length).toBeGreaterThan(40)
  })
  test('write then read is identity', () => {
    fc.assert(
      fc.property(gearList, (items) => {
        const document = { gear: { items }, settings: DEFAULT_SETTINGS }
        expect(readDocument(writeDocument(document, '2026-01-01T00:00:00Z'))).toEqual({
          document,
          problems: [],
          readable: true,
        })
      }),
      seeded,
    )
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
    ['{"format":"hoxen","version":1,"gear":{"items":7}}', 'no-gear-list'],
  ])('%s is refused: %s', (text, code) => {
    expect(readDocument(text)).toMatchObject({
      readable: false,
      problems: [{ code }],
      document: { gear: { items: [] } },
    })
  })
  test('one bad item does not hide the others', () => {
    const [a, b] = demo.document.gear.items
    const reading = readDocument(
      JSON.stringify({ format: 'hoxen', version: 1, gear: { items: [a, { kind: 'hat' }, a, b] }, extra: 1 }),
    )
    expect(reading.document.gear.items).toEqual([a, b])
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
        return reading.document.gear.items.length === 0 && !reading.readable
      }),
      seeded,
    )
  })
  test('an import is planned by identifier and takes nothing away', () => {
    const items = demo.document.gear.items
    const [first, second] = items as [Item, Item]
    const plan = planImport(
      [first, second],
      [{ ...first, name: 'Renamed' }, second, { ...second, id: 'new' }],
    )
    expect([plan.added.length, plan.changed.length, plan.same]).toEqual([1, 1, 1])
  })
})

describe('fields', () => {
  test.each(KINDS)('every demo %s can be written field by field', (kind) => {
    for (const item of demo.document.gear.items.filter((i) => i.kind === kind)) {
      let copy: Record<string, unknown> = { kind, id: item.id }
      for (const field of FIELDS[kind]) copy = withField(copy, field.path, readField(item, field.path))
      expect(copy).toEqual(item)
    }
  })
  test('a rig’s key reads back, and nonsense does not', () => {
    const rig = { rodId: 'a', headId: 'b', tipId: null, leaderId: 'c', runningLineId: null, reelId: 'd' }
    expect(rigFromKey(rigKey(rig))).toEqual(rig)
    for (const key of ['', 'a~b', '_~b~_~_~_~_', 'a b~c~_~_~_~_']) expect(rigFromKey(key)).toBeUndefined()
  })
})
