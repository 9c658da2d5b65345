import type { Day } from '../day/index.ts'
import type { EvidenceTag, Measure } from '../quantity/index.ts'
import type { Swung } from '../swing/index.ts'
import type { RigSlot } from './chosen/choice.ts'
import type { RigParts } from './parts.ts'

export type CheckState = 'holds' | 'watch' | 'breaks'
export type Part = keyof RigParts

/** Each way a check can come out, with an example of the data its sentence is made from; the example is its type. */
export type Reasons = Readonly<Record<string, Readonly<Record<string, unknown>>>>

interface Figures {
  readonly state: CheckState
  /** This rig's figure; null when the check is not about one. */
  readonly value: number | null
  readonly allowed?: { readonly low?: number; readonly high?: number }
  /** Measure of the figure; 'number' for line numbers, 'share' for parts of a whole, 'none' for yes-or-no checks. */
  readonly measure: Measure | 'number' | 'share' | 'none'
  readonly tag: EvidenceTag
  /** Distance of the figure from what its rule would pick, 0 there, 1 at the rule's edge. Settles ties. */
  readonly from?: number
}

/** Finding of a look at the parts: figures in SI, the reason, and the data of its sentence. */
export type Finding<R extends Reasons = Reasons> = {
  [K in keyof R & string]: Figures & {
    readonly reason: K
  } & (keyof R[K] extends never ? { readonly data?: R[K] } : { readonly data: R[K] })
}[keyof R & string]

/** Properties of a look by which a search prunes. */
interface Shortcuts<N extends Part, R extends Reasons> {
  /** The best it can come to, whatever tip, leader, running line and reel are chosen. */
  readonly least?: (parts: Pick<RigParts, 'rod' | 'head'>, day: Day) => Finding<R> | null
  /** Key of all that the other parts mean to the last part it needs, of tip, leader, running line and reel: the look is memoised by it. */
  readonly key?: (parts: Pick<RigParts, Exclude<N, Weighed<N>>>, day: Day) => string
  /**
   * It never comes out better with a longer head of the same kind, or with one that lies further off the rod's window on the same
   * side of it: what one of many heads comes to is the least of them all. Of a look with `least`, that holds of the least.
   */
  readonly grows?: Grows
  /** It never comes out better with a longer leader or tip: over many the shortest is the lower bound. */
  readonly shorter?: true
}

/** Property of a head that a look is monotone in; at most one, for its minimum is counted once. */
export type Grows = 'with-head' | 'off-window'

/** Parts whose cost is memoised by a key: the last of those a look needs. */
type Last = 'leader' | 'runningLine' | 'reel'
type Weighed<N extends Part> = [Extract<N, Last>] extends [never] ? 'tip' : Last

/** One look at no more parts than it needs; null where it has nothing to say. */
export interface Look {
  readonly needs: readonly Part[]
  /** @param swung how the rig swings in that day, once simulated; only a second look reads it */
  readonly run: (parts: RigParts, day: Day, swung?: Swung) => Finding | null
  readonly least?: (parts: Pick<RigParts, 'rod' | 'head'>, day: Day) => Finding | null
  readonly key?: (parts: RigParts, day: Day) => string
  readonly grows?: Grows
  readonly shorter?: true
}

/**
 * `quick` takes microseconds and runs in the search; `second-look` takes milliseconds: the search never runs it, only the
 * quick stand-ins it names.
 */
export type CheckCost = 'quick' | 'second-look'

interface CheckDraft<C extends string, R extends Reasons> {
  readonly code: C
  /** The part a failing line is marked on, then the others that could mend it, cheapest first. [practice] */
  readonly slots: readonly RigSlot[]
  readonly cost?: CheckCost
  readonly reasons: R
}

export interface CheckDefinition<C extends string = string, R extends Reasons = Reasons> {
  readonly code: C
  readonly slots: readonly RigSlot[]
  readonly cost: CheckCost
  readonly reasons: R
  /** Looks that decide the line. */
  readonly looks: readonly Look[]
  /** Surrogates of a second look while searching: they prune, with slack, and are never shown. */
  readonly standIns: readonly Look[]
}

/** A check under definition: each look says which parts it needs. Of one check at most one look answers for a rig. */
class Defined<C extends string, R extends Reasons> implements CheckDefinition<C, R> {
  readonly code: C
  readonly slots: readonly RigSlot[]
  readonly cost: CheckCost
  readonly reasons: R

  constructor(
    { code, slots, reasons, cost = 'quick' }: CheckDraft<C, R>,
    readonly looks: readonly Look[] = [],
    readonly standIns: readonly Look[] = [],
  ) {
    this.code = code
    this.slots = slots
    this.cost = cost
    this.reasons = reasons
  }

  look<N extends Part>(
    needs: readonly N[],
    run: (parts: Pick<RigParts, N>, day: Day, swung?: Swung) => Finding<R> | null,
    shortcuts: Shortcuts<N, R> = {},
  ): Defined<C, R> {
    return new Defined(this, [...this.looks, { needs, run, ...shortcuts } as Look], this.standIns)
  }

  standIn<N extends Part>(
    needs: readonly N[],
    run: (parts: Pick<RigParts, N>, day: Day) => Finding<R> | null,
    shortcuts: Omit<Shortcuts<N, R>, 'least'> = {},
  ): Defined<C, R> {
    return new Defined(this, this.looks, [...this.standIns, { needs, run, ...shortcuts } as Look])
  }
}

/** A line of the ledger: its code, where it is marked, the reasons it can give, and then its looks. */
export const defineCheck = <C extends string, R extends Reasons>(draft: CheckDraft<C, R>): Defined<C, R> =>
  new Defined(draft)

/** The looks a search may run: a quick check's own, a second look's stand-ins. */
export const quickLooks = ({ cost, looks, standIns }: CheckDefinition): readonly Look[] =>
  cost === 'quick' ? looks : standIns

/** A figure off by more doublings than this is as far off as can be. */
const FURTHEST = 4

/**
 * Distance of a finding from its limit: doublings between the figure and the limit it misses, [0, 4]; 0 where it holds, 1 where it is
 * not about a figure.
 */
export function howFarOff({ state, value, allowed = {} }: Figures): number {
  if (state === 'holds') return 0
  const { low, high } = allowed
  if (value !== null && low !== undefined && value < low)
    return value <= 0 ? FURTHEST : Math.min(FURTHEST, Math.log2(low / value))
  if (value !== null && high !== undefined && value > high)
    return high <= 0 ? FURTHEST : Math.min(FURTHEST, Math.log2(value / high))
  return 1
}

/** A figure's distance from the middle of a rule, as a share of its half-width: 0 at the middle, 1 at either edge. */
export const fromMiddle = (value: number, low: number, high: number): number =>
  high > low ? Math.min(1, Math.abs(value - (low + high) / 2) / ((high - low) / 2)) : 0

/** Inside holds; outside by no more than the slack is to be watched; beyond that it breaks. */
export function stateInRange(
  value: number,
  low: number,
  high: number,
  slackLow: number,
  slackHigh = slackLow,
): CheckState {
  if (value >= low && value <= high) return 'holds'
  return value >= low - slackLow && value <= high + slackHigh ? 'watch' : 'breaks'
}
