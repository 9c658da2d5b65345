import { FIRST_JOB, type Job, jobSchema, USUAL_STAND } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Gear, type Item, schoolsSchema } from '@hoxen/core/gear'
import { through } from '@hoxen/core/rig'
import { planSchema } from '@hoxen/core/swing'
import {
  CHANGE_MINUTES,
  type Covered,
  contradictionOf,
  demandsOf,
  fliesToPack,
  flowQuantiles,
  LEVEL_SHARES,
  orderDay,
  packList,
  rigWith,
  solverBy,
  sparesFor,
  staircaseInSteps,
  TRIP_LIMITS,
  type TripAbout,
  type TripPlan,
  TripSearch,
  tripShape,
} from '@hoxen/core/trip'
import { flowReach, flowSchema, type Run } from '@hoxen/core/water'
import { sayCheck, sayTripProblem } from '@hoxen/core/words'
import highsLoader from 'highs'
import * as z from 'zod'
import { command, refusal } from '../command.ts'
import { gearById } from '../gearAsked.ts'
import { gearInput, jobInput, runInput } from '../kept.ts'
import { EXAMPLE, EXAMPLE_RUN, standInput, standOf } from './match.ts'

const minutes = z.number().min(TRIP_LIMITS.minutes.low).max(TRIP_LIMITS.minutes.high)
/** What every question of a trip may say of the angler; left out, as usual. */
const angler = {
  job: jobInput.optional(),
  schools: schoolsSchema.partial().optional(),
  stand: standInput.optional(),
  plan: planSchema.extend({ castM: jobSchema.shape.castM.optional() }).optional(),
}
const runs = z.array(runInput).min(1).max(500)

interface Angler {
  readonly job?: Job | undefined
  readonly schools?: Partial<typeof DEFAULT_SCHOOLS> | undefined
  readonly stand?: z.infer<typeof standInput> | undefined
  readonly plan?: (z.infer<typeof planSchema> & { castM?: number | undefined }) | undefined
}

function aboutOf(
  gear: Gear,
  runList: readonly Run[],
  { job = FIRST_JOB, schools, stand, plan }: Angler,
): TripAbout {
  gearById(gear)
  const seen = new Set<string>()
  for (const [i, { id }] of runList.entries()) {
    if (seen.has(id)) throw refusal('duplicate-id', ['runs', i, 'id'], { id })
    seen.add(id)
  }
  const { castM, ...handling } = plan ?? {}
  const [first] = runList
  return {
    gear,
    runs: runList,
    job: castM === undefined ? job : { ...job, castM },
    schools: { ...DEFAULT_SCHOOLS, ...(schools as typeof DEFAULT_SCHOOLS | undefined) },
    stand: stand === undefined ? USUAL_STAND : standOf(stand, first),
    ...(plan === undefined ? {} : { plan: handling as z.infer<typeof planSchema> }),
  }
}

/** The example's gear, with a tip that rides higher. */
const EXAMPLE_GEAR = {
  items: [
    ...EXAMPLE.gear.items,
    {
      kind: 'tip',
      id: 'part-sinking',
      name: 'Part-sinking, 2½ ft of 10',
      build: 'part-sinking',
      lengthM: 3.048,
      sinkingLengthM: 0.762,
    },
  ],
}

/** Rigs up to which all that might hold is swung, for the proof. */
const SMALL = 1500
/** Sets of items told of one demand. */
const MOST_SETS = 2000

async function solved(
  trip: TripPlan,
  about: TripAbout,
  prove: boolean | undefined,
  borrowed: readonly Item[] = [],
) {
  const solve = solverBy(await highsLoader())
  const search = new TripSearch(trip, about, solve, borrowed)
  through(search.first())
  const first = through(search.further())
  const found = (prove ?? first.of <= SMALL) ? through(search.prove()) : first
  return { solve, found, search }
}

const flyTold = ({ demand: { fly } }: Covered) => (fly.id === undefined ? {} : { flyId: fly.id })
const demandTold = (each: Covered) => ({
  runId: each.demand.run.id,
  ...(each.demand.flowM3ps === undefined ? {} : { flowM3ps: each.demand.flowM3ps }),
  ...flyTold(each),
})

/** Every rig that covers a demand, as the set of its items. */
function setsOf({ ways }: Covered) {
  const sets = ways.flatMap(({ rig, reelIds }) =>
    reelIds.map((reelId) => [...Object.values(rig), reelId].filter((id): id is string => id !== null)),
  )
  return { coveredBy: sets.slice(0, MOST_SETS), ...(sets.length > MOST_SETS ? { cut: sets.length } : {}) }
}

const outcomeOf = (covered: number, of: number): string =>
  of === 0 ? 'no-demands' : covered === of ? 'covered' : covered === 0 ? 'nothing-covers' : 'partly-covered'

export const coverCommand = command({
  name: 'cover',
  summary: 'the fewest items that cover some flows of some pools with some flies',
  schema: z.strictObject({
    gear: gearInput,
    runs,
    flows: z.array(flowSchema).min(1).max(TRIP_LIMITS.flowsAPool),
    flies: tripShape.flies,
    limit: z.number().int().min(0).max(TRIP_LIMITS.carried.high).optional(),
    watchCounts: tripShape.watchCounts,
    prove: z.boolean().optional(),
    ...angler,
  }),
  example: { gear: EXAMPLE_GEAR, runs: [EXAMPLE_RUN], flows: [12, 20], job: EXAMPLE.job },
  run: async ({ gear, runs: runList, flows, flies, limit, watchCounts, prove, ...rest }) => {
    refuseFarFlows(runList, flows)
    const about = aboutOf(gear, runList, rest as Angler)
    const trip: TripPlan = {
      days: [
        {
          on: SOME_DAY,
          pools: runList.map(({ id, shore }) => ({
            runId: id,
            ...(shore === undefined ? { flowsM3ps: flows } : {}),
          })),
        },
      ],
      ...(flies === undefined ? {} : { flies }),
      ...(limit === undefined ? {} : { limits: { items: limit } }),
      ...(watchCounts === undefined ? {} : { watchCounts }),
    }
    const { found } = await solved(withSeason(trip, rest as Angler), about, prove)
    const kit = new Set(found.kit.ids)
    const covered = found.covered.filter((each) => rigWith(kit, each) !== undefined).length
    return {
      outcome: outcomeOf(covered, found.covered.length),
      chosen: found.kit.ids,
      covered,
      uncovered: found.covered.length - covered,
      optimal: found.kit.optimal,
      proven: found.proven,
      swung: found.swung,
      of: found.of,
      demands: found.covered.map((each) => ({ ...demandTold(each), ...setsOf(each) })),
    }
  },
})

/** A day of no date: a trip's season is its date's. */
const SOME_DAY = '2026-10-15'
const DAY_OF: Readonly<Record<Job['season'], string>> = {
  spring: '2026-04-15',
  summer: '2026-07-15',
  autumn: SOME_DAY,
  winter: '2026-01-15',
}
const withSeason = (trip: TripPlan, { job }: Angler): TripPlan => ({
  ...trip,
  days: trip.days.map((day) => ({
    ...day,
    on: DAY_OF[job?.season ?? FIRST_JOB.season],
    ...(job?.waterC === undefined ? {} : { waterC: job.waterC }),
  })),
})

function refuseFarFlows(runList: readonly Run[], flows: readonly number[]): void {
  for (const [i, { measuredFlowM3ps, shore }] of runList.entries()) {
    if (shore !== undefined) continue
    if (measuredFlowM3ps === undefined) throw refusal('flow-without-measure', ['runs', i, 'measuredFlowM3ps'])
    const { low, high } = flowReach(measuredFlowM3ps)
    const beyond = flows.findIndex((m3ps) => m3ps < low || m3ps > high)
    if (beyond >= 0) throw refusal('level-too-far', ['flows', beyond], { lowM3ps: low, highM3ps: high })
  }
}

const recordInput = z.strictObject({
  runId: z.string(),
  flowsM3ps: z.array(flowSchema).min(1).max(50_000),
  shares: z.array(z.number().min(0).max(1)).min(1).max(TRIP_LIMITS.flowsAPool).optional(),
})

/** Waters with the quantiles of their records. */
function withRecords(trip: TripPlan, records: readonly z.infer<typeof recordInput>[]): TripPlan {
  const waters = records.map(({ runId, flowsM3ps, shares = LEVEL_SHARES }) => {
    const levels =
      flowQuantiles(
        flowsM3ps.map((flowM3ps) => ({ flowM3ps })),
        shares,
      ) ?? []
    const said = trip.waters?.find((water) => water.runId === runId)
    return {
      ...said,
      runId,
      flows: { by: 'levels' as const, flowsM3ps: [...levels], readings: flowsM3ps.length },
    }
  })
  const other = (trip.waters ?? []).filter(({ runId }) => !records.some((record) => record.runId === runId))
  return records.length === 0 ? trip : { ...trip, waters: [...other, ...waters] }
}

const isoOf = (ms: number): string => new Date(Math.round(ms / 1000) * 1000).toISOString()

/** A day of the answer. */
function dayTold(day: ReturnType<typeof orderDay>) {
  return {
    on: day.on,
    from: isoOf(day.fromMs),
    to: isoOf(day.toMs),
    order: day.visits.map(({ runId }) => runId),
    minutes: day.minutes,
    exact: day.exact,
    inTime: day.inTime,
    changes: day.visits.flatMap(({ runId, changes }) =>
      changes.map((what) => ({ at: runId, what, minutes: CHANGE_MINUTES[what] })),
    ),
    visits: day.visits.map(({ runId, rig, angleDeg, fromMs, toMs, tide }) => ({
      runId,
      from: isoOf(fromMs),
      to: isoOf(toMs),
      ...(rig === undefined ? {} : { rig, angleDeg }),
      ...(tide === undefined
        ? {}
        : {
            tide: {
              windows: tide.windows.map((each) => ({
                kind: each.kind,
                from: isoOf(each.fromMs),
                to: isoOf(each.toMs),
              })),
              turns: tide.turns.map(({ atMs, kind, heightM }) => ({ at: isoOf(atMs), kind, heightM })),
              leave:
                tide.leave.outcome === 'leave-by'
                  ? {
                      outcome: 'leave-by',
                      leaveBy: isoOf(tide.leave.leaveMs),
                      cutOff: isoOf(tide.leave.cutOffMs),
                    }
                  : { outcome: tide.leave.outcome },
            },
          }),
    })),
    moreRods: day.moreRods,
  }
}

export const tripCommand = command({
  name: 'trip',
  summary: 'the smallest kit for some days, what it covers, and each day in its order',
  schema: z.strictObject({
    gear: gearInput,
    runs,
    trip: z.strictObject(tripShape),
    /** Flows of a gauge, whose quantiles are the levels of its pool. */
    records: z.array(recordInput).max(100).optional(),
    /** Time zone of the days' clock: "UTC", "+01:00" or a name of the zone database. */
    zone: z.string().max(60).optional(),
    changeMinutes: z
      .strictObject({ leader: minutes, tip: minutes, head: minutes, reel: minutes })
      .partial()
      .optional(),
    prove: z.boolean().optional(),
    ...angler,
  }),
  example: {
    gear: EXAMPLE_GEAR,
    runs: [EXAMPLE_RUN],
    job: EXAMPLE.job,
    trip: {
      days: [
        { on: '2026-11-30', from: '09:00', to: '16:00', pools: [{ runId: 'run', flowsM3ps: [12, 20] }] },
      ],
      limits: { tips: 4 },
    },
    zone: 'UTC',
    changeMinutes: { tip: 3 },
  },
  run: async ({
    gear,
    runs: runList,
    trip: asked,
    records = [],
    zone = 'UTC',
    changeMinutes = {},
    prove,
    ...rest
  }) => {
    const trip = withRecords(asked as TripPlan, records)
    const about = aboutOf(gear, runList, rest as Angler)
    const { problems, demands } = demandsOf(trip, about)
    const told = problems.map((problem) => ({ ...problem, message: sayTripProblem(problem, 'trade') }))
    const contradiction = contradictionOf(gear, trip.limits ?? {})
    if (contradiction !== undefined)
      return {
        outcome: 'limits-contradict',
        contradiction,
        optimal: false,
        kit: [],
        demands: [],
        staircase: [],
        days: [],
        problems: told,
      }
    if (demands.length === 0)
      return {
        outcome: 'no-demands',
        optimal: true,
        kit: [],
        demands: [],
        staircase: [],
        days: [],
        problems: told,
      }
    const own = await solved(trip, about, prove)
    const missing = through(own.search.missing())
    const borrow = (trip.limits?.borrowed ?? 0) > 0 ? missing.slice(0, MOST_LENT).map(({ item }) => item) : []
    const { found, solve, search } = borrow.length > 0 ? await solved(trip, about, prove, borrow) : own
    const all = { items: [...gear.items, ...borrow] }
    const question = search.question(found.covered)
    const kit = new Set(found.kit.ids)
    const byRun = new Map(runList.map((run) => [run.id, run]))
    const rigs = found.covered.map((each) => ({ each, found: rigWith(kit, each) }))
    const covered = rigs.filter((rig) => rig.found !== undefined).length
    const given = Object.fromEntries(Object.entries(changeMinutes).filter(([, value]) => value !== undefined))
    return {
      outcome: outcomeOf(covered, rigs.length),
      optimal: found.kit.optimal,
      ...(found.kit.gap === undefined ? {} : { gap: found.kit.gap }),
      proven: found.proven,
      swung: found.swung,
      of: found.of,
      kit: found.kit.ids,
      demands: rigs.map(({ each, found: rig }) => ({
        ...demandTold(each),
        on: each.demand.on,
        seasonAssumed: each.demand.seasonAssumed,
        covered: rig !== undefined,
        ...(rig === undefined
          ? each.why && {
              why: {
                rig: each.why.rig,
                code: each.why.check.code,
                state: each.why.check.state,
                message: sayCheck(each.why.check, 'trade'),
              },
            }
          : { rig: rig.choice, angleDeg: rig.way.angleDeg, margin: rig.way.margin }),
      })),
      staircase: [...staircaseInSteps(question, found.kit, solve)].map(({ items, weight }) => ({
        items,
        covered: weight,
      })),
      ...(missing[0] === undefined
        ? {}
        : { missing: { part: missing[0].item, adds: missing[0].adds.length } }),
      days: trip.days.map((day) =>
        dayTold(orderDay(day, byRun, found.covered, kit, { zone, minutes: { ...CHANGE_MINUTES, ...given } })),
      ),
      spares: sparesFor(trip, found.covered),
      pack: packList(all, new Set([...kit, ...fliesToPack(gear, found.covered).map(({ id }) => id)])).map(
        ({ pocket, items }) => ({
          ...(pocket === undefined ? {} : { pocket }),
          items: items.map(({ id }) => id),
        }),
      ),
      problems: told,
    }
  },
})
/** Things of nobody's that are let into the kit at once. */
const MOST_LENT = 4
