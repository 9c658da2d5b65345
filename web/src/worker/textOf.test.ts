import { TextDecoder as Decoder, TextEncoder as Encoder } from 'node:util'
import { expect, test } from '@jest/globals'
import { decoded } from './textOf.ts'

Object.assign(globalThis, { TextDecoder: Decoder })
const WORDS = 'Björn’s “tip”, 6 gō, 2½ ft, 3–6 ft'

test.each([
  ['UTF-8', new Encoder().encode(WORDS), WORDS],
  ['UTF-8 with its mark', Uint8Array.from([0xef, 0xbb, 0xbf, 0x61]), 'a'],
  ['UTF-16', Uint8Array.from([0xff, 0xfe, 0x61, 0, 0xbd, 0]), 'a½'],
  ['UTF-16, the other end first', Uint8Array.from([0xfe, 0xff, 0, 0x61, 0, 0xbd]), 'a½'],
  ['Latin-1', Uint8Array.from([0x42, 0x6a, 0xf6, 0x72, 0x6e, 0x20, 0xbd]), 'Björn ½'],
] as const)('%s is read as such', (_name, bytes, expected) => expect(decoded(bytes)).toBe(expected))
