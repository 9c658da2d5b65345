import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { solve as yalps } from 'yalps'
import { solver } from '../testing/highs.ts'
import { some } from '../testing/long.ts'
import { bestKit, type CoverQuestion, staircaseInSteps } from './coverModel.ts'
import type { Programme, Solve } from './programme.ts'

const SEED = { seed: 20261130 }
let highs: Solve
beforeAll(async () => {
  highs = await solver()
})

const SORTS = ['rods', 'heads', 'tips', 'leaders', 'reels'] as const
const ID = [...'abcdefghij']

/** Small cases of every sort: some of ten things, six demands with up to four ways each, limits now and then. */
const question = fc
  .record({
    sorts: fc.array(fc.constantFrom(...SORTS), { minLength: ID.length, maxLength: ID.length }),
    demands: fc.array(
      fc.record({
        weight: fc.integer({ min: 1, max: 3 }),
        ways: fc.array(
          fc.record({
            ids: fc.uniqueArray(fc.constantFrom(...ID), { minLength: 1, maxLength: 4 }),
            oneOf: fc.uniqueArray(fc.constantFrom(...ID), { maxLength: 2 }),
            margin: fc.integer({ min: 0, max: 10 }).map((tenths) => tenths / 10),
          }),
          { maxLength: 4 },
        ),
      }),
      { minLength: 1, maxLength: 6 },
    ),
    limits: fc.record(
      {
        items: fc.integer({ min: 1, max: 8 }),
        tips: fc.integer({ min: 0, max: 3 }),
        rods: fc.integer({ min: 1, max: 2 }),
        home: fc.uniqueArray(fc.constantFrom(...ID.slice(0, 3)), { maxLength: 2 }),
        must: fc.constantFrom<string[][]>([], ['j']),
      },
      { requiredKeys: [] },
    ),
  })
  .map(
    ({ sorts, ...rest }): CoverQuestion => ({
      items: ID.map((id, i) => ({ id, sort: sorts[i] ?? 'tips' })),
      ...rest,
    }),
  )

/** How good a set of things is, the first that differs decides; undefined where a limit forbids it. */
function scoreOf({ items, demands, limits }: CoverQuestion, ids: readonly string[]): number[] | undefined {
  const kit = new Set(ids)
  const count = (sort: string) => items.filter((item) => kit.has(item.id) && item.sort === sort).length
  if (limits.home?.some((id) => kit.has(id)) || limits.must?.some((id) => !kit.has(id))) return undefined
  if (
    kit.size > (limits.items ?? 99) ||
    count('tips') > (limits.tips ?? 99) ||
    count('rods') > (limits.rods ?? 99)
  )
    return undefined
  const margins = demands.map(({ ways }) =>
    Math.max(
      -1,
      ...ways
        .filter(
          ({ ids: all, oneOf }) =>
            all.every((id) => kit.has(id)) && (oneOf.length === 0 || oneOf.some((id) => kit.has(id))),
        )
        .map(({ margin }) => margin),
    ),
  )
  const weight = demands.reduce((sum, demand, d) => sum + ((margins[d] ?? -1) < 0 ? 0 : demand.weight), 0)
  const worst = Math.min(1, ...margins.filter((margin) => margin >= 0))
  return [weight, -count('rods'), -kit.size, worst]
}

const subsets = Array.from({ length: 2 ** ID.length }, (_, mask) =>
  ID.filter((_id, i) => (mask & (1 << i)) !== 0),
)
const better = (a: number[], b: number[] | undefined): boolean => {
  if (b === undefined) return true
  const at = a.findIndex((value, i) => Math.abs(value - (b[i] ?? 0)) > 1e-9)
  return at >= 0 && (a[at] ?? 0) > (b[at] ?? 0)
}
function bruteForce(asked: CoverQuestion): number[] | undefined {
  let best: number[] | undefined
  for (const ids of subsets) {
    const score = scoreOf(asked, ids)
    if (score !== undefined && better(score, best)) best = score
  }
  return best
}

test('200 small cases: the kit is the best of all sets, in coverage, rods, items and worst margin', () => {
  fc.assert(
    fc.property(question, (asked) => {
      const best = bruteForce(asked)
      const kit = bestKit(asked, highs)
      if (best === undefined) return expect(kit.ids).toEqual([])
      expect(kit.optimal).toBe(true)
      const ours = scoreOf(asked, kit.ids)
      expect(ours?.slice(0, 3)).toEqual(best.slice(0, 3))
      expect(ours?.[3]).toBeCloseTo(best[3] ?? 0, 6)
    }),
    { ...SEED, numRuns: some(2000, 0.1) },
  )
})

/** The same programme given to YALPS, a solver of its own make. */
const byYalps: Solve = ({ columns, rows }: Programme) => {
  const whole = columns.flatMap((column, i) => (column.whole ? [`x${i}`] : []))
  const variables = columns.map((column, i): [string, Record<string, number>] => [
    `x${i}`,
    {
      worth: column.worth,
      [`b${i}`]: 1,
      ...Object.fromEntries(
        rows.flatMap(({ terms }, r) => {
          const times = terms.filter(([c]) => c === i).reduce((sum, [, each]) => sum + each, 0)
          return times === 0 ? [] : [[`r${r}`, times]]
        }),
      ),
    },
  ])
  const constraints = [
    ...columns.map(({ low, high }, i): [string, { min: number; max: number }] => [
      `b${i}`,
      { min: low, max: high },
    ]),
    ...rows.map(({ low, high }, r): [string, { min?: number; max?: number }] => [
      `r${r}`,
      { ...(low === undefined ? {} : { min: low }), ...(high === undefined ? {} : { max: high }) },
    ]),
  ]
  const found = yalps({ direction: 'maximize', objective: 'worth', constraints, variables, integers: whole })
  const values = columns.map(() => 0)
  for (const [name, value] of found.variables) values[Number(name.slice(1))] = value
  return {
    outcome: found.status === 'optimal' ? 'optimal' : 'infeasible',
    values: found.status === 'optimal' ? values : [],
    worth: found.result,
    bound: found.result,
  }
}

test('a second solver finds kits as good (YALPS)', () => {
  fc.assert(
    fc.property(question, (asked) => {
      const [one, other] = [bestKit(asked, highs), bestKit(asked, byYalps)]
      expect(scoreOf(asked, one.ids)?.slice(0, 3)).toEqual(scoreOf(asked, other.ids)?.slice(0, 3))
    }),
    { ...SEED, numRuns: 40 },
  )
})

test('the staircase never falls and ends at the kit; a thing more never covers less, a limit more never more', () => {
  fc.assert(
    fc.property(question, fc.constantFrom(...ID), (asked, id) => {
      const kit = bestKit(asked, highs)
      const steps = [...staircaseInSteps(asked, kit, highs)]
      expect(steps.map(({ items }) => items)).toEqual(kit.ids.map((_, i) => i + 1))
      for (const [i, { weight }] of steps.entries())
        expect(weight).toBeGreaterThanOrEqual(steps[i - 1]?.weight ?? 0)
      const less = bestKit(
        { ...asked, limits: { ...asked.limits, home: [...(asked.limits.home ?? []), id] } },
        highs,
      )
      const tighter = bestKit({ ...asked, limits: { ...asked.limits, tips: 1 } }, highs)
      if (less.ids.length > 0) expect(less.weight).toBeLessThanOrEqual(kit.weight)
      if (tighter.ids.length > 0 && (asked.limits.tips ?? 9) >= 1)
        expect(tighter.weight).toBeLessThanOrEqual(kit.weight)
    }),
    { ...SEED, numRuns: 40 },
  )
})

test('a programme that cannot be met is told apart from one that took too long', () => {
  const columns = [{ low: 0, high: 1, whole: true, worth: 1 }]
  const asking = (low: number): Programme => ({ columns, rows: [{ terms: [[0, 1]], low }] })
  expect([highs(asking(1)).outcome, highs(asking(2)).outcome]).toEqual(['optimal', 'infeasible'])
})

test('out of time, the gap that is proven is told', () => {
  const asked: CoverQuestion = {
    items: [{ id: 'a', sort: 'tips' }],
    demands: [{ weight: 2, ways: [{ ids: ['a'], oneOf: [], margin: 0.5 }] }],
    limits: {},
  }
  const slow: Solve = (programme) => ({
    outcome: 'time-limit',
    values: programme.columns.map(() => 0),
    worth: 0,
    bound: highs(programme).worth,
  })
  expect(bestKit(asked, slow)).toEqual({ ids: [], weight: 0, optimal: false, gap: 1 })
})

test('nothing is borrowed unless a limit lets it in, and then no more than that', () => {
  const things = ['rod', 'mine', 'lent', 'lent-too'].map((id, i) => ({
    id,
    sort: i === 0 ? ('rods' as const) : ('tips' as const),
    ...(i > 1 ? { borrowed: true } : {}),
  }))
  const way = (id: string) => ({ ids: ['rod', id], oneOf: [], margin: 1 })
  const asked = (limits: CoverQuestion['limits']): CoverQuestion => ({
    items: things,
    demands: [way('mine'), way('lent'), way('lent-too')].map((each) => ({ weight: 1, ways: [each] })),
    limits,
  })
  expect(
    [{}, { borrowed: 1 }, { borrowed: 2 }].map((limits) => bestKit(asked(limits), highs).weight),
  ).toEqual([1, 2, 3])
})
