import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import Papa from 'papaparse'
import { FIELDS, itemSchema, KINDS, readField, withField } from '../gear/index.ts'
import { readCsv } from './csv.ts'
import { sameFigures } from './importPlan.ts'
import { readDocument, writeCsv } from './index.ts'
import { LISTS } from './kept.ts'
import { refusedTable } from './refusedTable.ts'

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
          if (!sameFigures(item, items[i]))
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
    const data = code === 'too-many-rows' ? { data: { rows: 100_000, limit: LISTS.items.limit } } : {}
    expect(readCsv(text, String).fileProblems).toMatchObject([{ code, ...data }])
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

describe('fields', () => {
  test.each(KINDS)('every demo %s can be written field by field', (kind) => {
    for (const item of demo.document.items.filter((i) => i.kind === kind)) {
      let copy: Record<string, unknown> = { kind, id: item.id }
      for (const field of FIELDS[kind]) copy = withField(copy, field.path, readField(item, field.path))
      expect(copy).toEqual(item)
    }
  })
})

test('rows that were refused go out as text that no spreadsheet runs, tabs and line ends too', () => {
  const table = refusedTable('kind,name\nrod,"=1+1"\nrod,"\t=2"\nrod,"\r@x"\n', {
    2: 'no',
    3: '=why',
    4: 'no',
  })
  const { data } = Papa.parse<string[]>(table)
  expect(data.slice(1).map(([, name, why]) => [name?.[0], why?.[0]])).toEqual([
    ["'", 'n'],
    ["'", "'"],
    ["'", 'n'],
  ])
})

test('a table of a spreadsheet that writes commas: “sep=;” at its head, 3,962 m is a rod', () => {
  const text =
    '\uFEFFsep=;\r\nkind;name;length_m;number;hands;mass_g\r\nrod;Long;3,962;7;two-hander;0,2105 kg\r\n'
  const { items, rowProblems, fileProblems } = readCsv(text, (row) => `r${row}`)
  expect([rowProblems, fileProblems]).toEqual([[], []])
  expect(items).toMatchObject([{ lengthM: 3.962, massKg: 0.2105 }])
})
