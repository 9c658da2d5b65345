import type { Day } from '../day/index.ts'
import { asText, type Item, type Reel } from '../gear/index.ts'
import type { Candidates } from '../match/index.ts'
import {
  CHECKS,
  type CheckDefinition,
  type Look,
  type Part,
  type RigParts,
  type Steps,
  searchedRide,
} from '../rig/index.ts'
import { holdingBand } from '../water/index.ts'
import { Traced } from './traced.ts'

/** A rig without its reel that holds in all that can be told without a swing, with the reels it holds with. */
export interface Still {
  readonly parts: RigParts
  readonly reels: readonly (Reel | null)[]
  /** Its things, the reel apart. */
  readonly ids: readonly string[]
}

const idsOf = ({ rod, head, tip, leader, runningLine }: RigParts): readonly string[] =>
  [rod.id, head.head.id, tip?.item.id, leader?.id, runningLine?.item.id].filter((id) => id !== undefined)

export interface Stills {
  readonly rigs: readonly Still[]
  /** Whether there were too many to list. */
  readonly cut: boolean
}

/** Such rigs that are listed of one demand, and rods with heads they are put together from. */
export const MOST_STILL = 900
const SOME_STILL = 300
const MOST_PAIRS = 40
const SOME_PAIRS = 24
/** Tips of a head that are looked at, of very many those near the fish. */
const MOST_TIPS = 64

/** Parts of a rig besides its rod and head, in the order they are put on. */
const ORDER = ['tip', 'leader', 'runningLine', 'reel'] as const satisfies readonly Part[]
type Loose = (typeof ORDER)[number]

/** Looks of the ledger that need no swing. */
const QUICK: readonly Look[] = (CHECKS as readonly CheckDefinition[])
  .filter(({ cost }) => cost === 'quick')
  .flatMap(({ looks }) => looks)

/** Of them, those that need just these parts besides rod and head. */
const looksAt = (...parts: readonly Loose[]): readonly Look[] =>
  QUICK.filter(
    ({ needs }) => ORDER.every((part) => needs.includes(part) === parts.includes(part)) && needs.length > 0,
  )
const OF_ROD = looksAt().filter(({ needs }) => !needs.includes('head'))
const OF_HEAD = looksAt().filter(({ needs }) => !needs.includes('rod'))
/** What takes longest to look at comes last: the room a loop takes. */
const OF_PAIR = looksAt()
  .filter(({ needs }) => needs.includes('rod') && needs.includes('head'))
  .sort((a, b) => Number(a.grows === 'with-head') - Number(b.grows === 'with-head'))
const OF_TIP = looksAt('tip')
const OF_LEADER = looksAt('leader')
const OF_FRONT = looksAt('tip', 'leader')
const OF_LINE = looksAt('runningLine')
const OF_REEL = [...looksAt('reel'), ...looksAt('runningLine', 'reel')]
/** Looks at any other parts together: each at the whole rig. */
const OF_ALL = QUICK.filter(
  (look) =>
    ![OF_ROD, OF_HEAD, OF_PAIR, OF_TIP, OF_LEADER, OF_FRONT, OF_LINE, OF_REEL].some((some) =>
      some.includes(look),
    ),
)

/** Looks of one day. */
class Sieve {
  constructor(
    private readonly day: Day,
    private readonly watchCounts: boolean,
  ) {}

  /** Whether a rig holds by these looks. */
  holds(looks: readonly Look[], parts: RigParts): boolean {
    for (const look of looks) {
      const state = look.run(parts, this.day)?.state ?? 'holds'
      if (state !== 'holds' && !(this.watchCounts && state === 'watch')) return false
    }
    return true
  }

  /** Those of many that hold: of things alike in all but their names one is looked at. */
  through<T extends object | null>(
    all: Sorts<T>,
    looks: readonly Look[],
    rig: (one: T) => RigParts,
  ): readonly T[] {
    const holds = this.alike(all, looks, rig)
    return all.list.filter((_, i) => holds(i))
  }

  /** The same one by one, by its place in the list: looked at when it is asked for. */
  alike<T>({ list, sorts, count }: Sorts<T>, looks: readonly Look[], rig: (one: T) => RigParts) {
    const known = new Int8Array(count)
    return (i: number): boolean => {
      const sort = sorts[i] as number
      if (known[sort] === 0) known[sort] = this.holds(looks, rig(list[i] as T)) ? 1 : -1
      return known[sort] === 1
    }
  }
}

/** Things, and of which sort each is: those of one sort are alike in all but their names. */
interface Sorts<T> {
  readonly list: readonly T[]
  readonly sorts: Int32Array
  readonly count: number
}

function sortsOf<T>(list: readonly T[], itemOf: (one: T) => Item | null): Sorts<T> {
  const known = new Map<string, number>()
  const sorts = Int32Array.from(list, (one) => {
    const item = itemOf(one)
    const text = item === null ? '' : asText(item)
    const before = known.get(text) ?? known.size
    known.set(text, before)
    return before
  })
  return { list, sorts, count: known.size }
}

/** Leaders, running lines and reels by their sorts; the same for every demand on the same gear. */
const sorted = new WeakMap<Candidates, ReturnType<typeof sortCandidates>>()
const sortCandidates = ({ leaders, runningLines, reels }: Candidates) => ({
  leaders: sortsOf(leaders, (leader) => leader),
  lines: sortsOf(runningLines, (line) => line?.item ?? null),
  reels: sortsOf(reels, (reel) => reel),
})
function sortsIn(c: Candidates): ReturnType<typeof sortCandidates> {
  const before = sorted.get(c)
  if (before !== undefined) return before
  const made = sortCandidates(c)
  sorted.set(c, made)
  return made
}

const BARE = { tip: null, leader: null, runningLine: null, reel: null } as const

/** How many rigs to list, of each rod and head, and of each tip on them. */
interface Quota {
  readonly all: number
  readonly pair: number
  readonly tip: number
}

/** What stands behind a head: a running line, and the reels it holds with. */
interface Behind {
  readonly runningLine: RigParts['runningLine']
  readonly reels: readonly (Reel | null)[]
}

/** Running lines that hold behind a rod and head, each with its reels. */
function behindOf(c: Candidates, pair: RigParts, sieve: Sieve): readonly Behind[] {
  const { reels, lines: all } = sortsIn(c)
  const lines = pair.head.onePiece ? NO_LINE : all
  const reelsOf = new Map<number, readonly (Reel | null)[]>()
  return lines.list.flatMap((runningLine, i) => {
    const sort = lines.sorts[i] as number
    const found =
      reelsOf.get(sort) ??
      (sieve.holds(OF_LINE, { ...pair, runningLine })
        ? sieve.through(reels, OF_REEL, (reel) => ({ ...pair, runningLine, reel }))
        : [])
    reelsOf.set(sort, found)
    return found.length > 0 ? [{ runningLine, reels: found }] : []
  })
}

/** Pairs looked at between two chances to leave off. */
const BREATH = 500

/**
 * What holds on one gear without a swing, for all demands of a trip: each look is taken once for days that are alike in what it reads
 * of them.
 */
export class SameGear {
  private readonly sifted = new Map<Look, WeakMap<readonly RigParts[], Traced<readonly RigParts[]>>>()
  private readonly behind = new Map<string, Traced<readonly Behind[]>>()
  private readonly tips = new Map<string, Traced<ReadonlySet<RigParts['tip']>>>()
  private readonly rods: readonly RigParts[]
  private readonly paired = new WeakMap<
    readonly RigParts[],
    WeakMap<readonly RigParts[], readonly RigParts[]>
  >()
  private readonly heads: readonly RigParts[]

  constructor(
    private readonly c: Candidates,
    private readonly watchCounts: boolean,
  ) {
    const [rod] = c.rods
    const [head] = c.heads
    const none = rod === undefined || head === undefined
    this.rods = none ? [] : c.rods.map((each) => ({ rod: each, head, ...BARE }))
    this.heads = none ? [] : c.heads.map((each) => ({ rod, head: each, ...BARE }))
  }

  /** Rigs of a list that hold by some looks. */
  private *through(all: readonly RigParts[], looks: readonly Look[], day: Day): Steps<readonly RigParts[]> {
    let list = all
    for (const look of looks) {
      const from = list
      const ofLook = inMap(this.sifted, look, () => new WeakMap())
      const traced = inMap(ofLook, from, () => new Traced())
      list = yield* traced.inSteps(day, (seen) => this.sift(from, look, seen))
    }
    return list
  }

  private *sift(list: readonly RigParts[], look: Look, day: Day): Steps<readonly RigParts[]> {
    const sieve = new Sieve(day, this.watchCounts)
    const out: RigParts[] = []
    for (const [i, parts] of list.entries()) {
      if (sieve.holds([look], parts)) out.push(parts)
      if (i % BREATH === BREATH - 1) yield
    }
    return out
  }

  /** Rods with heads that hold by themselves. */
  *pairsOf(day: Day): Steps<readonly RigParts[]> {
    const rods = yield* this.through(this.rods, OF_ROD, day)
    const heads = yield* this.through(this.heads, OF_HEAD, day)
    const all = inMap(
      inMap(this.paired, rods, () => new WeakMap()),
      heads,
      () => rods.flatMap(({ rod }) => heads.map(({ head }) => ({ rod, head, ...BARE }))),
    )
    return yield* this.through(all, OF_PAIR, day)
  }

  /** Running lines that hold behind a rod and head, each with its reels. */
  behindOf(pair: RigParts, day: Day): readonly Behind[] {
    return inMap(this.behind, pairKey(pair), () => new Traced<readonly Behind[]>()).of(day, (seen) =>
      behindOf(this.c, pair, new Sieve(seen, this.watchCounts)),
    )
  }

  /** Tips that hold on a rod and head. */
  tipsOn(pair: RigParts, day: Day): ReadonlySet<RigParts['tip']> {
    return inMap(this.tips, pairKey(pair), () => new Traced<ReadonlySet<RigParts['tip']>>()).of(
      day,
      (seen) => {
        const sieve = new Sieve(seen, this.watchCounts)
        return new Set(this.c.tips.filter((tip) => sieve.holds(OF_TIP, { ...pair, tip })))
      },
    )
  }
}

/** What a map holds for a key, put there the first time. */
function inMap<K, V>(
  map: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  const before = map.get(key)
  if (before !== undefined) return before
  const made = make()
  map.set(key, made)
  return made
}

/** Rod and head of a rig. */
export const pairKey = ({ rod, head }: RigParts): string => `${rod.id} ${head.head.id}`

/** Rods with heads that hold by themselves. */
export const stillPairs = (c: Candidates, day: Day, watchCounts: boolean): Steps<readonly RigParts[]> =>
  new SameGear(c, watchCounts).pairsOf(day)

const NO_LINE: Sorts<null> = { list: [null], sorts: new Int32Array(1), count: 1 }

/** Rigs of one rod and head that hold without a swing, with the tips in an order of their own. */
function rigsOfPair(
  c: Candidates,
  pair: RigParts,
  tips: Candidates['tips'],
  sieve: Sieve,
  same: SameGear,
  day: Day,
  { pair: most, tip: mostOfTip }: Quota,
): Stills {
  const { leaders } = sortsIn(c)
  const lined = same.behindOf(pair, day)
  if (lined.length === 0) return { rigs: [], cut: false }
  const fits = same.tipsOn(pair, day)
  const alone = sieve.alike(leaders, OF_LEADER, (leader) => ({ ...pair, leader }))
  const rigs: Still[] = []
  let cut = false
  for (const tip of tips) {
    if (!fits.has(tip)) continue
    const tipped = { ...pair, tip }
    let ofTip = 0
    const front = sieve.alike(leaders, OF_FRONT, (leader) => ({ ...tipped, leader }))
    for (const [i, leader] of leaders.list.entries()) {
      if (!alone(i) || !front(i)) continue
      for (const { runningLine, reels } of lined) {
        const parts = { ...tipped, leader, runningLine }
        if (OF_ALL.length > 0 && !sieve.holds(OF_ALL, parts)) continue
        if (rigs.length >= most) return { rigs, cut: true }
        if (ofTip++ >= mostOfTip) cut = true
        else rigs.push({ parts, reels, ids: idsOf(parts) })
      }
      if (cut && ofTip > mostOfTip) break
    }
  }
  return { rigs, cut }
}

/** Tips on a head, those first whose first look lets the fly ride near the fish. */
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
 * @param known what is known of the same gear on other days
 */
export function* stillRigs(
  c: Candidates,
  day: Day,
  pairs: readonly RigParts[],
  watchCounts: boolean,
  most = MOST_STILL,
  known = new SameGear(c, watchCounts),
): Steps<Stills> {
  const sieve = new Sieve(day, watchCounts)
  const many = c.tips.length > MOST_TIPS
  const some = pairs.slice(0, many ? SOME_PAIRS : MOST_PAIRS)
  const near = new Map<string, Candidates['tips']>()
  const nearOf = (pair: RigParts): Candidates['tips'] => {
    const { id } = pair.head.head
    const known = near.get(id) ?? nearFirst(c, day, pair).slice(0, MOST_TIPS)
    near.set(id, known)
    return known
  }
  function* listed({ all, ...quota }: Quota, tipsOf: (pair: RigParts) => Candidates['tips']): Steps<Stills> {
    const rigs: Still[] = []
    let cut = many || pairs.length > some.length
    for (const pair of some) {
      const found = rigsOfPair(c, pair, tipsOf(pair), sieve, known, day, { all, ...quota })
      yield
      rigs.push(...found.rigs)
      cut ||= found.cut
      if (rigs.length > all) return { rigs: rigs.slice(0, all), cut: true }
    }
    return { rigs, cut }
  }
  if (!many) {
    const whole = yield* listed({ all: most, pair: most, tip: most }, () => c.tips)
    if (whole.rigs.length < most || most < MOST_STILL) return whole
  }
  const all = Math.min(most, SOME_STILL)
  const pair = Math.ceil(all / some.length)
  const tip = Math.max(1, Math.floor(pair / FEW_TIPS))
  return { ...(yield* listed({ all, pair, tip }, nearOf)), cut: true }
}
/** Of very many rigs, so many tips of a rod and head at least. */
const FEW_TIPS = 12
