import type { HeadFacts } from '../line/index.ts'

/** A head with its place in the gear, what a window weighs of it [kg], and a lower bound of its cost over all running lines. */
export interface Weighed {
  readonly index: number
  readonly head: HeadFacts
  readonly massKg: number
  readonly least: number
}

/** A node of the tree: heads of one kind that lie together by mass and length, and bounds over all of them. */
export interface Branch {
  readonly heads: readonly Weighed[]
  readonly lightest: Weighed
  readonly heaviest: Weighed
  readonly shortest: Weighed
  /** Lower bound of the cost of any of them over all running lines. */
  readonly least: number
  /** Its children; a leaf has none, and its heads are searched one by one. */
  readonly halves: () => readonly Branch[]
}

/** Heads in a leaf. */
const HANDFUL = 4

/** All that decides which rules a head's length falls under. */
const kindOf = ({ head: { style }, onePiece }: HeadFacts): string => `${style} ${onePiece}`

const byMass = (a: Weighed, b: Weighed): number => a.massKg - b.massKg || a.index - b.index
const byLength = (a: Weighed, b: Weighed): number => a.head.lengthM - b.head.lengthM || a.index - b.index

/** The one for which nothing of the list is smaller. */
function least(heads: readonly Weighed[], order: (a: Weighed, b: Weighed) => number): Weighed {
  return heads.reduce((best, each) => (order(each, best) < 0 ? each : best))
}

function branchOf(heads: readonly Weighed[], depth: number): Branch {
  let known: readonly Branch[] | undefined
  return {
    heads,
    lightest: least(heads, byMass),
    heaviest: least(heads, (a, b) => byMass(b, a)),
    shortest: least(heads, byLength),
    least: heads.reduce((lowest, each) => Math.min(lowest, each.least), Number.POSITIVE_INFINITY),
    halves: () => {
      if (heads.length <= HANDFUL) return []
      if (known === undefined) {
        const sorted = heads.toSorted(depth % 2 === 0 ? byMass : byLength)
        const middle = sorted.length >> 1
        known = [sorted.slice(0, middle), sorted.slice(middle)].map((half) => branchOf(half, depth + 1))
      }
      return known
    },
  }
}

/** A k-d tree (Bentley 1975) of heads by mass and length for each kind of them, built lazily: a search prunes whole branches. */
export function headTrees(heads: readonly Weighed[]): readonly Branch[] {
  const kinds = new Map<string, Weighed[]>()
  for (const each of heads) {
    const kind = kindOf(each.head)
    const known = kinds.get(kind)
    if (known === undefined) kinds.set(kind, [each])
    else known.push(each)
  }
  return [...kinds.values()].map((each) => branchOf(each, 0))
}
