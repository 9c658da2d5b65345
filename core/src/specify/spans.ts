import type { Day } from '../day/index.ts'
import { judge, judgeSwungInSteps, type RankedRig } from '../match/index.ts'
import { EVIDENCE_WEIGHT, type EvidenceTag, type Measure } from '../quantity/index.ts'
import {
  CHECK_CODES,
  type Check,
  checkSlots,
  type RigParts,
  type RigSlot,
  type Steps,
  stateRank,
  swingKey,
} from '../rig/index.ts'
import { FIGURES, type FigureName, type FigureOf, NAMES } from './figures.ts'

/** One figure of a part to look for: what it should be, and how far either way the whole ledger still holds. SI. */
export interface FigureSpan {
  readonly slot: RigSlot
  readonly figure: FigureName
  readonly measure: Measure | 'number'
  readonly low: number
  readonly target: number
  readonly high: number
  /** Check that fails just beyond each end; undefined where the figure ends for what it is, not for the rig. */
  readonly below?: Check
  readonly above?: Check
  /** Evidence of the span: the least sure of the lines that end it. */
  readonly tag: EvidenceTag
}

/** The line that is worse than in the rig it comes from, the worst of them. */
function worsened(from: RankedRig, to: RankedRig, depthToo: boolean): Check | undefined {
  const rank = new Map(from.checks.map((check) => [check.code, stateRank(check.state)]))
  return to.checks
    .filter(({ code, state }) => (depthToo || code !== 'depth') && stateRank(state) > (rank.get(code) ?? 0))
    .sort((a, b) => stateRank(b.state) - stateRank(a.state))[0]
}

/** The longest stride along a figure [steps]. */
const LONGEST_STRIDE = 8
/** Two ends that do not go together keep this share of their way each time. */
const DRAWN_IN = 0.8

/** Steps that one figure of a rig goes one way, and what fails beyond. */
interface End {
  readonly steps: number
  readonly beyond?: Check
}

/** Looks along one figure of a rig that is the target. */
class Along {
  readonly target: number
  private readonly of: FigureOf
  private readonly key: string

  constructor(
    private readonly rig: RankedRig,
    private readonly day: Day,
    readonly figure: FigureName,
  ) {
    this.of = FIGURES[figure]
    this.target = this.of.get(rig.parts) ?? Number.NaN
    this.key = swingKey({ ...day, parts: rig.parts })
  }

  at(steps: number): number {
    return this.target + steps * this.of.step
  }

  set(parts: RigParts, steps: number): RigParts {
    return this.of.set(parts, this.at(steps))
  }

  get slot(): RigSlot {
    return this.of.slot
  }

  get measure(): Measure | 'number' {
    return this.of.measure
  }

  within(steps: number): boolean {
    const value = this.at(steps)
    const made = this.of.made?.(this.rig.parts)
    // What is there already may lie outside of what is usual: then it goes no further that way.
    const low = Math.min(this.target, Math.max(this.of.low, made?.low ?? 0))
    const high = Math.max(this.target, Math.min(this.of.high, made?.high ?? this.of.high))
    return value >= low - 1e-9 && value <= high + 1e-9
  }

  /** Check that fails so many steps away, as far as it can be said without letting it swing. */
  private *quick(steps: number): Steps<Check | undefined> {
    yield
    return worsened(this.rig, judge(this.set(this.rig.parts, steps), this.day, this.rig.swung), false)
  }

  /** The same with its own swing, where that is another. */
  private *swung(steps: number): Steps<Check | undefined> {
    const parts = this.set(this.rig.parts, steps)
    if (swingKey({ ...this.day, parts }) === this.key) return undefined
    return worsened(this.rig, yield* judgeSwungInSteps(parts, this.day), true)
  }

  /** The furthest that holds one way, on the piece that is connected with the target. @param way 1 or −1 */
  *end(way: 1 | -1): Steps<End> {
    const far = yield* furthest(
      (k) => this.quick(way * k),
      (k) => this.within(way * k),
    )
    if (far.steps === 0) return far
    const atEnd = yield* this.swung(way * far.steps)
    if (atEnd === undefined) return far
    return yield* closed((k) => this.swung(way * k), far.steps, atEnd)
  }
}

/** Between one that holds and one that fails: the last that holds. */
function* closed(
  fails: (steps: number) => Steps<Check | undefined>,
  failing: number,
  first: Check,
): Steps<End> {
  let [good, bad, beyond] = [0, failing, first]
  while (bad - good > 1) {
    const middle = (good + bad) >> 1
    const check = yield* fails(middle)
    if (check === undefined) good = middle
    else [bad, beyond] = [middle, check]
  }
  return { steps: good, beyond }
}

/** The furthest that holds, in strides that double, then halved; where nothing fails, the last there is. */
function* furthest(
  fails: (steps: number) => Steps<Check | undefined>,
  within: (steps: number) => boolean,
): Steps<End> {
  let [good, stride] = [0, 1]
  for (;;) {
    if (!within(good + stride)) {
      if (stride === 1) return { steps: good }
      stride = 1
      continue
    }
    const from = good
    const check = yield* fails(from + stride)
    if (check !== undefined) {
      const end = yield* closed((k) => fails(from + k), stride, check)
      return { ...end, steps: from + end.steps }
    }
    good += stride
    stride = Math.min(2 * stride, LONGEST_STRIDE)
  }
}

/** The two ends of a figure, in steps from the target. */
interface Both {
  readonly along: Along
  low: End
  high: End
}

/** Whether two parts have a line of the ledger in common. */
const shareLine = (a: RigSlot, b: RigSlot): boolean =>
  a === b || CHECK_CODES.some((code) => checkSlots(code).includes(a) && checkSlots(code).includes(b))

/** Draws two ends in together until the rig with both of them holds. */
function* drawnIn(rig: RankedRig, day: Day, one: Both, other: Both): Steps<void> {
  for (const a of ['low', 'high'] as const)
    for (const b of ['low', 'high'] as const) {
      const depth = one[a].beyond?.code === 'depth' && other[b].beyond?.code === 'depth'
      const sign = (end: 'low' | 'high', { steps }: End): number => (end === 'low' ? -steps : steps)
      const worse = function* (): Steps<Check | undefined> {
        const parts = other.along.set(one.along.set(rig.parts, sign(a, one[a])), sign(b, other[b]))
        yield
        const after = depth ? yield* judgeSwungInSteps(parts, day) : judge(parts, day, rig.swung)
        return worsened(rig, after, depth)
      }
      let check = yield* worse()
      if (check?.state !== 'breaks') continue
      while (check !== undefined && one[a].steps + other[b].steps > 0) {
        const beyond = check
        for (const [both, end] of [
          [one, a],
          [other, b],
        ] as const)
          both[end] = { steps: Math.floor(both[end].steps * DRAWN_IN), beyond }
        check = yield* worse()
      }
    }
}

const leastSure = (checks: readonly (Check | undefined)[]): EvidenceTag =>
  checks
    .flatMap((check) => (check === undefined ? [] : [check.tag]))
    .sort((a, b) => EVIDENCE_WEIGHT[a] - EVIDENCE_WEIGHT[b])[0] ?? 'practice'

/**
 * Spans of each figure of the open parts with all others at their target, the whole ledger as good as there; then drawn
 * in until two parts at their ends go together as well. Every end can be bought and typed in: figures go in whole steps.
 */
export function* spansInSteps(
  rig: RankedRig,
  day: Day,
  open: readonly RigSlot[],
): Steps<readonly FigureSpan[]> {
  const figures: Both[] = []
  for (const name of NAMES) {
    if (!open.includes(FIGURES[name].slot) || FIGURES[name].get(rig.parts) === undefined) continue
    const along = new Along(rig, day, name)
    const low = yield* along.end(-1)
    const high = yield* along.end(1)
    figures.push({ along, low, high })
  }
  for (const [i, one] of figures.entries())
    for (const other of figures.slice(i + 1))
      if (shareLine(one.along.slot, other.along.slot)) yield* drawnIn(rig, day, one, other)
  return figures.map(({ along, low, high }): FigureSpan => {
    const { figure, slot, measure, target } = along
    return {
      figure,
      slot,
      measure,
      low: along.at(-low.steps),
      target,
      high: along.at(high.steps),
      ...(low.beyond === undefined ? {} : { below: low.beyond }),
      ...(high.beyond === undefined ? {} : { above: high.beyond }),
      tag: leastSure([low.beyond, high.beyond]),
    }
  })
}
