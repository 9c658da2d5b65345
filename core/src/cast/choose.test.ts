import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { HEAD_STYLES } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { OBSTRUCTIONS } from '../water/index.ts'
import {
  ACROSS_MPS,
  CAST_NAMES,
  CASTS,
  type CastName,
  type CastSetting,
  castToMake,
  chooseCasts,
  dLoopOf,
  longestHeadM,
  roomForLoop,
  type Side,
  SKILLS,
  windOn,
} from './index.ts'

const feet = (n: number): number => n * M_PER_FOOT
const SKAGIT = {
  rodLengthM: feet(13),
  style: 'skagit',
  headLengthM: feet(22),
  tipLengthM: 3,
  leaderLengthM: 1.2,
} as const
const CALM: CastSetting = {
  hand: 'right',
  bank: 'right',
  wind: { fromDeg: 0, mps: 0 },
  roomM: 30,
  rig: SKAGIT,
  changeDeg: 0,
}
const fits = (setting: CastSetting): Readonly<Record<string, string>> =>
  Object.fromEntries(chooseCasts(setting).map(({ cast, side, fit }) => [`${cast} ${side}`, fit]))
/** From ahead, from the right hand, from behind, from the left. */
const WIND = { ahead: 0, right: 90, behind: 180, left: 270 } as const
const sidesLeft = (setting: CastSetting): readonly Side[] => [
  ...new Set(chooseCasts(setting).flatMap(({ fit, side }) => (fit === 'no' ? [] : [side]))),
]

describe('which cast, off which side (common practice, no source)', () => {
  test('in no wind: the side each cast belongs to, by the bank', () => {
    const belongs = (bank: Side | null, cast: CastName): readonly Side[] =>
      (['left', 'right'] as const).filter((side) => fits({ ...CALM, bank })[`${cast} ${side}`] !== 'no')
    // On river right the current runs from left to right: downstream is the right-hand side.
    for (const [bank, down, up] of [
      ['right', 'right', 'left'],
      ['left', 'left', 'right'],
    ] as const) {
      expect(belongs(bank, 'double-spey')).toEqual([down])
      expect(belongs(bank, 'snake-roll')).toEqual([down])
      expect(belongs(bank, 'snap-t')).toEqual([up])
      expect(belongs(bank, 'single-spey')).toEqual([up])
      expect(belongs(bank, 'perry-poke')).toEqual(['left', 'right'])
    }
    for (const cast of CAST_NAMES) expect(belongs(null, cast)).toEqual(['left', 'right'])
  })
  test.each([
    ['right', WIND.left, 'right'],
    ['right', WIND.right, 'left'],
    ['left', WIND.left, 'right'],
    ['left', WIND.right, 'left'],
    [null, WIND.left, 'right'],
    [null, WIND.right, 'left'],
  ] as const)('bank %s, wind from %d°: only the %s side is left, whichever hand', (bank, fromDeg, side) => {
    for (const hand of ['left', 'right'] as const)
      expect(sidesLeft({ ...CALM, hand, bank, wind: { fromDeg, mps: 4 } })).toEqual([side])
  })
  test('mirrored settings have mirrored casts: no tie goes by the order of a list', () => {
    const mirrored = (side: Side | null): Side | null => side && (side === 'left' ? 'right' : 'left')
    for (const bank of ['left', 'right', null] as const)
      for (const habit of ['average', 'top-hand', 'lower-hand'] as const)
        for (let fromDeg = 0; fromDeg < 360; fromDeg += 15)
          for (const mps of [0, 1, 7, 12])
            for (const style of ['skagit', 'scandi', 'overhead'] as const) {
              const setting: CastSetting = {
                ...CALM,
                bank,
                habit,
                changeDeg: 40,
                wind: { fromDeg, mps },
                rig: { ...SKAGIT, style },
              }
              const other = chooseCasts({
                ...setting,
                hand: 'left',
                bank: mirrored(bank),
                wind: { fromDeg: (360 - fromDeg) % 360, mps },
              })
              const [first] = chooseCasts(setting)
              expect({ ...other[0], side: mirrored(other[0]?.side ?? null) }).toEqual(first)
            }
  })
  test('among equals the stronger hand is on top', () => {
    for (const hand of ['left', 'right'] as const)
      expect(chooseCasts({ ...CALM, bank: null, hand })[0]?.side).toBe(hand)
  })
  test('hard winds: along the cast from 6 m/s, across it from 10 care, gusts counted, above 15 nothing [practice]', () => {
    const found = (wind: CastSetting['wind'], cast: CastName, side: Side) =>
      chooseCasts({ ...CALM, bank: null, wind }).find((one) => one.cast === cast && one.side === side)
    const across = (mps: number, gustMps = mps) =>
      found({ fromDeg: WIND.left, mps, gustMps }, 'perry-poke', 'right')
    expect(across(9.9)?.fit).toBe('good')
    expect(across(10.1)).toMatchObject({ fit: 'care', reasons: expect.arrayContaining(['crosswind']) })
    expect(across(8, 12)?.fit).toBe('care')
    expect(across(8, 15.1)).toMatchObject({ fit: 'no', reasons: expect.arrayContaining(['too-windy']) })
    const behind = { fromDeg: WIND.behind, mps: 8 }
    expect(found(behind, 'overhead-two-handed', 'right')?.reasons).toContain('tailwind-back-cast')
    expect(found(behind, 'switch', 'right')?.reasons).toContain('tailwind')
  })
  test('the wind is taken across the line of the cast: turned with it, it lies on no side', () => {
    const wind = { fromDeg: 40, mps: 5 }
    expect(Math.abs(windOn(wind, 40).acrossMps)).toBeLessThan(1e-12)
    expect(sidesLeft({ ...CALM, bank: null, wind, targetDeg: 40 })).toHaveLength(2)
    expect(sidesLeft({ ...CALM, bank: null, wind, targetDeg: 0 })).toEqual(['left'])
  })
  test('nothing upwind is ever better than "no" above a light breeze, nor better than care below it', () => {
    fc.assert(
      fc.property(
        fc.record({
          hand: fc.constantFrom<Side>('left', 'right'),
          bank: fc.constantFrom<Side | null>('left', 'right', null),
          wind: fc.record({
            fromDeg: fc.integer({ min: 0, max: 359 }),
            mps: fc.double({ min: 0, max: 20, noNaN: true }),
          }),
          targetDeg: fc.integer({ min: -60, max: 60 }),
          roomM: fc.double({ min: 0, max: 40, noNaN: true }),
          rig: fc.record({
            rodLengthM: fc.double({ min: 2, max: 5, noNaN: true }),
            style: fc.constantFrom(...HEAD_STYLES),
            headLengthM: fc.double({ min: 3, max: 20, noNaN: true }),
          }),
          changeDeg: fc.integer({ min: 0, max: 120 }),
          obstruction: fc.constantFrom(...OBSTRUCTIONS),
          skill: fc.constantFrom(...SKILLS),
        }),
        (setting) => {
          const { acrossMps } = windOn(setting.wind, setting.targetDeg)
          const choices = chooseCasts(setting)
          expect(choices).toHaveLength(2 * CAST_NAMES.length)
          for (const { side, fit, reasons } of choices) {
            const onto = side === 'right' ? acrossMps : -acrossMps
            if (onto > ACROSS_MPS.no) expect([fit, reasons.includes('windward')]).toEqual(['no', true])
            else if (onto > ACROSS_MPS.calm) expect(fit).not.toBe('good')
          }
        },
      ),
      { seed: 20261127, numRuns: 400 },
    )
  })
  test('what else has a say: head, angle, obstruction, skill, rod', () => {
    expect(fits(CALM)['double-spey right']).toBe('good')
    expect(fits(CALM)['single-spey left']).toBe('care')
    const scandi = { ...CALM, rig: { ...SKAGIT, style: 'scandi' as const } }
    expect(fits(scandi)['single-spey left']).toBe('good')
    expect(fits({ ...scandi, skill: 'beginner' })['single-spey left']).toBe('care')
    expect(fits({ ...CALM, changeDeg: 60 })['roll right']).toBe('no')
    expect(fits({ ...CALM, obstruction: 'people' })['overhead-two-handed right']).toBe('no')
    expect(Object.values(fits({ ...CALM, obstruction: 'power-line' }))).not.toContain('good')
    expect(Object.values(fits({ ...CALM, obstruction: 'power-line' }))).not.toContain('care')
    expect(fits({ ...CALM, rig: { ...SKAGIT, rodLengthM: feet(9) } })['overhead-two-handed right']).toBe('no')
    expect(chooseCasts(CALM)[0]?.fit).toBe('good')
    expect(Object.keys(CASTS)).toHaveLength(9)
  })
})

describe('room for the D loop', () => {
  // room behind the angler, in full and compact [m]. [physics, estimate]
  test.each([
    [12, 10.75, 'skagit', 1.2, undefined],
    [16, 9.5, 'skagit', 2.2, 1.3],
    [20, 13, 'skagit', 2.7, 1.3],
    [24, 13, 'skagit', 3.3, 1.9],
    [33, 13, 'scandi', 5.3, undefined],
  ] as const)('a %d ft head on a %f ft rod', (head, rod, style, full, compact) => {
    const looped = { rodM: feet(rod), style, carriedM: feet(head) }
    expect(Math.abs(dLoopOf(looped, 'full').behindM - full)).toBeLessThan(0.12)
    if (compact !== undefined)
      expect(Math.abs(dLoopOf(looped, 'compact').behindM - compact)).toBeLessThan(0.12)
  })
  test('two metres: the Scandi is out, Skagits stay in the compact stroke, the trout Skagit is free; four: all Skagits are free', () => {
    const at = (head: number, rod: number, style: 'skagit' | 'scandi', roomM: number) =>
      roomForLoop({ rodM: feet(rod), style, carriedM: feet(head) }, roomM)
    expect(at(33, 13, 'scandi', 2)).toBe('none')
    for (const head of [16, 20, 24]) expect(at(head, 13, 'skagit', 2)).not.toBe('none')
    expect(at(24, 13, 'skagit', 2)).toBe('compact')
    expect(at(12, 10.75, 'skagit', 2)).toBe('enough')
    for (const head of [16, 20, 24]) expect(at(head, 13, 'skagit', 4)).toBe('enough')
    expect(at(33, 13, 'scandi', 4)).toBe('none')
  })
  test('the longest head for a room just fits it, and one stands lower in the water', () => {
    const looped = { rodM: feet(13), style: 'scandi' } as const
    const longest = longestHeadM(looped, 4, 'full')
    expect(dLoopOf({ ...looped, carriedM: longest }, 'full').behindM).toBeCloseTo(4, 6)
    expect(longestHeadM(looped, 0.5, 'full')).toBe(0)
    const waded = dLoopOf({ ...looped, carriedM: feet(30), wadingM: 0.9 }, 'full')
    expect(waded.behindM).toBeGreaterThan(dLoopOf({ ...looped, carriedM: feet(30) }, 'full').behindM)
  })
})

test('above 15 m/s nothing is cast, and gusts count; up to it something is', () => {
  const blows = (mps: number, gustMps?: number): readonly string[] => [
    ...new Set(
      chooseCasts({
        ...CALM,
        wind: { fromDeg: WIND.ahead, mps, ...(gustMps === undefined ? {} : { gustMps }) },
      }).map(({ fit }) => fit),
    ),
  ]
  expect(blows(9, 15)).toContain('care')
  expect(blows(9, 15.1)).toEqual(['no'])
  expect(blows(15.1)).toEqual(['no'])
  expect(
    chooseCasts({ ...CALM, wind: { fromDeg: WIND.ahead, mps: 9, gustMps: 16 } }).every(({ reasons }) =>
      reasons.includes('too-windy'),
    ),
  ).toBe(true)
})

test('where no cast is safe none is the one to make; else it is the fittest', () => {
  expect(
    castToMake(chooseCasts({ ...CALM, wind: { fromDeg: WIND.ahead, mps: 9, gustMps: 16 } })),
  ).toBeUndefined()
  const casts = chooseCasts(CALM)
  expect(castToMake(casts)).toBe(casts[0])
  expect(casts[0]?.fit).toBe('good')
})
