import TinyQueue from 'tinyqueue'
import type { Day } from '../day/index.ts'
import { CHECKS, type Look, quickLooks, type Steps } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { FrontCosts } from './frontCosts.ts'
import { groupsOf, type OpenRig } from './groups.ts'
import type { Branch } from './headTree.ts'
import { PairCosts } from './pairCosts.ts'
import { SideCosts, type Sides } from './sideCosts.ts'
import { type FoundRig, TopK } from './topK.ts'

/** All that a search runs. */
const SEARCHED: readonly Look[] = CHECKS.flatMap((check) => quickLooks(check))

/** Result wanted of a search: the best rig of each rod and head, or of each rod, head and tip. */
export interface SearchFor {
  readonly limit: number
  readonly oneFor: 'head' | 'tip'
  /** Looks that the rigs are weighed by; the groups it prunes with follow from what each needs. */
  readonly looks?: readonly Look[]
}

/** Queue entry, ordered by the best known lower bound of its rigs' cost. */
interface Waiting {
  readonly bound: number
  readonly rodIndex: number
  /** A rod with some of the heads; none stands for all of them. */
  readonly branch?: Branch
  /** A rod with one head. */
  readonly pair?: Pair
}

interface Pair {
  readonly headIndex: number
  /** Rod by rod, head by head: settles ties. */
  readonly place: number
  /** Cost of rod and head, alone and together. */
  readonly own: number
  /** Once they were looked for. */
  readonly sides?: Sides
  readonly tips?: true
}

/**
 * The best rigs, each completed with its best leader, running line and reel. Exact: costs of looks add up, so a branch whose lower bound
 * exceeds the last place is pruned. Branch and bound, best first (Land & Doig 1960): rods are queued by their lower bound, then with
 * branches of the heads, then with one head each, for which first its reel's side, then its tips are looked for, once it is the most
 * hopeful of all.
 */
export function* searchInSteps(
  c: Candidates,
  day: Day,
  { limit, oneFor, looks = SEARCHED }: SearchFor,
): Steps<readonly FoundRig[]> {
  const [firstRod] = c.rods
  const [firstHead] = c.heads
  if (firstRod === undefined || firstHead === undefined) return []
  const top = new TopK(limit)
  const groups = groupsOf(looks)
  const draft: OpenRig = {
    rod: firstRod,
    head: firstHead,
    tip: null,
    leader: null,
    runningLine: null,
    reel: null,
  }
  const sides = new SideCosts(c, day, groups, draft)
  const fronts = new FrontCosts(c, day, groups, draft)
  const pairs = new PairCosts(c, day, groups, draft, sides)
  const placeOf = ({ rodIndex, pair }: Waiting): number => pair?.place ?? rodIndex * c.heads.length
  const queue = new TinyQueue<Waiting>([], (a, b) => a.bound - b.bound || placeOf(a) - placeOf(b))
  /** Queues it, unless its bound is over the ceiling already. */
  const wait = (waits: Waiting): void => {
    if (waits.bound <= top.ceiling) queue.push(waits)
  }
  const take = (rodIndex: number, headIndex: number) => {
    const [rod, head] = [c.rods[rodIndex] ?? firstRod, c.heads[headIndex] ?? firstHead]
    pairs.take(rod, head)
    return { rod, head }
  }
  const meet = (rodIndex: number, headIndex: number): void => {
    take(rodIndex, headIndex)
    const { cost, least } = pairs.together(rodIndex, headIndex)
    const own = pairs.alone(rodIndex, headIndex) + cost
    wait({ bound: least, rodIndex, pair: { headIndex, place: rodIndex * c.heads.length + headIndex, own } })
  }
  /** Expands a rod into branches of heads, a branch into its children, a leaf into its heads. */
  const open = ({ rodIndex, branch }: Waiting): void => {
    const halves = branch?.halves() ?? pairs.branchesFor(c.rods[rodIndex] ?? firstRod)
    for (const half of halves) wait({ bound: pairs.leastOfBranch(rodIndex, half), rodIndex, branch: half })
    if (halves.length === 0) for (const { index } of branch?.heads ?? []) meet(rodIndex, index)
  }
  /** Refines a rod with a head: the reel's side first, then the tips on its head, then everything. */
  const turn = (waits: Waiting, pair: Pair): void => {
    const { rodIndex, bound } = waits
    const { headIndex } = pair
    const parts = take(rodIndex, headIndex)
    if (pair.sides === undefined) {
      const found = sides.bestReel(rodIndex, headIndex)
      const more = found.cost - sides.leastLine(headIndex) - sides.leastReel(rodIndex)
      wait({ ...waits, bound: bound + more, pair: { ...pair, sides: found } })
    } else if (pair.tips === undefined)
      wait({ ...waits, bound: bound + fronts.least(headIndex), pair: { ...pair, tips: true } })
    else compete(parts, pair, pair.sides)
  }
  /** Lets rod and head compete with their tips and leaders. */
  const compete = ({ rod, head }: Pick<OpenRig, 'rod' | 'head'>, pair: Pair, best: Sides): void => {
    const base = pair.own + best.cost
    let first: FoundRig | undefined
    const budget = (): number => Math.min(top.ceiling, first?.cost ?? Number.POSITIVE_INFINITY)
    // Where only one is wanted, one that costs as much as the best so far and stands behind it is of no use either.
    const beaten = (cost: number, place: number): boolean =>
      !top.takes(cost, place) ||
      (first !== undefined && (cost > first.cost || (cost === first.cost && place > first.place)))
    const freeToM = fronts.freeToM()
    for (const on of fronts.tips(pair.headIndex, budget() - base)) {
      if (base + on.least > budget()) break
      const place = pair.place * c.tips.length + on.tipIndex
      if (beaten(base + on.least, place)) continue
      const leader = fronts.bestLeader(on, best, freeToM, budget() - base)
      const cost = base + leader.cost
      if (beaten(cost, place)) continue
      const side = leader.side ?? best.choice
      const found = { parts: { rod, head, tip: on.tip, leader: leader.choice, ...side }, cost, place }
      if (oneFor === 'tip') top.add(found)
      else first = found
    }
    if (first !== undefined) top.add(first)
  }
  yield
  for (const rodIndex of c.rods.keys()) wait({ bound: pairs.leastOfRod(rodIndex), rodIndex })
  for (let waits = queue.pop(); waits !== undefined && waits.bound <= top.ceiling; waits = queue.pop()) {
    if (waits.pair === undefined) open(waits)
    else turn(waits, waits.pair)
    yield
  }
  return top.list()
}
