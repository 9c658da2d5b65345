import { describe, expect, jest, test } from '@jest/globals'
import fc from 'fast-check'
import { type Day, dayOf, FIRST_JOB, USUAL_DAYS, USUAL_STAND } from '../day/index.ts'
import { DEFAULT_SCHOOLS, HANDS, type Head, type Item, type Rod } from '../gear/index.ts'
import {
  CHECKS,
  type CheckDefinition,
  type Look,
  type Part,
  quickLooks,
  type RigParts,
  through,
  windowOf,
} from '../rig/index.ts'
import { DEMO } from '../testing/index.ts'
import { type Candidates, candidatesOf } from './candidates.ts'
import { closeness } from './closeness.ts'
import { costOf, groupsOf, type OpenRig } from './groups.ts'
import { type Branch, headTrees } from './headTree.ts'
import { PairCosts } from './pairCosts.ts'
import { searchInSteps } from './search.ts'
import { SideCosts } from './sideCosts.ts'
import type { FoundRig } from './topK.ts'

const LOOKS: readonly Look[] = (CHECKS as readonly CheckDefinition[]).flatMap(quickLooks)
const SEED = { seed: 20261129 }

/** Gear of every sort a head can lie to a rod: all styles and lengths, windows printed and not, that count the tip and that do not. */
const rod = fc
  .record({
    lineNumber: fc.integer({ min: 2, max: 10 }),
    lengthM: fc.double({ min: 2.4, max: 4.6, noNaN: true }),
    hands: fc.constantFrom(...HANDS),
    low: fc.double({ min: 0.008, max: 0.035, noNaN: true }),
    counts: fc.constantFrom('head' as const, 'head+tip' as const, undefined),
    printed: fc.boolean(),
  })
  .map(({ low, counts, printed, ...rest }): Omit<Rod, 'id' | 'name'> => {
    const window = { lowKg: low, highKg: low * 1.15, ...(counts === undefined ? {} : { counts }) }
    return {
      kind: 'rod',
      ...rest,
      ...(printed ? { windows: { skagit: window, scandi: window, overhead: window } } : {}),
    }
  })
const head = fc
  .record({
    style: fc.constantFrom(
      'skagit' as const,
      'scandi' as const,
      'overhead' as const,
      'multi-density' as const,
      'integrated' as const,
    ),
    massKg: fc.double({ min: 0.008, max: 0.05, noNaN: true }),
    lengthM: fc.double({ min: 3, max: 12, noNaN: true }),
  })
  .map((what): Omit<Head, 'id' | 'name'> => ({ kind: 'head', ...what }))
const trout = fc
  .record({
    style: fc.constantFrom('double-taper' as const, 'weight-forward' as const),
    labelNumber: fc.integer({ min: 3, max: 9 }),
  })
  .map(
    ({ style, labelNumber }): Omit<Head, 'id' | 'name'> => ({
      kind: 'head',
      style,
      labelNumber,
      lengthM: style === 'double-taper' ? 27 : 12,
    }),
  )
const named = (items: readonly object[]): readonly Item[] =>
  items.map((item, i) => ({ ...item, id: `i${i}`, name: `n${String(i).padStart(3, '0')}` }) as Item)
const days = fc
  .record({
    job: fc.constantFrom(...USUAL_DAYS),
    roomBehindM: fc.double({ min: 1, max: 15, noNaN: true }),
    castM: fc.double({ min: 8, max: 30, noNaN: true }),
    fromDeg: fc.integer({ min: 0, max: 359 }),
    mps: fc.constantFrom(0, 1, 4, 8, 12),
    shoulder: fc.constantFrom(undefined, 'sore' as const),
  })
  .map(({ job, roomBehindM, castM, shoulder, ...wind }) =>
    dayOf({
      job: { ...FIRST_JOB, ...job.job, roomBehindM, castM },
      schools: DEFAULT_SCHOOLS,
      stand: { ...USUAL_STAND, wind, shoulder },
    }),
  )
const few = (kinds: readonly Item['kind'][], count: number): readonly Item[] =>
  kinds.flatMap((kind) => DEMO.items.filter((item) => item.kind === kind).slice(0, count))

function pairsOf(c: Candidates, day: Day): PairCosts {
  const [first, firstHead] = [c.rods[0], c.heads[0]]
  if (first === undefined || firstHead === undefined) throw new Error('nothing')
  const draft: OpenRig = {
    rod: first,
    head: firstHead,
    tip: null,
    leader: null,
    runningLine: null,
    reel: null,
  }
  const groups = groupsOf(LOOKS)
  return new PairCosts(c, day, groups, draft, new SideCosts(c, day, groups, draft))
}

describe('what a search leaves out by', () => {
  test('no head of a branch costs a rod less than the branch says, nor a half less than the whole', () => {
    fc.assert(
      fc.property(
        fc.array(rod, { minLength: 2, maxLength: 5 }),
        fc.array(fc.oneof({ weight: 5, arbitrary: head }, trout), { minLength: 20, maxLength: 60 }),
        days,
        (rods, heads, day) => {
          const c = candidatesOf(
            { items: [...named([...rods, ...heads]), ...few(['tip', 'reel', 'running-line'], 3)] },
            day,
          )
          if (c.heads.length === 0) return
          const pairs = pairsOf(c, day)
          c.rods.forEach((one, rodIndex) => {
            const seen: number[] = []
            const walk = (branch: Branch, above: number): void => {
              const least = pairs.leastOfBranch(rodIndex, branch)
              expect(least).toBeGreaterThanOrEqual(above)
              for (const { index } of branch.heads) {
                pairs.take(one, c.heads[index] as (typeof c.heads)[number])
                expect(pairs.together(rodIndex, index).least).toBeGreaterThanOrEqual(least)
              }
              const halves = branch.halves()
              if (halves.length === 0) seen.push(...branch.heads.map(({ index }) => index))
              for (const half of halves) walk(half, least)
            }
            for (const tree of pairs.branchesFor(one)) walk(tree, pairs.leastOfRod(rodIndex))
            expect(seen.toSorted((a, b) => a - b)).toEqual([...c.heads.keys()])
          })
        },
      ),
      { ...SEED, numRuns: 40 },
    )
  })
  test('a tree holds every head once, knows its lightest, heaviest and shortest, and halves until a handful is left', () => {
    const weighed = candidatesOf(
      { items: DEMO.items },
      dayOf({ job: FIRST_JOB, schools: DEFAULT_SCHOOLS }),
    ).heads.map((facts, index) => ({ index, head: facts, massKg: facts.massKg.value, least: index }))
    for (const tree of headTrees(weighed)) {
      expect(tree.lightest.massKg).toBe(Math.min(...tree.heads.map(({ massKg }) => massKg)))
      expect(tree.heaviest.massKg).toBe(Math.max(...tree.heads.map(({ massKg }) => massKg)))
      expect(tree.shortest.head.lengthM).toBe(Math.min(...tree.heads.map(({ head: { lengthM } }) => lengthM)))
      expect(tree.least).toBe(Math.min(...tree.heads.map(({ least }) => least)))
      expect(tree.halves().length).toBe(tree.heads.length > 4 ? 2 : 0)
    }
  })
})

/** The best rig of every rod and head, or of every tip with them, by trying everything; the first of equals, in the gear's order. */
function byTrying(
  c: Candidates,
  day: Day,
  looks: readonly Look[],
  oneFor: 'head' | 'tip',
): readonly FoundRig[] {
  const best = new Map<number, FoundRig>()
  for (const [r, rodTried] of c.rods.entries())
    for (const [h, headTried] of c.heads.entries())
      for (const [t, tip] of c.tips.entries()) {
        const both = r * c.heads.length + h
        const place = both * c.tips.length + t
        const one = oneFor === 'head' ? both : place
        const pair = { rod: rodTried, head: headTried }
        const near = closeness({ ...pair, tip }, windowOf(pair, day))
        for (const leader of c.leaders)
          for (const runningLine of headTried.onePiece ? [null] : c.runningLines)
            for (const reel of c.reels) {
              const parts: RigParts = { ...pair, tip, leader, runningLine, reel }
              const cost = near + costOf(looks, parts, day)
              if (cost < (best.get(one)?.cost ?? Number.POSITIVE_INFINITY))
                best.set(one, { parts, cost, place })
            }
      }
  return [...best.values()].sort((x, y) => x.cost - y.cost || x.place - y.place)
}

test('a search that leaves most out finds what trying everything finds, equals in the gear’s order', () => {
  const met = jest.spyOn(PairCosts.prototype, 'together')
  let [there, looked, cut] = [0, 0, 0]
  fc.assert(
    fc.property(
      fc.array(rod, { minLength: 2, maxLength: 4 }),
      fc.array(fc.oneof({ weight: 5, arbitrary: head }, trout), { minLength: 12, maxLength: 30 }),
      days,
      (rods, heads, day) => {
        // Every third head stands twice: the first of equals is wanted.
        const doubled = heads.flatMap((one, i) => (i % 3 === 0 ? [one, one] : [one]))
        const items = [...named([...rods, ...doubled]), ...few(['tip', 'leader', 'running-line', 'reel'], 2)]
        const c = candidatesOf({ items }, day)
        if (c.heads.length === 0) return
        met.mockClear()
        const found = through(searchInSteps(c, day, { limit: 3, oneFor: 'head', looks: LOOKS }))
        there += c.rods.length * c.heads.length
        looked += met.mock.calls.length
        if (met.mock.calls.length < c.rods.length * c.heads.length) cut++
        expect(found).toEqual(byTrying(c, day, LOOKS, 'head').slice(0, 3))
      },
    ),
    { ...SEED, numRuns: 30 },
  )
  // Most cases leave something out, and most of what there is is left out.
  expect(cut).toBeGreaterThan(25)
  expect(looked).toBeLessThan(there / 2)
})

const WHOLE = ['rod', 'head', 'tip', 'leader', 'runningLine', 'reel'] as const satisfies readonly Part[]
/** Parts that a look with a key weighs under it. */
const UNDER_KEY: Readonly<Partial<Record<string, Part>>> = {
  'head,tip': 'tip',
  'head,runningLine': 'runningLine',
  'rod,reel': 'reel',
}
const called = new Map<unknown, string>()
const calledOf = (parts: RigParts, part: Part): string => {
  const known = called.get(parts[part])
  if (known !== undefined) return known
  const name = JSON.stringify(parts[part])
  called.set(parts[part], String(drawn(name, 1_000_003)))
  return calledOf(parts, part)
}
const drawn = (text: string, of: number): number => {
  let sum = 7
  for (let i = 0; i < text.length; i++) sum = (sum * 31 + text.charCodeAt(i)) % 1_000_003
  return sum % of
}

const some = (parts: readonly Part[]) => fc.subarray([...parts], { minLength: 1 })
/** What a look needs: parts of the front, of the reel's side, seldom of both. */
const needs = fc.oneof(
  { weight: 5, arbitrary: some(['rod', 'head', 'tip', 'leader']) },
  { weight: 5, arbitrary: some(['rod', 'head', 'runningLine', 'reel']) },
  { weight: 1, arbitrary: some(WHOLE) },
)

/** A look at some parts that comes to 0, 1 or 2 by lot: equals are the rule. */
function looksBy(lot: number, needs: readonly Part[], keyed: boolean): Look {
  const last = needs.includes('leader') && !needs.includes('runningLine') && !needs.includes('reel')
  const under = last ? 'leader' : UNDER_KEY[needs.join()]
  const others = (parts: RigParts): string =>
    String(
      drawn(
        needs
          .filter((part) => part !== under)
          .map((part) => calledOf(parts, part))
          .join(),
        3,
      ),
    )
  const key = keyed && under !== undefined && needs.length > 1 ? others : undefined
  return {
    needs,
    run: (parts) => {
      const text =
        key === undefined || under === undefined
          ? needs.map((part) => calledOf(parts, part)).join()
          : `${key(parts)} ${calledOf(parts, under)}`
      return {
        state: 'holds',
        reason: 'by-lot',
        data: {},
        value: null,
        measure: 'none',
        tag: 'physics',
        from: drawn(`${lot} ${needs.join()} ${text}`, 3),
      }
    },
    ...(key === undefined ? {} : { key }),
  }
}

test('whatever looks there are, the search finds what trying everything finds, to the last part', () => {
  fc.assert(
    fc.property(
      fc.array(rod, { minLength: 1, maxLength: 2 }),
      fc.array(head, { minLength: 2, maxLength: 6 }),
      days,
      fc.integer(),
      fc.array(fc.tuple(needs, fc.boolean()), {
        minLength: 4,
        maxLength: 12,
      }),
      fc.constantFrom('head' as const, 'tip' as const),
      (rods, heads, day, lot, asked, oneFor) => {
        const items = [...named([...rods, ...heads]), ...few(['tip', 'leader', 'running-line', 'reel'], 3)]
        const c = candidatesOf({ items }, day)
        if (c.heads.length === 0) return
        const looks = asked.map(([needs, keyed], i) => looksBy(lot + i, needs, keyed))
        const found = through(searchInSteps(c, day, { limit: 3, oneFor, looks }))
        const best = byTrying(c, day, looks, oneFor).slice(0, 3)
        expect(found.map(({ cost, place }) => [cost, place])).toEqual(
          best.map(({ cost, place }) => [cost, place]),
        )
        best.forEach((expected, i) => {
          const { parts, cost } = found[i] ?? expected
          expect(closeness(parts, windowOf(parts, day)) + costOf(looks, parts, day)).toBe(cost)
          // Which running line and reel come first of equals is told where the front has no say in them.
          const { runningLine, reel, ...front } = parts
          const { runningLine: line, reel: spool, ...first } = expected.parts
          expect(front).toEqual(first)
          if (groupsOf(looks).mixed.length === 0) expect([runningLine, reel]).toEqual([line, spool])
        })
      },
    ),
    { ...SEED, numRuns: 300 },
  )
})
