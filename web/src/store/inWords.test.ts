import { describe, expect, test } from '@jest/globals'
import { inWords } from './inWords.ts'

const named = (name: string, inner?: unknown): Error => Object.assign(new Error('raw'), { name, inner })

describe('what a browser says when it cannot store, in words', () => {
  test.each([
    [named('QuotaExceededError'), /out of storage/],
    // As Dexie wraps it, when a transaction breaks off over it.
    [named('AbortError', named('QuotaExceededError')), /out of storage/],
    [named('MissingAPIError'), /private windows/],
    [named('OpenFailedError'), /private windows/],
    [named('SecurityError'), /private windows/],
    [named('DatabaseClosedError'), /private windows/],
  ])('%#', (error, words) => expect((inWords(error) as Error).message).toMatch(words))
  test('anything else stays what it is', () => {
    const other = named('TypeError')
    expect(inWords(other)).toBe(other)
    expect(inWords(undefined)).toBeUndefined()
  })
})
