import type { Day, Job } from '../day/index.ts'
import {
  type Gear,
  type HeadStyle,
  type Item,
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

/** Figures by which things of one kind stand in order, the first that differs decides. */
const FIGURES = ['lineNumber', 'lengthM', 'massKg', 'sinkRateMps', 'diameterM', 'breakingN'] as const

/** All that a thing is but what it is called, as text. */
const asText = ({ id: _id, name: _name, notes: _notes, ...item }: Item): string =>
  JSON.stringify(Object.entries(item).sort(([a], [b]) => (a < b ? -1 : 1)))

const figuresOf = (item: Item): readonly number[] =>
  FIGURES.map((figure) => {
    const value = (item as Partial<Record<string, unknown>>)[figure]
    return typeof value === 'number' ? value : Number.POSITIVE_INFINITY
  })

/** Things in an order that neither names nor the list's own order change: by figures, and alike ones by id. */
export function byFigures(items: readonly Item[]): readonly Item[] {
  const keyed = items.map((item) => ({ item, figures: figuresOf(item), text: asText(item) }))
  keyed.sort((a, b) => {
    const at = a.figures.findIndex((figure, i) => figure !== b.figures[i])
    if (at >= 0) return (a.figures[at] as number) < (b.figures[at] as number) ? -1 : 1
    if (a.text !== b.text) return a.text < b.text ? -1 : 1
    return a.item.id < b.item.id ? -1 : 1
  })
  return keyed.map(({ item }) => item)
}

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
