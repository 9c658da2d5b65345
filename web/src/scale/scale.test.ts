import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { lineFeed, parseReading, type ScaleReading } from './scale.ts'

test.each([
  ['7.16 g stable', { grams: 7.16, stable: true }],
  ['  -0.02 g moving\r', { grams: -0.02, stable: false }],
  ['33 g stable', { grams: 33, stable: true }],
  ['##1kq', undefined],
  ['7.16 stable', undefined],
  ['NaN g stable', undefined],
  ['', undefined],
])('%j is %j', (line, reading) => expect(parseReading(line)).toEqual(reading))

test('a few bad lines are noise, many are a fault', () => {
  const read: ScaleReading[] = []
  let faults = 0
  const feed = lineFeed(
    (r) => read.push(r),
    () => faults++,
  )
  for (const line of ['1 g stable', '#', '#', '#', '2 g moving', '#', '#', '#', '#', '#']) feed(line)
  expect([read.length, faults]).toEqual([2, 0])
  feed('#')
  expect(faults).toBe(1)
})

test('no line throws', () => {
  fc.assert(
    fc.property(
      fc.string(),
      (line) => parseReading(line) === undefined || Number.isFinite(parseReading(line)?.grams),
    ),
    { seed: 20261125 },
  )
})
