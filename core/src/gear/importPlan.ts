import type { Item } from './item.ts'

/** What an import would do to the gear that is there. */
export interface ImportPlan {
  readonly added: readonly Item[]
  readonly changed: readonly { readonly before: Item; readonly after: Item }[]
  readonly same: number
}

/** Compares by identifier; nothing is ever taken away by an import. */
export function planImport(current: readonly Item[], incoming: readonly Item[]): ImportPlan {
  const byId = new Map(current.map((item) => [item.id, item]))
  const added: Item[] = []
  const changed: { before: Item; after: Item }[] = []
  let same = 0
  for (const after of incoming) {
    const before = byId.get(after.id)
    if (before === undefined) added.push(after)
    else if (sameItem(before, after)) same++
    else changed.push({ before, after })
  }
  return { added, changed, same }
}

/** Figures that differ only by the rounding of a unit conversion count as the same. */
export function sameItem(a: unknown, b: unknown): boolean {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) <= 1e-11 * Math.max(Math.abs(a), Math.abs(b))
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return a === b
  const left = a as Record<string, unknown>
  const right = b as Record<string, unknown>
  const keys = new Set([...Object.keys(left), ...Object.keys(right)])
  return [...keys].every((key) => sameItem(left[key], right[key]))
}
