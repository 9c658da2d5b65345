import { through } from '@hoxen/core/rig'
import {
  CHANGE_MINUTES,
  type ChangeMinutes,
  contradictionOf,
  demandsOf,
  fliesToPack,
  flowQuantiles,
  LEVEL_SHARES,
  lentFor,
  type OrderedDay,
  orderDay,
  packList,
  rigWith,
  sparesFor,
  staircaseInSteps,
  TRIP_LIMITS,
  type TripPlan,
  tripShape,
} from '@hoxen/core/trip'
import { flowSchema } from '@hoxen/core/water'
import { sayCheck, sayTripProblem } from '@hoxen/core/words'
import * as z from 'zod'
import { command } from '../command.ts'
import { gearInput } from '../kept.ts'
import {
  type Angler,
  aboutOf,
  angler,
  demandTold,
  EXAMPLE_GEAR,
  outcomeOf,
  runs,
  solved,
} from '../tripAsked.ts'
import { EXAMPLE, EXAMPLE_RUN } from './match.ts'

const changeInput = z.number().min(TRIP_LIMITS.minutes.low).max(TRIP_LIMITS.minutes.high)

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
function dayTold(day: OrderedDay, minutes: ChangeMinutes) {
  return {
    on: day.on,
    from: isoOf(day.fromMs),
    to: isoOf(day.toMs),
    order: day.visits.map(({ runId }) => runId),
    minutes: day.minutes,
    exact: day.exact,
    inTime: day.inTime,
    changes: day.visits.flatMap(({ runId, changes }) =>
      changes.map((what) => ({ at: runId, what, minutes: minutes[what] })),
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
      .strictObject({ leader: changeInput, tip: changeInput, head: changeInput, reel: changeInput })
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
    const borrow = lentFor(trip.limits ?? {}, missing)
    const { found, solve, search } =
      borrow.length > 0 ? await solved(trip, about, prove, borrow, own.search) : own
    const all = { items: [...gear.items, ...borrow] }
    const question = search.question(found.covered)
    const kit = new Set(found.kit.ids)
    const byRun = new Map(runList.map((run) => [run.id, run]))
    const rigs = found.covered.map((each) => ({ each, found: rigWith(kit, each) }))
    const covered = rigs.filter((rig) => rig.found !== undefined).length
    const given = Object.entries(changeMinutes).filter(([, value]) => value !== undefined)
    const minutes: ChangeMinutes = { ...CHANGE_MINUTES, ...Object.fromEntries(given) }
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
        dayTold(orderDay(day, byRun, found.covered, kit, { zone, minutes }), minutes),
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
