import { describe, expect, test } from '@jest/globals'
import type { Day } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Rod } from '../gear/index.ts'
import { judgeSwung, type Remedy } from '../match/index.ts'
import { KG_PER_GRAIN, KG_PER_POUND, M_PER_FOOT } from '../quantity/index.ts'
import { type Check, itemIn, stateRank, through } from '../rig/index.ts'
import { dayWith } from '../testing/index.ts'
import { withFigure } from './figures.ts'
import {
  clashInSteps,
  type FigureName,
  type FixedParts,
  figureOfItem,
  lackingFor,
  mendsBeside,
  type Specified,
  type SpecifiedRig,
  type SpecifiedStyle,
  specify,
  spoolWantedM3,
} from './index.ts'

const rod = (lineNumber: number, feet: number, hands: Rod['hands'], more: Partial<Rod> = {}): Rod => ({
  kind: 'rod',
  id: 'mine',
  name: 'Mine',
  lineNumber,
  lengthM: feet * M_PER_FOOT,
  hands,
  ...more,
})
const WINTER = dayWith({
  season: 'winter',
  fishAt: 'bottom',
  waterDepthM: 1.3,
  currentMps: 0.5,
  castM: 21,
  fishKg: 3.6,
})
const SUMMER = dayWith({
  season: 'summer',
  fishAt: 'surface',
  waterDepthM: 1.1,
  currentMps: 0.7,
  castM: 21,
  fishKg: 3,
  roomBehindM: 8,
  fly: { dress: 'sparse', weighting: 'unweighted' },
})
const TROUT = dayWith({
  fishKg: 4 * KG_PER_POUND,
  castM: 15,
  waterDepthM: 1,
  currentMps: 0.6,
  fishAt: 'middle',
  season: 'autumn',
  fly: { dress: 'medium', weighting: 'light' },
})
function rigsOf(found: Specified): readonly SpecifiedRig[] {
  if (found.outcome !== 'specified') throw new Error(found.outcome)
  return found.rigs
}
const one = (day: Day, fixed: FixedParts, style: SpecifiedStyle): SpecifiedRig => {
  const [rig] = rigsOf(specify(day, fixed, style))
  if (rig === undefined) throw new Error('nothing specified')
  return rig
}
const span = ({ spans }: SpecifiedRig, figure: FigureName) => {
  const found = spans.find((s) => s.figure === figure)
  if (found === undefined) throw new Error(figure)
  return found
}
const grains = (kg: number): number => kg / KG_PER_GRAIN

const LONG_SEVEN = { rod: rod(7, 13, 'two-hander') }
const SKAGIT = one(WINTER, LONG_SEVEN, 'skagit')
const SCANDI = one(SUMMER, LONG_SEVEN, 'scandi')

describe('what to look for round one rod, against the practice points', () => {
  test('C11: 13 ft no. 7 → a Scandi near 480 gr; 12½ ft no. 6 → a Skagit near 425 gr with T-8 or T-11', () => {
    expect(Math.abs(grains(span(SCANDI, 'headKg').target) - 480)).toBeLessThan(10)
    const six = one(WINTER, { rod: rod(6, 12.5, 'two-hander') }, 'skagit')
    expect(Math.abs(grains(span(six, 'headKg').target) - 425)).toBeLessThan(10)
    const material = span(six, 'tipKgPerM')
    expect(grains(material.low * M_PER_FOOT)).toBeLessThanOrEqual(8)
    expect(grains(material.high * M_PER_FOOT)).toBeGreaterThanOrEqual(11)
  })
  test('an 11 ft trout two-hander no. 4 → 270 to 285 gr of Skagit; about 325 with the + 3 school (C9); fish to 8 lb (C7)', () => {
    const four = { rod: rod(4, 11, 'trout-two-hander') }
    const target = grains(span(one(TROUT, four, 'skagit'), 'headKg').target)
    expect(target).toBeGreaterThanOrEqual(265)
    expect(target).toBeLessThanOrEqual(290)
    const school = { ...TROUT, schools: { ...DEFAULT_SCHOOLS, twoHandNumber: 'plus-three' as const } }
    expect(Math.abs(grains(span(one(school, four, 'skagit'), 'headKg').target) - 325)).toBeLessThan(20)
    const heavy = specify({ ...TROUT, fishKg: 12 * KG_PER_POUND }, four, 'skagit')
    expect(heavy).toMatchObject({ outcome: 'do-not-go-together', line: { code: 'rod-fish' } })
  })
  test('C29, C30: a 13 ft no. 8 wants a reel of a single-hand 11 or 12; a switch rod one or two numbers up', () => {
    const eight = span(one(WINTER, { rod: rod(8, 13, 'two-hander') }, 'skagit'), 'reelNumber')
    expect(eight.low).toBeLessThanOrEqual(12)
    expect(eight.high).toBeGreaterThanOrEqual(11)
    const switching = span(
      one({ ...WINTER, castM: 17 }, { rod: rod(6, 11, 'switch') }, 'skagit'),
      'reelNumber',
    )
    expect(switching.low).toBeGreaterThanOrEqual(7)
    expect(switching.high).toBeLessThanOrEqual(9)
  })
  test('a surf rod is looked round with overhead heads alone, 500 to 550 gr on an 11 ft 8/9 (C12)', () => {
    const surf = dayWith({
      water: 'surf',
      roomBehindM: 30,
      castM: 24,
      fishAt: 'middle',
      currentMps: 0.3,
      waterDepthM: 1.4,
    })
    const rigs = rigsOf(specify(surf, { rod: rod(8, 11, 'surf', { lineNumberHigh: 9 }) }))
    expect(rigs.map(({ style }) => style)).toEqual(['overhead'])
    const { low, target, high } = span(rigs[0] as SpecifiedRig, 'headKg')
    expect(grains(target)).toBeGreaterThanOrEqual(500)
    expect(grains(target)).toBeLessThanOrEqual(550)
    expect(low < target && target < high).toBe(true)
    // With no rod at all, the rod looked for is a surf rod of about 11 ft (C6).
    const [none] = rigsOf(specify(surf, {}))
    expect(none?.rig.parts.rod).toMatchObject({ hands: 'surf', lengthM: 11 * M_PER_FOOT })
  })
  test('no rod at all: one is found, of a length and number the day asks for (C6, C7)', () => {
    const rigs = rigsOf(specify(WINTER, {}))
    expect(rigs.length).toBeGreaterThan(1)
    const [{ rig, open }] = rigs as [SpecifiedRig]
    expect(open).toContain('rodId')
    expect(rig.verdict).toBe('holds')
    expect(rig.parts.rod.lengthM).toBeGreaterThan(11.5 * M_PER_FOOT)
    expect(rig.parts.rod.lineNumber).toBeGreaterThanOrEqual(5)
  })
})

describe('how far each figure may go', () => {
  test.each([
    ['a Skagit', WINTER, SKAGIT],
    ['a Scandi', SUMMER, SCANDI],
    ['no rod', TROUT, one(TROUT, {}, 'skagit')],
  ] as const)(
    '%s: each single end holds, its swing included, and just beyond it the named line fails',
    (_name, day, { rig, spans }) => {
      expect(rig.verdict).toBe('holds')
      for (const { figure, low, target, high, below, above } of spans) {
        expect(low <= target && target <= high).toBe(true)
        for (const end of [low, high])
          expect([figure, judgeSwung(withFigure(rig.parts, figure, end), day).verdict]).toEqual([
            figure,
            'holds',
          ])
        for (const check of [below, above])
          if (check !== undefined) expect(stateRank(check.state)).toBeGreaterThan(0)
      }
    },
  )
  test('a figure of a thing by itself is the one it has in its rig; what is no part of one has none', () => {
    for (const { rig, spans } of [SKAGIT, SCANDI])
      for (const { slot, figure, target } of spans) {
        const item = itemIn(rig.parts, slot)
        expect([figure, item && figureOfItem(item, figure)]).toEqual([figure, target])
      }
    const fly = { kind: 'fly', id: 'f', name: 'F', dress: 'sparse', weighting: 'light' } as const
    expect(figureOfItem(fly, 'headKg')).toBeUndefined()
  })
  test('two ends at once never break', () => {
    const { rig, spans } = SKAGIT
    for (const [i, a] of spans.entries())
      for (const b of spans.slice(i + 1))
        for (const x of [a.low, a.high])
          for (const y of [b.low, b.high]) {
            const parts = withFigure(withFigure(rig.parts, a.figure, x), b.figure, y)
            const broken = judgeSwung(parts, WINTER).checks.filter(
              ({ code, state }) => state === 'breaks' && code !== 'depth',
            )
            expect([a.figure, b.figure, broken.map(({ code }) => code)]).toEqual([a.figure, b.figure, []])
          }
  })
  test('a part that is there is never changed, and fixing one at its own target changes nothing', () => {
    const { head, tip, reel } = SKAGIT.rig.parts
    expect(SKAGIT.rig.parts.rod).toBe(LONG_SEVEN.rod)
    for (const fixed of [
      { head: head.head },
      { reel: reel ?? undefined },
      { tip: tip?.item ?? null },
    ] as FixedParts[]) {
      const again = one(WINTER, { ...LONG_SEVEN, ...fixed }, 'skagit')
      expect(again.rig.choice).toEqual(SKAGIT.rig.choice)
      expect(again.spans).toEqual(SKAGIT.spans.filter(({ slot }) => again.open.includes(slot)))
    }
  })
  test('the span follows what it rests on: a printed window moves it, a fish of another weight the leader', () => {
    const printed = rod(7, 13, 'two-hander', {
      windows: { skagit: { lowKg: 502 * KG_PER_GRAIN, highKg: 563 * KG_PER_GRAIN, counts: 'head' } },
    })
    const head = span(one(WINTER, { rod: printed }, 'skagit'), 'headKg')
    expect([head.low, head.high].map((kg) => Math.round(grains(kg)))).toEqual([505, 560])
    const heavier = one({ ...WINTER, fishKg: 2 * WINTER.fishKg }, LONG_SEVEN, 'skagit')
    expect(span(heavier, 'leaderN').low).toBeGreaterThan(span(SKAGIT, 'leaderN').low)
  })
  test('the spool must hold the line and the backing for the fish', () => {
    expect(spoolWantedM3(SKAGIT.rig.parts, 12)).toBeGreaterThanOrEqual(spoolWantedM3(SKAGIT.rig.parts, 3))
  })
})

/** The line that breaks, and the parts that it is about. */
function clash(day: Day, fixed: FixedParts): readonly string[] {
  const found = specify(day, fixed)
  if (found.outcome === 'specified') throw new Error(found.outcome)
  return [found.line.code, ...through(clashInSteps(day, fixed, found))]
}

describe('bad input', () => {
  test('parts that cannot go together are refused by the line that says so', () => {
    const heavy: FixedParts['head'] = {
      kind: 'head',
      id: 'h',
      name: 'h',
      style: 'skagit',
      massKg: 900 * KG_PER_GRAIN,
      lengthM: 8,
    }
    expect(clash(WINTER, { ...LONG_SEVEN, head: heavy })).toEqual(['mass-in-window', 'headId'])
  })
  test('two parts, each of which some rig would take, are named together, whatever else is there', () => {
    const light: FixedParts['head'] = {
      kind: 'head',
      id: 'h',
      name: 'h',
      style: 'skagit',
      massKg: 390 * KG_PER_GRAIN,
      lengthM: 6,
    }
    for (const more of [{}, { reel: SKAGIT.rig.parts.reel ?? undefined, tip: SKAGIT.rig.parts.tip?.item }])
      expect(clash(WINTER, { ...LONG_SEVEN, head: light, ...more })).toEqual([
        'mass-in-window',
        'rodId',
        'headId',
      ])
  })
  test('a trout line on a two-handed rod is three numbers up, by the other school two; on a single-hand rod its own (C9)', () => {
    for (const [made, three, two] of [
      [rod(7, 13, 'two-hander'), 10, 9],
      [rod(6, 11, 'switch'), 9, 8],
      [rod(4, 11, 'trout-two-hander'), 7, 6],
      [rod(7, 9, 'single'), 7, 7],
    ] as const)
      for (const [twoHandNumber, label] of [
        ['plus-three', three],
        ['plus-two', two],
      ] as const) {
        const day = { ...SUMMER, castM: 18, schools: { ...DEFAULT_SCHOOLS, twoHandNumber } }
        expect(span(one(day, { rod: made }, 'weight-forward'), 'boxNumber').target).toBe(label)
      }
  })
  test('a fish of 60 kg from a beck has a nearest answer and a reason', () => {
    expect(clash(dayWith({ fishKg: 60, water: 'beck' }), {})).toEqual(['rod-fish'])
  })
})

test('a part of which nothing is owned is looked for first, and no dearer one is changed in its place', () => {
  const check = (code: string, state: string) => ({ code, state }) as Check
  const lacking = lackingFor(
    [check('depth', 'breaks'), check('fly-tip', 'holds'), check('reach', 'watch')],
    ['tipId'],
  )
  expect([...lacking]).toEqual([['depth', 'tipId']])
  const mend = (slot: string) => ({ slot }) as Remedy
  const beside = (slot: string) => mendsBeside([['depth', mend(slot)]], lacking).size
  expect(['leaderId', 'tipId', 'headId', 'rodId'].map(beside)).toEqual([1, 1, 0, 0])
  expect(mendsBeside([['reach', mend('headId')]], lacking).size).toBe(1)
})

test('lengths end where nothing of the kind is made [practice]: no 10 ft Scandi, no floating tip of 1 ft or of 18', () => {
  for (const [style, rod] of [
    ['scandi', { lineNumber: 8, lengthM: 13 * M_PER_FOOT, hands: 'two-hander' }],
    ['skagit', { lineNumber: 3, lengthM: 10.75 * M_PER_FOOT, hands: 'trout-two-hander' }],
  ] as const) {
    const asked = specify(
      dayWith({ fishAt: 'middle', castM: 20 }),
      { rod: { ...rod, kind: 'rod', id: 'r', name: 'r' } },
      style,
    )
    if (asked.outcome !== 'specified') throw new Error(asked.outcome)
    for (const { figure, low, high, target } of asked.rigs.flatMap(({ spans }) => spans)) {
      expect(low).toBeLessThanOrEqual(target)
      if (figure === 'headM') expect(low).toBeGreaterThan((style === 'scandi' ? 25 : 10.5) * M_PER_FOOT)
      if (figure === 'tipM') expect([low > 2 * M_PER_FOOT, high < 16 * M_PER_FOOT]).toEqual([true, true])
    }
  }
})
