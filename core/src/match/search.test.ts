import { describe, expect, jest, test } from '@jest/globals'
import fc from 'fast-check'
import { type Day, dayOf, FIRST_JOB, USUAL_DAYS } from '../day/index.ts'
import { DEFAULT_SCHOOLS, HANDS, type Head, type Item, type Rod } from '../gear/index.ts'
import {
  CHECKS,
  type CheckDefinition,
  type Look,
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
  .record({ job: fc.constantFrom(...USUAL_DAYS), roomBehindM: fc.double({ min: 1, max: 15, noNaN: true }) })
  .map(({ job, roomBehindM }) =>
    dayOf({ job: { ...FIRST_JOB, ...job.job, roomBehindM }, schools: DEFAULT_SCHOOLS }),
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

/** The best rig of every rod and head, by trying everything; equals in the gear's order. */
function byTrying(c: Candidates, day: Day): readonly { readonly cost: number; readonly place: number }[] {
  return c.rods
    .flatMap((rodTried, r) =>
      c.heads.map((headTried, h) => {
        let best = { cost: Number.POSITIVE_INFINITY, place: 0 }
        c.tips.forEach((tip, t) => {
          const place = (r * c.heads.length + h) * c.tips.length + t
          const near = closeness(
            { rod: rodTried, head: headTried, tip },
            windowOf({ rod: rodTried, head: headTried }, day),
          )
          for (const leader of c.leaders)
            for (const runningLine of headTried.onePiece ? [null] : c.runningLines)
              for (const reel of c.reels) {
                const parts: RigParts = { rod: rodTried, head: headTried, tip, leader, runningLine, reel }
                const cost = near + costOf(LOOKS, parts, day)
                if (cost < best.cost) best = { cost, place }
              }
        })
        return best
      }),
    )
    .sort((a, b) => a.cost - b.cost || a.place - b.place)
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
        expect(found.map(({ cost, place }) => ({ cost, place }))).toEqual(byTrying(c, day).slice(0, 3))
      },
    ),
    { ...SEED, numRuns: 30 },
  )
  // Most cases leave something out, and most of what there is is left out.
  expect(cut).toBeGreaterThan(25)
  expect(looked).toBeLessThan(there / 2)
})
