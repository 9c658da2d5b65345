import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readField } from '../../gear/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../../quantity/index.ts'
import { quickAdd, readTypedLines } from '../index.ts'

const seeded = { seed: 20261125, numRuns: 200 }

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
    ['rod 11 ft 9 in #8', { kind: 'rod', hands: 'two-hander', lineNumber: 8 }],
    ['rod 10 ft 9 in #3', { kind: 'rod', hands: 'trout-two-hander', lineNumber: 3 }],
    ['running line mono 7 gō 30 lb', { kind: 'running-line', build: 'mono' }],
    ['reel no 11 full frame', { kind: 'reel', forNumber: 11, cage: 'full' }],
    ['leader 5 ft 12 lb stepped', { kind: 'leader', form: 'stepped' }],
    ['tippet fluorocarbon 0.33 mm', { kind: 'tippet', material: 'fluorocarbon', diameterM: 0.00033 }],
    ['bulky heavy fly', { kind: 'fly', dress: 'bulky', weighting: 'heavy' }],
    ['sparse dry fly', { kind: 'fly', dress: 'sparse', floats: 'dry' }],
    ['sparse hitched fly', { kind: 'fly', dress: 'sparse', floats: 'waking' }],
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
    ['skagit 51 23 ft', 'figure-without-unit'],
    ['skagit 510 gr 23 ft T-11 T-14', 'says-otherwise'],
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

test('a list is read line by line by the same reader; what stops a line stops no other', () => {
  const { items, guessed, rowProblems } = readTypedLines(
    '\uFEFF# my wallet\n\n- skagit 510 gr 23 ft\n2. T-11 10 ft\nSkagit 525\n17 wombles\n',
    (row) => `l${row}`,
  )
  expect(items.map(({ id, kind }) => [id, kind])).toEqual([
    ['l3', 'head'],
    ['l4', 'tip'],
    ['l5', 'head'],
  ])
  expect(guessed.get('l5')).toContain('massKg')
  expect(guessed.get('l3')).toBeUndefined()
  expect(rowProblems.map(({ row, name }) => [row, name])).toEqual([[6, '17 wombles']])
})

test('a list that is too long is refused whole, with what it has and what it may have', () => {
  const { items, rowProblems, fileProblems } = readTypedLines('T-11 10 ft\n'.repeat(20_000), String)
  expect([items, rowProblems]).toEqual([[], []])
  expect(fileProblems).toEqual([{ path: [], code: 'too-many-lines', data: { rows: 20_001, limit: 5000 } }])
  expect(readTypedLines('T-11 10 ft\n'.repeat(4999), String).items).toHaveLength(4999)
})

test('a comma before three figures is what the language of whoever types makes of it', () => {
  const length = (mark?: '.' | ',') => {
    const read = quickAdd('rod 3,962 m no. 7', 'x', mark)
    return read.ok && 'lengthM' in read.item ? read.item.lengthM : undefined
  }
  expect([length(','), length('.')]).toEqual([3.962, undefined])
})

test.each([
  ['tapered leader 10 ft extra fast', 7],
  ['leader 10 ft slow sink', 3],
  ['extra fast tapered leader 10 ft', 7],
  ['leader 10 ft 5 in/s', 5],
])('a leader that says how it sinks is one that sinks: %s', (text, inchesPerS) => {
  const read = quickAdd(text, 'x')
  expect(read).toMatchObject({ ok: true, item: { kind: 'sinking-leader', lengthM: 3.048 } })
  if (read.ok && 'sinkRateMps' in read.item) expect(read.item.sinkRateMps).toBeCloseTo(inchesPerS * 0.0254, 9)
})
