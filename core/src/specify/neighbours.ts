import type { Day } from '../day/index.ts'
import type { Rod } from '../gear/index.ts'
import type { RankedRig } from '../match/index.ts'
import { type Check, type Steps, stateRank } from '../rig/index.ts'
import { GENERIC_RODS } from './generic.ts'
import { anyOf, bestRig, type SpecifiedRig } from './specify.ts'

/** Difference of a neighbouring rod from the one that was found best. */
export type Beside = 'lighter' | 'stronger' | 'shorter' | 'longer' | 'other-hands'

/** The best rig of the same kind on a neighbouring rod, and what it gives up. */
export interface Neighbour {
  readonly beside: Beside
  readonly rig: RankedRig
  /** Lines of the ledger that are worse with it. */
  readonly worse: readonly Check[]
  /** Length it casts further than the best; less is negative [m]. */
  readonly furtherM: number
}

const nearest = (rods: readonly Rod[], distance: (rod: Rod) => number): Rod | undefined =>
  [...rods].sort((a, b) => distance(a) - distance(b))[0]

/** The rods next to one on the grid: a number down and up, a length down and up, and a rod for the other way to hold it. */
export function besideRods(of: Rod): readonly (readonly [Beside, Rod])[] {
  const same = GENERIC_RODS.filter(({ hands }) => hands === of.hands)
  const off = (rod: Rod): number => Math.abs(rod.lengthM - of.lengthM)
  const numbered = (by: number): Rod | undefined =>
    nearest(
      same.filter(({ lineNumber }) => lineNumber === of.lineNumber + by),
      off,
    )
  const long = (by: 1 | -1): Rod | undefined =>
    nearest(
      same.filter(
        ({ lineNumber, lengthM }) => lineNumber === of.lineNumber && by * (lengthM - of.lengthM) > 0.01,
      ),
      off,
    )
  const other = of.hands === 'single' ? 'switch' : of.hands === 'two-hander' ? 'switch' : 'single'
  const otherHands = nearest(
    GENERIC_RODS.filter(({ hands }) => hands === other),
    (rod) => Math.abs(rod.lineNumber - of.lineNumber) + off(rod),
  )
  const found: readonly (readonly [Beside, Rod | undefined])[] = [
    ['lighter', numbered(-1)],
    ['stronger', numbered(1)],
    ['shorter', long(-1)],
    ['longer', long(1)],
    ['other-hands', of.hands === 'surf' ? undefined : otherHands],
  ]
  return found.flatMap(([beside, rod]) => (rod === undefined ? [] : [[beside, rod] as const]))
}

const reachOf = ({ checks }: RankedRig): number => checks.find(({ code }) => code === 'reach')?.value ?? 0

/** Drawbacks of each neighbouring rod against the one that was found, each with the best rig of the same kind. */
export function* neighboursInSteps(day: Day, { rig, style }: SpecifiedRig): Steps<readonly Neighbour[]> {
  const out: Neighbour[] = []
  const rank = new Map(rig.checks.map(({ code, state }) => [code, stateRank(state)]))
  for (const [beside, rod] of besideRods(rig.parts.rod)) {
    const other = yield* bestRig({ rod }, anyOf(day), style)
    if (other === undefined) continue
    const worse = other.checks
      .filter(({ code, state }) => stateRank(state) > (rank.get(code) ?? 0))
      .sort((a, b) => stateRank(b.state) - stateRank(a.state))
    out.push({ beside, rig: other, worse, furtherM: reachOf(other) - reachOf(rig) })
  }
  return out
}
