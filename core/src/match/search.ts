import type { Leader, Reel } from '../gear/index.ts'
import type { RunningLineFacts } from '../line/index.ts'
import {
  type Context,
  castOverhead,
  headChecks,
  leastReachChecks,
  lengthChecks,
  lineChecks,
  massCheck,
  massOnWindow,
  type RigParts,
  reachChecks,
  reelChecks,
  rideChecks,
  rodChecks,
  ruleFor,
  tipChecks,
  windowOf,
} from '../rig/index.ts'
import type { GrainWindow } from '../rod/index.ts'
import type { Candidates } from './candidates.ts'
import { checkCost, closenessCost, costOf } from './score.ts'

/** The best rig of one rod, head and tip, with its cost and the place that settles ties. */
export interface Found {
  readonly parts: RigParts
  readonly cost: number
  readonly place: number
}

interface Pair {
  readonly rodIndex: number
  readonly headIndex: number
  readonly window: GrainWindow | undefined
  /** Cost of rod and head alone; of their mass too, where the tip has no say in it. */
  readonly base: number
  /** Least the whole rig can cost, whatever tip, leader, running line and reel are chosen. */
  readonly floor: number
}

interface Best<T> {
  readonly choice: T
  readonly cost: number
}

/** The cheapest of a list, the earliest among equals; stops at the first that costs nothing. */
function cheapest<T>(items: readonly T[], costFor: (item: T) => number): Best<T> {
  let best: Best<T> | undefined
  for (const choice of items) {
    const cost = costFor(choice)
    if (best === undefined || cost < best.cost) best = { choice, cost }
    if (cost === 0) break
  }
  if (best === undefined) throw new Error('nothing to choose from')
  return best
}

/** Keeps the `limit` cheapest, in order; `ceiling` is what a newcomer must not exceed. */
class Podium {
  private readonly found: Found[] = []
  constructor(private readonly limit: number) {}

  get ceiling(): number {
    return this.found.length < this.limit ? Number.POSITIVE_INFINITY : (this.found.at(-1)?.cost ?? 0)
  }

  add(entry: Found): void {
    let low = 0
    let high = this.found.length
    while (low < high) {
      const middle = (low + high) >> 1
      const other = this.found[middle]
      if (
        other !== undefined &&
        (other.cost < entry.cost || (other.cost === entry.cost && other.place < entry.place))
      )
        low = middle + 1
      else high = middle
    }
    this.found.splice(low, 0, entry)
    if (this.found.length > this.limit) this.found.pop()
  }

  list(): readonly Found[] {
    return this.found
  }
}

/** Cost of the mass on the rod and its distance from the aim, with this tip. */
function massCost(parts: Pick<RigParts, 'rod' | 'head' | 'tip'>, window: GrainWindow | undefined): number {
  const massKg = massOnWindow(parts.rod, parts.head, parts.tip, window?.counts ?? 'head')
  return checkCost(massCheck(parts, window)) + closenessCost(massKg, window)
}

/** No tip can make the mass cheaper than this: where tips count, one only moves a head past its aim further away. */
function leastMassCost(
  rod: RigParts['rod'],
  head: RigParts['head'],
  window: GrainWindow | undefined,
): number {
  const parts = { rod, head, tip: null }
  const below = window?.counts === 'head+tip' && massOnWindow(rod, head, null, 'head') < window.aimKg
  return below ? 0 : massCost(parts, window)
}

function pairsOf(c: Candidates, context: Context): Pair[] {
  const pairs: Pair[] = []
  c.rods.forEach((rod, rodIndex) => {
    const rodCost = costOf(rodChecks(rod, context))
    c.heads.forEach((head, headIndex) => {
      const window = windowOf({ rod, head }, context)
      const alone = rodCost + costOf(headChecks(rod, head, context))
      const mass = leastMassCost(rod, head, window)
      const base = window?.counts === 'head+tip' ? alone : alone + mass
      const floor = alone + mass + costOf(leastReachChecks(rod, head, context))
      pairs.push({ rodIndex, headIndex, window, base, floor })
    })
  })
  return pairs.sort((a, b) => a.floor - b.floor)
}

/** Costs of each tip with each leader as far as the ride goes: no rod or head has a say in them. */
interface Ride {
  /** Leader indices, cheapest ride first; equals in the gear's order. */
  readonly order: readonly number[]
  readonly costs: readonly number[]
  readonly least: number
}

function ridesOf(c: Candidates, context: Context): readonly Ride[] {
  return c.tips.map((tip) => {
    const costs = c.leaders.map((leader) => costOf(rideChecks(tip, leader, context)))
    const order = costs.map((_, i) => i).sort((a, b) => (costs[a] ?? 0) - (costs[b] ?? 0) || a - b)
    return { order, costs, least: Math.min(...costs) }
  })
}

type Front = Pick<RigParts, 'rod' | 'head' | 'tip'>
type ReelChoice = { readonly runningLine: RunningLineFacts | null; readonly reel: Reel | null }

/** One search: what is worked out for one part of the gear is kept for the next. */
class Search {
  private readonly rides: readonly Ride[]
  private readonly tipCosts: (number | undefined)[] = []
  private readonly lengths = new Map<string, readonly number[]>()

  constructor(
    private readonly c: Candidates,
    private readonly context: Context,
  ) {
    this.rides = ridesOf(c, context)
  }

  /** No choice of tip and leader rides cheaper than this. */
  leastRide(): number {
    return Math.min(...this.rides.map((ride) => ride.least))
  }

  /** Tip on head, and the least its ride can cost. */
  tipFloor(headIndex: number, tipIndex: number): number {
    const key = headIndex * this.c.tips.length + tipIndex
    const head = this.c.heads[headIndex]
    const known = this.tipCosts[key]
    if (known !== undefined || head === undefined) return known ?? 0
    const cost =
      costOf(tipChecks(head, this.c.tips[tipIndex] ?? null, this.context)) +
      (this.rides[tipIndex]?.least ?? 0)
    this.tipCosts[key] = cost
    return cost
  }

  /** Cost of every leader's length under the rule that rod, head and tip make; few rules serve all rigs. */
  private lengthCosts(parts: Front): readonly number[] {
    const rule = ruleFor(parts.rod, parts.head.head.style, parts.tip, this.context.job.fly)
    const key = `${rule.reason} ${rule.lowM} ${rule.highM}`
    const costs = this.lengths.get(key) ?? this.c.leaders.map((leader) => costOf(lengthChecks(rule, leader)))
    this.lengths.set(key, costs)
    return costs
  }

  /** The leader that costs least with this rod, head and tip, over and above the tip's least ride; infinite beyond the budget. */
  bestLeader(parts: Front, tipIndex: number, budget: number): Best<Leader | null> {
    const { order = [], costs = [], least = 0 } = this.rides[tipIndex] ?? {}
    const lengths = this.lengthCosts(parts)
    const reaches =
      parts.tip === null ||
      castOverhead(parts.rod, parts.head.head.style) ||
      this.context.job.stripToM !== undefined
    let bestIndex = -1
    let bestCost = Number.POSITIVE_INFINITY
    for (const index of order) {
      const ride = (costs[index] ?? 0) - least
      if (ride > bestCost) break
      let cost = ride + (lengths[index] ?? 0)
      if (cost > budget) continue
      if (reaches && cost <= bestCost) {
        const leader = this.c.leaders[index] ?? null
        cost += costOf(reachChecks({ ...parts, leader }, this.context))
      }
      if (cost > bestCost || (cost === bestCost && index > bestIndex)) continue
      bestCost = cost
      bestIndex = index
    }
    return { choice: this.c.leaders[bestIndex] ?? null, cost: bestCost }
  }

  bestReel(parts: Pick<RigParts, 'rod' | 'head'>): Best<ReelChoice> {
    let best: Best<ReelChoice> = { choice: { runningLine: null, reel: null }, cost: Number.POSITIVE_INFINITY }
    for (const runningLine of parts.head.onePiece ? [null] : this.c.runningLines) {
      const lineCost = costOf(lineChecks(parts.head, runningLine, this.context))
      if (lineCost >= best.cost) continue
      const reel = cheapest(this.c.reels, (one) => costOf(reelChecks({ ...parts, runningLine, reel: one })))
      if (lineCost + reel.cost < best.cost)
        best = { choice: { runningLine, reel: reel.choice }, cost: lineCost + reel.cost }
    }
    return best
  }
}

/**
 * The best rigs, one for each rod, head and tip, each completed with its best leader, running line and reel. Exact: costs
 * of the groups of checks add up, so a partial rig that already costs more than the last place is left out unseen.
 */
export function search(c: Candidates, context: Context, limit: number): readonly Found[] {
  const podium = new Podium(limit)
  const known = new Search(c, context)
  const leastRide = known.leastRide()
  for (const { rodIndex, headIndex, window, base, floor } of pairsOf(c, context)) {
    if (floor + leastRide > podium.ceiling) break
    const rod = c.rods[rodIndex]
    const head = c.heads[headIndex]
    if (rod === undefined || head === undefined) continue
    const reel = known.bestReel({ rod, head })
    if (floor + leastRide + reel.cost > podium.ceiling) continue
    const tipCounts = window?.counts === 'head+tip'
    for (let tipIndex = 0; tipIndex < c.tips.length; tipIndex++) {
      const tip = c.tips[tipIndex] ?? null
      let cost = base + reel.cost + known.tipFloor(headIndex, tipIndex)
      if (cost > podium.ceiling) continue
      if (tipCounts) cost += massCost({ rod, head, tip }, window)
      if (cost > podium.ceiling) continue
      const leader = known.bestLeader({ rod, head, tip }, tipIndex, podium.ceiling - cost)
      cost += leader.cost
      if (cost > podium.ceiling) continue
      const place = (rodIndex * c.heads.length + headIndex) * c.tips.length + tipIndex
      podium.add({ parts: { rod, head, tip, leader: leader.choice, ...reel.choice }, cost, place })
    }
  }
  return podium.list()
}
