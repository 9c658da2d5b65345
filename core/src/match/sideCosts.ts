import type { Day } from '../day/index.ts'
import type { Reel } from '../gear/index.ts'
import type { RunningLineFacts } from '../line/index.ts'
import type { Look } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { costOf, type Groups, type OpenRig } from './groups.ts'

export interface Best<T> {
  readonly choice: T
  readonly cost: number
}

export type ReelChoice = { readonly runningLine: RunningLineFacts | null; readonly reel: Reel | null }
export const NO_SIDE: ReelChoice = { runningLine: null, reel: null }

/** The best running line and reel for a rod and head. */
export interface Sides extends Best<ReelChoice> {
  /** All there are, best first, where the front has a say in them; else none. */
  readonly sides: readonly Best<ReelChoice>[]
}

/** One of a list, with its place in the gear and what it costs by itself. */
interface Ranked<T> {
  readonly choice: T
  readonly index: number
  readonly cost: number
}

/** Lists by cost, equals in the gear's order, memoised by all that decides the costs: many rods and heads share one. */
class RankedLists<T> {
  private readonly known = new Map<string, readonly Ranked<T>[]>()

  constructor(
    private readonly looks: readonly Look[],
    private readonly list: readonly T[],
    private readonly draft: OpenRig,
    private readonly day: Day,
  ) {}

  /** @param own stands for all there is where a look says nothing of what decides it */
  get(own: number, put: (one: T) => void): readonly Ranked<T>[] {
    const { looks, list, draft, day } = this
    const keys = looks.map((look) => look.key?.(draft, day) ?? `#${own}`)
    const key = keys.join('|')
    const before = this.known.get(key)
    if (before !== undefined) return before
    const ranked = list
      .map((choice, index) => {
        put(choice)
        return { choice, index, cost: costOf(looks, draft, day) }
      })
      .sort((a, b) => a.cost - b.cost)
    this.known.set(key, ranked)
    return ranked
  }
}

/** Costs of running lines and reels on a rod and head, in one search. */
export class SideCosts {
  private readonly lines: RankedLists<ReelChoice['runningLine']>
  private readonly noLine: RankedLists<null>
  private readonly reels: RankedLists<Reel | null>
  private readonly woundCosts = new Map<number, number>()

  constructor(
    private readonly c: Candidates,
    private readonly day: Day,
    private readonly groups: Groups,
    private readonly draft: OpenRig,
  ) {
    this.lines = new RankedLists(groups.headLine, c.runningLines, draft, day)
    this.noLine = new RankedLists(groups.headLine, [null], draft, day)
    this.reels = new RankedLists(groups.rodReel, c.reels, draft, day)
  }

  /** Running lines on the head taken, cheapest first; a line in one piece takes none. */
  private linesOn(headIndex: number): readonly Ranked<ReelChoice['runningLine']>[] {
    const { draft } = this
    const put = (line: ReelChoice['runningLine']): void => {
      draft.runningLine = line
    }
    if (!draft.head.onePiece && this.c.runningLines.length > 0) return this.lines.get(headIndex, put)
    return this.noLine.get(headIndex, put).map((none) => ({ ...none, index: -1 }))
  }

  /** Reels on the rod taken, cheapest first. */
  private reelsOn(rodIndex: number): readonly Ranked<Reel | null>[] {
    return this.reels.get(rodIndex, (reel) => {
      this.draft.reel = reel
    })
  }

  /** Lower bound of a running line on the head taken. */
  leastLine = (headIndex: number): number => this.linesOn(headIndex)[0]?.cost ?? 0

  /** Lower bound of a reel on the rod taken. */
  leastReel = (rodIndex: number): number => this.reelsOn(rodIndex)[0]?.cost ?? 0

  /** Cost of running line with reel, independent of rod and head. */
  private wound(line: Ranked<ReelChoice['runningLine']>, reel: Ranked<Reel | null>): number {
    const key = (line.index + 1) * this.c.reels.length + reel.index
    const known = this.woundCosts.get(key)
    if (known !== undefined) return known
    const cost = costOf(this.groups.lineReel, this.draft, this.day)
    this.woundCosts.set(key, cost)
    return cost
  }

  /** Running line and reel for the rod and head taken, as far as the front has no say in them; the first among equals. */
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
      // Lines and reels come by cost, equals in the gear's order: once one exceeds the bound, so do those after it.
      if (!every && beaten(line.cost + (reels[0]?.cost ?? 0), line.index, -1)) break
      draft.runningLine = line.choice
      for (const reel of reels) {
        const alone = line.cost + reel.cost
        if (!every && beaten(alone, line.index, reel.index)) break
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
