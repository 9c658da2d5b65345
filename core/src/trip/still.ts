import type { Day } from '../day/index.ts'
import type { Reel } from '../gear/index.ts'
import type { Candidates } from '../match/index.ts'
import {
  CHECKS,
  type CheckDefinition,
  type Look,
  type Part,
  type RigParts,
  searchedRide,
} from '../rig/index.ts'
import { holdingBand } from '../water/index.ts'

/** A rig without its reel that holds in all that can be told without a swing, with the reels it holds with. */
export interface Still {
  readonly parts: RigParts
  readonly reels: readonly (Reel | null)[]
}

/** Things of a rig, its reel apart. */
export const idsOfStill = ({ parts: { rod, head, tip, leader, runningLine } }: Still): readonly string[] =>
  [rod.id, head.head.id, tip?.item.id, leader?.id, runningLine?.item.id].filter((id) => id !== undefined)

export interface Stills {
  readonly rigs: readonly Still[]
  /** Whether there were too many to list. */
  readonly cut: boolean
}

/** Such rigs that are listed of one demand, and rods with heads they are put together from. */
export const MOST_STILL = 900
const MOST_PAIRS = 40

const ORDER = ['rod', 'head', 'tip', 'leader', 'runningLine', 'reel'] as const satisfies readonly Part[]

/** Looks of the ledger that need no swing, each at the last part it needs. */
const LOOKS: readonly (readonly Look[])[] = ORDER.map((_, level) =>
  (CHECKS as readonly CheckDefinition[])
    .filter(({ cost }) => cost === 'quick')
    .flatMap(({ looks }) => looks)
    .filter(({ needs }) => Math.max(...needs.map((part) => ORDER.indexOf(part))) === level),
)
const [OF_ROD = [], OF_HEAD = [], OF_TIP = [], OF_LEADER = [], OF_LINE = [], OF_REEL = []] = LOOKS

function holds(looks: readonly Look[], parts: RigParts, day: Day, watchCounts: boolean): boolean {
  return looks.every((look) => {
    const state = look.run(parts, day)?.state ?? 'holds'
    return state === 'holds' || (watchCounts && state === 'watch')
  })
}

/** Rods with heads that hold by themselves. */
export function stillPairs(c: Candidates, day: Day, watchCounts: boolean): readonly RigParts[] {
  const bare = { tip: null, leader: null, runningLine: null, reel: null }
  return c.rods.flatMap((rod) => {
    const [first] = c.heads
    if (first === undefined || !holds(OF_ROD, { rod, head: first, ...bare }, day, watchCounts)) return []
    return c.heads
      .map((head) => ({ rod, head, ...bare }))
      .filter((parts) => holds(OF_HEAD, parts, day, watchCounts))
  })
}

/** How many rigs to list, of each rod and head, and of each tip on them. */
interface Quota {
  readonly all: number
  readonly pair: number
  readonly tip: number
}

/** Rigs of one rod and head that hold without a swing, with the tips in an order of their own. */
function rigsOfPair(
  c: Candidates,
  pair: RigParts,
  tips: Candidates['tips'],
  ok: (looks: readonly Look[], parts: RigParts) => boolean,
  { pair: most, tip: mostOfTip }: Quota,
): Stills {
  const reelsOf = remembered((parts: RigParts) => c.reels.filter((reel) => ok(OF_REEL, { ...parts, reel })))
  const lines = pair.head.onePiece ? [null] : c.runningLines
  const rigs: Still[] = []
  let cut = false
  for (const tip of tips) {
    const tipped = { ...pair, tip }
    if (!ok(OF_TIP, tipped)) continue
    let ofTip = 0
    for (const leader of c.leaders) {
      const led = { ...tipped, leader }
      if (!ok(OF_LEADER, led)) continue
      for (const runningLine of lines) {
        const parts = { ...led, runningLine }
        const reels = reelsOf(parts)
        if (reels.length === 0 || !ok(OF_LINE, parts)) continue
        if (rigs.length >= most) return { rigs, cut: true }
        if (ofTip++ >= mostOfTip) cut = true
        else rigs.push({ parts, reels })
      }
      if (cut && ofTip > mostOfTip) break
    }
  }
  return { rigs, cut }
}

/** Tips whose first look lets the fly ride near the fish come first. */
function nearFirst(c: Candidates, day: Day, pair: RigParts): Candidates['tips'] {
  const band = holdingBand(day.fishAt, day.waterDepthM)
  const [leader = null] = c.leaders
  const off = new Map(
    c.tips.map((tip) => {
      const { depthM } = searchedRide({ ...pair, tip, leader }, day)
      return [tip, Math.max(0, band.low - depthM, depthM - band.high)]
    }),
  )
  return [...c.tips].sort((a, b) => (off.get(a) ?? 0) - (off.get(b) ?? 0))
}

/**
 * Every rig of the gear that holds on a day as far as that is told without a swing, part by part: what breaks or is to be watched
 * already is gone for good. Of very many, some of every rod and head, and of every tip on them.
 * @param pairs rods with heads to start from, most wanted first @param most rigs to list
 */
export function stillRigs(
  c: Candidates,
  day: Day,
  pairs: readonly RigParts[],
  watchCounts: boolean,
  most = MOST_STILL,
): Stills {
  const ok = (looks: readonly Look[], parts: RigParts): boolean => holds(looks, parts, day, watchCounts)
  const some = pairs.slice(0, MOST_PAIRS)
  const listed = ({ all, ...quota }: Quota, tipsOf: (pair: RigParts) => Candidates['tips']): Stills => {
    const rigs: Still[] = []
    let cut = pairs.length > some.length
    for (const pair of some) {
      const found = rigsOfPair(c, pair, tipsOf(pair), ok, { all, ...quota })
      rigs.push(...found.rigs)
      cut ||= found.cut
      if (rigs.length > all) return { rigs: rigs.slice(0, all), cut: true }
    }
    return { rigs, cut }
  }
  const whole = listed({ all: most, pair: most, tip: most }, () => c.tips)
  if (whole.rigs.length < most || most < MOST_STILL) return whole
  const pair = Math.ceil(most / some.length)
  const tip = Math.max(1, Math.floor(pair / FEW_TIPS))
  return { ...listed({ all: most, pair, tip }, (each) => nearFirst(c, day, each)), cut: true }
}
/** Of very many rigs, so many tips of a rod and head at least. */
const FEW_TIPS = 12

/** Reels depend on rod, head and running line alone. */
function remembered(find: (parts: RigParts) => readonly (Reel | null)[]) {
  const known = new Map<string, readonly (Reel | null)[]>()
  return (parts: RigParts): readonly (Reel | null)[] => {
    const key = `${parts.rod.id} ${parts.head.head.id} ${parts.runningLine?.item.id ?? '_'}`
    const before = known.get(key)
    if (before !== undefined) return before
    const found = find(parts)
    known.set(key, found)
    return found
  }
}
