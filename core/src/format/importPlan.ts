import {
  type HoxenDocument,
  LIST_NAMES,
  type ListName,
  type ListRow,
  SINGLE_NAMES,
  type SingleName,
} from './kept.ts'

/** What an import would do to one list. */
export interface ListPlan<T> {
  readonly added: readonly T[]
  readonly changed: readonly { readonly before: T; readonly after: T }[]
  readonly same: number
}

/** What an import would do to everything that is kept. */
export interface ImportPlan {
  readonly lists: { readonly [N in ListName]: ListPlan<ListRow<N>> }
  /** Single things it brings that are not as they are here. */
  readonly singles: readonly SingleName[]
}

/** Compares by identifier; nothing is ever taken away by an import. */
function planList<T extends { readonly id: string }>(
  current: readonly T[],
  incoming: readonly T[],
): ListPlan<T> {
  const byId = new Map(current.map((row) => [row.id, row]))
  const added: T[] = []
  const changed: { before: T; after: T }[] = []
  let same = 0
  for (const after of incoming) {
    const before = byId.get(after.id)
    if (before === undefined) added.push(after)
    else if (sameFigures(before, after)) same++
    else changed.push({ before, after })
  }
  return { added, changed, same }
}

/** What taking `incoming` in would add and change. */
export function planImport(current: HoxenDocument, incoming: HoxenDocument): ImportPlan {
  const lists = LIST_NAMES.map((name) => [name, planList<{ id: string }>(current[name], incoming[name])])
  return {
    lists: Object.fromEntries(lists) as ImportPlan['lists'],
    singles: SINGLE_NAMES.filter(
      (name) => incoming[name] !== undefined && !sameFigures(current[name], incoming[name]),
    ),
  }
}

/** Figures that differ only by the rounding of a unit conversion count as the same. */
export function sameFigures(a: unknown, b: unknown): boolean {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) <= 1e-11 * Math.max(Math.abs(a), Math.abs(b))
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return a === b
  const left = a as Record<string, unknown>
  const right = b as Record<string, unknown>
  const keys = new Set([...Object.keys(left), ...Object.keys(right)])
  return [...keys].every((key) => sameFigures(left[key], right[key]))
}
