import { describe, expect, test } from '@jest/globals'
import { CAUTION_NAMES } from '../day/index.ts'
import type { LeaveBy, TideFileProblem, TypedProblem } from '../tide/index.ts'
import {
  CAUTION_WORDS,
  sayBearing,
  sayHeld,
  sayLeaveBy,
  sayLight,
  sayMark,
  sayMoon,
  sayMoves,
  sayStripIn,
  sayTideProblem,
  sayTypedProblem,
  sayWind,
  sayWindOnCast,
} from './index.ts'

const clock = (ms: number): string => `${ms / 3_600_000} h`
const H = 3_600_000

test.each<readonly [LeaveBy, string]>([
  [
    { outcome: 'leave-by', leaveMs: 2 * H, cutOffMs: 2.5 * H },
    'Leave by 2 h: the way back is cut off at 2.5 h',
  ],
  [{ outcome: 'cut-off', freeMs: 9 * H }, 'until about 9 h'],
  [{ outcome: 'cut-off' }, 'can’t tell until when'],
  [{ outcome: 'no-dry-way' }, 'No way back on foot'],
  [{ outcome: 'free' }, 'stays open'],
  [{ outcome: 'not-known', fromMs: 5 * H }, 'ends at 5 h'],
])('%j is said', (way, words) => {
  expect(sayLeaveBy(way, clock)).toContain(words)
})

test.each<readonly [TideFileProblem, string]>([
  [{ code: 'tide-empty', data: {} }, 'no tide in this file'],
  [{ code: 'tide-file-large', data: {} }, 'shorter period'],
  [{ code: 'tide-columns', data: {} }, '2026-11-27, 05:12, 3.2 m'],
  [{ code: 'tide-row', data: { row: 4, what: 'height' } }, 'Line 4 has no readable height'],
  [{ code: 'tide-date-order', data: { text: '03/04/2026' } }, 'year first'],
  [{ code: 'tide-zone', data: { zone: 'Nowhere' } }, 'the time zone “Nowhere”'],
  [{ code: 'tide-ical', data: {} }, 'calendar'],
  [{ code: 'tide-too-many', data: { count: 9000, most: 6000 } }, '9000 heights'],
  [{ code: 'tide-absurd', data: { heightM: 300 } }, '300 m'],
])('what is wrong with a tide file: %j', (problem, words) => {
  expect(sayTideProblem(problem)).toContain(words)
})

test.each<readonly [TypedProblem, string]>([
  [{ code: 'typed-form', data: { line: 2, text: 'x' } }, 'Line 2, “x”'],
  [{ code: 'typed-length', data: { line: 2, text: 'deep' } }, '“deep” is not a length'],
  [{ code: 'unknown-constituent', data: { line: 1, text: 'M9' } }, 'doesn’t know a constituent “M9”'],
  [{ code: 'out-of-order', data: { line: 3, text: '10' } }, 'further out'],
  [{ code: 'twice', data: { line: 3, text: 'M2' } }, 'twice'],
  [{ code: 'too-few', data: { count: 1 } }, 'at least two points'],
  [{ code: 'too-few', data: { count: 0 } }, 'Nothing was entered'],
])('what is wrong with what was typed: %j', (problem, words) => {
  expect(sayTypedProblem(problem)).toContain(words)
})

describe('light, moon and wind in words', () => {
  test('the light, what a low sun does, and what comes', () => {
    const day = { dawnMs: 7 * H, riseMs: 8 * H, setMs: 15 * H, duskMs: 16 * H }
    expect(sayLight('day', 'glare', day, clock)).toBe(
      'Daylight: first light 7 h, sunrise 8 h, sunset 15 h, last light 16 h. The sun is low in front of you: glare on the water, and you are well lit. Keep low.',
    )
    expect(sayLight('twilight', 'shadow', day, clock)).toContain('keep your shadow off the water')
    expect(sayLight('night', undefined, {}, clock)).toBe('Night: the sun neither rises nor sets here today.')
  })
  test.each([
    [0.01, 'New moon: spring tides.'],
    [0.49, 'Full moon: spring tides.'],
    [0.25, 'Moon 50% lit, waxing: neap tides.'],
    [0.86, 'Moon 50% lit, waning.'],
  ])('the moon at %f', (phase, words) => {
    expect(sayMoon({ phase, fraction: 0.5 })).toBe(words)
  })
  test('a station’s wind with its gusts; any other says nothing more', () => {
    const wind = { fromDeg: 0, mps: 4, gustMps: 6, veerDeg: 12, by: 'station' } as const
    expect(sayWind(wind, 'metric', '5 min ago', 'rising')).toBe(
      '4 m/s, gusting 6 m/s, swinging 12° either way; 5 min ago, rising. Hoxen judges the sides by the gusts.',
    )
    expect(sayWind({ ...wind, by: 'hand' }, 'metric', '', 'steady')).toBe('')
    expect([0, 44, 250, 359, -90].map(sayBearing)).toEqual(['north', 'north-east', 'west', 'north', 'west'])
  })
  test('the mark', () => {
    expect(sayMark(0.3, 'metric')).toContain('raises the prediction by 0.3 m')
    expect(sayMark(-0.3, 'metric')).toContain('lowers')
    expect(sayMark(0, 'metric')).toBe('Your tide mark reads as predicted.')
  })
})

test.each([
  ['double-spey', 2],
  ['snap-t', 2],
] as const)(
  'C32 [practice]: before the sweep of a %s the line sags three to five feet below the rod tip',
  (cast, step) => {
    const rig = { rodLengthM: 3.9, style: 'skagit', headLengthM: 6.7 } as const
    expect(sayMoves(cast, { rig }, 'trade').steps[step]).toContain(
      'When the line sags 3 to 5 ft below the rod tip, sweep',
    )
  },
)

describe('the hand', () => {
  test('what cannot be held is said with why, and what helps', () => {
    expect(sayHeld('easy', 'coated', {}, 'trade')).toBeUndefined()
    expect(sayHeld('much', 'coated', {}, 'trade')).toContain('More than you can hold easily: 55 ft at most')
    const cold = sayHeld('too-much', 'mono', { hands: 'cold', wadingM: 0.8 }, 'trade')
    expect(cold).toContain('with cold hands and wading this deep')
    expect(cold).toContain('a coated line grips better')
    expect(sayWindOnCast(-2.4, 'metric')).toBe('The headwind costs you about 2.4 m.')
    expect(sayWindOnCast(1, 'metric')).toContain('tailwind gives you')
    expect(sayWindOnCast(0.1, 'metric')).toBeUndefined()
    expect(sayStripIn({ pulls: 9, hangsM: 9.1, hangsKg: 0.03 }, 'metric')).toContain('strip in nine pulls')
  })
  test('every caution has a title, a short line and its whole', () => {
    for (const caution of CAUTION_NAMES) {
      const { title, short, whole } = CAUTION_WORDS[caution]
      expect(title.length).toBeGreaterThan(3)
      expect(short.length).toBeLessThan(100)
      expect(whole.length).toBeGreaterThan(1)
    }
  })
})
