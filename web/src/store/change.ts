/** Changes as data: a diff with an inverse, so that undo is the same road walked back. */

type Tree = { readonly [key: string]: unknown }

export interface Edit {
  readonly path: readonly string[]
  readonly before?: unknown
  readonly after?: unknown
}

export type TableName = 'items' | 'documents' | 'runs'

/** What happened to one stored row. */
export type Change =
  | { readonly table: TableName; readonly key: string; readonly did: 'add' | 'remove'; readonly row: Tree }
  | { readonly table: TableName; readonly key: string; readonly did: 'edit'; readonly edits: readonly Edit[] }

const isTree = (value: unknown): value is Tree =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Field by field what differs; lists count as one value. */
export function diff(before: Tree, after: Tree, path: readonly string[] = []): readonly Edit[] {
  const keys = new Set([...Object.keys(before), ...Object.keys(after)])
  return [...keys].flatMap((key): readonly Edit[] => {
    const [a, b] = [before[key], after[key]]
    if (isTree(a) && isTree(b)) return diff(a, b, [...path, key])
    if (JSON.stringify(a) === JSON.stringify(b)) return []
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

/** A row with edits made to it. */
export const applyEdits = (row: Tree, edits: readonly Edit[]): Tree =>
  edits.reduce((at, edit) => withValue(at, edit.path, edit.after), row)

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

/** What turns one state of a row into another; undefined when nothing does. */
export function changeOf(
  table: TableName,
  key: string,
  before: Tree | undefined,
  after: Tree | undefined,
): Change | undefined {
  if (before === undefined) return after === undefined ? undefined : { table, key, did: 'add', row: after }
  if (after === undefined) return { table, key, did: 'remove', row: before }
  const edits = diff(before, after)
  return edits.length === 0 ? undefined : { table, key, did: 'edit', edits }
}
