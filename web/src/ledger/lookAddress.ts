import type { FixedParts } from '@hoxen/core/specify'

/** The page of what to look for, with these parts there. */
export function lookAddress(fixed: FixedParts): string {
  const there = Object.entries(fixed).flatMap(([part, item]) => (item == null ? [] : [[part, item.id]]))
  return `/match/look?${new URLSearchParams(there)}`
}
