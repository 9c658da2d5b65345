import { windOf } from '@hoxen/core/day'
import { sharedOf, writeShared } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import type { RigChoice } from '@hoxen/core/rig'
import type { Today } from '../day/index.ts'
import { addressOf } from './address.ts'
import { hand } from './hand.ts'
import { packed } from './packed.ts'

/** The address that holds a rig and its day, after the #: it goes to no server. @param withPlace whether it tells where the pool lies */
export function rigLink(
  { parts, day }: Today,
  rig: RigChoice,
  items: readonly Item[],
  withPlace = false,
): string {
  const { where } = day
  const spot = where.by === 'pool' ? where.pool.spot : undefined
  const { fromDeg, mps } =
    parts.stand === undefined ? { fromDeg: 0, mps: 0 } : windOf(parts.stand, spot, parts.weather)
  const flowM3ps = where.by === 'pool' ? where.flow?.m3ps : undefined
  const shared = sharedOf({ rig, items, parts, wind: { fromDeg, mps }, flowM3ps, withPlace })
  return addressOf(`/match/shared/${packed(writeShared(shared))}`)
}

/** Hands a rig's link to the share sheet, or to the clipboard. */
export async function shareRig(
  today: Today,
  rig: RigChoice,
  items: readonly Item[],
  withPlace = false,
): Promise<void> {
  await hand(
    rigLink(today, rig, items, withPlace),
    'A rig in Hoxen',
    'Link copied. Rig and day are in the link itself: whoever opens it sees them beside their own gear.',
  )
}
