import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { applied, changeOf, diff, fits, inverse } from './change.ts'

const key = fc.constantFrom('a', 'b', 'c', 'd')
const leaf = fc.oneof(fc.integer(), fc.string(), fc.constant(null), fc.array(fc.integer(), { maxLength: 3 }))
const row = fc.dictionary(key, fc.oneof(leaf, fc.dictionary(key, leaf)))
const X = { name: 'items', key: 'x' } as const
const seeded = { seed: 20261125, numRuns: 300 }

describe('changes as data', () => {
  test('a diff turns one row into the other, and its inverse turns it back', () => {
    fc.assert(
      fc.property(row, row, (before, after) => {
        const change = changeOf(X, before, after)
        if (change === undefined) return expect(after).toEqual(before)
        const back = inverse(change)
        expect(fits(before, change)).toBe(true)
        expect(fits(after, change)).toBe(false)
        expect(applied(before, change)).toEqual(after)
        expect(applied(after, back)).toEqual(before)
      }),
      seeded,
    )
  })
  test('a change fits where its own fields are as they were, whatever became of the others', () => {
    const change = changeOf(X, { a: 1, b: 1 }, { a: 2, b: 1 })
    if (change === undefined) throw new Error('no change')
    expect(fits({ a: 1, b: 9 }, change)).toBe(true)
    expect(fits({ a: 3, b: 1 }, change)).toBe(false)
    expect(fits(undefined, change)).toBe(false)
    expect(fits({ a: 2 }, inverse({ ...X, did: 'add', row: { a: 1 } }))).toBe(false)
  })
  test('only what differs is kept', () => {
    expect(diff({ a: 1, deep: { b: 2, c: 3 } }, { a: 1, deep: { b: 2, c: 4 } })).toEqual([
      { path: ['deep', 'c'], before: 3, after: 4 },
    ])
  })
  test('adding and removing are each other’s inverse', () => {
    const added = changeOf(X, undefined, { a: 1 })
    if (added === undefined) throw new Error('no change')
    expect(inverse(added)).toEqual(changeOf(X, { a: 1 }, undefined))
    expect(inverse(inverse(added))).toEqual(added)
  })
})

test('a change fits whatever order keys were written in, within lists too', () => {
  const change = changeOf(X, { list: [{ a: 1, b: 2 }], at: { x: 1, y: 2 } }, { list: [], at: { x: 3, y: 2 } })
  if (change === undefined) throw new Error('no change')
  expect(fits({ at: { y: 2, x: 1 }, list: [{ b: 2, a: 1 }] }, change)).toBe(true)
  expect(fits({ at: { y: 2, x: 1 }, list: [{ b: 3, a: 1 }] }, change)).toBe(false)
  const gone = changeOf(X, { list: [{ a: 1, b: 2 }] }, undefined)
  expect(gone && fits({ list: [{ b: 2, a: 1 }] }, gone)).toBe(true)
  expect(changeOf(X, { list: [{ a: 1, b: 2 }] }, { list: [{ b: 2, a: 1 }] })).toBeUndefined()
})
