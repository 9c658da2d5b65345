import type { Item } from '@hoxen/core/gear'
import type { RigChoice } from '@hoxen/core/rig'
import { type Covered, type KitRig, rigWith, type Trip } from '@hoxen/core/trip'
import type { Run } from '@hoxen/core/water'

/** One demand as a kit answers it. */
export interface Mark {
  readonly covered: Covered
  readonly rig: KitRig | undefined
}

/** A pool of the trip, its flows from low to high, and each fly at each of them. */
export interface MatrixRow {
  readonly key: string
  readonly run: Run
  /** Told apart where one pool is fished in two seasons, or for fish at two depths. */
  readonly cells: readonly { readonly flowM3ps: number | undefined; readonly marks: readonly Mark[] }[]
}

/** Demands of one pool on the same days. */
const rowKey = ({ demand: { run, on } }: Covered): string => `${run.id} ${on.join()}`

/** The demands as a table: pools down in the order of the trip, flows across. */
export function matrixOf(covered: readonly Covered[], kit: ReadonlySet<string>): readonly MatrixRow[] {
  const rows = new Map<string, Covered[]>()
  for (const each of covered) rows.set(rowKey(each), [...(rows.get(rowKey(each)) ?? []), each])
  return [...rows].flatMap(([key, some]): readonly MatrixRow[] => {
    const run = some[0]?.demand.run
    if (run === undefined) return []
    const flows = [...new Set(some.map(({ demand }) => demand.flowM3ps))].sort((a, b) => (a ?? 0) - (b ?? 0))
    const cells = flows.map((flowM3ps) => ({
      flowM3ps,
      marks: some
        .filter(({ demand }) => demand.flowM3ps === flowM3ps)
        .map((each) => ({ covered: each, rig: rigWith(kit, each) })),
    }))
    return [{ key, run, cells }]
  })
}

/** Things by their names, in a line. */
export const namesOf = (ids: readonly (string | null)[], byId: ReadonlyMap<string, Item>): string =>
  ids.flatMap((id) => (id === null ? [] : (byId.get(id)?.name ?? []))).join(' · ')
/** What one has in the hand of a rig: reel and running line are on the rod. */
export const inHand = ({ rodId, headId, tipId, leaderId }: RigChoice): readonly (string | null)[] => [
  rodId,
  headId,
  tipId,
  leaderId,
]

/** A trip with an item left at home, or brought again. */
export const atHome = (trip: Trip, id: string, stays: boolean): Trip => {
  const { home = [], must = [], ...limits } = trip.limits ?? {}
  const others = home.filter((each) => each !== id)
  return {
    ...trip,
    limits: {
      ...limits,
      ...(stays ? { home: [...others, id] } : others.length > 0 ? { home: others } : {}),
      ...(must.some((each) => each !== id || !stays)
        ? { must: must.filter((each) => each !== id || !stays) }
        : {}),
    },
  }
}
