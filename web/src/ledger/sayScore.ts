import type { Score } from '@hoxen/core/match'
import { printShare } from '@hoxen/core/quantity'

/** Why a rig stands where it stands. */
export function sayScore({ breaks, watches, watchTenths, offCentre }: Score): string {
  const parts = [
    breaks === 0 ? 'nothing breaks' : breaks === 1 ? '1 line breaks' : `${breaks} lines break`,
    watches === 0 ? 'nothing to watch' : `${watches} to watch (weight ${(watchTenths / 10).toFixed(1)})`,
    offCentre > 1 ? 'outside the window' : `${printShare(offCentre)} of the way from aim to edge`,
  ]
  return parts.join(' · ')
}
