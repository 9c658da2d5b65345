import { FIRST_JOB, type Job } from '@hoxen/core/day'
import { type Covered, rigWith, TRIP_LIMITS, type TripPlan, tripShape } from '@hoxen/core/trip'
import { flowReach, flowSchema, type Run } from '@hoxen/core/water'
import * as z from 'zod'
import { command, refusal } from '../command.ts'
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

/** Sets of items told of one demand. */
const MOST_SETS = 2000

/** Every rig that covers a demand, as the set of its items. */
function setsOf({ ways }: Covered) {
  const sets = ways.flatMap(({ rig, reelIds }) =>
    reelIds.map((reelId) => [...Object.values(rig), reelId].filter((id): id is string => id !== null)),
  )
  return { coveredBy: sets.slice(0, MOST_SETS), ...(sets.length > MOST_SETS ? { cut: sets.length } : {}) }
}

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
