import {
  type HoxenDocument,
  LIST_NAMES,
  type ListName,
  type ListRow,
  SINGLE_NAMES,
  type SingleName,
} from './kept.ts'

/** Plan of an import for one list. */
export interface ListPlan<T> {
  readonly added: readonly T[]
  readonly changed: readonly { readonly before: T; readonly after: T }[]
  readonly same: number
}

/** Plan of an import for everything that is kept. */
export interface ImportPlan {
  readonly lists: { readonly [N in ListName]: ListPlan<ListRow<N>> }
  /** Single things it brings that are not as they are here. */
  readonly singles: readonly SingleName[]
}

/** Identifier of a table's row that names none, until it is taken in. */
export const rowId = (row: number, stamp: string): string => `row-${row}-${stamp}`
const isRowId = (id: string): boolean => /^row-\d+-/.test(id)

/** All of a row but its identifier, figures to ten places: what two tables with the same thing have in common. */
function contentOf({ id: _id, ...rest }: { readonly id: string }): string {
  const sorted = (_key: string, value: unknown): unknown =>
    typeof value === 'number'
      ? Number(value.toPrecision(10))
      : typeof value === 'object' && value !== null && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
        : value
  return JSON.stringify(rest, sorted)
}

/** Number of rows of each content. */
function counted(rows: readonly { readonly id: string }[]): Map<string, number> {
  const counts = new Map<string, number>()
  for (const row of rows) counts.set(contentOf(row), (counts.get(contentOf(row)) ?? 0) + 1)
  return counts
}

/**
 * Compares by identifier, and rows of a table that names none by what they are: the same table again adds nothing. Nothing is ever
 * taken away by an import.
 */
function planList<T extends { readonly id: string }>(
  current: readonly T[],
  incoming: readonly T[],
): ListPlan<T> {
  const byId = new Map(current.map((row) => [row.id, row]))
  const nameless = incoming.some(({ id }) => isRowId(id))
  const there = nameless ? counted(current) : new Map<string, number>()
  const isThere = (row: T): boolean => {
    if (!isRowId(row.id)) return false
    const left = there.get(contentOf(row)) ?? 0
    if (left > 0) there.set(contentOf(row), left - 1)
    return left > 0
  }
  const added: T[] = []
  const changed: { before: T; after: T }[] = []
  let same = 0
  for (const after of incoming) {
    const before = byId.get(after.id)
    if (before === undefined && isThere(after)) same++
    else if (before === undefined) added.push(after)
    else if (sameFigures(before, after)) same++
    else changed.push({ before, after })
  }
  return { added, changed, same }
}

/** Plan of taking `incoming` in: what it adds and changes. */
export function planImport(current: HoxenDocument, incoming: HoxenDocument): ImportPlan {
  const lists = LIST_NAMES.map((name) => [name, planList<{ id: string }>(current[name], incoming[name])])
  return {
    lists: Object.fromEntries(lists) as ImportPlan['lists'],
    singles: SINGLE_NAMES.filter(
      (name) => incoming[name] !== undefined && !sameFigures(current[name], incoming[name]),
    ),
  }
}

/** Of what comes, only what it adds or changes. */
export function newIn(incoming: HoxenDocument, { lists }: ImportPlan): HoxenDocument {
  const some = LIST_NAMES.map((name) => [
    name,
    [...lists[name].changed.map(({ after }) => after), ...lists[name].added],
  ])
  return { ...incoming, ...Object.fromEntries(some) }
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
