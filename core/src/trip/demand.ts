import {
  type Day,
  type DayParts,
  dayOf,
  FIRST_JOB,
  type Job,
  kindThere,
  type Stand,
  USUAL_DAYS,
} from '../day/index.ts'
import { type FlyShape, type Gear, itemsOf, type Schools } from '../gear/index.ts'
import { anglesAround } from '../ladder/index.ts'
import type { FlyKnot } from '../leader/index.ts'
import type { OwnWindows } from '../rod/index.ts'
import { type Plan, USUAL_PLAN } from '../swing/index.ts'
import { type Fish, flowReach, type Run } from '../water/index.ts'
import type { FlowsAsked, TripDay, TripPlan } from './tripSchema.ts'

/** What a trip is judged with: the gear, the waters and the angler. */
export interface TripAbout {
  readonly gear: Gear
  readonly runs: readonly Run[]
  /** The day's questions as they are answered: fish, cast, caster. */
  readonly job: Job
  readonly schools: Schools
  readonly flyKnot?: FlyKnot | undefined
  readonly own?: OwnWindows | undefined
  readonly stand: Stand
  /** How the pools are fished. */
  readonly plan?: Plan | undefined
  /** Flow of a river now, by its pool [m³/s]; without it as it was measured. */
  readonly nowM3ps?: Readonly<Record<string, number>> | undefined
}

/** A fly of the trip. */
export interface TripFly {
  /** In the gear; undefined for one by its shape. */
  readonly id?: string | undefined
  readonly name?: string | undefined
  readonly shape: FlyShape
}

/** A pool at a flow with a fly, on one or several days: what is asked. */
export interface AskedDemand {
  readonly id: string
  readonly run: Run
  /** Undefined where the pool knows of no flow: as it was measured [m³/s]. */
  readonly flowM3ps?: number | undefined
  /** Place of the flow among those of its pool, from the lowest. */
  readonly flowIndex: number
  readonly fly: TripFly
  /** Days it is asked for on: its weight. */
  readonly on: readonly string[]
  /** Whether the water's temperature is only the season's. */
  readonly seasonAssumed: boolean
}

/** The same with all it is judged in. */
export interface Demand extends AskedDemand {
  readonly day: Day
  /** The same day at the other angles that a pool's chart tries. */
  readonly otherAngles: () => readonly Day[]
}

/** What a trip asks for that is not there, or cannot be judged; the rest stands. */
export interface TripProblem {
  readonly code:
    | 'trip-no-days'
    | 'trip-pool-gone'
    | 'trip-no-measure'
    | 'trip-flow-far'
    | 'trip-fly-gone'
    | 'trip-item-gone'
    | 'trip-too-many'
  readonly data: Readonly<Record<string, string | number>>
}

export interface Demands {
  readonly demands: readonly Demand[]
  readonly problems: readonly TripProblem[]
}

/** Demands that are judged; of more, the first of each day. */
export const MOST_DEMANDS = 120

const NORTHERN = ['winter', 'spring', 'summer', 'autumn'] as const

/** Season of a date: whole months from December, half a year later south of the equator. [standard: meteorological seasons] */
export function seasonOn(on: string, latitudeDeg = 90): Job['season'] {
  const month = Number(on.slice(5, 7)) % 12
  return NORTHERN[(Math.floor(month / 3) + (latitudeDeg < 0 ? 2 : 0)) % 4] ?? 'autumn'
}

/** A span is looked at at both its ends and at their geometric mean, which lies in the middle as a river's levels go. [estimate] */
const flowsOfSpan = (low: number, high: number): readonly number[] =>
  low === high ? [low] : [Math.min(low, high), Math.sqrt(low * high), Math.max(low, high)]

/** The flows a pool is to be fished at; undefined stands for the water as it was measured. */
function flowsOf(run: Run, asked: FlowsAsked | undefined, nowM3ps?: number): readonly (number | undefined)[] {
  if (asked === undefined || asked.by === 'now') return [nowM3ps ?? run.measuredFlowM3ps]
  const flows = asked.by === 'span' ? flowsOfSpan(asked.lowM3ps, asked.highM3ps) : asked.flowsM3ps
  return [...new Set(flows)].sort((a, b) => a - b)
}

const SURF = USUAL_DAYS.find(({ job }) => job.water === 'surf')?.job ?? FIRST_JOB

/** Flies of the trip, and those that are no longer there. */
function fliesOf({ flies = [] }: TripPlan, { gear, job }: TripAbout) {
  const owned = new Map(itemsOf(gear, 'fly').map((fly) => [fly.id, fly]))
  const gone = flies.flatMap((fly) => (typeof fly === 'string' && !owned.has(fly) ? [fly] : []))
  const found = flies.flatMap((fly): readonly TripFly[] => {
    if (typeof fly !== 'string') return [{ shape: fly }]
    const item = owned.get(fly)
    if (item === undefined) return []
    const { kind: _kind, id, name, notes: _notes, ...shape } = item
    return [{ id, name, shape }]
  })
  return { flies: found.length > 0 ? found : [{ shape: job.fly }], gone }
}

/** Depth of the fish of a day: a floating fly is for the surface. */
const fishAtOf = (fly: FlyShape, { fishAt }: TripDay, job: Job): Fish['fishAt'] =>
  fly.floats === undefined ? (fishAt ?? job.fishAt) : 'surface'

/** The day of a demand at one angle: judged as every page judges it. */
function dayAt(parts: DayParts, plan: Plan, angleDeg: number): Day {
  return dayOf({ ...parts, water: { ...parts.water, plan: { ...plan, angleDeg } } })
}

/** Everything one demand is judged in. */
function partsOf(
  trip: TripPlan,
  about: TripAbout,
  day: TripDay,
  run: Run,
  fly: FlyShape,
  flowM3ps: number | undefined,
): DayParts {
  const { job, schools, flyKnot, own, stand, plan = USUAL_PLAN } = about
  const said = trip.waters?.find(({ runId }) => runId === run.id)
  const water = kindThere(run, said?.water ?? job.water)
  // A river is not cast at as the surf is, and the other way round.
  const like =
    water === 'surf' && job.water !== 'surf'
      ? SURF
      : water !== 'surf' && job.water === 'surf'
        ? FIRST_JOB
        : job
  const { rodId: _rod, indicator: _float, dropper: _dropper, bySeason: _season, waterC: _c, ...asked } = job
  const { waterC } = day
  return {
    job: {
      ...asked,
      castM: said?.castM ?? like.castM,
      roomBehindM: said?.roomBehindM ?? like.roomBehindM,
      water,
      fly,
      fishKg: trip.fishKg ?? job.fishKg,
      fishAt: fishAtOf(fly, day, job),
      season: seasonOn(day.on, run.spot?.latitudeDeg),
      style: 'any',
      ...(waterC === undefined ? {} : { waterC }),
    },
    schools,
    flyKnot,
    own,
    stand: {
      ...stand,
      bank: run.bank,
      wind: { fromDeg: 0, mps: 0 },
      windBy: 'usual',
      obstruction: 'none',
      behindHighM: undefined,
      mark: undefined,
    },
    runs: [run],
    water: {
      runId: run.id,
      plan,
      ...(flowM3ps === undefined || run.measuredFlowM3ps === undefined ? {} : { flowM3ps }),
    },
  }
}

/** What stands in the way of a pool at a flow. */
function obstacle(run: Run, flowM3ps: number | undefined, asked: boolean): TripProblem | undefined {
  const measured = run.measuredFlowM3ps
  if (measured === undefined) return asked ? { code: 'trip-no-measure', data: { name: run.name } } : undefined
  const { low, high } = flowReach(measured)
  if (flowM3ps === undefined || (flowM3ps >= low && flowM3ps <= high)) return undefined
  return { code: 'trip-flow-far', data: { name: run.name, flowM3ps, lowM3ps: low, highM3ps: high } }
}

/** A pool at a flow on one day. */
interface OnDay {
  readonly day: TripDay
  readonly run: Run
  readonly flowM3ps: number | undefined
  readonly flowIndex: number
}

/** Every pool of every day at each of its flows, and what stands in the way. */
function askedOf(
  trip: TripPlan,
  about: TripAbout,
): { asked: readonly OnDay[]; problems: readonly TripProblem[] } {
  const runs = new Map(about.runs.map((run) => [run.id, run]))
  const asked: OnDay[] = []
  const problems: TripProblem[] = []
  for (const day of trip.days)
    for (const { runId, flowsM3ps } of day.pools) {
      const run = runs.get(runId)
      if (run === undefined) {
        problems.push({ code: 'trip-pool-gone', data: { id: runId } })
        continue
      }
      const flows: FlowsAsked | undefined =
        flowsM3ps === undefined
          ? trip.waters?.find((each) => each.runId === runId)?.flows
          : { by: 'levels', flowsM3ps }
      // A beach has its tide, and no flow.
      const river = run.shore === undefined
      const said = river && flows !== undefined && flows.by !== 'now'
      for (const [flowIndex, flowM3ps] of (river
        ? flowsOf(run, flows, about.nowM3ps?.[runId])
        : [undefined]
      ).entries()) {
        const problem = obstacle(run, flowM3ps, said)
        if (problem === undefined) asked.push({ day, run, flowM3ps, flowIndex })
        else problems.push(problem)
      }
    }
  return { asked, problems }
}

function demandOf(
  trip: TripPlan,
  about: TripAbout,
  { day, run, flowM3ps, flowIndex }: OnDay,
  fly: TripFly,
): Demand {
  const parts = partsOf(trip, about, day, run, fly.shape, flowM3ps)
  const { season, fishAt, waterC } = parts.job
  const plan = about.plan ?? USUAL_PLAN
  return {
    id: [run.id, flowM3ps ?? '_', fly.id ?? JSON.stringify(fly.shape), season, fishAt, waterC ?? '_'].join(
      ' ',
    ),
    run,
    flowM3ps,
    flowIndex,
    fly,
    on: [day.on],
    day: dayAt(parts, plan, plan.angleDeg),
    otherAngles: () =>
      anglesAround(plan.angleDeg)
        .slice(1)
        .map((angleDeg) => dayAt(parts, plan, angleDeg)),
    seasonAssumed: waterC === undefined,
  }
}

/** Items a trip's limits name that are no longer there. */
function itemsGone({ limits }: TripPlan, { gear }: TripAbout): readonly TripProblem[] {
  const there = new Set(gear.items.map(({ id }) => id))
  return [...(limits?.must ?? []), ...(limits?.home ?? [])]
    .filter((id) => !there.has(id))
    .map((id) => ({ code: 'trip-item-gone', data: { id } }))
}

/** One of each. */
const once = (problems: readonly TripProblem[]): readonly TripProblem[] => [
  ...new Map(problems.map((each) => [JSON.stringify(each), each])).values(),
]

/**
 * The demands of a trip: each pool at each of its flows with each fly, told apart by season, temperature and where the fish are. The
 * same one on two days counts twice. What is gone or cannot be judged is named, and the rest stands.
 */
export function demandsOf(trip: TripPlan, about: TripAbout): Demands {
  const { flies, gone } = fliesOf(trip, about)
  const { asked, problems } = askedOf(trip, about)
  const found = new Map<string, Demand>()
  let left = 0
  for (const each of asked)
    for (const fly of flies) {
      const demand = demandOf(trip, about, each, fly)
      const before = found.get(demand.id)
      if (before === undefined && found.size >= MOST_DEMANDS) left++
      else
        found.set(demand.id, {
          ...(before ?? demand),
          on: [...new Set([...(before?.on ?? []), each.day.on])],
        })
    }
  return {
    demands: [...found.values()],
    problems: once([
      ...(trip.days.some(({ pools }) => pools.length > 0)
        ? []
        : [{ code: 'trip-no-days', data: {} } as const]),
      ...gone.map((id): TripProblem => ({ code: 'trip-fly-gone', data: { id } })),
      ...itemsGone(trip, about),
      ...problems,
      ...(left > 0 ? [{ code: 'trip-too-many', data: { limit: MOST_DEMANDS, left } } as const] : []),
    ]),
  }
}
