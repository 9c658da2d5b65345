import { describe, expect, test } from '@jest/globals'
import type { Hands, Rod, WindowStyle } from '../gear/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { singleHandEquivalent, type WindowOptions, windowFor } from './index.ts'

const rod = (
  lineNumber: number,
  feet: number,
  hands: Hands = 'two-hander',
  more: Partial<Rod> = {},
): Rod => ({
  kind: 'rod',
  id: 'r',
  name: 'r',
  lineNumber,
  lengthM: feet * M_PER_FOOT,
  hands,
  ...more,
})
const centre = (of: Rod, style: WindowStyle, options?: WindowOptions): number => {
  const result = windowFor(of, style, options)
  if (result.outcome !== 'window') throw new Error(result.outcome)
  return result.window.centreKg / KG_PER_GRAIN
}

describe('estimated window', () => {
  test('C10 [practice]: a caster who mainly spey casts the same heads goes one size up: no. 7 → 460', () => {
    const spey = centre(rod(7, 12.5), 'overhead', { caster: { mainly: 'spey' } })
    expect(Math.abs(spey / 460 - 1)).toBeLessThan(0.02)
    expect(
      centre(rod(7, 12.5), 'overhead', { caster: { mainly: 'spey' }, schools: { overheadSize: 'standard' } }),
    ).toBeLessThan(spey)
  })
  test('C12 [practice]: an 11 ft 8/9 surf rod takes about 520 gr overhead, inside 500–550', () => {
    const grains = centre(rod(8, 11, 'surf', { lineNumberHigh: 9 }), 'overhead')
    expect(Math.abs(grains / 520 - 1)).toBeLessThan(0.01)
    expect(grains).toBeGreaterThan(500)
    expect(grains).toBeLessThan(550)
  })
  test.each(['two-hander', 'switch', 'trout-two-hander', 'surf'] as const)(
    '%s: from one number to the next the centre rises by 8 to 20 %, without a jump [estimate]',
    (hands) => {
      for (const style of ['skagit', 'scandi', 'overhead', 'trout-line'] as const)
        for (let number = 1; number < 12; number++) {
          const rise = centre(rod(number + 1, 12.5, hands), style) / centre(rod(number, 12.5, hands), style)
          expect(rise).toBeGreaterThanOrEqual(1.08)
          expect(rise).toBeLessThanOrEqual(1.2 + 1e-12)
        }
    },
  )
  test('the other school shifts a whole class by one number; its own, and surf rods, stay', () => {
    const shifted = (hands: Hands, twoHandNumber: 'plus-two' | 'plus-three') =>
      [2, 5, 6, 9].map(
        (n) =>
          centre(rod(n, 12, hands), 'skagit', { schools: { twoHandNumber } }) /
          centre(rod(n, 12, hands), 'skagit'),
      )
    expect(shifted('two-hander', 'plus-two')).toEqual(Array(4).fill(expect.closeTo(0.87, 9)))
    expect(shifted('switch', 'plus-two')).toEqual(Array(4).fill(expect.closeTo(0.87, 9)))
    expect(shifted('trout-two-hander', 'plus-three')).toEqual(Array(4).fill(expect.closeTo(1.15, 9)))
    for (const [hands, own] of [
      ['two-hander', 'plus-three'],
      ['trout-two-hander', 'plus-two'],
      ['surf', 'plus-two'],
    ] as const)
      expect(shifted(hands, own)).toEqual(Array(4).fill(1))
  })
  test('two-handed rods: 1.5 % a foot from 12½ ft; single-hand rods: none [estimate]', () => {
    expect(centre(rod(7, 14.5), 'scandi') / centre(rod(7, 12.5), 'scandi')).toBeCloseTo(1.03, 9)
    expect(centre(rod(6, 10, 'single'), 'skagit')).toBeCloseTo(centre(rod(6, 9, 'single'), 'skagit'), 9)
  })
  test('half-width is 8 % and the tag is estimate', () => {
    expect(windowFor(rod(7, 13), 'skagit')).toMatchObject({
      window: { tag: 'estimate', countsStated: false },
    })
    const result = windowFor(rod(7, 13), 'skagit')
    if (result.outcome === 'window')
      expect(result.window.highKg / result.window.centreKg).toBeCloseTo(1.08, 10)
  })
  test('a printed window is the window', () => {
    const printed = rod(7, 13, 'two-hander', {
      windows: { skagit: { lowKg: 0.03, highKg: 0.034, counts: 'head+tip' } },
    })
    expect(windowFor(printed, 'skagit')).toMatchObject({
      window: { lowKg: 0.03, highKg: 0.034, counts: 'head+tip', tag: 'printed' },
    })
  })
  test('print beats bend; trials beat print, but nothing goes above what is printed; bend and trials beat the number', () => {
    const band = { lowKg: 0.026, centreKg: 0.03, highKg: 0.036 }
    const own = (from: 'bend' | 'trials') => ({ own: { r: { skagit: { ...band, from } } } })
    const printed = rod(7, 13, 'two-hander', {
      id: 'r',
      windows: { skagit: { lowKg: 0.031, highKg: 0.034 } },
    })
    const bare = rod(7, 13, 'two-hander', { id: 'r' })
    expect(windowFor(printed, 'skagit', own('bend'))).toEqual(windowFor(printed, 'skagit'))
    expect(windowFor(printed, 'skagit', own('trials'))).toMatchObject({
      window: { lowKg: 0.026, highKg: 0.034, tag: 'log' },
    })
    expect(windowFor(bare, 'skagit', own('bend'))).toMatchObject({
      window: { ...band, tag: 'estimate', from: 'bend' },
    })
    expect(windowFor(bare, 'skagit', own('trials'))).toMatchObject({
      window: { ...band, tag: 'log', from: 'trials' },
    })
    expect(windowFor(bare, 'scandi', own('bend'))).toEqual(windowFor(bare, 'scandi'))
  })
  test('the caster’s habit moves where to look first, never the window', () => {
    const pulls = windowFor(rod(7, 13), 'skagit', { caster: { habit: 'lower-hand' } })
    const pushes = windowFor(rod(7, 13), 'skagit', { caster: { habit: 'top-hand' } })
    if (pulls.outcome !== 'window' || pushes.outcome !== 'window') throw new Error('no window')
    expect(pulls.window.aimKg).toBeLessThan(pushes.window.aimKg)
    expect(pulls.window.lowKg).toBe(pushes.window.lowKg)
  })
  test('above no. 12 there is no estimate', () => {
    expect(windowFor(rod(12, 16), 'skagit').outcome).toBe('window')
    for (const hands of ['two-hander', 'trout-two-hander', 'single', 'surf'] as const)
      expect(windowFor(rod(13, 16, hands), 'overhead').outcome).toBe('beyond-table')
  })
})

describe('what a rod suits', () => {
  test('C9 [practice]: both schools, and the default between them', () => {
    const four = rod(4, 11, 'trout-two-hander')
    const five = rod(5, 11, 'trout-two-hander')
    expect(singleHandEquivalent(four, 'plus-three')).toBe(7)
    expect(singleHandEquivalent(five, 'plus-two')).toBe(7)
    expect(singleHandEquivalent(five, 'by-number')).toBe(7)
    expect(singleHandEquivalent(rod(6, 12), 'by-number')).toBe(9)
    expect(singleHandEquivalent(rod(5, 11, 'switch'), 'by-number')).toBe(8)
    expect(singleHandEquivalent(rod(6, 9, 'single'), 'plus-three')).toBe(6)
  })
})
