import type { Item } from '@hoxen/core/gear'
import type { RigChoice } from '@hoxen/core/rig'

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
