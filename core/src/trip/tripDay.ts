import type { RigChoice } from '../rig/index.ts'
import { type Coordinates, sunDay } from '../sky/index.ts'
import {
  type LeaveBy,
  leaveBy,
  momentIn,
  type Shore,
  type TideTurn,
  type TideWindow,
  tideTurns,
  tideWindows,
} from '../tide/index.ts'
import type { Run } from '../water/index.ts'
import { rigWith } from './carried.ts'
import type { Covered } from './covering.ts'
import { bestOrder, type MoreRods, moreRods, type Stop, type Visit } from './dayOrder.ts'
import type { TripDay } from './tripSchema.ts'
import { CHANGE_MINUTES, type ChangeMinutes } from './vocabulary.ts'

/** The tide of a beach over one's hours there. */
export interface BeachTide {
  readonly windows: readonly TideWindow[]
  readonly turns: readonly TideTurn[]
  /** From when one steps onto it. */
  readonly leave: LeaveBy
}

/** A pool of the day with its hours. */
export interface TimedVisit extends Visit {
  readonly fromMs: number
  readonly toMs: number
  /** Angle of its cast [°]. */
  readonly angleDeg?: number | undefined
  readonly tide?: BeachTide | undefined
}

/** One day in its order. */
export interface OrderedDay {
  readonly on: string
  readonly fromMs: number
  readonly toMs: number
  readonly visits: readonly TimedVisit[]
  readonly minutes: number
  readonly exact: boolean
  /** False where a beach finds no hour between its tides. */
  readonly inTime: boolean
  readonly moreRods: readonly MoreRods[]
}

const HOUR_MS = 3_600_000
/** Hours fished where neither the trip nor the sun says [h]. [practice] */
const USUAL_H = { from: 8, to: 17 } as const
const MINUTE_MS = 60_000

function clockMs(on: string, clock: string, zone: string): number {
  const [year = 1970, month = 1, day = 1] = on.split('-').map(Number)
  const [hour = 0, minute = 0] = clock.split(':').map(Number)
  return momentIn(zone, { year, month, day, hour, minute }) ?? Date.UTC(year, month - 1, day, hour, minute)
}

/** From when to when a day is fished: as was said, but not in the dark. */
function hoursOf({ on, from, to }: TripDay, place: Coordinates | undefined, zone: string): Hours {
  const at = (clock: string): number => clockMs(on, clock, zone)
  const { dawnMs, duskMs } = place === undefined ? {} : sunDay(place, at('12:00'))
  const first = from === undefined ? (dawnMs ?? at(`0${USUAL_H.from}:00`)) : at(from)
  const last = to === undefined ? (duskMs ?? at(`${USUAL_H.to}:00`)) : at(to)
  const fromMs = Math.max(first, dawnMs ?? first)
  return { fromMs, toMs: Math.max(fromMs + HOUR_MS, Math.min(last, duskMs ?? last)) }
}

/** How each of so many stops shares a day's hours. */
const slot = (place: number, of: number, { fromMs, toMs }: Hours) => {
  const each = (toMs - fromMs) / of
  return { fromMs: fromMs + place * each, toMs: fromMs + (place + 1) * each }
}

interface Hours {
  readonly fromMs: number
  readonly toMs: number
}

const overlapMs = (a: Hours, b: Hours): number =>
  Math.max(0, Math.min(a.toMs, b.toMs) - Math.max(a.fromMs, b.fromMs))

/** A beach is worth the way from so long a tide to fish on [ms]. [practice] */
const WORTH_MS = HOUR_MS / 2

/** Of some hours those in which one may be on a beach: once the way out is dry, and until one must leave; undefined where there are none. */
function onBeach(shore: Shore, { fromMs, toMs }: Hours): Hours | undefined {
  const way = leaveBy(shore, fromMs)
  if (way.outcome === 'free') return { fromMs, toMs }
  if (way.outcome === 'leave-by')
    return way.leaveMs > fromMs ? { fromMs, toMs: Math.min(toMs, way.leaveMs) } : undefined
  const freeMs = 'freeMs' in way ? way.freeMs : undefined
  if (freeMs === undefined || freeMs >= toMs) return undefined
  const then = leaveBy(shore, freeMs + MINUTE_MS)
  return { fromMs: freeMs, toMs: then.outcome === 'leave-by' ? Math.min(toMs, then.leaveMs) : toMs }
}

/** Whether a beach can be fished in these hours: on some tide, with the way back open. */
function fishable(shore: Shore, hours: Hours): boolean {
  const there = onBeach(shore, hours)
  if (there === undefined) return false
  const windows = tideWindows(shore.station, there.fromMs, there.toMs).filter(({ kind }) => kind === 'fish')
  return windows.reduce((sum, window) => sum + overlapMs(window, there), 0) >= WORTH_MS
}

/** Places of a day in which a pool may be fished; undefined for any. */
const placesOf = ({ shore }: Run, of: number, hours: Hours): readonly number[] | undefined =>
  shore && Array.from({ length: of }, (_, i) => i).filter((i) => fishable(shore, slot(i, of, hours)))

/** The level a day is ordered at: of the flows of each pool the middle one, for on one day the river has one. */
function demandsAt(run: Run, on: string, covered: readonly Covered[]): readonly Covered[] {
  const mine = covered.filter(({ demand }) => demand.run.id === run.id && demand.on.includes(on))
  const flows = [...new Set(mine.map(({ demand }) => demand.flowIndex))].sort((a, b) => a - b)
  const middle = flows[Math.floor(flows.length / 2)]
  return mine.filter(({ demand }) => demand.flowIndex === middle)
}

interface Options {
  readonly zone: string
  readonly minutes?: ChangeMinutes | undefined
}

interface Rigged {
  readonly choice: RigChoice
  readonly angleDeg: number
  readonly reelIds: readonly (string | null)[]
}

/** Rigs that would do at a pool with its first fly that is covered, those with most room to spare first. */
function rigsAt(covered: readonly Covered[], kit: ReadonlySet<string>): readonly Rigged[] {
  const first = covered.find((each) => rigWith(kit, each) !== undefined)
  if (first === undefined) return []
  return [...first.ways]
    .sort((a, b) => b.margin - a.margin)
    .flatMap((way) => {
      const found = rigWith(kit, { ...first, ways: [way] })
      return found === undefined
        ? []
        : [{ choice: found.choice, angleDeg: way.angleDeg, reelIds: way.reelIds }]
    })
}

/** The best rig on each rod one owns, the kit's own before them: what a rod more could do. */
function rigsOnRods(covered: readonly Covered[], kit: ReadonlySet<string>): readonly Rigged[] {
  const all = new Set(
    covered.flatMap(({ ways }) =>
      ways.flatMap(({ rig, reelIds }) => [...Object.values(rig), ...reelIds].filter((id) => id !== null)),
    ),
  )
  const rods = new Map<string, Rigged[]>()
  for (const each of [...rigsAt(covered, kit), ...reelByReel(covered, all)]) {
    const { rodId, reelId, runningLineId } = each.choice
    const mine = rods.get(rodId) ?? []
    const another = mine.every(
      ({ choice }) => choice.reelId !== reelId || choice.runningLineId !== runningLineId,
    )
    if (another && mine.length < RIGS_A_ROD) rods.set(rodId, [...mine, each])
  }
  return [...rods.values()].flat()
}
/** Rigs of one rod that are compared where several are carried: two rods want two reels and two lines. */
const RIGS_A_ROD = 4

/** Every rig of a demand with each of its reels, those with most room to spare first. */
const reelByReel = (covered: readonly Covered[], kit: ReadonlySet<string>): readonly Rigged[] =>
  rigsAt(covered, kit).flatMap(({ choice, angleDeg, reelIds }) =>
    reelIds.map((reelId) => ({ choice: { ...choice, reelId }, angleDeg, reelIds })),
  )

/** A day of the trip in its best order: the rig of each pool, the changes between, its hours by light and tide. */
export function orderDay(
  day: TripDay,
  runs: ReadonlyMap<string, Run>,
  covered: readonly Covered[],
  kit: ReadonlySet<string>,
  { zone, minutes = CHANGE_MINUTES }: Options,
): OrderedDay {
  const pools = day.pools.flatMap(({ runId }) => runs.get(runId) ?? [])
  const hours = hoursOf(day, pools.find(({ spot }) => spot !== undefined)?.spot, zone)
  const angles = new Map<RigChoice, number>()
  const there = new Map(pools.map((run) => [run.id, demandsAt(run, day.on, covered)]))
  const stopAt = ({ id }: Run, rigs: readonly Rigged[]): Stop => {
    for (const { choice, angleDeg } of rigs) angles.set(choice, angleDeg)
    return { runId: id, rigs: rigs.map(({ choice }) => choice) }
  }
  const stops = pools.map((run) => ({
    ...stopAt(run, rigsAt(there.get(run.id) ?? [], kit)),
    places: placesOf(run, pools.length, hours),
  }))
  const { visits, ...order } = bestOrder(stops, { asListed: day.asListed === true, minutes })
  const byRods = visits.flatMap(({ runId }) => {
    const run = runs.get(runId)
    return run === undefined ? [] : stopAt(run, rigsOnRods(there.get(runId) ?? [], kit))
  })
  return {
    on: day.on,
    ...hours,
    ...order,
    visits: visits.map((visit, i) => timed(visit, slot(i, visits.length, hours), runs, angles)),
    moreRods: moreRods(byRods, order, minutes),
  }
}

function timed(
  visit: Visit,
  { fromMs, toMs }: Hours,
  runs: ReadonlyMap<string, Run>,
  angles: ReadonlyMap<RigChoice, number>,
): TimedVisit {
  const start = fromMs + visit.minutes * MINUTE_MS
  const hours = { fromMs: start, toMs: Math.max(start, toMs) }
  const shore = runs.get(visit.runId)?.shore
  const angleDeg = visit.rig && angles.get(visit.rig)
  if (shore === undefined) return { ...visit, ...hours, angleDeg }
  const there = onBeach(shore, hours) ?? hours
  return { ...visit, ...there, angleDeg, tide: tideIn(shore, there) }
}

const tideIn = (shore: Shore, { fromMs, toMs }: Hours): BeachTide => ({
  windows: tideWindows(shore.station, fromMs, toMs).filter(({ kind }) => kind !== 'dusk'),
  turns: tideTurns(shore.station, fromMs - 6 * HOUR_MS, toMs + 6 * HOUR_MS),
  leave: leaveBy(shore, fromMs + MINUTE_MS),
})
