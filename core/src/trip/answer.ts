import type { Item } from '../gear/index.ts'
import type { Steps } from '../rig/index.ts'
import { questionOf } from './carried.ts'
import { type Covered, CoveringSearch, EFFORTS, type Effort } from './covering.ts'
import { bestKitInSteps, type CoverQuestion, type Kit } from './coverModel.ts'
import { demandsOf, type TripAbout, type TripProblem } from './demand.ts'
import { type Missing, missingInSteps } from './missing.ts'
import type { Solving } from './programme.ts'
import { proveInSteps } from './prove.ts'
import type { TripLimits, TripPlan } from './tripSchema.ts'

/** How an answer was found. */
export interface TripFound {
  readonly covered: readonly Covered[]
  /** The best kit under these limits. */
  readonly kit: Kit
  readonly limits: TripLimits
  /** Rigs swung, of those that might hold. */
  readonly swung: number
  readonly of: number
  /** Whether no other rig could make it better: all that might were swung. */
  readonly proven: boolean
  /** What of the trip could not be judged; the rest stands. */
  readonly problems: readonly TripProblem[]
}

/** What a search tells while it goes on, [0, 1]. */
export type TellShare = (share: number) => void

const sumOf = (covered: readonly Covered[], what: 'swung' | 'of'): number =>
  covered.reduce((sum, each) => sum + each[what], 0)

/** A trip under search: a first kit soon, a better one as more is swung, and the proof at last. */
export class TripSearch {
  private readonly search: CoveringSearch
  private readonly about: TripAbout
  private readonly lent: ReadonlySet<string>
  private problems: readonly TripProblem[] = []

  /**
   * @param borrowed things of nobody's that may come, as far as the trip's limits let them
   * @param known a search of the same trip, whose swings are taken over
   */
  constructor(
    private readonly trip: TripPlan,
    about: TripAbout,
    borrowed: readonly Item[] = [],
    private readonly efforts: readonly Effort[] = EFFORTS,
    private readonly known?: TripSearch,
  ) {
    this.about = { ...about, gear: { items: [...about.gear.items, ...borrowed] } }
    this.lent = new Set(borrowed.map(({ id }) => id))
    this.search = new CoveringSearch(this.about, trip.watchCounts === true, this.lent)
  }

  /** The question of the kit by itself: with other limits it needs no new swings. */
  question(covered: readonly Covered[], limits: TripLimits = this.trip.limits ?? {}): CoverQuestion {
    return questionOf(this.about.gear, covered, limits, this.lent)
  }

  /** The best kit of what is known so far. */
  *found(limits: TripLimits = this.trip.limits ?? {}, proven = false): Solving<TripFound> {
    const covered = this.search.covered()
    const kit = yield* bestKitInSteps(this.question(covered, limits))
    return {
      covered,
      kit,
      limits,
      swung: sumOf(covered, 'swung'),
      of: sumOf(covered, 'of'),
      proven: proven && kit.optimal,
      problems: this.problems,
    }
  }

  /** A first kit, of few rigs each. */
  *first(told: TellShare = () => {}): Solving<TripFound> {
    const { demands, problems } = demandsOf(this.trip, this.about)
    this.problems = problems
    yield
    const share = (done: number): number => done / Math.max(1, demands.length)
    yield* this.search.begin(demands, (done) => told(0.2 * share(done)))
    if (this.known !== undefined) this.search.adopt(this.known.search)
    const [first] = this.efforts
    if (first !== undefined) yield* this.search.more(first, (done) => told(0.2 + 0.8 * share(done)))
    return yield* this.found()
  }

  /** Further efforts, where nothing covers yet; then what a second rod may be rigged with. */
  *further(limits?: TripLimits): Solving<TripFound> {
    for (const effort of this.efforts.slice(1)) yield* this.search.more(effort)
    yield* this.search.alongside()
    return yield* this.found(limits)
  }

  /**
   * Swings what might still make it better, until nothing might.
   * @param told the answer so far, whenever a better kit was found
   */
  *prove(limits?: TripLimits, told: (found: TripFound) => void = () => {}): Solving<TripFound> {
    let best = yield* this.found(limits)
    const { search } = this
    const question = (covered: readonly Covered[]): CoverQuestion => this.question(covered, limits)
    const round = (): Solving<TripFound> => this.found(limits)
    const proven = yield* proveInSteps(search, question, function* () {
      const now = yield* round()
      if (now.kit.weight > best.kit.weight || now.kit.ids.length < best.kit.ids.length) told(now)
      best = now
    })
    return yield* this.found(limits, proven)
  }

  /** What each thing nobody owns yet would add. */
  missing(): Steps<readonly Missing[]> {
    return missingInSteps(this.about, this.search.uncovered(), this.trip.watchCounts === true)
  }
}
