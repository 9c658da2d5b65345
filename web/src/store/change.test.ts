import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { applyEdits, changeOf, diff, inverse } from './change.ts'

const key = fc.constantFrom('a', 'b', 'c', 'd')
const leaf = fc.oneof(fc.integer(), fc.string(), fc.constant(null), fc.array(fc.integer(), { maxLength: 3 }))
const row = fc.dictionary(key, fc.oneof(leaf, fc.dictionary(key, leaf)))
const seeded = { seed: 20261125, numRuns: 300 }

describe('changes as data', () => {
  test('a diff turns one row into the other, and its inverse turns it back', () => {
    fc.assert(
      fc.property(row, row, (before, after) => {
        const change = changeOf('items', 'x', before, after)
        if (change === undefined) return expect(after).toEqual(before)
        if (change.did !== 'edit') throw new Error(change.did)
        const back = inverse(change)
        if (back.did !== 'edit') throw new Error(back.did)
        expect(applyEdits(before, change.edits)).toEqual(after)
        expect(applyEdits(after, back.edits)).toEqual(before)
      }),
      seeded,
    )
  })
  test('only what differs is kept', () => {
    expect(diff({ a: 1, deep: { b: 2, c: 3 } }, { a: 1, deep: { b: 2, c: 4 } })).toEqual([
      { path: ['deep', 'c'], before: 3, after: 4 },
    ])
  })
  test('adding and removing are each other’s inverse', () => {
    const added = changeOf('items', 'x', undefined, { a: 1 })
    if (added === undefined) throw new Error('no change')
    expect(inverse(added)).toEqual(changeOf('items', 'x', { a: 1 }, undefined))
    expect(inverse(inverse(added))).toEqual(added)
  })
})
