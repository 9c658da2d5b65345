import { changedDay } from '@hoxen/core/day'
import type { ListName, ListRow } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import type { Run } from '@hoxen/core/water'
import { putSaid, saidIn } from './kept.ts'
import { Once } from './once.ts'
import { commit } from './write.ts'

const adding = /* @__PURE__ */ new Once()

/** Adds a new item; asked again at the same stroke, it is not added twice. @returns false when it was not added */
export const addItem = (item: Item): Promise<boolean> => {
  const { id: _own, ...what } = item
  return adding.run(JSON.stringify(what), () => addItems(`Add ${item.name}`, [item]))
}

/** Adds items, as one step. */
export const addItems = (label: string, items: readonly Item[]): Promise<boolean> =>
  commit(label, (tx) => tx.put('items', items))

/**
 * Changes a row of a list from what it is at that moment, whoever else has changed it meanwhile.
 * @param was the row as the change began with it @param is as it is to be
 */
export const editRow = <N extends ListName>(
  label: string,
  name: N,
  was: ListRow<N>,
  is: ListRow<N>,
): Promise<boolean> => commit(label, (tx) => tx.edit(name, was, is))

export const removeItems = (label: string, ids: readonly string[]): Promise<boolean> =>
  commit(label, (tx) => tx.remove('items', ids))

/** Adds a pool and goes to it, as one step; asked again at the same stroke, it is not added twice. */
export const addRun = (run: Run): Promise<boolean> =>
  adding.run('a pool', () =>
    commit('Add a pool', async (tx) => {
      tx.put('runs', [run])
      putSaid(tx, changedDay(await saidIn(tx), { pool: run }))
    }),
  )

export const removeRun = (run: Run): Promise<boolean> =>
  commit(`Delete ${run.name}`, (tx) => tx.remove('runs', [run.id]))

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
