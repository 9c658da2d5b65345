import { readFileSync } from 'node:fs'
import { readDocument } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { describe, expect, test } from '@jest/globals'
import { formText, readForm } from './itemForm.ts'

const demo = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).document.items

describe('the form', () => {
  test.each(['trade', 'metric'] as const)('opened and saved untouched, nothing changes (%s)', (system) => {
    for (const item of demo)
      expect(readForm(item.kind, item.id, formText(item.kind, item, system), item, system)).toEqual({ item })
  })
  test('typed anew in either face, every item comes out the same to the round figures that the fields show', () => {
    for (const item of demo)
      for (const system of ['trade', 'metric'] as const) {
        const read = readForm(item.kind, item.id, formText(item.kind, item, system), undefined, system)
        if (!('item' in read)) throw new Error(`${item.name}: ${JSON.stringify(read.errors)}`)
        for (const [key, value] of Object.entries(item))
          if (typeof value === 'number')
            expect(Math.abs(Number(read.item[key as keyof Item]) - value)).toBeLessThanOrEqual(value * 0.0025)
      }
  })
  test('what is wrong is said beside its field, in the user’s words', () => {
    const empty = readForm(
      'head',
      'x',
      { name: '', style: 'skagit', massKg: '900 gr', lengthM: '3 ft' },
      undefined,
      'trade',
    )
    expect(empty).toEqual({ errors: { name: 'Name is needed.' } })
    const brick = readForm(
      'head',
      'x',
      { name: 'a', style: 'skagit', massKg: '900 gr', lengthM: '3 ft' },
      undefined,
      'trade',
    )
    expect(brick).toEqual({ errors: { massKg: expect.stringMatching(/mm thick/) } })
    const odd = readForm(
      'rod',
      'x',
      { name: 'a', lineNumber: 'seven', hands: 'switch', lengthM: '11 stone' },
      undefined,
      'trade',
    )
    expect(odd).toEqual({
      errors: {
        lineNumber: '“seven” is not a whole number.',
        lengthM: 'Hoxen doesn’t know the unit “stone” here.',
      },
    })
  })
  test('half a window names the missing half', () => {
    const read = readForm(
      'rod',
      'x',
      { name: 'a', lineNumber: '7', hands: 'switch', lengthM: '11 ft', 'windows/skagit/lowKg': '400 gr' },
      undefined,
      'trade',
    )
    expect(read).toEqual({ errors: { 'windows/skagit/highKg': 'Skagit window, to is needed.' } })
  })
})
