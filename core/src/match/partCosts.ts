import type { Day } from '../day/index.ts'
import type { Leader, Reel } from '../gear/index.ts'
import type { RunningLineFacts } from '../line/index.ts'
import { type Look, type Part, type RigParts, windowOf } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { addedKg, closeness, leastCloseness } from './closeness.ts'
import { costOf, type Groups } from './groups.ts'
import { orderOf, type Ride, rideOf } from './ride.ts'
import { findingCost } from './score.ts'

/** A rod with a head. */
export interface Pair {
  /** Rod by rod, head by head. */
  readonly place: number
  /** Least the whole rig can cost, whatever tip, leader, running line and reel are chosen. */
  readonly floor: number
}

/** Rods with heads that are sorted at first; eight times as many whenever these were not enough. */
const FIRST_PAIRS = 4096

interface Best<T> {
  readonly choice: T
  readonly cost: number
}

/** A rig under construction: parts not chosen yet are null, and no look that needs them is run. */
type Draft = { -readonly [P in Part]: RigParts[P] }

/** One of a list, with its place in the gear and what it costs by itself. */
interface Ranked<T> {
  readonly choice: T
  readonly index: number
  readonly cost: number
}

/** A list by cost, equals in the gear's order. */
const ranked = <T>(list: readonly T[], costFor: (one: T) => number): readonly Ranked<T>[] =>
  list.map((choice, index) => ({ choice, index, cost: costFor(choice) })).sort((a, b) => a.cost - b.cost)

export interface TipOnHead {
  readonly tipIndex: number
  readonly tip: RigParts['tip']
  /** With the least its leader can cost. */
  readonly cost: number
  /** Without a leader. */
  readonly alone: number
}

/** A tip on a rod and head, with the least it costs there whatever leader follows. */
interface Front {
  readonly tipIndex: number
  readonly tip: RigParts['tip']
  readonly cost: number
  /** The same without its leader. */
  readonly tipCost: number
  readonly ride: Ride
}

type ReelChoice = { readonly runningLine: RunningLineFacts | null; readonly reel: Reel | null }

/** The best running line and reel for a rod and head. */
export interface Sides extends Best<ReelChoice> {
  /** All there are, best first, where the front has a say in them; else none. */
  readonly sides: readonly Best<ReelChoice>[]
}

/** What parts cost, alone and together, in one search: what is worked out for one part of the gear is kept for the next. */
export class PartCosts {
  private readonly draft: Draft
  private readonly rides: Ride[] = []
  private rodCosts: readonly number[] = []
  private headCosts: readonly number[] = []
  private readonly tipsByHead: (readonly TipOnHead[] | undefined)[] = []
  private readonly linesByHead: (readonly Ranked<ReelChoice['runningLine']>[])[] = []
  private readonly reelsByRod: (readonly Ranked<Reel | null>[])[] = []
  private readonly woundCosts: (number | undefined)[] = []
  private readonly keyedRides = new Map<string, Ride>()
  private readonly lookCosts = new Map<Look, Map<string, readonly number[]>>()

  constructor(
    private readonly c: Candidates,
    private readonly day: Day,
    private readonly groups: Groups,
    first: Pick<RigParts, 'rod' | 'head'>,
  ) {
    this.draft = { ...first, tip: null, leader: null, runningLine: null, reel: null }
  }

  /** What leaders cost with this tip where no rod or head has a say in it. */
  private ride(tipIndex: number): Ride {
    const known = this.rides[tipIndex]
    if (known !== undefined) return known
    const { c, draft } = this
    draft.tip = c.tips[tipIndex] ?? null
    const ride = rideOf(
      c.leaders.map((leader) => {
        draft.leader = leader
        return costOf(this.groups.tipLeader, draft, this.day)
      }),
    )
    this.rides[tipIndex] = ride
    return ride
  }

  /** Cost of the rod by itself and the head by itself. */
  alone(rodIndex: number, headIndex: number): number {
    return (this.rodCosts[rodIndex] ?? 0) + (this.headCosts[headIndex] ?? 0)
  }

  /** The least every rod with every head can cost by their own parts and their mass, rod by rod. */
  private floors(): Float64Array {
    const { c, day, groups, draft } = this
    this.headCosts = c.heads.map((head) => {
      draft.head = head
      return costOf(groups.head, draft, day)
    })
    this.rodCosts = c.rods.map((rod) => {
      draft.rod = rod
      return costOf(groups.rod, draft, day)
    })
    const added = addedKg(c.tips)
    const floors = new Float64Array(c.rods.length * c.heads.length)
    c.rods.forEach((rod, rodIndex) => {
      draft.rod = rod
      c.heads.forEach((head, headIndex) => {
        draft.head = head
        const near = leastCloseness(draft, windowOf(draft, day), added)
        floors[rodIndex * c.heads.length + headIndex] = this.alone(rodIndex, headIndex) + near
      })
    })
    return floors
  }

  /** Rods with heads, the cheapest floor first; sorted only as far as they are asked for. */
  *pairs(): Generator<Pair, undefined> {
    const floors = this.floors()
    const sorted = floors.toSorted()
    let above = Number.NEGATIVE_INFINITY
    for (let many = FIRST_PAIRS; above < (sorted.at(-1) ?? above); many *= 8) {
      const upTo = sorted[Math.min(many, sorted.length) - 1] ?? above
      const batch: Pair[] = []
      for (const [place, floor] of floors.entries())
        if (floor > above && floor <= upTo) batch.push({ place, floor })
      yield* batch.sort((a, b) => a.floor - b.floor)
      above = upTo
    }
  }

  /** What rod and head cost together, and the least that all looks can come to which need more. */
  together(): { readonly cost: number; readonly least: number } {
    const cost = costOf(this.groups.pair, this.draft, this.day)
    let least = 0
    for (const look of this.groups.least) {
      const finding = look(this.draft, this.day)
      if (finding !== null) least += findingCost(finding)
    }
    return { cost, least }
  }

  /** Turns to this rod and head. */
  take(rod: RigParts['rod'], head: RigParts['head']): void {
    Object.assign(this.draft, { rod, head, tip: null, leader: null, runningLine: null, reel: null })
  }

  /** Tips on this head, each with what it costs there and the least its leader can cost, cheapest first. */
  tipsOn(headIndex: number): readonly TipOnHead[] {
    const known = this.tipsByHead[headIndex]
    if (known !== undefined) return known
    const out = this.c.tips.map((tip, tipIndex) => {
      this.draft.tip = tip
      const alone = costOf(this.groups.headTip, this.draft, this.day)
      return { tipIndex, tip, alone, cost: alone + this.ride(tipIndex).least }
    })
    out.sort((one, other) => one.cost - other.cost)
    this.tipsByHead[headIndex] = out
    return out
  }

  /** Tips on the rod and head taken, with the aim, the looks at all three and the least their leaders cost; cheapest first. */
  fronts(tips: readonly TipOnHead[], budget: number): readonly Front[] {
    const { draft, groups, day } = this
    const window = windowOf(draft, day)
    const out: Front[] = []
    for (const { tipIndex, tip, alone, cost: onHead } of tips) {
      if (onHead > budget) break
      draft.tip = tip
      const more = closeness(draft, window)
      if (onHead + more > budget) continue
      const tipCost = alone + more + costOf(groups.front, draft, day)
      if (tipCost + (onHead - alone) > budget) continue
      const ride = this.keyedRide(tipIndex)
      const cost = tipCost + ride.least
      if (cost <= budget) out.push({ tipIndex, tip, cost, tipCost, ride })
    }
    return out.sort((one, other) => one.cost - other.cost)
  }

  /** Cost of every leader by one look, under all that rod, head and tip mean to it there; few keys serve all rigs. */
  private costsBy(look: Look, key: string): readonly number[] {
    const byKey = this.lookCosts.get(look) ?? new Map<string, readonly number[]>()
    this.lookCosts.set(look, byKey)
    const known = byKey.get(key)
    if (known !== undefined) return known
    const { draft, day } = this
    const costs = this.c.leaders.map((leader) => {
      draft.leader = leader
      return costOf([look], draft, day)
    })
    byKey.set(key, costs)
    return costs
  }

  /** What leaders cost with the tip taken, and by all that rod and head mean to them under a key. */
  private keyedRide(tipIndex: number): Ride {
    const { draft, groups, day } = this
    const keys = groups.keyed.map((look) => look.key?.(draft, day) ?? '')
    const key = `${tipIndex} ${keys.join('|')}`
    const known = this.keyedRides.get(key)
    if (known !== undefined) return known
    const each = groups.keyed.map((look, i) => this.costsBy(look, keys[i] ?? ''))
    const { costs } = this.ride(tipIndex)
    const ride = rideOf(costs.map((cost, i) => each.reduce((sum, by) => sum + (by[i] ?? 0), cost)))
    this.keyedRides.set(key, ride)
    return ride
  }

  /** The leader that costs least behind this rod, head and tip, and what tip and leader cost together; infinite beyond the budget. */
  bestLeader(
    { tip, tipCost, ride }: Front,
    { sides }: Sides,
    budget: number,
  ): Best<Leader | null> & { side?: ReelChoice } {
    this.draft.tip = tip
    let bestIndex = -1
    let bestCost = Number.POSITIVE_INFINITY
    let bestSide: ReelChoice | undefined
    for (const index of orderOf(ride)) {
      let cost = tipCost + (ride.costs[index] ?? 0)
      if (cost > budget || cost > bestCost) break
      if (cost === bestCost && index > bestIndex) continue
      this.draft.leader = this.c.leaders[index] ?? null
      cost += costOf(this.groups.leader, this.draft, this.day)
      if (cost > bestCost || (cost === bestCost && index > bestIndex)) continue
      const side = this.groups.mixed.length > 0 ? this.mixedSide(sides, bestCost - cost) : undefined
      if (side !== undefined) cost += side.cost
      if (cost > bestCost || (cost === bestCost && index > bestIndex)) continue
      bestCost = cost
      bestIndex = index
      bestSide = side?.choice
    }
    return {
      choice: this.c.leaders[bestIndex] ?? null,
      cost: bestCost,
      ...(bestSide === undefined ? {} : { side: bestSide }),
    }
  }

  /** The reel's side that suits this front best: what it costs beyond the best there is for rod and head alone. */
  private mixedSide(sides: Sides['sides'], budget: number): Best<ReelChoice> {
    const least = sides[0]?.cost ?? 0
    let best: Best<ReelChoice> | undefined
    for (const { choice, cost } of sides) {
      if (cost - least > Math.min(budget, best?.cost ?? Number.POSITIVE_INFINITY)) break
      Object.assign(this.draft, choice)
      const whole = cost - least + costOf(this.groups.mixed, this.draft, this.day)
      if (best === undefined || whole < best.cost) best = { choice, cost: whole }
    }
    return best ?? { choice: NO_SIDE, cost: Number.POSITIVE_INFINITY }
  }

  /** Cost of running line with reel, whatever rod and head. */
  private wound(line: Ranked<ReelChoice['runningLine']>, reel: Ranked<Reel | null>): number {
    const key = (line.index + 1) * this.c.reels.length + reel.index
    const known = this.woundCosts[key]
    if (known !== undefined) return known
    const cost = costOf(this.groups.lineReel, this.draft, this.day)
    this.woundCosts[key] = cost
    return cost
  }

  /** Running lines on this head, cheapest first. */
  private linesOn(headIndex: number): readonly Ranked<ReelChoice['runningLine']>[] {
    const { c, draft, groups, day } = this
    this.linesByHead[headIndex] ??= ranked(draft.head.onePiece ? [] : c.runningLines, (line) => {
      draft.runningLine = line
      return costOf(groups.headLine, draft, day)
    })
    const lines = this.linesByHead[headIndex]
    if (lines.length > 0) return lines
    draft.runningLine = null
    return [{ choice: null, index: -1, cost: costOf(groups.headLine, draft, day) }]
  }

  /** Reels on this rod, cheapest first. */
  private reelsOn(rodIndex: number): readonly Ranked<Reel | null>[] {
    const { c, draft, groups, day } = this
    this.reelsByRod[rodIndex] ??= ranked(c.reels, (reel) => {
      draft.reel = reel
      return costOf(groups.rodReel, draft, day)
    })
    return this.reelsByRod[rodIndex]
  }

  /** Running line and reel for this rod and head, as far as the front has no say in them; the first among equals. */
  bestReel(rodIndex: number, headIndex: number): Sides {
    const { draft, groups, day } = this
    const every = groups.mixed.length > 0
    const sides: Best<ReelChoice>[] = []
    const reels = this.reelsOn(rodIndex)
    let best: Best<ReelChoice> = { choice: NO_SIDE, cost: Number.POSITIVE_INFINITY }
    let bestLine = Number.POSITIVE_INFINITY
    let bestReel = Number.POSITIVE_INFINITY
    const beaten = (cost: number, line: number, reel: number): boolean =>
      cost > best.cost || (cost === best.cost && (line > bestLine || (line === bestLine && reel >= bestReel)))
    for (const line of this.linesOn(headIndex)) {
      if (!every && beaten(line.cost + (reels[0]?.cost ?? 0), line.index, -1)) {
        if (line.cost + (reels[0]?.cost ?? 0) > best.cost) break
        continue
      }
      draft.runningLine = line.choice
      for (const reel of reels) {
        const alone = line.cost + reel.cost
        if (!every && beaten(alone, line.index, reel.index)) {
          if (alone > best.cost) break
          continue
        }
        draft.reel = reel.choice
        const cost = alone + this.wound(line, reel) + costOf(groups.side, draft, day)
        const side = { choice: { runningLine: line.choice, reel: reel.choice }, cost }
        if (every) sides.push(side)
        if (beaten(cost, line.index, reel.index)) continue
        best = side
        bestLine = line.index
        bestReel = reel.index
      }
    }
    return { ...best, sides: sides.sort((a, b) => a.cost - b.cost) }
  }
}

const NO_SIDE: ReelChoice = { runningLine: null, reel: null }
