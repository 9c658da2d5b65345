import {
  type HoxenDocument,
  type KeptName,
  type ListName,
  type ListRow,
  type RowRef,
  type SingleName,
  type SingleValue,
  trailKey,
} from '@hoxen/core/format'
import type { Table } from 'dexie'
import { db } from './database.ts'
import { thisTab } from './tab.ts'

export const addressOf = ({ name, key }: RowRef): [string, string] => [name, key]
export const inOrder = (name: KeptName) =>
  db.kept.where('[name+place]').between([name, -Infinity], [name, Infinity])

/** With more rows than this, each list is read in one bulk read. */
const ONE_BY_ONE = 200

/** Rows at places, in their order. */
export const rowsAt = <T extends RowRef>(
  table: Table<T, [string, string]>,
  places: readonly RowRef[],
): PromiseLike<readonly (T | undefined)[]> =>
  places.length <= ONE_BY_ONE ? table.bulkGet(places.map(addressOf)) : manyAt(table, places)

function manyAt<T extends RowRef>(
  table: Table<T, [string, string]>,
  places: readonly RowRef[],
): PromiseLike<readonly (T | undefined)[]> {
  const names = [...new Set(places.map(({ name }) => name))]
  const lists = names.map((name) => table.where('[name+key]').between([name, ''], [name, '\uffff']).toArray())
  return Promise.all(lists).then((read) => {
    const found = new Map(read.flat().map((row) => [trailKey(row.name, row.key), row]))
    return places.map(({ name, key }) => found.get(trailKey(name, key)))
  })
}

/** All of one list, in the angler's order. */
export async function listOf<N extends ListName>(name: N): Promise<readonly ListRow<N>[]> {
  return (await inOrder(name).toArray()).map((row) => row.value as unknown as ListRow<N>)
}

export async function singleOf<N extends SingleName>(name: N): Promise<SingleValue<N> | undefined> {
  return (await db.kept.get([name, '']))?.value as SingleValue<N> | undefined
}

/** A tab's steps that stand (0), or that were taken back (1), oldest first. */
export const stepsOf = (tab: string, undone: 0 | 1) => db.history.where('[tab+undone]').equals([tab, undone])

/** Next steps of undo and redo in this tab. */
export async function nextSteps(): Promise<{ readonly undo?: string; readonly redo?: string }> {
  const last = await stepsOf(thisTab(), 0).last()
  const next = await stepsOf(thisTab(), 1).first()
  return { ...(last ? { undo: last.label } : {}), ...(next ? { redo: next.label } : {}) }
}

/** One's own that was put aside for the demo; undefined where no demo is open, or nothing was there before it. */
export async function ownAside(): Promise<HoxenDocument | undefined> {
  const own = (await db.aside.get('before-demo'))?.document
  const lists = Object.values(own ?? {}).filter(Array.isArray)
  return lists.some(({ length }) => length > 0) ? own : undefined
}

export const hasGear = async (): Promise<boolean> => (await inOrder('items').first()) !== undefined
