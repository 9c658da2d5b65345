import type { Day } from '../day/index.ts'
import { CHECKS, type Look, quickLooks } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { groupsOf } from './groups.ts'
import { PartCosts } from './partCosts.ts'
import { type Found, Podium } from './podium.ts'

/** All that a search runs. */
const SEARCHED: readonly Look[] = CHECKS.flatMap((check) => quickLooks(check))

/** What a search brings: the best rig of each rod and head, or of each rod, head and tip. */
export interface SearchFor {
  readonly limit: number
  readonly oneFor: 'head' | 'tip'
  /** What the rigs are weighed by; the groups it prunes with follow from what each needs. */
  readonly looks?: readonly Look[]
}

/**
 * The best rigs, each completed with its best leader, running line and reel. Exact: costs of looks add up, so a partial rig
 * that already costs more than the last place is left out unseen.
 */
export function* searchInSteps(
  c: Candidates,
  day: Day,
  { limit, oneFor, looks = SEARCHED }: SearchFor,
): Generator<void, readonly Found[]> {
  const [firstRod] = c.rods
  const [firstHead] = c.heads
  if (firstRod === undefined || firstHead === undefined) return []
  const podium = new Podium(limit)
  const known = new PartCosts(c, day, groupsOf(looks), { rod: firstRod, head: firstHead })
  yield
  for (const { place: pair, floor } of known.pairs()) {
    if (floor > podium.ceiling) break
    yield
    const headIndex = pair % c.heads.length
    const rodIndex = (pair - headIndex) / c.heads.length
    const rod = c.rods[rodIndex] ?? firstRod
    const head = c.heads[headIndex] ?? firstHead
    known.take(rod, head)
    const { cost: together, least } = known.together()
    if (floor + together + least > podium.ceiling) continue
    const reel = known.bestReel(rodIndex, headIndex)
    if (floor + together + least + reel.cost > podium.ceiling) continue
    const base = known.alone(rodIndex, headIndex) + together
    let best: Found | undefined
    // One more than the best tip so far is of no use where only one is wanted.
    const ceiling = (): number => Math.min(podium.ceiling, best?.cost ?? Number.POSITIVE_INFINITY)
    for (const { tipIndex, tip, cost: onHead } of known.tipsOn(headIndex, podium.ceiling)) {
      let cost = base + reel.cost + onHead
      if (cost > ceiling()) break
      cost += known.tipCloseness(tip)
      if (cost > ceiling()) continue
      cost += known.frontCost()
      if (cost > ceiling()) continue
      const leader = known.bestLeader(tipIndex, ceiling() - cost)
      cost += leader.cost
      if (cost > ceiling()) continue
      const place = pair * c.tips.length + tipIndex
      const side = leader.side ?? reel.choice
      const found = { parts: { rod, head, tip, leader: leader.choice, ...side }, cost, place }
      if (oneFor === 'tip') podium.add(found)
      else if (best === undefined || cost < best.cost || place < best.place) best = found
    }
    if (best !== undefined) podium.add(best)
  }
  return podium.list()
}
