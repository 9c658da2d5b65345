import { applyEdits, type Change, changeOf, inverse, type TableName } from './change.ts'
import { db } from './database.ts'

/** A row as it should be; undefined takes it away. */
export interface Write {
  readonly table: TableName
  readonly key: string
  readonly row: object | undefined
}

type Row = { readonly [key: string]: unknown }

/** Changes older than this many are forgotten. */
const HISTORY_KEPT = 200
const TRIM_EVERY = 20

async function read(table: TableName, key: string): Promise<Row | undefined> {
  return db.table<Row, string>(table).get(key)
}

async function perform(change: Change): Promise<void> {
  const table = db.table<Row, string>(change.table)
  if (change.did === 'edit') {
    const row = await read(change.table, change.key)
    if (row !== undefined) await table.put(applyEdits(row, change.edits))
  } else if (change.did === 'add') await table.put(change.row)
  else await table.delete(change.key)
}

/**
 * The only way stored data changes: all writes or none, remembered under one label as a diff with an inverse.
 * @returns false when the writes change nothing
 */
export function commit(label: string, writes: readonly Write[]): Promise<boolean> {
  return db.transaction('rw', db.items, db.documents, db.runs, db.history, async () => {
    const changes: Change[] = []
    for (const { table, key, row } of writes) {
      const change = changeOf(table, key, await read(table, key), row as Row | undefined)
      if (change === undefined) continue
      await perform(change)
      changes.push(change)
    }
    if (changes.length === 0) return false
    await db.history.where('undone').equals(1).delete()
    const seq = await db.history.add({ at: Date.now(), label, changes, undone: 0 })
    if ((seq as number) % TRIM_EVERY === 0)
      await db.history
        .where('seq')
        .below((seq as number) - HISTORY_KEPT)
        .delete()
    return true
  })
}

/** Takes back the latest change. @returns its label, or undefined when there is none */
export function undo(): Promise<string | undefined> {
  return db.transaction('rw', db.items, db.documents, db.runs, db.history, async () => {
    const entry = await db.history.where('undone').equals(0).last()
    if (entry === undefined) return undefined
    for (const change of [...entry.changes].reverse()) await perform(inverse(change))
    await db.history.update(entry.seq, { undone: 1 })
    return entry.label
  })
}

/** Makes the latest taken-back change again. */
export function redo(): Promise<string | undefined> {
  return db.transaction('rw', db.items, db.documents, db.runs, db.history, async () => {
    const entry = await db.history.where('undone').equals(1).first()
    if (entry === undefined) return undefined
    for (const change of entry.changes) await perform(change)
    await db.history.update(entry.seq, { undone: 0 })
    return entry.label
  })
}
