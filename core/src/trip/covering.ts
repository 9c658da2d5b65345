import { candidatesOf, choiceOf, judgeSwung, matchInSteps, type RankedRig, rankCost } from '../match/index.ts'
import {
  type Check,
  type RigChoice,
  type RigParts,
  type Steps,
  unknownSwings,
  type Wanted,
  worstFirst,
} from '../rig/index.ts'
import type { AskedDemand, Demand, TripAbout } from './demand.ts'
import { marginOf } from './margin.ts'
import { MOST_STILL, pairKey, SameGear, type Still, stillRigs } from './still.ts'
import { frontOf, inOrder, wantedBy } from './swingOrder.ts'

/** A rig that covers a demand, with any one of its reels. */
export interface Way {
  readonly rig: Omit<RigChoice, 'reelId'>
  /** Reels it holds with, any one of which does. Null among them where there is no reel at all. */
  readonly reelIds: readonly (string | null)[]
  /** Angle of the cast at which it holds, the chart's best [°]. */
  readonly angleDeg: number
  /** Room before it no longer holds, [0, 1]. */
  readonly margin: number
  readonly verdict: RankedRig['verdict']
}

/** Why nothing covers a demand: the nearest rig and its worst check. */
export interface Why {
  readonly rig: RigChoice
  readonly check: Check
}

/** One demand and what covers it. */
export interface Covered {
  readonly demand: AskedDemand
  readonly ways: readonly Way[]
  /** Rigs swung, of those that hold as far as is told without. */
  readonly swung: number
  readonly of: number
  readonly why?: Why | undefined
}

/** A demand while its rigs are swung. */
interface Open {
  readonly demand: Demand
  /** Rigs to swing, the most hopeful first: of one's own things, then those with something lent. */
  readonly lots: readonly [own: readonly Still[], lent: readonly Still[]]
  readonly queue: readonly Still[]
  readonly cut: boolean
  readonly ways: Map<Still, Way>
  readonly tried: Map<Still, RankedRig>
  readonly turned: Set<Still>
}

/** How far the swings go. */
export interface Effort {
  /** Rigs of each demand. */
  readonly rigs: number
  /** Only demands that nothing covers yet, at the chart's other angles too. */
  readonly onlyOpen?: true
}

/** Rigs swung of each demand: for a first answer, then for what is still uncovered. The rest is for the proof to ask for. */
export const EFFORTS: readonly Effort[] = Object.freeze([{ rigs: 9 }, { rigs: 64, onlyOpen: true }])
/** Every one of them: for tests and small gear. @internal asked for by tests alone */
export const WHOLE: readonly Effort[] = [
  { rigs: Number.POSITIVE_INFINITY },
  { rigs: Number.POSITIVE_INFINITY, onlyOpen: true },
]

const reelIdsOf = ({ reels }: Still): Way['reelIds'] => reels.map((reel) => reel?.id ?? null)

const asWay = (still: Still, { parts, verdict, ...rig }: RankedRig, angleDeg: number): Way => {
  const { reelId: _reel, ...choice } = choiceOf(parts)
  return {
    rig: choice,
    reelIds: reelIdsOf(still),
    angleDeg,
    margin: marginOf({ parts, ...rig }),
    verdict,
  }
}

/** A rig to be swung, with the first of its reels. */
const whole = ({ parts, reels }: Still): RigParts => ({ ...parts, reel: reels[0] ?? null })

/** Swings some rigs of a demand at one angle: all are asked for first, then each is judged. */
function* swingAt(
  open: Open,
  stills: readonly Still[],
  day: Demand['day'],
  watchCounts: boolean,
): Steps<void> {
  yield unknownSwings(stills.map((still) => ({ ...day, parts: whole(still) })))
  for (const still of stills) {
    const rig = judgeSwung(whole(still), day)
    const before = open.tried.get(still)
    if (before === undefined || rankCost(rig.score) < rankCost(before.score)) open.tried.set(still, rig)
    if (rig.verdict === 'holds' || (watchCounts && rig.verdict === 'watch'))
      open.ways.set(still, asWay(still, rig, day.plan.angleDeg))
    yield
  }
}

/** Whether no more is to be found out about a rig: it holds, or it was swung at every angle. */
const isDone = ({ ways, turned }: Open, still: Still): boolean => ways.has(still) || turned.has(still)

/** Swings rigs of a demand at every angle, as far as they were not. */
function* swingOut(open: Open, stills: readonly Still[], watchCounts: boolean): Steps<void> {
  yield* swingAt(
    open,
    stills.filter((still) => !open.tried.has(still)),
    open.demand.day,
    watchCounts,
  )
  const left = stills.filter((still) => !isDone(open, still))
  for (const still of left) open.turned.add(still)
  for (const day of open.demand.otherAngles()) yield* swingAt(open, left, day, watchCounts)
}

/** Rigs an effort swings, as many of each lot: what is lent takes no place from one's own, so more to choose from never covers less. */
const someOf = ({ lots }: Open, rigs: number): readonly Still[] => lots.flatMap((lot) => lot.slice(0, rigs))

/** Demands whose swings are asked for at once. */
const TOGETHER = 8

/** Swings one effort on a demand begins with. */
function wantedFirst(open: Open, { rigs, onlyOpen }: Effort): Wanted {
  const { day } = open.demand
  if (onlyOpen && open.ways.size > 0) return []
  const fresh = someOf(open, rigs).filter((still) => !open.tried.has(still))
  return unknownSwings(fresh.map((still) => ({ ...day, parts: whole(still) })))
}

/** One effort on one demand. */
function* swingMore(open: Open, { rigs, onlyOpen }: Effort, watchCounts: boolean): Steps<void> {
  if (onlyOpen && open.ways.size > 0) return
  const some = someOf(open, rigs)
  if (onlyOpen) yield* swingOut(open, some, watchCounts)
  else
    yield* swingAt(
      open,
      some.filter((still) => !open.tried.has(still)),
      open.demand.day,
      watchCounts,
    )
}

/** The nearest of what was tried, and its worst check. */
function whyOf({ tried }: Open): Why | undefined {
  const [best] = [...tried.values()].sort((a, b) => rankCost(a.score) - rankCost(b.score))
  const [check] = best === undefined ? [] : worstFirst(best.checks)
  return best === undefined || check === undefined ? undefined : { rig: best.choice, check }
}

/** What is asked, without all it is judged in. */
const askedOf = ({ day: _day, otherAngles: _other, ...asked }: Demand): AskedDemand => asked

const coveredOf = (open: Open, why?: Why): Covered => ({
  demand: askedOf(open.demand),
  ways: [...open.ways.values()],
  swung: open.tried.size,
  of: open.cut ? Math.max(open.queue.length, open.tried.size + 1) : open.queue.length,
  ...(open.ways.size > 0 ? {} : { why: whyOf(open) ?? why }),
})

/** Where no rig holds even before it swings: the first look's best, and what breaks it. */
function* whyNone({ gear }: TripAbout, { day }: Demand): Steps<Why | undefined> {
  const { cards } = yield* matchInSteps(gear, day, 1)
  const rig = cards[0]?.rig
  const check = rig && worstFirst(rig.checks).find(({ code }) => code !== 'depth')
  return rig === undefined || check === undefined ? undefined : { rig: rig.choice, check }
}

/** What covers each demand, effort after effort: begun once, it can be asked for more. */
export class CoveringSearch {
  private readonly open: Open[] = []
  private readonly why = new Map<Open, Why | undefined>()

  constructor(
    private readonly about: TripAbout,
    private readonly watchCounts: boolean,
    /** Ids of what is lent. */
    private readonly lent: ReadonlySet<string> = new Set(),
  ) {}

  /** Puts together all that holds without a swing. @param told how many demands are done */
  *begin(demands: readonly Demand[], told: (done: number) => void = () => {}): Steps<void> {
    const { gear } = this.about
    const [first] = demands
    if (first === undefined) return
    // A trip asks for any style with the schools of one angler: the candidates of all its days are the same.
    const candidates = candidatesOf(gear, first.day)
    yield
    const same = new SameGear(candidates, this.watchCounts)
    const pairs: (readonly RigParts[])[] = []
    for (const { day } of demands) {
      pairs.push(yield* same.pairsOf(day))
      yield
    }
    const served = countOf(pairs.flat().map(pairKey))
    const listed: { demand: Demand; rigs: readonly Still[]; cut: boolean }[] = []
    for (const [i, demand] of demands.entries()) {
      const mine = [...(pairs[i] ?? [])].sort(
        (a, b) => (served.get(pairKey(b)) ?? 0) - (served.get(pairKey(a)) ?? 0),
      )
      listed.push({
        demand,
        ...(yield* stillRigs(candidates, demand.day, mine, this.watchCounts, MOST_STILL, same)),
      })
      told(i + 1)
      yield
    }
    const isLent = ({ ids }: Still): boolean => ids.some((id) => this.lent.has(id))
    const own = listed.map(({ demand, rigs }) => ({ demand, rigs: rigs.filter((still) => !isLent(still)) }))
    const wanted = yield* wantedBy(own)
    for (const [i, { demand, rigs, cut }] of listed.entries()) {
      const lots: Open['lots'] = [
        inOrder(demand, own[i]?.rigs ?? [], wanted),
        inOrder(demand, rigs.filter(isLent), wanted),
      ]
      const open = {
        demand,
        lots,
        queue: lots.flat(),
        cut,
        ways: new Map(),
        tried: new Map(),
        turned: new Set<Still>(),
      }
      this.open.push(open)
      if (rigs.length === 0) this.why.set(open, yield* whyNone(this.about, demand))
      yield
    }
  }

  /** Takes over what a search of the same trip has swung, as far as its rigs are here too. */
  adopt(known: CoveringSearch): void {
    const there = new Map(known.open.map((open) => [open.demand.id, open]))
    for (const open of this.open) {
      const was = there.get(open.demand.id)
      const here = new Map(open.queue.map((still) => [still.ids.join(' '), still]))
      for (const [old, rig] of was?.tried ?? []) {
        const still = here.get(old.ids.join(' '))
        if (was === undefined || still === undefined) continue
        const way = was.ways.get(old)
        open.tried.set(still, rig)
        if (way !== undefined) open.ways.set(still, { ...way, reelIds: reelIdsOf(still) })
        if (was.turned.has(old)) open.turned.add(still)
      }
    }
  }

  /** One effort over all demands. Swings of several are asked for at once, so that no swing worker waits for a verdict. */
  *more(effort: Effort, told: (done: number) => void = () => {}): Steps<void> {
    for (const [i, open] of this.open.entries()) {
      if (i % TOGETHER === 0)
        yield this.open.slice(i, i + TOGETHER).flatMap((each) => wantedFirst(each, effort))
      yield* swingMore(open, effort, this.watchCounts)
      told(i + 1)
    }
  }

  /** For each demand the rigs of which nobody knows yet whether they hold. */
  unknown(): readonly (readonly Still[])[] {
    return this.open.map((open) => open.queue.filter((still) => !isDone(open, still)))
  }

  /** Swings these rigs of each demand, at every angle. */
  *settle(some: readonly (readonly Still[])[]): Steps<void> {
    for (const [i, open] of this.open.entries()) yield* swingOut(open, some[i] ?? [], this.watchCounts)
  }

  /** Swings the best rig of each rod with every running line: what a second rod is rigged with. */
  *alongside(): Steps<void> {
    for (const open of this.open) {
      const best = new Map<string, Still>()
      for (const [still, { margin }] of open.ways) {
        const before = best.get(still.parts.rod.id)
        if (before === undefined || margin > (open.ways.get(before)?.margin ?? 0))
          best.set(still.parts.rod.id, still)
      }
      const alike = new Set([...best.values()].map(bareKey))
      yield* swingAt(
        open,
        open.queue.filter((still) => !open.tried.has(still) && alike.has(bareKey(still))),
        open.demand.day,
        this.watchCounts,
      )
    }
  }

  /** Whether every rig there can be was put together. */
  get whole(): boolean {
    return this.open.every(({ cut }) => !cut)
  }

  /** Demands that nothing covers so far. */
  uncovered(): readonly Demand[] {
    return this.open.filter(({ ways }) => ways.size === 0).map(({ demand }) => demand)
  }

  covered(): readonly Covered[] {
    return this.open.map((open) => coveredOf(open, this.why.get(open)))
  }
}

/** Everything but the running line. */
const bareKey = (still: Still): string => `${frontOf(still)} ${still.parts.leader?.id ?? '_'}`
function countOf(keys: readonly string[]): ReadonlyMap<string, number> {
  const out = new Map<string, number>()
  for (const key of keys) out.set(key, (out.get(key) ?? 0) + 1)
  return out
}
