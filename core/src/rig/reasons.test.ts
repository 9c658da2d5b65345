import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { SEASONS } from '../day/answers.ts'
import { type Day, dayOf, FIRST_JOB, type Job, WATERS } from '../day/index.ts'
import {
  DEFAULT_SCHOOLS,
  DRESSES,
  FLOATING_FLIES,
  type Item,
  itemsOf,
  type Rod,
  WEIGHTINGS,
} from '../gear/index.ts'
import { headFacts, runningLineFacts, withCheater } from '../line/index.ts'
import { KG_PER_GRAIN, M_PER_FOOT } from '../quantity/index.ts'
import { tipFacts } from '../sink/index.ts'
import { type Swung, swing } from '../swing/index.ts'
import { byId, DEMO, partsOf } from '../testing/index.ts'
import { FISH_AT } from '../water/index.ts'
import { defineCheck, stateInRange } from './define.ts'
import {
  CHECKS,
  type CheckDefinition,
  howFarOff,
  ledger,
  quickLooks,
  type RigParts,
  swingInput,
} from './index.ts'

const more: readonly Item[] = [
  { kind: 'rod', id: 'too-strong', name: 'x', lineNumber: 14, lengthM: 4.6, hands: 'two-hander' },
  { kind: 'head', id: 'brute', name: 'x', style: 'skagit', massKg: 0.0425, lengthM: 7.5 },
  { kind: 'reel', id: 'bare', name: 'x', forNumber: 8 },
  { kind: 'reel', id: 'open', name: 'x', forNumber: 14, cage: 'open' },
  { kind: 'reel', id: 'tiny', name: 'x', spool: { rimDiameterM: 0.07, arborDiameterM: 0.05, widthM: 0.02 } },
  { kind: 'reel', id: 'huge', name: 'x', spool: { rimDiameterM: 0.14, arborDiameterM: 0.05, widthM: 0.05 } },
  { kind: 'running-line', id: 'thin', name: 'x', build: 'mono', diameterM: 0.0003 },
  { kind: 'running-line', id: 'thick', name: 'x', build: 'mono', diameterM: 0.0009 },
  { kind: 'running-line', id: 'weak', name: 'x', build: 'coated', breakingN: 30 },
  { kind: 'head', id: 'long', name: 'x', style: 'scandi', massKg: 0.03, lengthM: 13 },
  { kind: 'head', id: 'longer', name: 'x', style: 'scandi', massKg: 0.03, lengthM: 11.5 },
  { kind: 'reel', id: 'feather', name: 'x', forNumber: 8, massKg: 0.04, cage: 'full' },
  { kind: 'reel', id: 'anvil', name: 'x', forNumber: 8, massKg: 1.9, cage: 'full' },
  { kind: 'leader', id: 'rope', name: 'x', form: 'level', lengthM: 1.5, breakingN: 250 },
]
const gear = { items: [...DEMO.items, ...more] }
const bare = itemsOf(gear, 'head').map(headFacts)
/** A cheater of the right sort behind a head, one too light for it, and one that is next to nothing. */
const cheated = [0.006, 0.002, 0.0005].flatMap((kgPerM) => {
  const made = bare.slice(0, 3).map((head) => withCheater(head, { lengthM: 0.8, kgPerM }))
  return made.flatMap((one) => (one.outcome === 'lengthened' ? [headFacts(one.head)] : []))
})
const heads = [...bare, ...cheated]
const orNone = <T>(list: readonly T[]) => fc.constantFrom<T | null>(null, ...list)

const anyParts: fc.Arbitrary<RigParts> = fc.record({
  rod: fc.constantFrom(...itemsOf(gear, 'rod')),
  head: fc.constantFrom(...heads),
  tip: orNone([...itemsOf(gear, 'tip'), ...itemsOf(gear, 'sinking-leader')].map(tipFacts)),
  leader: orNone(itemsOf(gear, 'leader')),
  runningLine: orNone(itemsOf(gear, 'running-line').map(runningLineFacts)),
  reel: orNone(itemsOf(gear, 'reel')),
})
const anyDay: fc.Arbitrary<Day> = fc
  .record({
    fishKg: fc.constantFrom(0.1, 1, 4, 12),
    water: fc.constantFrom(...WATERS),
    season: fc.constantFrom(...SEASONS),
    fishAt: fc.constantFrom(...FISH_AT),
    fly: fc.record({
      dress: fc.constantFrom(...DRESSES),
      weighting: fc.constantFrom(...WEIGHTINGS),
      floats: fc.constantFrom(undefined, undefined, ...FLOATING_FLIES),
    }),
    castM: fc.constantFrom(9, 18, 30),
    roomBehindM: fc.constantFrom(1, 4, 40),
    waterDepthM: fc.constantFrom(0.4, 1.4, 4),
    stripToM: fc.constantFrom(undefined, 4, 30),
    indicator: fc.constantFrom(undefined, undefined, undefined, true as const),
    sinkingLeaders: fc.constantFrom('main-tip' as const, 'quick-fix' as const),
    reelWeight: fc.constantFrom('heavy' as const, 'light' as const),
    aheadMps: fc.constantFrom(0, 0, 8),
    behindHighM: fc.constantFrom(undefined, undefined, 0.1),
  })
  .map(({ sinkingLeaders, reelWeight, stripToM, indicator, aheadMps, behindHighM, ...job }) => ({
    ...dayOf({
      job: {
        ...FIRST_JOB,
        ...job,
        ...(stripToM === undefined ? {} : { stripToM }),
        ...(indicator === undefined ? {} : { indicator }),
      } satisfies Job,
      schools: { ...DEFAULT_SCHOOLS, sinkingLeaders, reelWeight },
    }),
    aheadMps,
    behindHighM,
  }))
/** Swings of every sort there can be, made from one that was swung: each is possible, none is measured here. */
const SWUNG: Swung = swing(
  swingInput({
    ...dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS }),
    parts: partsOf({}, byId(gear.items)),
  }),
)
const anySwung: fc.Arbitrary<Swung | undefined> = fc
  .record({
    holdingShare: fc.constantFrom(0, 0.25, 0.9),
    bedShare: fc.constantFrom(0, 0.2, 0.5),
    touches: fc.constantFrom(0, 2),
    belowS: fc.constantFrom(0, 20),
    crossMps: fc.constantFrom(0.2, 0.6),
    overHoldingS: fc.constantFrom(0, 30, 30),
    grounded: fc.constantFrom(true, false, false),
    onTop: fc.option(
      fc.record({
        floats: fc.constantFrom(...FLOATING_FLIES),
        upShare: fc.constantFrom(0.9, 0.1),
        wakeMps: fc.constantFrom(0.1, 0.6, 2),
        dragFreeS: fc.constantFrom(0.5, 9),
      }),
      { nil: undefined },
    ),
  })
  .chain(({ onTop, ...change }) =>
    fc.constantFrom<Swung | undefined>(
      undefined,
      { ...SWUNG, outcome: 'did-not-finish' },
      {
        outcome: 'swung',
        summary: { ...SWUNG.summary, aboveS: 10, ...change, ...(onTop && { onTop }) },
      },
    ),
  )
const seeded = { seed: 20261126, numRuns: 6000 }

describe('reasons', () => {
  test('every reason of every check is met by some rig on some day', () => {
    const met = new Set<string>()
    fc.assert(
      fc.property(anyParts, anyDay, anySwung, (parts, day, swung) => {
        for (const { code, reason } of ledger(parts, day, swung)) met.add(`${code} ${reason}`)
      }),
      seeded,
    )
    const all = CHECKS.flatMap(({ code, reasons }) =>
      Object.keys(reasons).map((reason) => `${code} ${reason}`),
    )
    expect(all.filter((pair) => !met.has(pair))).toEqual([])
    expect([...met].filter((pair) => !all.includes(pair))).toEqual([])
  })
  test('of one check at most one look answers; figures are finite, and none off when it holds', () => {
    fc.assert(
      fc.property(anyParts, anyDay, anySwung, (parts, day, swung) => {
        const lines = ledger(parts, day, swung)
        expect(new Set(lines.map((l) => l.code)).size).toBe(lines.length)
        for (const { state, value, off } of lines) {
          expect(Number.isFinite(value ?? 0)).toBe(true)
          expect(off >= 0 && off <= 4 && (state !== 'holds' || off === 0)).toBe(true)
        }
      }),
      { ...seeded, numRuns: 500 },
    )
  })
})

describe('what a look needs', () => {
  /** Reads nothing but what the look says it needs: anything else throws. */
  const only = (parts: RigParts, needs: readonly string[]): RigParts =>
    new Proxy(parts, {
      get: (target, part) => {
        if (!needs.includes(String(part))) throw new Error(`reads ${String(part)} unasked`)
        return target[part as keyof RigParts]
      },
    })
  test('is all it reads, and no shortcut promises more than it keeps', () => {
    const badness = (finding: { state: string } | null) =>
      finding === null ? 0 : ['holds', 'watch', 'breaks'].indexOf(finding.state)
    fc.assert(
      fc.property(anyParts, anyDay, (parts, day) => {
        for (const { looks } of CHECKS as readonly CheckDefinition[])
          for (const { needs, run, least } of looks) {
            const finding = run(only(parts, needs), day)
            if (least === undefined || finding === null) continue
            const best = least(only(parts, ['rod', 'head']), day)
            expect(badness(best)).toBeLessThanOrEqual(badness(finding))
            if (best?.state === 'breaks') expect(howFarOff(best)).toBeLessThanOrEqual(howFarOff(finding))
          }
      }),
      { ...seeded, numRuns: 1500 },
    )
  })
  test('a second look stays out of a search; its stand-in goes instead', () => {
    const quick = defineCheck({ code: 'a', slots: [], reasons: { fits: {} } }).look(['rod'], () => null)
    const second = defineCheck({ code: 'b', slots: [], cost: 'second-look', reasons: { fits: {} } })
      .look(['rod'], () => {
        throw new Error('milliseconds')
      })
      .standIn(['head'], () => null)
    expect(quickLooks(quick).map((l) => l.needs)).toEqual([['rod']])
    expect(quickLooks(second).map((l) => l.needs)).toEqual([['head']])
  })
})

describe('how far off', () => {
  const at = (value: number | null, allowed: { low?: number; high?: number }, state = 'breaks' as const) =>
    howFarOff({ state, value, allowed, measure: 'length', tag: 'estimate' })
  test.each([
    [0.5, { low: 1 }, 1],
    [4, { high: 1 }, 2],
    [0, { low: 1 }, 4],
    [1e9, { high: 1 }, 4],
    [3, { high: 0 }, 4],
    [null, {}, 1],
    [2, { low: 1, high: 3 }, 1],
  ])('%p against %j is %p doublings', (value, allowed, off) => expect(at(value, allowed)).toBeCloseTo(off, 9))
})

test.each([
  [1, 'holds'],
  [2, 'holds'],
  [0.99, 'watch'],
  [0.75, 'watch'],
  [2.5, 'watch'],
  [0.74, 'breaks'],
  [2.51, 'breaks'],
])('%p against 1 to 2 with a slack of ¼ below and ½ above %s: the ends belong to it', (value, state) =>
  expect(stateInRange(value, 1, 2, 0.25, 0.5)).toBe(state),
)

test('a rod’s window is the same whoever asks: the caster is part of the day', () => {
  const rod: Rod = {
    kind: 'rod',
    id: 'r',
    name: 'r',
    lineNumber: 7,
    lengthM: 12.5 * M_PER_FOOT,
    hands: 'two-hander',
  }
  const head = headFacts({
    kind: 'head',
    id: 'h',
    name: 'h',
    style: 'overhead',
    massKg: 400 * KG_PER_GRAIN,
    lengthM: 10,
  })
  const parts = { rod, head, tip: null, leader: null, runningLine: null, reel: null }
  const low = (mainly: 'spey' | 'overhead') =>
    ledger(
      parts,
      dayOf({ job: { ...FIRST_JOB, caster: { ...FIRST_JOB.caster, mainly } }, schools: DEFAULT_SCHOOLS }),
    ).find((l) => l.code === 'mass-in-window')?.allowed.low ?? 0
  expect(low('spey')).toBeGreaterThan(low('overhead') * 1.1)
})
