import type { Day, Job } from '../day/index.ts'
import {
  byFigures,
  type Gear,
  type HeadStyle,
  itemsOf,
  type Leader,
  type Reel,
  type Rod,
} from '../gear/index.ts'
import { type HeadFacts, headFacts, type RunningLineFacts, runningLineFacts } from '../line/index.ts'
import { type TipFacts, tipFacts } from '../sink/index.ts'

/** Everything a rig can be made of, derived once. Orders settle ties: the angler's schools first, then the items' figures, never their names or the order of the list. */
export interface Candidates {
  readonly rods: readonly Rod[]
  readonly heads: readonly HeadFacts[]
  readonly tips: readonly (TipFacts | null)[]
  readonly leaders: readonly (Leader | null)[]
  readonly runningLines: readonly (RunningLineFacts | null)[]
  readonly reels: readonly (Reel | null)[]
}

const FINE: readonly HeadStyle[] = ['scandi', 'multi-density', 'integrated', 'double-taper', 'weight-forward']

/** Whether a head is cast in the style the job asks for. */
export function inStyle(head: HeadStyle, style: Job['style']): boolean {
  if (style === 'any') return true
  return style === 'scandi' ? FINE.includes(head) : head === style
}

/** Stable sort, preferred ones first. */
const preferring = <T>(items: readonly T[], preferred: (item: T) => boolean): readonly T[] =>
  [...items].sort((a, b) => Number(preferred(b)) - Number(preferred(a)))

const orNone = <T>(items: readonly T[]): readonly (T | null)[] => (items.length > 0 ? items : [null])

/** Candidates of gear by all of a day that they depend on: put together once. */
const known = new WeakMap<Gear, Map<string, Candidates>>()

export function candidatesOf(owned: Gear, { schools, rodId, style }: Day): Candidates {
  const key = JSON.stringify([schools, rodId, style])
  const ofGear = known.get(owned) ?? new Map<string, Candidates>()
  known.set(owned, ofGear)
  const before = ofGear.get(key)
  if (before !== undefined) return before
  const found = findCandidates(owned, { schools, rodId, style })
  ofGear.set(key, found)
  return found
}

function findCandidates(
  owned: Gear,
  { schools, rodId, style }: Pick<Day, 'schools' | 'rodId' | 'style'>,
): Candidates {
  const gear = { items: byFigures(owned.items) }
  const rods = itemsOf(gear, 'rod').filter((rod) => rodId === undefined || rod.id === rodId)
  const heads = itemsOf(gear, 'head')
    .filter((head) => inStyle(head.style, style))
    .map(headFacts)
  const tips = [...itemsOf(gear, 'tip'), ...itemsOf(gear, 'sinking-leader')].map(tipFacts)
  const leaders = preferring(itemsOf(gear, 'leader'), (l) => l.form === schools.sinkTipLeader)
  const lines = preferring(itemsOf(gear, 'running-line'), (l) => l.build === schools.runningLine)
  const joinable = schools.headJoint === 'loop-to-loop'
  return {
    rods,
    heads: preferring(heads, (h) => h.onePiece !== joinable),
    tips: [null, ...tips],
    leaders: [...leaders, null],
    runningLines: orNone(lines.map(runningLineFacts)),
    reels: orNone(itemsOf(gear, 'reel')),
  }
}

/** The number of rigs these could be put together to. */
export function combinations(c: Candidates): number {
  return (
    c.rods.length * c.heads.length * c.tips.length * c.leaders.length * c.runningLines.length * c.reels.length
  )
}
