import type { Covered, CoveringSearch } from './covering.ts'
import { type CoverQuestion, smallestKitInSteps } from './coverModel.ts'
import type { Solving } from './programme.ts'
import type { Still } from './still.ts'

/** How far a proof goes: rigs it may be asked of at once, rounds, and rigs settled of each demand in a round. */
export const PROOF = Object.freeze({ rigs: 12_000, rounds: 40, each: 8 })

type CoverWay = CoverQuestion['demands'][number]['ways'][number]

const wayOf = (still: Still): CoverWay => ({
  ids: still.ids,
  oneOf: still.reels.includes(null) ? [] : still.reels.flatMap((reel) => reel?.id ?? []),
  margin: 0,
})

const isCarried = (kit: ReadonlySet<string>, { ids, oneOf }: CoverWay): boolean =>
  ids.every((id) => kit.has(id)) && (oneOf.length === 0 || oneOf.some((id) => kit.has(id)))

/**
 * Proves a kit the smallest, or finds a smaller one: rigs not yet swung are taken to hold, the best kit of all is looked for, and
 * those of its rigs that are not known are swung; when nothing is left to swing, no kit can be better. (Logic-based Benders
 * decomposition, Hooker & Ottosson 2003.) Gives whether it came so far.
 */
export function* proveInSteps(
  search: CoveringSearch,
  question: (covered: readonly Covered[]) => CoverQuestion,
  round: () => Solving<void>,
): Solving<boolean> {
  for (let i = 0; i < PROOF.rounds; i++) {
    const unknown = search.unknown()
    if (unknown.reduce((sum, some) => sum + some.length, 0) > PROOF.rigs) return false
    const known = question(search.covered())
    const demands = known.demands.map((demand, d) => ({
      ...demand,
      ways: [...demand.ways, ...(unknown[d] ?? []).map(wayOf)],
    }))
    const kit = yield* smallestKitInSteps({ ...known, demands })
    if (!kit.optimal) return false
    const ids = new Set(kit.ids)
    const toSettle = unknown.map((some, d) =>
      known.demands[d]?.ways.some((way) => isCarried(ids, way))
        ? []
        : some.filter((still) => isCarried(ids, wayOf(still))).slice(0, PROOF.each),
    )
    if (toSettle.every((some) => some.length === 0)) return search.whole
    yield* search.settle(toSettle)
    yield* round()
  }
  return false
}
