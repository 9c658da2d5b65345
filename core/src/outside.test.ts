import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { checksPage } from './testing/checksPage.ts'
import { CLAIMS, OTHER_CHECKS } from './testing/claims.ts'
import { OUTSIDE_FIGURES } from './testing/figures.ts'

test.each(OUTSIDE_FIGURES)('$code: $what is $theirs $unit', ({ ours, theirs, within }) => {
  expect(Math.abs(ours - theirs)).toBeLessThanOrEqual(within + 1e-12)
})

test('docs/checks.md is what the tests read; `npm run checks` writes it anew', () => {
  expect(readFileSync('docs/checks.md', 'utf8')).toBe(checksPage())
  for (const [, , where] of OTHER_CHECKS) expect(existsSync(where)).toBe(true)
})

test('every number that code, tests or docs name is explained there, and points to nothing outside the repository', () => {
  const named = ['core/src', 'cli/src', 'web/src', 'docs'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.(tsx?|md)$/.test(name))
      .map((name) => `${folder}/${name}`),
  )
  const unknown = named.flatMap((path) => {
    const text = readFileSync(path, 'utf8')
    const codes = path.startsWith('web/src/drawing') ? [] : (text.match(/\bC\d{1,2}\b/g) ?? [])
    return [
      ...codes.filter((code) => CLAIMS[code] === undefined),
      ...(text.match(/\bhandbook \d+/gi) ?? []),
    ].map((said) => `${path}: ${said}`)
  })
  expect(unknown).toEqual([])
})
