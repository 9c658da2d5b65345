import { dequal } from 'dequal/lite'
import type { KeptName } from './kept.ts'

/** Changes as data: a diff with an inverse, so that undo is the same road walked back. */

type Tree = { readonly [key: string]: unknown }

export interface Edit {
  readonly path: readonly string[]
  readonly before?: unknown
  readonly after?: unknown
}

/** Reference to a kept thing: its sort, and its identifier; of a single thing the identifier is empty. */
export interface RowRef {
  readonly name: KeptName
  readonly key: string
}

/** Change of one kept thing. */
export type Change =
  | (RowRef & { readonly did: 'add' | 'remove'; readonly row: Tree })
  | (RowRef & { readonly did: 'edit'; readonly edits: readonly Edit[] })

const isTree = (value: unknown): value is Tree =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Field by field what differs; lists count as one value. */
export function diff(before: Tree, after: Tree, path: readonly string[] = []): readonly Edit[] {
  const keys = new Set([...Object.keys(before), ...Object.keys(after)])
  return [...keys].flatMap((key): readonly Edit[] => {
    const [a, b] = [before[key], after[key]]
    if (isTree(a) && isTree(b)) return diff(a, b, [...path, key])
    if (dequal(a, b)) return []
    return [
      {
        path: [...path, key],
        ...(a === undefined ? {} : { before: a }),
        ...(b === undefined ? {} : { after: b }),
      },
    ]
  })
}

function withValue(row: Tree, [key = '', ...rest]: readonly string[], value: unknown): Tree {
  const { [key]: old, ...others } = row
  if (rest.length > 0) return { ...row, [key]: withValue(isTree(old) ? old : {}, rest, value) }
  return value === undefined ? others : { ...row, [key]: value }
}

const valueAt = (row: Tree, path: readonly string[]): unknown =>
  path.reduce<unknown>((at, key) => (isTree(at) ? at[key] : undefined), row)

/** The row a change makes of one; undefined when it takes the row away. */
export function applied(row: Tree | undefined, change: Change): Tree | undefined {
  if (change.did === 'add') return change.row
  if (change.did !== 'edit' || row === undefined) return undefined
  return change.edits.reduce((at, edit) => withValue(at, edit.path, edit.after), row)
}

/** The change that takes this one back. */
export function inverse(change: Change): Change {
  if (change.did !== 'edit') return { ...change, did: change.did === 'add' ? 'remove' : 'add' }
  const edits = change.edits.map(({ path, before, after }) => ({
    path,
    ...(after === undefined ? {} : { before: after }),
    ...(before === undefined ? {} : { after: before }),
  }))
  return { ...change, edits }
}

/** Whether a row is still as it must be for this change to be made to it. Fields it does not touch may differ. */
export function fits(row: Tree | undefined, change: Change): boolean {
  if (change.did === 'add') return row === undefined
  if (row === undefined) return false
  if (change.did !== 'edit') return dequal(row, change.row)
  return change.edits.every(({ path, before }) => dequal(valueAt(row, path), before))
}

/** Difference that turns one state of a row into another; undefined when nothing does. */
export function changeOf(
  place: RowRef,
  before: Tree | undefined,
  after: Tree | undefined,
): Change | undefined {
  if (before === undefined) return after === undefined ? undefined : { ...place, did: 'add', row: after }
  if (after === undefined) return { ...place, did: 'remove', row: before }
  const edits = diff(before, after)
  return edits.length === 0 ? undefined : { ...place, did: 'edit', edits }
}
