import type { Front } from '../rig/index.ts'
import type { Ride } from '../swing/index.ts'
import { betterRide, type Rung, tipIdOf } from './rungs.ts'

/** One tip of the wallet with the leader it is judged with, at the angle that serves it best. */
export interface Strand {
  readonly front: Front
  readonly tipId: string | null
  /** Null for the bare head. */
  readonly name: string | null
  readonly best: { readonly angleDeg: number; readonly ride: Ride }
  readonly angles: readonly { readonly angleDeg: number; readonly ride: Ride | undefined }[]
  readonly mine: boolean
}

/** Every tip with its best angle, the one that holds the fly in the band longest first. */
export function strandsOf(
  rungs: readonly Rung[],
  rides: ReadonlyMap<string, Ride>,
  fronts: readonly Front[],
  mineId: string | null,
): readonly Strand[] {
  return fronts
    .flatMap((front): Strand[] => {
      const tipId = tipIdOf(front)
      const angles = rungs
        .filter((r) => r.tipId === tipId)
        .map(({ id, angleDeg }) => ({ angleDeg, ride: rides.get(id) }))
      const known = angles.filter((a): a is { angleDeg: number; ride: Ride } => a.ride !== undefined)
      const [best] = [...known].sort((a, b) => betterRide(a.ride, b.ride))
      return best === undefined
        ? []
        : [{ front, tipId, name: front.tip?.item.name ?? null, best, angles, mine: tipId === mineId }]
    })
    .sort((a, b) => betterRide(a.best.ride, b.best.ride))
}
