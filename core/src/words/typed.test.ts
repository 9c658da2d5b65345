import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { quickAdd } from '../format/index.ts'
import { type Dimension, findUnit, parseQuantity } from '../quantity/index.ts'
import { CHECK_CODES } from '../rig/index.ts'
import { HELP, sayGuesses, sayHelp, sayLine, sayOtherKind, sayTyped, summarize, TAG_TOPICS } from './index.ts'

const LINES = readFileSync(`${process.cwd()}/core/src/format/typed/lines.txt`, 'utf8')
  .split('\n')
  .filter((line) => line.trim() !== '' && !line.startsWith('#'))
  .map((line) => line.split(' => ') as [string, string])
const UNDERSTOOD = LINES.filter(([, expected]) => !expected.startsWith('!'))
const EXPLAINED = LINES.filter(([, expected]) => expected.startsWith('!'))

/** A value of the table in SI, or the word that it is. */
function siOf(text: string): number | string {
  const [, figure, unit] = /^([\d.]+)(?:\s+(\S+))?$/.exec(text) ?? []
  if (figure === undefined) return text
  if (unit === undefined) return Number(figure)
  const dimension = findUnit(unit)?.dimension as Dimension
  const read = parseQuantity(unit === 'X' ? `${figure}X` : text, dimension, unit)
  if (!read.ok) throw new Error(text)
  return read.si
}
/** Fields of an item, those of its spool beside the others. */
function fieldsOf(item: object): Readonly<Record<string, unknown>> {
  const { id: _id, kind: _kind, name: _name, spool, ...fields } = item as Record<string, unknown>
  return { ...fields, ...(spool as object | undefined) }
}

test('what is only supposed is said, in the unit in use, and asked about', () => {
  const read = quickAdd('Skagit 525', 'x')
  if (!read.ok) throw new Error('not read')
  expect(sayGuesses(read.item, read.guessed, 'trade')).toBe(
    'Assumed: weight 525 gr, length 22 ft. Type it if that’s wrong.',
  )
  expect(sayGuesses(read.item, ['style'], 'metric')).toContain('Skagit')
  expect(sayGuesses(read.item, [], 'trade')).toBe('')
  expect(sayTyped(read.item, [], 'trade')).toBe(`${summarize(read.item, 'trade')}.`)
  expect(sayTyped(read.item, read.guessed, 'trade')).toContain(
    `. ${sayGuesses(read.item, read.guessed, 'trade')}`,
  )
  expect(sayOtherKind('tip', 'head')).toBe('That is a tip, not a head.')
})

describe('lines as anglers type them', () => {
  test('a hundred and fifty of them', () => {
    expect(LINES.length).toBeGreaterThanOrEqual(150)
  })
  test.each(UNDERSTOOD)('“%s” is understood whole: %s', (text, expected) => {
    const read = quickAdd(text, 'new')
    const [kind, rest = ''] = expected.split(': ')
    expect(read.ok ? 'understood' : sayLine(read.problems[0] as never, 'trade')).toBe('understood')
    if (!read.ok) return
    expect(read.item.kind).toBe(kind)
    const wanted = rest.split('; ').map((part) => part.split('=') as [string, string?])
    const fields = fieldsOf(read.item)
    const bare = (name: string): string => name.replace('?', '')
    expect(Object.keys(fields).sort()).toEqual(
      wanted
        .map(([name]) => bare(name))
        .filter((n) => n !== 'name')
        .sort(),
    )
    for (const [name, value] of wanted) {
      if (value === undefined) continue
      const of = siOf(value.replace('?', ''))
      const is = name === 'name' ? read.item.name : fields[name]
      if (typeof of === 'number') expect(Math.abs((is as number) - of)).toBeLessThanOrEqual(1e-4 * of)
      else expect(is).toBe(of)
    }
    const guessed = wanted
      .filter(([name, value]) => name.endsWith('?') || value?.endsWith('?'))
      .map(([name]) => bare(name))
    expect([...read.guessed].sort()).toEqual(guessed.sort())
  })
  test.each(EXPLAINED)('“%s” is explained by %s', (text, expected) => {
    const read = quickAdd(text, 'new')
    if (read.ok) throw new Error(`taken for ${JSON.stringify(read.item)}`)
    const said = read.problems
      .map((problem) => sayLine(problem, 'trade'))
      .join(' ')
      .toLowerCase()
    for (const word of expected.slice(2).toLowerCase().split(' | ')) expect(said).toContain(word)
  })
})

test('every line of the ledger is explained once, and so is how things are worked out', () => {
  expect(new Set(HELP.map(({ id }) => id)).size).toBe(HELP.length)
  expect(
    HELP.filter(({ id }) => id.startsWith('line-'))
      .map(({ id }) => id.slice(5))
      .sort(),
  ).toEqual([...CHECK_CODES].sort())
  for (const topic of HELP) expect(sayHelp(topic, 'trade').length).toBeGreaterThan(45)
  // No figure of the other face is left in a sentence.
  for (const topic of [...HELP, ...TAG_TOPICS])
    expect(sayHelp(topic, 'metric')).not.toMatch(/\bfeet\b|inch|\d ft/)
  expect(TAG_TOPICS.map(({ id }) => id)).toContain('tag-estimate')
})
