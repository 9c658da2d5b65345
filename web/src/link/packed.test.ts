/** @jest-environment jsdom */
import { deflateRawSync } from 'node:zlib'
import { expect, test } from '@jest/globals'
import { packed, unpacked } from './packed.ts'

test('what is packed comes back, and stands in an address as it is', () => {
  const text = JSON.stringify({
    name: 'Long seven, 13 ft – ½',
    list: Array.from({ length: 300 }, (_, i) => i),
  })
  const code = packed(text)
  expect(code).toMatch(/^[A-Za-z0-9_-]+$/)
  expect(code.length).toBeLessThan(text.length)
  expect(unpacked(code)).toBe(text)
})

test('it is plain deflate (RFC 1951) in base64url (RFC 4648): another reader and writer understand it', () => {
  expect(unpacked(deflateRawSync('a rig').toString('base64url'))).toBe('a rig')
})

test.each(['', 'not a code!', 'AAAA', 'x'.repeat(70_000)])('%.20p is none', (code) =>
  expect(unpacked(code)).not.toBe('a rig'),
)

test('cut short anywhere it never comes back whole; one that would swell without end is cut', () => {
  const text = JSON.stringify({ v: 1, list: Array.from({ length: 80 }, (_, i) => `part ${i}`) })
  const code = packed(text)
  for (let n = 1; n < code.length; n += 7) expect(unpacked(code.slice(0, n))).not.toBe(text)
  const swollen = unpacked(packed('x'.repeat(5_000_000)))
  expect((swollen ?? '').length).toBeLessThanOrEqual(200_000)
})
