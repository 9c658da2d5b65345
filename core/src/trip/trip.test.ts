import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { quantile } from 'simple-statistics'
import { convertIcsCalendar } from 'ts-ics'
import { FIRST_JOB, USUAL_STAND } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Item } from '../gear/index.ts'
import { judgeSwung } from '../match/index.ts'
import { type RigChoice, resolveRig, through } from '../rig/index.ts'
import { solver } from '../testing/highs.ts'
import { byId, DEMO, flatRun, renamed } from '../testing/index.ts'
import { calendarWords } from '../words/index.ts'
import { TripSearch } from './answer.ts'
import { atHome } from './atHome.ts'
import { worthBorrowing } from './borrowing.ts'
import { tripCalendar } from './calendar.ts'
import { fallsWithout, rigWith } from './carried.ts'
import { contradictionOf } from './contradiction.ts'
import { WHOLE } from './covering.ts'
import { bestOrder, changesBetween, moreRods, type Stop } from './dayOrder.ts'
import { demandsOf, MOST_DEMANDS, seasonOn, type TripAbout } from './demand.ts'
import { flowQuantiles } from './flows.ts'
import { matrixOf, usesOf } from './matrix.ts'
import { packedWallet, packList } from './packing.ts'
import { type Solve, solveThrough } from './programme.ts'
import { sparesFor } from './spares.ts'
import { countsOf, mostMissing } from './summary.ts'
import { orderDay } from './tripDay.ts'
import { tripKey } from './tripKey.ts'
import { type Trip, type TripPlan, tripSchema } from './tripSchema.ts'
import { CHANGE_MINUTES } from './vocabulary.ts'

const some = (...ids: string[]): readonly Item[] => DEMO.items.filter(({ id }) => ids.includes(id))
/** A small wallet for one rod. */
const SMALL = some(
  'long-seven-13-ft',
  '510-gr-short-skagit',
  't-8-5-ft',
  't-11-7-ft-6',
  't-8-10-ft',
  'part-sinking-5-ft-of-10',
  'stepped-5-ft',
  'level-4-ft',
  'coated-30-lb',
  'full-frame-eleven',
  'winter-marabou',
)
const about: TripAbout = {
  gear: { items: SMALL },
  runs: DEMO.runs,
  job: { ...(DEMO.job ?? FIRST_JOB), fishAt: 'bottom' },
  schools: DEFAULT_SCHOOLS,
  stand: USUAL_STAND,
}
const trip: TripPlan = {
  days: [
    {
      on: '2027-10-04',
      pools: [
        { runId: 'mill-bend', flowsM3ps: [17, 28] },
        { runId: 'kettle-run', flowsM3ps: [14] },
      ],
    },
    { on: '2027-10-05', pools: [{ runId: 'mill-bend', flowsM3ps: [17] }] },
  ],
  flies: ['winter-marabou'],
}
const withLimits = (limits: NonNullable<Trip['limits']>): TripPlan => ({ ...trip, limits })
let solve: Solve
beforeAll(async () => {
  solve = await solver()
})
const answer = (asked: TripPlan, items = SMALL) => {
  const search = new TripSearch(asked, { ...about, gear: { items } }, [], WHOLE)
  solveThrough(search.first(), solve)
  return { search, ...solveThrough(search.further(), solve) }
}

describe('the key of a search', () => {
  const key = (asked: TripPlan = trip, changed: Partial<TripAbout> = {}) =>
    tripKey(asked, { ...about, ...changed })
  test('wind, bank, season, temperature, style and the gauge change nothing: the trip’s days say their own', () => {
    const { stand, job } = about
    for (const changed of [
      { stand: { ...stand, wind: { fromDeg: 70, mps: 9 } } },
      { stand: { ...stand, bank: 'left' as const } },
      { job: { ...job, season: 'summer' as const } },
      { job: { ...job, waterC: 12 } },
      { job: { ...job, style: 'scandi' as const } },
      { nowM3ps: { 'mill-bend': 31 } },
    ])
      expect(key(trip, changed)).toBe(key())
  })
  test('what is called or listed otherwise, limits and notes change nothing; what is asked does', () => {
    // A fly's name is shown with its demand.
    const flies = SMALL.filter(({ kind }) => kind === 'fly')
    const others = renamed(SMALL).filter(({ kind }) => kind !== 'fly')
    expect(
      key(trip, { gear: { items: [...others.map((item) => ({ ...item, notes: 'old' })), ...flies] } }),
    ).toBe(key())
    expect(key(withLimits({ tips: 1 }))).toBe(key())
    const heavier = SMALL.map((item) => (item.kind === 'head' ? { ...item, massKg: 0.04 } : item))
    for (const other of [
      key(trip, { gear: { items: heavier } }),
      key(trip, { gear: { items: SMALL.slice(1) } }),
      key({ ...trip, watchCounts: true }),
      key({ ...trip, days: trip.days.slice(1) }),
      key(trip, { job: { ...about.job, castM: about.job.castM + 5 } }),
      tripKey(trip, about, some('t-14-10-ft')),
    ])
      expect(other).not.toBe(key())
  })
})
describe('what is asked', () => {
  test('each pool at each flow with each fly once, weighted by its days; the season by its date', () => {
    const { demands, problems } = demandsOf(trip, about)
    expect(problems).toEqual([])
    expect(demands.map(({ run, flowM3ps, on }) => [run.id, flowM3ps, on.length])).toEqual([
      ['mill-bend', 17, 2],
      ['mill-bend', 28, 1],
      ['kettle-run', 14, 1],
    ])
    expect(demands[0]?.day).toMatchObject({
      season: 'autumn',
      fishAt: 'bottom',
      aheadMps: expect.any(Number),
    })
    // Meteorological seasons: whole months from December; the other half of the year south of the equator.
    expect(['2027-12-01', '2027-03-01', '2027-08-31'].map((on) => seasonOn(on))).toEqual([
      'winter',
      'spring',
      'summer',
    ])
    expect(seasonOn('2027-01-15', -41)).toBe('summer')
  })

  test('a span is asked at both ends and in the middle; a beach by its tide; a floating fly at the surface', () => {
    const asked: TripPlan = {
      days: [
        {
          on: '2027-10-04',
          fishAt: 'bottom',
          waterC: 6,
          pools: [{ runId: 'mill-bend' }, { runId: 'ossan-strand' }],
        },
      ],
      waters: [{ runId: 'mill-bend', flows: { by: 'span', lowM3ps: 10, highM3ps: 40 } }],
      flies: [{ dress: 'sparse', weighting: 'unweighted', floats: 'waking' }],
    }
    const { demands } = demandsOf(asked, about)
    expect(demands.map(({ flowM3ps }) => flowM3ps)).toEqual([10, 20, 40, undefined])
    expect(demands.map(({ day }) => [day.water, day.fishAt, day.waterC])).toEqual([
      ['river', 'surface', 6],
      ['river', 'surface', 6],
      ['river', 'surface', 6],
      ['surf', 'surface', 6],
    ])
  })

  test('what is gone, far or unmeasured is named, and the rest stands', () => {
    const bare = { ...flatRun(1.2, 0.6), id: 'bare', name: 'Bare' }
    const asked: TripPlan = {
      days: [
        {
          on: '2027-10-04',
          pools: [
            { runId: 'gone' },
            { runId: 'bare', flowsM3ps: [5] },
            { runId: 'mill-bend', flowsM3ps: [17, 5000] },
          ],
        },
      ],
      flies: ['gone-fly', 'winter-marabou'],
      limits: { home: ['gone-tip'] },
    }
    const { demands, problems } = demandsOf(asked, { ...about, runs: [...about.runs, bare] })
    expect(problems.map(({ code }) => code)).toEqual([
      'trip-fly-gone',
      'trip-item-gone',
      'trip-pool-gone',
      'trip-no-measure',
      'trip-flow-far',
    ])
    expect(demands).toHaveLength(1)
    expect(demandsOf({ days: [] }, about).problems.map(({ code }) => code)).toEqual(['trip-no-days'])
  })

  test('a thousand demands are bounded, and that is said', () => {
    const pools = DEMO.runs.filter(({ shore }) => !shore).map(({ id }) => ({ runId: id }))
    const days = Array.from({ length: 31 }, (_, i) => ({
      on: `2027-10-${String(i + 1).padStart(2, '0')}`,
      waterC: i,
      pools,
    }))
    const { demands, problems } = demandsOf({ days }, about)
    expect(demands).toHaveLength(MOST_DEMANDS)
    expect(problems.map(({ code }) => code)).toEqual(['trip-too-many'])
  })
})

describe('the kit', () => {
  test('each rig that covers is judged Holds by the same judge as everywhere', () => {
    const { covered, kit } = answer(trip)
    const items = byId(SMALL)
    const demands = demandsOf(trip, about).demands
    const judged = covered.flatMap(({ ways, demand }) =>
      ways.flatMap(({ rig, reelIds, angleDeg }) => {
        const resolved = resolveRig({ ...rig, reelId: reelIds[0] ?? null }, items)
        const asked = demands.find(({ id }) => id === demand.id)
        const day =
          asked && [asked.day, ...asked.otherAngles()].find(({ plan }) => plan.angleDeg === angleDeg)
        return resolved.outcome === 'resolved' && day ? [judgeSwung(resolved.parts, day).verdict] : ['gone']
      }),
    )
    expect(judged.length).toBeGreaterThan(3)
    expect(new Set(judged)).toEqual(new Set(['holds']))
    expect(kit.weight).toBe(4)
    expect(kit.optimal).toBe(true)
  })

  test('a thing more never covers less, a limit more never more; what falls without a tip is told', () => {
    const whole = answer(trip)
    const fewer = answer(
      trip,
      SMALL.filter(({ id }) => id !== 't-8-5-ft'),
    )
    expect(fewer.kit.weight).toBeLessThanOrEqual(whole.kit.weight)
    const { kit } = answer(withLimits({ tips: 1 }))
    expect(kit.weight).toBeLessThanOrEqual(whole.kit.weight)
    const ids = new Set(whole.kit.ids)
    const rod = fallsWithout(ids, whole.covered, 'long-seven-13-ft')
    expect(rod).toHaveLength(whole.covered.filter((each) => rigWith(ids, each)).length)
  })

  test('what things are called, and their order in the list, change no kit and nothing that covers', () => {
    const told = ({ covered, kit }: ReturnType<typeof answer>) => [
      kit,
      covered.map(({ ways, why }) => [ways, why?.rig]),
    ]
    expect(told(answer(trip, renamed(SMALL)))).toEqual(told(answer(trip)))
  })

  test('of a kit: what of each sort, which rig covers most, and what would add most to what is open still', () => {
    const whole = answer(trip)
    const kit = new Set(whole.kit.ids)
    const counts = new Map(countsOf(kit, byId(SMALL)))
    expect([counts.get('rods'), counts.get('reels'), counts.get('items')]).toEqual([1, 1, 0])
    const { rigs, uses } = usesOf(whole.covered, kit)
    expect(uses.get('long-seven-13-ft')).toBe(whole.covered.filter((each) => rigWith(kit, each)).length)
    expect(rigs.every(({ rodId }) => rodId === 'long-seven-13-ft')).toBe(true)
    const rows = matrixOf(whole.covered, kit)
    expect(rows.flatMap(({ cells }) => cells.flatMap(({ marks }) => marks))).toHaveLength(
      whole.covered.length,
    )
    for (const { cells } of rows)
      expect(cells.map(({ flowM3ps }) => flowM3ps ?? 0)).toEqual(
        cells.map(({ flowM3ps }) => flowM3ps ?? 0).toSorted((a, b) => a - b),
      )
    const bare = whole.covered.map((each) => ({ ...each, ways: [] }))
    const [item] = SMALL as readonly [Item, ...Item[]]
    const two = [
      { item, adds: bare.slice(0, 1), weight: 9 },
      { item: { ...item, id: 'other' }, adds: bare.slice(0, 2), weight: 1 },
    ]
    expect(mostMissing(bare, two)).toMatchObject({ item: { id: 'other' }, adds: 2, open: bare.length })
    // What is covered by now is no longer missed.
    expect(mostMissing(whole.covered, two)).toBeUndefined()
  })
  test('left at home it goes nowhere, told to come it does; brought again both are forgotten', () => {
    const kept = { id: 't', name: 'T', days: [] } as unknown as Trip
    const left = atHome({ ...kept, limits: { must: ['a', 'b'], tips: 2 } }, 'a', true)
    expect(left.limits).toEqual({ must: ['b'], home: ['a'], tips: 2 })
    expect(atHome(left, 'a', true).limits?.home).toEqual(['a'])
    expect(atHome(left, 'a', false).limits).toEqual({ must: ['b'], tips: 2 })
  })

  test('what may be borrowed takes no place from one’s own, however few are swung', () => {
    const swung = (lent: readonly Item[]) => {
      const search = new TripSearch(withLimits({ borrowed: 1 }), about, lent, [{ rigs: 1 }])
      return solveThrough(search.first(), solve).covered.map(({ ways }) => ways.map(({ rig }) => rig))
    }
    const lent = swung(some('t-11-10-ft', 't-14-10-ft', '480-gr-long-skagit', 'tapered-9-ft'))
    for (const [i, own] of swung([]).entries()) expect(lent[i]).toEqual(expect.arrayContaining(own))
    expect(swung([]).flat().length).toBeGreaterThan(0)
  })

  test('with something lent nothing is swung again, and nothing that covered is lost', () => {
    const { search, covered } = answer(trip)
    const lent = new TripSearch(withLimits({ borrowed: 1 }), about, some('t-14-10-ft'), [], search)
    const taken = solveThrough(lent.first(), solve).covered
    expect(taken.map(({ ways }) => ways)).toEqual(covered.map(({ ways }) => ways))
    expect(taken.map(({ swung }) => swung)).toEqual(covered.map(({ swung }) => swung))
  })

  test('the proof finds what trying everything finds', () => {
    const all = answer(trip)
    const search = new TripSearch(trip, about, [], [{ rigs: 1 }])
    solveThrough(search.first(), solve)
    const proven = solveThrough(search.prove(), solve)
    expect(proven.proven).toBe(true)
    expect([proven.kit.weight, proven.kit.ids.length]).toEqual([all.kit.weight, all.kit.ids.length])
  })

  test('what nothing covers says why, and what one more thing would add', () => {
    const one: TripPlan = { ...trip, days: trip.days.slice(1) }
    const { covered, search } = answer(
      one,
      SMALL.filter(({ kind }) => kind !== 'tip'),
    )
    expect(covered.every(({ ways, why }) => ways.length === 0 && why !== undefined)).toBe(true)
    const [first] = through(search.missing())
    expect(first?.item.kind).toBe('tip')
    expect(first?.adds.length).toBeGreaterThan(0)
    // Let in, it covers.
    const lent = new TripSearch(
      { ...one, limits: { borrowed: 1 } },
      { ...about, gear: { items: SMALL.filter(({ kind }) => kind !== 'tip') } },
      first === undefined ? [] : [first.item],
      WHOLE,
    )
    expect(solveThrough(lent.first(), solve).kit.ids).toContain(first?.item.id)
    expect(solveThrough(lent.found({ borrowed: 0 }), solve).kit.weight).toBe(0)
  })
})

describe('limits', () => {
  test.each([
    [
      { must: ['t-8-5-ft'], home: ['t-8-5-ft'], tips: 0 },
      { between: 'must-home', ids: ['t-8-5-ft'] },
    ],
    [{ rods: 0 }, { between: 'none-of', sort: 'rods', ids: [] }],
    [
      { must: ['t-8-5-ft', 't-11-7-ft-6', 'stepped-5-ft'], tips: 1, items: 2 },
      { between: 'must-limit', sort: 'tips', limit: 1 },
    ],
    [
      { must: ['t-8-5-ft', 't-11-7-ft-6', 'stepped-5-ft'], items: 2, tips: 1 },
      { between: 'must-limit', sort: 'tips', ids: ['t-8-5-ft', 't-11-7-ft-6'] },
    ],
    [
      { must: ['t-8-5-ft', 't-11-7-ft-6', 'stepped-5-ft', 'level-4-ft'], tips: 1, leaders: 0, items: 3 },
      { between: 'must-limit', sort: 'leaders', ids: ['stepped-5-ft'] },
    ],
    [{ must: ['gone', 't-8-5-ft'], tips: 1 }, undefined],
  ])('%j', (limits, found) => {
    const said = contradictionOf({ items: SMALL }, limits)
    if (found === undefined) expect(said).toBeUndefined()
    else expect(said).toMatchObject(found)
  })
})

const RIGS = Array.from(
  { length: 12 },
  (_, i): RigChoice => ({
    rodId: `rod-${i % 2}`,
    headId: `head-${i % 3}`,
    tipId: `tip-${i % 4}`,
    leaderId: 'leader',
    runningLineId: `line-${i % 2}`,
    reelId: `reel-${i % 2}`,
  }),
)

describe('the order of a day', () => {
  const stops = fc.array(fc.uniqueArray(fc.constantFrom(...RIGS), { minLength: 1, maxLength: 3 }), {
    minLength: 1,
    maxLength: 7,
  })
  const orders = (n: number): number[][] =>
    n === 0
      ? [[]]
      : orders(n - 1).flatMap((o) =>
          Array.from({ length: n }, (_, i) => [...o.slice(0, i), n - 1, ...o.slice(i)]),
        )
  const minutes = (from: RigChoice | undefined, to: RigChoice): number =>
    changesBetween(from, to).reduce((sum, kind) => sum + CHANGE_MINUTES[kind], 0)
  /** The cheapest choice of rigs along one order, by trying all. */
  const along = (list: readonly (readonly RigChoice[])[], from?: RigChoice): number => {
    const [first, ...rest] = list
    return first === undefined ? 0 : Math.min(...first.map((rig) => minutes(from, rig) + along(rest, rig)))
  }

  test('no order of up to seven pools takes fewer minutes', () => {
    fc.assert(
      fc.property(stops, (list) => {
        const asked = list.map((rigs, i): Stop => ({ runId: String(i), rigs }))
        const best = Math.min(...orders(list.length).map((order) => along(order.map((i) => list[i] ?? []))))
        expect(bestOrder(asked).minutes).toBe(best)
        expect(bestOrder(asked, { asListed: true }).minutes).toBe(along(list))
      }),
      { seed: 20261130, numRuns: 25 },
    )
  })

  // Minutes on the bank: common practice, no source.
  test('reel and line 10, head 5, tip 2, leader 1; a leader comes with its tip', () => {
    const [a, b] = [RIGS[0], RIGS[1]] as [RigChoice, RigChoice]
    expect(changesBetween(a, b)).toEqual(['reel', 'head', 'tip'])
    expect(changesBetween(a, { ...a, tipId: 'other', leaderId: 'other' })).toEqual(['tip'])
    expect(changesBetween(a, { ...a, leaderId: 'other' })).toEqual(['leader'])
    expect(minutes(a, b)).toBe(17)
  })

  test('a second rod saves what is rigged anew, where it is worth ten minutes; a third one no more', () => {
    const day = [0, 1, 0, 1].map((i, k): Stop => ({ runId: String(k), rigs: [RIGS[i] as RigChoice] }))
    const one = bestOrder(day, { asListed: true })
    expect(one.minutes).toBe(51)
    expect(moreRods(day, one, CHANGE_MINUTES)).toMatchObject([
      { rods: 2, savesMin: 51, worthIt: true },
      { rods: 3, savesMin: 51, worthIt: false },
    ])
  })

  test('a beach is fished while its way back is open, and one leaves in time', () => {
    const { covered } = answer(trip)
    const day = {
      on: '2027-10-02',
      from: '09:00',
      to: '17:00',
      pools: [{ runId: 'ossan-strand' }, { runId: 'kettle-run' }],
    }
    const ordered = orderDay(day, new Map(DEMO.runs.map((run) => [run.id, run])), covered, new Set(), {
      zone: 'UTC',
    })
    expect(ordered.visits.map(({ runId }) => runId)).toEqual(['kettle-run', 'ossan-strand'])
    const [, beach] = ordered.visits
    expect(beach?.tide?.leave.outcome).toBe('leave-by')
    expect(ordered.inTime).toBe(true)
    // The sun has set at 62° north in December by half past two: nobody is out at four.
    const winter = orderDay(
      { ...day, on: '2027-12-20' },
      new Map(DEMO.runs.map((run) => [run.id, run])),
      covered,
      new Set(),
      { zone: 'UTC' },
    )
    expect(winter.toMs).toBeLessThan(Date.parse('2027-12-20T16:00:00Z'))
  })
})

test('quantiles as a library of statistics has them (simple-statistics), within one reading', () => {
  const flows = Array.from({ length: 365 }, (_, i) => 20 + 15 * Math.sin(i / 58) + (i % 7))
  const ours = flowQuantiles(flows.map((flowM3ps) => ({ flowM3ps }))) ?? []
  for (const [i, share] of [0.1, 0.5, 0.9].entries()) {
    const [low = 0, high = 0] = [ours[i] ?? 0, quantile(flows, share)].sort((a, b) => a - b)
    expect(flows.filter((flow) => flow > low && flow < high).length).toBeLessThanOrEqual(1)
  }
  expect(flowQuantiles([])).toBeUndefined()
})

test('the calendar is read by a parser of another make (ts-ics): days, tides, when to leave', () => {
  const day = {
    on: '2027-10-02',
    from: '09:00',
    to: '17:00',
    pools: [{ runId: 'kettle-run' }, { runId: 'ossan-strand' }],
  }
  const ordered = orderDay(day, new Map(DEMO.runs.map((run) => [run.id, run])), [], new Set(), {
    zone: 'UTC',
  })
  const words = calendarWords(
    'Four days',
    (id) => id,
    (ms) => new Date(ms).toISOString().slice(11, 16),
  )
  const text = tripCalendar('four', [ordered], words, Date.UTC(2027, 0, 1))
  const { events = [] } = convertIcsCalendar(undefined, text)
  expect(events.map(({ summary }) => summary)).toEqual([
    'Four days: kettle-run and ossan-strand',
    'Tide to fish, 13:33–14:06',
    'Leave the beach by 14:06',
  ])
  expect(events[0]?.start.date.toISOString()).toBe('2027-10-02T09:00:00.000Z')
  expect(events[0]?.description).toContain('09:00 kettle-run')
})

test('spares by rule: leaders by day and bottom, tippet, loops, a second line beyond three days', () => {
  const { covered } = answer(trip)
  expect(sparesFor(trip, covered)).toEqual([
    { what: 'leader', count: 4 },
    { what: 'tippet', count: 1 },
    { what: 'loop', count: 3 },
  ])
  const long = { ...trip, days: [...trip.days, ...trip.days] }
  expect(sparesFor(long, covered)).toContainEqual({ what: 'running-line', count: 1 })
  expect(sparesFor({ days: [] }, [])).toEqual([])
})

test('the pack list by pocket, and the wallet packed: what comes in its pocket with its leader, the rest in none', () => {
  const kit = new Set(['long-seven-13-ft', 't-8-5-ft', 'stepped-5-ft'])
  const wallet = {
    pockets: ['left', 'right'],
    tips: { 't-8-5-ft': { pocket: 'right' }, 't-11-7-ft-6': { pocket: 'left' } },
  }
  expect(
    packList({ items: SMALL }, kit, wallet).map(({ pocket, items }) => [pocket, items.map(({ id }) => id)]),
  ).toEqual([
    [undefined, ['long-seven-13-ft', 'stepped-5-ft']],
    ['right', ['t-8-5-ft']],
  ])
  const rig = {
    rodId: '',
    headId: '',
    tipId: 't-8-5-ft',
    leaderId: 'stepped-5-ft',
    runningLineId: null,
    reelId: null,
  }
  expect(packedWallet({ items: SMALL }, kit, [rig], wallet).tips).toEqual({
    't-8-5-ft': { pocket: 'right', leaderId: 'stepped-5-ft' },
    't-11-7-ft-6': {},
  })
})

test('a head is worth borrowing for a rod of the trip that was begun to be tried, and for no other', () => {
  const learnt = { trials: DEMO.trials, bends: [] }
  const options = { schools: DEFAULT_SCHOOLS, caster: FIRST_JOB.caster }
  const all = new Set(DEMO.items.map(({ id }) => id))
  const tried = new Set(DEMO.trials.map(({ rodId }) => rodId))
  const found = worthBorrowing(DEMO, all, learnt, options)
  expect(found.length).toBeGreaterThan(0)
  expect(found.every(({ rod }) => tried.has(rod.id))).toBe(true)
  expect(worthBorrowing(DEMO, new Set(), learnt, options)).toEqual([])
})

test('a trip that is no trip is refused where it is wrong', () => {
  const wrong = tripSchema.safeParse({
    id: 'a',
    name: 'A',
    days: [{ on: '4 October', from: '25:00', pools: [] }],
  })
  expect(wrong.error?.issues.map(({ path }) => path.join('.'))).toEqual(['days.0.on', 'days.0.from'])
})
