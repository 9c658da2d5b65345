import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import Ajv from 'ajv/dist/2020.js'
import { documentSchema, readDocument, sharedJsonSchema, writeDocument } from '../format/index.ts'
import { formatsPage } from './index.ts'

const fixtures = `${__dirname}/../format/fixtures`

test('what docs say of the format is what the registry says; `npm run formats` writes it anew', () => {
  expect(readFileSync('docs/formats.md', 'utf8')).toBe(formatsPage())
  expect(JSON.parse(readFileSync('docs/hoxen.schema.json', 'utf8'))).toEqual(documentSchema())
  expect(JSON.parse(readFileSync('docs/hoxen-link.schema.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(sharedJsonSchema())),
  )
})

describe('the JSON Schema, read by a validator that knows nothing of us [JSON Schema draft 2020-12]', () => {
  const valid = new Ajv({ strict: false, validateFormats: false }).compile(documentSchema())
  const written = (file: string) =>
    JSON.parse(
      writeDocument(readDocument(readFileSync(file, 'utf8')).document, '2026-11-26T09:00:00Z'),
    ) as Record<string, unknown>

  test.each(['demo/skarn.json', ...readdirSync(fixtures).map((name) => `${fixtures}/${name}`)])(
    '%s, once taken in and written, is valid',
    (file) => {
      expect([valid(written(file)), valid.errors]).toEqual([true, null])
    },
  )
  test('a file it must refuse is refused', () => {
    const sound = written('demo/skarn.json')
    expect(valid({ ...sound, version: 1 })).toBe(false)
    expect(valid({ ...sound, gear: { items: [{ kind: 'rod', id: 'r', name: 'a rod' }] } })).toBe(false)
    expect(valid({ ...sound, runs: [{ id: 'r' }] })).toBe(false)
  })
})
