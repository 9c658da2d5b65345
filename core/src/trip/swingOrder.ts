import { type Steps, searchedRide } from '../rig/index.ts'
import { holdingBand } from '../water/index.ts'
import type { Demand } from './demand.ts'
import type { Still } from './still.ts'

/** Rod, head and tip of a rig. */
export const frontOf = ({ parts: { rod, head, tip } }: Still): string =>
  `${rod.id} ${head.head.id} ${tip?.item.id ?? '_'}`

/** Demands on which each item is part of some rig, weighted by their days. */
export function* wantedBy(
  open: readonly { readonly demand: Demand; readonly rigs: readonly Still[] }[],
): Steps<ReadonlyMap<string, number>> {
  const out = new Map<string, number>()
  for (const { demand, rigs } of open) {
    const ids = new Set<string>()
    for (const rig of rigs) for (const id of rig.ids) ids.add(id)
    for (const id of ids) out.set(id, (out.get(id) ?? 0) + demand.on.length)
    yield
  }
  return out
}

/** Whether the first look lets the fly ride where the fish are. */
function rides({ parts }: Still, { day }: Demand): boolean {
  const { lowM, highM } = searchedRide(parts, day)
  const band = holdingBand(day.fishAt, day.waterDepthM)
  return highM >= band.low && lowM <= band.high
}

/** The order rigs are swung in: one of each rod, head and tip first, the fly near the fish, of things that serve often. */
export function inOrder(
  demand: Demand,
  rigs: readonly Still[],
  wanted: ReadonlyMap<string, number>,
): readonly Still[] {
  const worth = new Map(rigs.map((rig) => [rig, rig.ids.reduce((sum, id) => sum + (wanted.get(id) ?? 0), 0)]))
  const near = new Map(rigs.map((rig) => [rig, rides(rig, demand)]))
  const sorted = [...rigs].sort(
    (a, b) => Number(near.get(b)) - Number(near.get(a)) || (worth.get(b) ?? 0) - (worth.get(a) ?? 0),
  )
  const seen = new Set<string>()
  const first = sorted.filter((rig) => {
    const front = frontOf(rig)
    return seen.has(front) ? false : seen.add(front)
  })
  const firsts = new Set(first)
  return [...first, ...sorted.filter((rig) => !firsts.has(rig))]
}
