import type { Item } from '@hoxen/core/gear'
import { useLiveQuery } from 'dexie-react-hooks'
import { commit, type Write } from './commit.ts'
import { db, type StoredItem } from './database.ts'

/** A new identifier: the name as far as it goes, made unique. */
export function newId(name: string): string {
  const stem = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40)
  return `${stem === '' ? 'item' : stem}-${crypto.randomUUID().slice(0, 8)}`
}

/** All gear in the order it was added; undefined while it loads. */
export function useGear(): readonly Item[] | undefined {
  return useLiveQuery(async () => (await db.items.orderBy('added').toArray()).map((row) => row.item), [])
}

const writeOf = (item: Item, added: number): Write => {
  const row: StoredItem = { id: item.id, kind: item.kind, added, item }
  return { table: 'items', key: item.id, row }
}

async function nextPlace(): Promise<number> {
  return ((await db.items.orderBy('added').last())?.added ?? 0) + 1
}

/** Adds or replaces items under one undo step. */
export async function saveItems(
  label: string,
  items: readonly Item[],
  also: readonly Write[] = [],
): Promise<boolean> {
  const place = await nextPlace()
  const old = await db.items.bulkGet(items.map((item) => item.id))
  return commit(label, [...items.map((item, i) => writeOf(item, old[i]?.added ?? place + i)), ...also])
}

export function removeItems(label: string, ids: readonly string[]): Promise<boolean> {
  return commit(
    label,
    ids.map((id) => ({ table: 'items', key: id, row: undefined })),
  )
}
