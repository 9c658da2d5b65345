import { describe, expect, test } from '@jest/globals'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { itemSchema, problemsOf } from './index.ts'

const codes = (item: unknown): string[] => {
  const parsed = itemSchema.safeParse(item)
  return parsed.success ? [] : problemsOf(parsed.error, itemSchema).map((p) => p.code)
}

describe('physical impossibilities', () => {
  const base = { id: 'a', name: 'a' }
  test.each([
    [
      'a 3 ft head of 900 gr',
      { kind: 'head', style: 'skagit', massKg: 900 * KG_PER_GRAIN, lengthM: 3 * M_PER_FOOT },
      'too-thick',
    ],
    ['a head like a hair', { kind: 'head', style: 'scandi', massKg: 0.002, lengthM: 20 }, 'too-thin'],
    ['a head without mass', { kind: 'head', style: 'scandi', lengthM: 10 }, 'needs-mass'],
    [
      'a tip lighter than water that sinks',
      { kind: 'tip', build: 'level', lengthM: 3, massKg: 0.002, diameterM: 0.001 },
      'lighter-than-water',
    ],
    [
      'a floating tip that sinks',
      { kind: 'tip', build: 'floating', lengthM: 3, sinkRateMps: 0.1 },
      'floats-and-sinks',
    ],
    [
      'more sinking part than tip',
      { kind: 'tip', build: 'part-sinking', lengthM: 3, sinkingLengthM: 4 },
      'sinks-beyond-tip',
    ],
    [
      'an arbor larger than the rim',
      { kind: 'reel', spool: { rimDiameterM: 0.08, arborDiameterM: 0.09, widthM: 0.03 } },
      'arbor-beyond-rim',
    ],
    ['a reel of no size', { kind: 'reel' }, 'reel-needs-size'],
    [
      'a pair the wrong way round',
      { kind: 'rod', hands: 'surf', lineNumber: 9, lineNumberHigh: 8, lengthM: 3.3 },
      'pair-order',
    ],
    [
      'a window the wrong way round',
      {
        kind: 'rod',
        hands: 'switch',
        lineNumber: 6,
        lengthM: 3.3,
        windows: { skagit: { lowKg: 0.03, highKg: 0.02 } },
      },
      'window-order',
    ],
    [
      'a point thicker than its butt',
      { kind: 'leader', form: 'tapered', lengthM: 3, buttDiameterM: 0.0003, pointDiameterM: 0.0005 },
      'point-thicker-than-butt',
    ],
    ['a misspelt field', { kind: 'leader', form: 'tapered', lengthM: 3, lenght: 3 }, 'unrecognized_keys'],
    ['not a number', { kind: 'leader', form: 'tapered', lengthM: Number.NaN }, 'invalid_type'],
  ])('%s is refused', (_name, item, code) => {
    expect(codes({ ...base, ...item })).toContain(code)
  })
})
