import TinyQueue from 'tinyqueue'
import type { Day } from '../day/index.ts'
import type { Rod } from '../gear/index.ts'
import type { HeadFacts } from '../line/index.ts'
import { CHECKS, type Look, quickLooks, type Steps } from '../rig/index.ts'
import type { Candidates } from './candidates.ts'
import { groupsOf } from './groups.ts'
import { type Pair, PartCosts, type Sides, type TipOnHead } from './partCosts.ts'
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

interface Taken {
  readonly rod: Rod
  readonly head: HeadFacts
  readonly rodIndex: number
  readonly headIndex: number
}

/** A rod with a head that waits its turn: the least that its best rig can cost, as far as that is known. */
interface Waiting {
  readonly pair: number
  readonly bound: number
  /** What rod and head cost, alone and together. */
  readonly own: number
  /** Once they were looked for. */
  readonly reel?: Sides
  readonly tips?: readonly TipOnHead[]
}

/**
 * The best rigs, each completed with its best leader, running line and reel. Exact: costs of looks add up, so what must cost
 * more than the last place already does is left out unseen. Best first: rods with heads wait in a
 * queue by the least they can cost, first by rod and head, then with their reel's side, and get tips and leaders only once
 * they are the most hopeful of all.
 */
export function* searchInSteps(
  c: Candidates,
  day: Day,
  { limit, oneFor, looks = SEARCHED }: SearchFor,
): Steps<readonly Found[]> {
  const [firstRod] = c.rods
  const [firstHead] = c.heads
  if (firstRod === undefined || firstHead === undefined) return []
  const podium = new Podium(limit)
  const known = new PartCosts(c, day, groupsOf(looks), { rod: firstRod, head: firstHead })
  const waiting = new TinyQueue<Waiting>([], (a, b) => a.bound - b.bound || a.pair - b.pair)
  const taken = (pair: number): Taken => {
    const headIndex = pair % c.heads.length
    const rodIndex = (pair - headIndex) / c.heads.length
    const rod = c.rods[rodIndex] ?? firstRod
    const head = c.heads[headIndex] ?? firstHead
    known.take(rod, head)
    return { rod, head, rodIndex, headIndex }
  }
  /** Lets rod and head wait, unless they are too dear already. */
  const wait = (waits: Waiting): void => {
    if (waits.bound <= podium.ceiling) waiting.push(waits)
  }
  const meet = ({ place: pair, floor }: Pair): void => {
    const { rodIndex, headIndex } = taken(pair)
    const { cost, least } = known.together()
    const bound = floor + cost + least
    const own = known.alone(rodIndex, headIndex) + cost
    wait({ pair, bound, own })
  }
  /** Looks closer at what waited: at its reel's side, at the tips on its head, at last at all. */
  const turn = (waits: Waiting): void => {
    const { rodIndex, headIndex, ...parts } = taken(waits.pair)
    const { reel, tips } = waits
    if (reel === undefined) {
      const sides = known.bestReel(rodIndex, headIndex)
      wait({ ...waits, bound: waits.bound + sides.cost, reel: sides })
    } else if (tips === undefined) {
      const on = known.tipsOn(headIndex)
      wait({ ...waits, bound: waits.bound + (on[0]?.cost ?? 0), tips: on })
    } else compete(parts, waits, reel, tips)
  }
  /** Lets rod and head compete with their tips and leaders. */
  const compete = (
    { rod, head }: Pick<Taken, 'rod' | 'head'>,
    { pair, own }: Waiting,
    reel: Sides,
    tips: readonly TipOnHead[],
  ): void => {
    const base = own + reel.cost
    let best: Found | undefined
    // One more than the best tip so far is of no use where only one is wanted.
    const ceiling = (): number => Math.min(podium.ceiling, best?.cost ?? Number.POSITIVE_INFINITY)
    for (const front of known.fronts(tips, ceiling() - base)) {
      if (base + front.cost > ceiling()) break
      const leader = known.bestLeader(front, reel, ceiling() - base)
      const cost = base + leader.cost
      if (cost > ceiling()) continue
      const place = pair * c.tips.length + front.tipIndex
      const side = leader.side ?? reel.choice
      const found = { parts: { rod, head, tip: front.tip, leader: leader.choice, ...side }, cost, place }
      if (oneFor === 'tip') podium.add(found)
      else if (best === undefined || cost < best.cost || place < best.place) best = found
    }
    if (best !== undefined) podium.add(best)
  }
  yield
  const pairs = known.pairs()
  let pair = pairs.next().value
  for (;;) {
    const waits = waiting.peek()
    if (pair !== undefined && pair.floor <= (waits?.bound ?? Number.POSITIVE_INFINITY)) {
      if (pair.floor > podium.ceiling) break
      meet(pair)
      pair = pairs.next().value
    } else {
      if (waits === undefined || waits.bound > podium.ceiling) break
      waiting.pop()
      turn(waits)
    }
    yield
  }
  return podium.list()
}
