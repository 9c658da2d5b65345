import type { Item } from '../gear/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'
import {
  type CalendarWords,
  type Carried,
  type ChangeKind,
  type Contradiction,
  type Covered,
  type MoreRods,
  rigWith,
  type Spare,
  type Step,
  type TripProblem,
  type Why,
} from '../trip/index.ts'
import { sayCheck } from './check.ts'
import { sayFly } from './day.ts'
import { KIND_NAMES, summarize } from './names.ts'
import { figure, type Said, said } from './said.ts'

export const CARRIED_NAMES: Readonly<Record<Carried, { readonly one: string; readonly many: string }>> =
  Object.freeze({
    rods: { one: 'rod', many: 'rods' },
    reels: { one: 'reel', many: 'reels' },
    heads: { one: 'head', many: 'heads' },
    tips: { one: 'tip', many: 'tips' },
    leaders: { one: 'leader', many: 'leaders' },
    lines: { one: 'running line', many: 'running lines' },
    items: { one: 'thing', many: 'things' },
  })
const counted = (count: number, { one, many }: { readonly one: string; readonly many: string }): string =>
  `${count} ${count === 1 ? one : many}`

/** A change on the bank, after "change". */
export const CHANGE_NAMES: Readonly<Record<ChangeKind, string>> = Object.freeze({
  leader: 'the leader',
  tip: 'the tip',
  head: 'the head',
  reel: 'reel and line',
})

const names = (list: readonly string[]): string =>
  list.length < 2 ? (list[0] ?? '') : `${list.slice(0, -1).join(', ')} and ${list.at(-1)}`

/** What is changed on the way to a pool: “change the tip and the leader, 3 min”. */
export const sayChanges = (changes: readonly ChangeKind[], minutes: number): string =>
  changes.length === 0
    ? 'nothing to change'
    : `change ${names(changes.map((kind) => CHANGE_NAMES[kind]))}, ${minutes} min`

/** What stands in the way of a part of a trip; the rest stands. */
export function sayTripProblem({ code, data }: TripProblem, system: UnitSystem): string {
  const flow = (m3ps: string | number | undefined): string => printMeasure(Number(m3ps), 'flow', system)
  switch (code) {
    case 'trip-no-days':
      return 'No day of this trip has a pool yet: add one to see what to pack.'
    case 'trip-pool-gone':
      return `A pool of this trip (${data.id}) is no longer there; the others still count.`
    case 'trip-no-measure':
      return `${data.name} has no measured flow, so Hoxen can’t tell other levels of it: measure it once, or choose “as it is now”.`
    case 'trip-flow-far':
      return `${data.name} at ${flow(data.flowM3ps)}: its measurement only tells of ${flow(data.lowM3ps)} to ${flow(data.highM3ps)}.`
    case 'trip-fly-gone':
      return `A fly of this trip (${data.id}) is no longer in your gear; the others still count.`
    case 'trip-item-gone':
      return `Something this trip names (${data.id}) is no longer in your gear.`
    case 'trip-too-many':
      return `This trip asks for more than ${data.limit} pools, flows and flies together; the last ${data.left} are left out.`
  }
}

/** Limits that cannot all be kept. @param name names an item */
export function sayContradiction(found: Contradiction, name: (id: string) => string): string {
  const ids = names(found.ids.map(name))
  switch (found.between) {
    case 'must-home':
      return `${ids} is told both to come and to stay at home.`
    case 'none-of':
      return `Nothing can be fished with no ${CARRIED_NAMES[found.sort].many} at all.`
    case 'must-limit':
      return `${ids} must come, but only ${counted(found.limit, CARRIED_NAMES[found.sort])} may.`
  }
}

/** A demand by its pool, level and fly. */
export function sayDemand(
  { run, flowM3ps, fly }: Pick<Covered['demand'], 'run' | 'flowM3ps' | 'fly'>,
  system: UnitSystem,
): string {
  const at = flowM3ps === undefined ? '' : ` at ${printMeasure(flowM3ps, 'flow', system)}`
  return `${run.name}${at}, ${fly.name ?? sayFly(fly.shape)}`
}

/** How many rigs cover a demand, of how many. */
export const sayWays = ({ ways, swung, of }: Covered): string =>
  `${ways.length} ${ways.length === 1 ? 'rig covers' : 'rigs cover'} it, of ${swung} swung${swung < of ? ` and ${of} that might hold` : ''}`

/** Why nothing covers a demand. */
export const sayWhyNot = (why: Why | undefined, system: UnitSystem): string =>
  why === undefined
    ? 'No rod and head of yours go together here.'
    : `The nearest rig: ${sayCheck(why.check, system)}`

/** How sure an answer is. @param left rigs not swung */
export function sayHowSure(
  {
    swung,
    of,
    proven,
    kit,
  }: {
    readonly swung: number
    readonly of: number
    readonly proven: boolean
    readonly kit: { readonly optimal: boolean; readonly gap?: number }
  },
  looking: boolean,
): string {
  if (proven) return 'Proven: no smaller kit of yours covers as much.'
  if (!kit.optimal) return `Time ran out: another kit might cover up to ${kit.gap ?? 0} more.`
  if (looking) return `The smallest of ${swung} rigs swung so far, of ${of} that might hold; still looking.`
  return swung < of
    ? `The smallest of the ${swung} rigs swung; ${of - swung} more might hold and were not swung.`
    : `The smallest of all ${of} rigs that might hold.`
}

/** What a kit comes to. @param weight days’ demands covered @param of of how many */
export function sayKit(weight: number, of: number, counts: readonly (readonly [Carried, number])[]): Said {
  const parts = names(
    counts.filter(([, count]) => count > 0).map(([sort, count]) => counted(count, CARRIED_NAMES[sort])),
  )
  const cover = counts.reduce((sum, [, count]) => sum + count, 0) === 1 ? 'covers' : 'cover'
  if (weight === 0) return ['Nothing of yours covers any of this trip.']
  return said`${figure(parts)} ${cover} ${weight === of ? `all ${of} cases` : `${weight} of ${of} cases`}.`
}

/** What a size of kit covers, and what it adds to the size below. @param of all that could be */
export function sayStair(
  { items, weight, ids }: Step,
  before: Step | undefined,
  covered: readonly Covered[],
  of: number,
  system: UnitSystem,
): string {
  const things = `${counted(items, CARRIED_NAMES.items)} ${items === 1 ? 'covers' : 'cover'} ${weight} of ${of} cases`
  if (weight === 0) return `${counted(items, CARRIED_NAMES.items)} make no rig that covers anything.`
  const [now, was] = [new Set(ids), new Set(before?.ids)]
  const added = covered.filter((each) => rigWith(now, each) !== undefined && rigWith(was, each) === undefined)
  const list = added.map(({ demand }) => sayDemand(demand, system))
  if (before === undefined || before.weight === 0 || list.length === 0) return `${things}.`
  return `${things}. The last one adds ${list[0]}${list.length > 1 ? ` and ${list.length - 1} more` : ''}.`
}

/** What falls without an item. */
export function sayFalls(falls: readonly Covered[], system: UnitSystem): string {
  const list = falls.map(({ demand }) => sayDemand(demand, system))
  if (list.length === 0) return 'Without it nothing falls.'
  return `Without it: ${names(list.slice(0, 3))}${list.length > 3 ? ` and ${list.length - 3} more` : ''}.`
}

/** The one thing more that would cover most. */
export const sayMissing = (item: Item, adds: number, of: number, system: UnitSystem): Said =>
  said`With ${KIND_NAMES[item.kind].a} (${figure(summarize(item, system))}) you would cover ${figure(`${adds} of the ${of}`)} left open. Borrow before you buy.`

/** What more rods save over a day. */
export function sayMoreRods({ rods, minutes, savesMin, worthIt }: MoreRods): string {
  const saved = Math.round(savesMin)
  const one = rods === 2 ? 'A second rod' : 'A third rod'
  if (saved <= 0)
    return `${one} saves nothing${minutes > 0 ? ': what it needs is on the first, or no rig on it holds' : ''}.`
  return `${one} saves ${saved} min of changing${worthIt ? '' : ', too little to carry it for'}.`
}

const SPARES: Readonly<Record<Spare['what'], { readonly one: string; readonly many: string }>> = {
  leader: { one: 'spare leader', many: 'spare leaders' },
  tippet: { one: 'spool of tippet', many: 'spools of tippet' },
  loop: { one: 'braided loop', many: 'braided loops, one for each joint' },
  'running-line': { one: 'second running line', many: 'spare running lines' },
}
export const saySpare = ({ what, count }: Spare): string => counted(count, SPARES[what])

/** A head worth borrowing for a rod. */
export const sayWorthBorrowing = (rod: string, style: string, headKg: number, system: UnitSystem): string =>
  `${printMeasure(headKg, 'lineMass', system)} ${style}, to try on ${rod}`

/** Words of a trip's calendar. @param pool names a pool @param clock prints a time */
export const calendarWords = (
  trip: string,
  pool: (id: string) => string,
  clock: (ms: number) => string,
): CalendarWords => ({
  title: ({ visits }) => `${trip}: ${names(visits.map(({ runId }) => pool(runId)))}`,
  text: ({ visits }) =>
    visits
      .map(
        ({ runId, fromMs, changes, minutes }) =>
          `${clock(fromMs)} ${pool(runId)}: ${sayChanges(changes, minutes)}`,
      )
      .join('\n'),
  tide: (fromMs, toMs) => `Tide to fish, ${clock(fromMs)}–${clock(toMs)}`,
  leave: (leaveMs) => `Leave the beach by ${clock(leaveMs)}`,
})
