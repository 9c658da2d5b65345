import type { Day } from '../day/index.ts'
import type { Rod } from '../gear/index.ts'
import type { HeadFacts } from '../line/index.ts'
import { type Grows, massOnWindow, windowOf } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { addedKg, leastCloseness } from './closeness.ts'
import { costOf, type Groups, type OpenRig } from './groups.ts'
import { type Branch, headTrees } from './headTree.ts'
import { closenessCost } from './score.ts'
import type { SideCosts } from './sideCosts.ts'

/**
 * Admissible lower bound of the cost of a rod with a head in a day, over all tips, leaders, running lines and reels: of one pair, and of
 * a rod with all heads of a branch. One function for the order of the search and for its pruning.
 */
export class PairCosts {
  private readonly rodCosts: readonly number[]
  private readonly headCosts: readonly number[]
  private readonly rodLeasts: readonly number[]
  private readonly headLeasts: readonly number[]
  private readonly added: readonly number[]
  private readonly trees = new Map<string, readonly Branch[]>()

  constructor(
    private readonly c: Candidates,
    private readonly day: Day,
    private readonly groups: Groups,
    private readonly draft: OpenRig,
    sides: SideCosts,
  ) {
    this.added = addedKg(c.tips)
    this.headCosts = c.heads.map((head) => {
      draft.head = head
      return costOf(groups.head, draft, day)
    })
    this.headLeasts = this.headCosts.map((cost, i) => {
      draft.head = c.heads[i] ?? draft.head
      return cost + sides.leastLine(i)
    })
    this.rodCosts = c.rods.map((rod) => {
      draft.rod = rod
      return costOf(groups.rod, draft, day)
    })
    this.rodLeasts = this.rodCosts.map((cost, i) => {
      draft.rod = c.rods[i] ?? draft.rod
      return cost + sides.leastReel(i)
    })
  }

  /** Cost of the rod by itself and the head by itself. */
  alone(rodIndex: number, headIndex: number): number {
    return (this.rodCosts[rodIndex] ?? 0) + (this.headCosts[headIndex] ?? 0)
  }

  /** Turns to this rod and head. */
  take(rod: Rod, head: HeadFacts): void {
    Object.assign(this.draft, { rod, head, tip: null, leader: null, runningLine: null, reel: null })
  }

  /** The heads by kind, as a rod's windows weigh them: of trout lines a single-hand rod weighs another part. */
  branchesFor(rod: Rod): readonly Branch[] {
    const weighs = rod.hands === 'single' ? 'single' : 'other'
    const known = this.trees.get(weighs)
    if (known !== undefined) return known
    const trees = headTrees(
      this.c.heads.map((head, index) => ({
        index,
        head,
        massKg: massOnWindow(rod, head, null, 'head'),
        least: this.headLeasts[index] ?? 0,
      })),
    )
    this.trees.set(weighs, trees)
    return trees
  }

  /** Lower bound of a rod with any head. */
  leastOfRod = (rodIndex: number): number => this.rodLeasts[rodIndex] ?? 0

  /** Lower bound of a rod with any head of a branch. */
  leastOfBranch(rodIndex: number, branch: Branch): number {
    this.draft.rod = this.c.rods[rodIndex] ?? this.draft.rod
    const both = this.leastByMass(branch) + this.leastByLength(branch)
    return this.leastOfRod(rodIndex) + branch.least + both
  }

  /** Lower bound of the looks that are monotone in a head's length: their cost with the shortest head. */
  private leastByLength({ shortest }: Branch): number {
    this.draft.head = shortest.head
    return this.costOfThese('with-head')
  }

  /** Cost of mass for the head next to the window. */
  private leastByMass({ lightest, heaviest }: Branch): number {
    const { draft, day } = this
    draft.head = lightest.head
    const window = windowOf(draft, day)
    if (window === undefined) return closenessCost(0, undefined) + this.costOfThese('off-window')
    const { aimKg } = window
    const most = window.counts === 'head+tip' ? (this.added.at(-1) ?? 0) : 0
    const nearKg = Math.max(lightest.massKg, Math.min(aimKg, heaviest.massKg + most))
    const near = closenessCost(nearKg, window)
    const above = lightest.massKg > Math.max(window.highKg, aimKg)
    if (!above && heaviest.massKg >= Math.min(window.lowKg, aimKg)) return near
    draft.head = (above ? lightest : heaviest).head
    return near + this.costOfThese('off-window')
  }

  private costOfThese(how: Grows): number {
    return costOf(this.groups.growing[how], this.draft, this.day)
  }

  /** Cost of the rod and head taken, and a lower bound of the whole rig's. */
  together(rodIndex: number, headIndex: number): { readonly cost: number; readonly least: number } {
    const { draft, day, groups } = this
    const cost = costOf(groups.pair, draft, day)
    const near = leastCloseness(draft, windowOf(draft, day), this.added)
    const alone = this.leastOfRod(rodIndex) + (this.headLeasts[headIndex] ?? 0)
    return { cost, least: alone + cost + near + costOf(groups.least, draft, day) }
  }
}
