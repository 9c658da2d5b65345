import type { RigChoice } from '../rig/index.ts'
import type { Run } from '../water/index.ts'
import { type KitRig, rigWith } from './carried.ts'
import type { Covered } from './covering.ts'

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

/** Rigs of a kit, the one that covers most demands first, and how often each item is part of one. */
export function usesOf(covered: readonly Covered[], kit: ReadonlySet<string>) {
  const rigs = new Map<string, { choice: RigChoice; count: number }>()
  const uses = new Map<string, number>()
  for (const each of covered) {
    const found = rigWith(kit, each)
    if (found === undefined) continue
    const key = Object.values(found.choice).join('~')
    rigs.set(key, { choice: found.choice, count: (rigs.get(key)?.count ?? 0) + 1 })
    for (const id of Object.values(found.choice)) if (id !== null) uses.set(id, (uses.get(id) ?? 0) + 1)
  }
  return { rigs: [...rigs.values()].sort((a, b) => b.count - a.count).map(({ choice }) => choice), uses }
}
