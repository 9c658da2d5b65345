import { FIRST_JOB, type Job, jobSchema, USUAL_STAND } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Gear, type Item, schoolsSchema } from '@hoxen/core/gear'
import { planSchema } from '@hoxen/core/swing'
import {
  type Covered,
  EFFORTS,
  solverBy,
  solveThrough,
  type TripAbout,
  type TripPlan,
  TripSearch,
} from '@hoxen/core/trip'
import type { Run } from '@hoxen/core/water'
import highsLoader from 'highs'
import * as z from 'zod'
import { refusal } from './command.ts'
import { EXAMPLE, standInput, standOf } from './commands/match.ts'
import { gearById } from './gearAsked.ts'
import { jobInput, runInput } from './kept.ts'

/** What every question of a trip may say of the angler; left out, as usual. */
export const angler = {
  job: jobInput.optional(),
  schools: schoolsSchema.partial().optional(),
  stand: standInput.optional(),
  plan: planSchema.extend({ castM: jobSchema.shape.castM.optional() }).optional(),
}
export const runs = z.array(runInput).min(1).max(500)

export interface Angler {
  readonly job?: Job | undefined
  readonly schools?: Partial<typeof DEFAULT_SCHOOLS> | undefined
  readonly stand?: z.infer<typeof standInput> | undefined
  readonly plan?: (z.infer<typeof planSchema> & { castM?: number | undefined }) | undefined
}

export function aboutOf(
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
export const EXAMPLE_GEAR = {
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
export async function solved(
  trip: TripPlan,
  about: TripAbout,
  prove: boolean | undefined,
  borrowed: readonly Item[] = [],
  known?: TripSearch,
) {
  const solve = solverBy(await highsLoader())
  const search = new TripSearch(trip, about, borrowed, EFFORTS, known)
  solveThrough(search.first(), solve)
  const first = solveThrough(search.further(), solve)
  const found = (prove ?? first.of <= SMALL) ? solveThrough(search.prove(), solve) : first
  return { solve, found, search }
}

const flyTold = ({ demand: { fly } }: Covered) => (fly.id === undefined ? {} : { flyId: fly.id })
export const demandTold = (each: Covered) => ({
  runId: each.demand.run.id,
  ...(each.demand.flowM3ps === undefined ? {} : { flowM3ps: each.demand.flowM3ps }),
  ...flyTold(each),
})

export const outcomeOf = (covered: number, of: number): string =>
  of === 0 ? 'no-demands' : covered === of ? 'covered' : covered === 0 ? 'nothing-covers' : 'partly-covered'
