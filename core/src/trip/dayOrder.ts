import type { RigChoice } from '../rig/index.ts'
import { CHANGE_MINUTES, type ChangeKind, type ChangeMinutes, SAVING_MIN } from './vocabulary.ts'

/** A stop of a day: a pool, and the rigs that would do there, best first. */
export interface Stop {
  readonly runId: string
  readonly rigs: readonly RigChoice[]
  /** Places in the day it may be fished at, the first of them 0; left out, any. */
  readonly places?: readonly number[] | undefined
}

/** One pool of a day as it is fished. */
export interface Visit {
  readonly runId: string
  /** Undefined where nothing covers it. */
  readonly rig?: RigChoice | undefined
  /** Changes on the way here, dearest first. */
  readonly changes: readonly ChangeKind[]
  readonly minutes: number
}

export interface DayOrder {
  readonly visits: readonly Visit[]
  readonly minutes: number
  /** Whether no order of these pools takes fewer minutes; beyond eight pools they are taken as listed. */
  readonly exact: boolean
  /** Whether every pool has a place it may be fished at. */
  readonly inTime: boolean
}

/** Pools up to which every order is compared. */
export const MOST_ORDERED = 8
/** Rigs of a stop that are compared. */
const MOST_RIGS = 10

/** Changes from one rig to the next: whatever is taken off with a dearer part goes with it, and a leader stays on its tip. [practice] */
export function changesBetween(from: RigChoice | undefined, to: RigChoice): readonly ChangeKind[] {
  if (from === undefined) return []
  const reel = from.rodId !== to.rodId || from.reelId !== to.reelId || from.runningLineId !== to.runningLineId
  const head = from.headId !== to.headId
  const tip = from.tipId !== to.tipId
  const leader = !tip && from.leaderId !== to.leaderId
  return [
    ...(reel ? (['reel'] as const) : []),
    ...(head ? (['head'] as const) : []),
    ...(tip ? (['tip'] as const) : []),
    ...(leader ? (['leader'] as const) : []),
  ]
}

const minutesOf = (changes: readonly ChangeKind[], minutes: ChangeMinutes): number =>
  changes.reduce((sum, kind) => sum + minutes[kind], 0)

/** Things that can be on one rod only. */
const ONE_OF: readonly (keyof RigChoice)[] = ['rodId', 'headId', 'tipId', 'runningLineId', 'reelId']
const canStandBeside = (a: RigChoice, b: RigChoice): boolean =>
  ONE_OF.every((slot) => a[slot] === null || a[slot] !== b[slot])

/** A day so far: the rigs on the rods, and what it took. */
interface State {
  readonly rods: readonly (RigChoice | undefined)[]
  readonly minutes: number
  readonly visits: readonly Visit[]
}

const keyOf = ({ rods }: State): string =>
  rods.map((rig) => (rig === undefined ? '_' : Object.values(rig).join('~'))).join(' ')

/** The next stop from a state: every rig that would do, on every rod that is carried. */
function next(
  { rods, minutes, visits }: State,
  { runId, rigs }: Stop,
  costs: ChangeMinutes,
): readonly State[] {
  if (rigs.length === 0) return [{ rods, minutes, visits: [...visits, { runId, changes: [], minutes: 0 }] }]
  return rigs.slice(0, MOST_RIGS).flatMap((rig) =>
    rods.flatMap((from, i): readonly State[] => {
      // Two rods that are empty are one as good as the other.
      if (from === undefined && rods.indexOf(undefined) !== i) return []
      if (rods.some((other, k) => k !== i && other !== undefined && !canStandBeside(other, rig))) return []
      const changes = changesBetween(from, rig)
      const took = minutesOf(changes, costs)
      return [
        {
          rods: rods.map((was, k) => (k === i ? rig : was)),
          minutes: minutes + took,
          visits: [...visits, { runId, rig, changes, minutes: took }],
        },
      ]
    }),
  )
}

/** Of states alike in what is on the rods, the quickest. */
function quickest(states: readonly State[]): readonly State[] {
  const best = new Map<string, State>()
  for (const state of states) {
    const key = keyOf(state)
    const before = best.get(key)
    if (before === undefined || state.minutes < before.minutes) best.set(key, state)
  }
  return [...best.values()]
}

const mayStand = ({ places }: Stop, place: number): boolean => places === undefined || places.includes(place)

/**
 * The order of a day with the fewest minutes of changes, by dynamic programming over the pools already fished (Held & Karp 1962): exact
 * up to eight pools. What is on the rods in the morning was rigged at home.
 * @param rods rods carried rigged, [1, 3] @param asListed fished in the order given
 */
export function bestOrder(
  stops: readonly Stop[],
  {
    rods = 1,
    asListed = false,
    minutes: costs = CHANGE_MINUTES,
  }: { rods?: number; asListed?: boolean; minutes?: ChangeMinutes } = {},
): DayOrder {
  const fixed = asListed || stops.length > MOST_ORDERED
  const start: State = { rods: new Array<undefined>(rods).fill(undefined), minutes: 0, visits: [] }
  const found = (heedPlaces: boolean): State | undefined => {
    let layer = new Map<number, readonly State[]>([[0, [start]]])
    for (let place = 0; place < stops.length; place++) {
      const after = new Map<number, State[]>()
      for (const [mask, states] of layer)
        for (const [i, stop] of stops.entries()) {
          if ((mask & (1 << i)) !== 0 || (fixed && i !== place) || (heedPlaces && !mayStand(stop, place)))
            continue
          const key = mask | (1 << i)
          const list = after.get(key) ?? []
          for (const state of states) list.push(...next(state, stop, costs))
          after.set(key, list)
        }
      layer = new Map([...after].map(([mask, states]) => [mask, quickest(states)]))
    }
    return [...layer.values()].flat().sort((a, b) => a.minutes - b.minutes)[0]
  }
  const heeding = found(true)
  const { visits, minutes } = heeding ?? found(false) ?? start
  return { visits, minutes, exact: !fixed || asListed, inTime: heeding !== undefined }
}

/** What more rods save over a day. */
export interface MoreRods {
  readonly rods: number
  readonly minutes: number
  readonly savesMin: number
  /** Whether it saves as much as a rod more is worth carrying for. */
  readonly worthIt: boolean
  /** The rods it takes. */
  readonly rodIds: readonly string[]
}

/** Rigs of a stop that are compared where several rods are carried. */
const MOST_RIGS_EACH = 12

/** The same pools in the same order with two rods, and with three: what each saves against one rod. */
export function moreRods(
  stops: readonly Stop[],
  one: Pick<DayOrder, 'minutes'>,
  minutes: ChangeMinutes,
): readonly MoreRods[] {
  let before = one.minutes
  const few = stops.map((stop) => ({ ...stop, rigs: stop.rigs.slice(0, MOST_RIGS_EACH), places: undefined }))
  return [2, 3].map((rods) => {
    const order = bestOrder(few, { asListed: true, minutes, rods })
    const least = Math.min(before, order.minutes)
    const worthIt = before - least >= SAVING_MIN
    before = least
    return {
      rods,
      minutes: least,
      savesMin: one.minutes - least,
      worthIt,
      rodIds: [...new Set(order.visits.flatMap(({ rig }) => rig?.rodId ?? []))],
    }
  })
}
