import type { Day } from '../day/index.ts'
import type { Leader } from '../gear/index.ts'
import { type Look, type RigParts, windowOf } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { closeness } from './closeness.ts'
import { costOf, type Groups, type OpenRig } from './groups.ts'
import { orderOf, type PartCosts, partCosts } from './partCosts.ts'
import { type Best, NO_SIDE, type ReelChoice, type Sides } from './sideCosts.ts'

/** A tip on a rod and head, with a lower bound of its cost there over all leaders. */
export interface TipOn {
  readonly tipIndex: number
  readonly tip: RigParts['tip']
  readonly least: number
  /** The same without its leader. */
  readonly tipCost: number
}

/** Memoised costs of tips on a head: by its key, and in all (NaN: not computed yet). */
interface TipsOnHead {
  readonly keyed: PartCosts
  readonly whole: Float64Array
}

const lengthOf = (tip: TipOn['tip']): number => tip?.lengthM ?? 0

/** Costs of tips and leaders on a rod and head, in one search. */
export class FrontCosts {
  /** Costs of leaders by themselves, and their minimum. */
  private readonly alone: PartCosts
  private readonly shortest: readonly (Leader | null)[]
  private readonly byTip = new Map<string, PartCosts>()
  private readonly tipKeys: (string | undefined)[] = []
  private readonly byHead: (TipsOnHead | undefined)[] = []
  private readonly byHeadKey = new Map<string, PartCosts>()
  private readonly tipsByLength: readonly TipOn['tip'][]
  private readonly leastByHead: (number | undefined)[] = []
  private readonly byKey = new Map<string, PartCosts>()
  private readonly lookCosts = new Map<Look, Map<string, readonly number[]>>()

  constructor(
    private readonly c: Candidates,
    private readonly day: Day,
    private readonly groups: Groups,
    private readonly draft: OpenRig,
  ) {
    const owned = c.leaders.filter((leader) => leader !== null)
    const shortest = owned.reduce<Leader | null>(
      (least, leader) => (least !== null && least.lengthM <= leader.lengthM ? least : leader),
      null,
    )
    this.shortest = shortest === null ? [null] : [shortest, null]
    this.alone = partCosts(this.overLeaders(() => costOf(groups.leaderAlone, draft, day)))
    this.tipsByLength = c.tips.toSorted((one, other) => lengthOf(one) - lengthOf(other))
  }

  /** Length of tip up to which looks that a longer leader or tip never mends cost nothing on the rod and head taken [m]. */
  freeToM(): number {
    const { draft, groups, day, tipsByLength } = this
    const [shortest] = this.shortest
    if (shortest === undefined || shortest === null) return Number.NEGATIVE_INFINITY
    draft.leader = shortest
    let low = 0
    let high = tipsByLength.length
    // From the longest on: on most rods and heads it costs nothing, and all is said.
    for (let middle = high - 1; low < high; middle = (low + high) >> 1) {
      draft.tip = tipsByLength[middle] ?? null
      if (costOf(groups.shorter, draft, day) === 0) low = middle + 1
      else high = middle
    }
    const longest = tipsByLength[low - 1]
    return longest === undefined ? Number.NEGATIVE_INFINITY : lengthOf(longest)
  }

  /**
   * Lower bound, with the tip taken, of the looks that a longer leader never betters: their cost with the shortest leader, or with none.
   * @param freeToM as `freeToM` says of the rod and head taken
   */
  private leastByLength(freeToM: number): number {
    const { draft, groups, day } = this
    if (lengthOf(draft.tip) <= freeToM) return 0
    return this.shortest.reduce<number>((least, leader) => {
      draft.leader = leader
      return Math.min(least, costOf(groups.shorter, draft, day))
    }, Number.POSITIVE_INFINITY)
  }

  private overLeaders(cost: (leader: Leader | null, index: number) => number): readonly number[] {
    return this.c.leaders.map((leader, i) => {
      this.draft.leader = leader
      return cost(leader, i)
    })
  }

  /** Key of the tip taken in costs of leaders that depend on no rod or head: level tips of one material share one. */
  private keyOfTip(tipIndex: number): string {
    const known = this.tipKeys[tipIndex]
    if (known !== undefined) return known
    const { groups, draft, day } = this
    const key = groups.tipLeader.map((look) => look.key?.(draft, day) ?? `#${tipIndex}`).join('|')
    this.tipKeys[tipIndex] = key
    return key
  }

  /** Costs of leaders with the tip taken that do not depend on rod or head. */
  private withTip(key: string): PartCosts {
    const known = this.byTip.get(key)
    if (known !== undefined) return known
    const { draft, groups, day } = this
    const found = partCosts(
      this.overLeaders((_leader, i) => (this.alone.costs[i] ?? 0) + costOf(groups.tipLeader, draft, day)),
    )
    this.byTip.set(key, found)
    return found
  }

  /** Costs of tips, memoised by all that the head taken means to them. */
  private tipsOn(headIndex: number): TipsOnHead {
    const known = this.byHead[headIndex]
    if (known !== undefined) return known
    const { groups, draft, day, c } = this
    const key = groups.tipKeyed.map((look) => look.key?.(draft, day) ?? '').join('|')
    const keyed =
      this.byHeadKey.get(key) ??
      partCosts(
        c.tips.map((tip) => {
          draft.tip = tip
          return costOf(groups.tipKeyed, draft, day)
        }),
      )
    this.byHeadKey.set(key, keyed)
    const found = { keyed, whole: new Float64Array(c.tips.length).fill(Number.NaN) }
    this.byHead[headIndex] = found
    return found
  }

  /** Cost of a tip on the head taken, whatever rod and leader. */
  private onHead({ keyed, whole }: TipsOnHead, tipIndex: number): number {
    const known = whole[tipIndex] ?? Number.NaN
    if (!Number.isNaN(known)) return known
    this.draft.tip = this.c.tips[tipIndex] ?? null
    const cost = (keyed.costs[tipIndex] ?? 0) + costOf(this.groups.headTip, this.draft, this.day)
    whole[tipIndex] = cost
    return cost
  }

  /** Lower bound of tip and leader on the head taken. */
  least(headIndex: number): number {
    const known = this.leastByHead[headIndex]
    if (known !== undefined) return known
    const tips = this.tipsOn(headIndex)
    let least = Number.POSITIVE_INFINITY
    for (const i of orderOf(tips.keyed)) {
      if ((tips.keyed.costs[i] ?? 0) >= least) break
      least = Math.min(least, this.onHead(tips, i))
    }
    const found = least + this.alone.least
    this.leastByHead[headIndex] = found
    return found
  }

  /** Tips on the rod and head taken, with the aim, the looks at all three and the minimum cost of a leader by itself; cheapest first. */
  tips(headIndex: number, budget: number): readonly TipOn[] {
    const { draft, groups, day, c } = this
    const window = windowOf(draft, day)
    const out: TipOn[] = []
    const tips = this.tipsOn(headIndex)
    for (const tipIndex of orderOf(tips.keyed)) {
      if ((tips.keyed.costs[tipIndex] ?? 0) + this.alone.least > budget) break
      const tip = c.tips[tipIndex] ?? null
      const alone = this.onHead(tips, tipIndex)
      if (alone + this.alone.least > budget) continue
      draft.tip = tip
      const more = alone + closeness(draft, window)
      if (more + this.alone.least > budget) continue
      const tipCost = more + costOf(groups.front, draft, day)
      const least = tipCost + this.alone.least
      if (least <= budget) out.push({ tipIndex, tip, least, tipCost })
    }
    return out.sort((one, other) => one.least - other.least || one.tipIndex - other.tipIndex)
  }

  /** Cost of every leader by one look, memoised by all that rod, head and tip mean to it; few keys serve all rigs. */
  private costsBy(look: Look, key: string): readonly number[] {
    const byKey = this.lookCosts.get(look) ?? new Map<string, readonly number[]>()
    this.lookCosts.set(look, byKey)
    const known = byKey.get(key)
    if (known !== undefined) return known
    const costs = this.overLeaders(() => costOf([look], this.draft, this.day))
    byKey.set(key, costs)
    return costs
  }

  /** Costs of leaders with the tip taken, memoised by all that rod and head mean to them. */
  private keyed(tipIndex: number): PartCosts {
    const { draft, groups, day } = this
    const tipKey = this.keyOfTip(tipIndex)
    let key = tipKey
    for (const look of groups.keyed) key += `|${look.key?.(draft, day) ?? ''}`
    const known = this.byKey.get(key)
    if (known !== undefined) return known
    const each = groups.keyed.map((look) => this.costsBy(look, look.key?.(draft, day) ?? ''))
    const { costs } = this.withTip(tipKey)
    const found = partCosts(costs.map((cost, i) => each.reduce((sum, by) => sum + (by[i] ?? 0), cost)))
    this.byKey.set(key, found)
    return found
  }

  /** The cheapest leader behind this rod, head and tip, and the cost of both; infinite beyond the budget. */
  bestLeader(
    { tipIndex, tip, tipCost }: TipOn,
    { sides }: Sides,
    freeToM: number,
    budget: number,
  ): Best<Leader | null> & { side?: ReelChoice } {
    const { draft, groups, day, c } = this
    const nothing = { choice: null, cost: Number.POSITIVE_INFINITY }
    draft.tip = tip
    const byLength = this.leastByLength(freeToM)
    if (tipCost + byLength + this.alone.least > budget) return nothing
    const leaders = this.keyed(tipIndex)
    if (tipCost + byLength + leaders.least > budget) return nothing
    let bestIndex = -1
    let bestCost = Number.POSITIVE_INFINITY
    let bestSide: ReelChoice | undefined
    for (const index of orderOf(leaders)) {
      let cost = tipCost + (leaders.costs[index] ?? 0)
      if (cost + byLength > budget || cost + byLength > bestCost) break
      if (cost === bestCost && index > bestIndex) continue
      draft.leader = c.leaders[index] ?? null
      cost += costOf(groups.leader, draft, day)
      const side = groups.mixed.length > 0 ? this.mixedSide(sides, bestCost - cost) : undefined
      if (side !== undefined) cost += side.cost
      if (cost > bestCost || (cost === bestCost && index > bestIndex)) continue
      bestCost = cost
      bestIndex = index
      bestSide = side?.choice
    }
    return {
      choice: c.leaders[bestIndex] ?? null,
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
}
