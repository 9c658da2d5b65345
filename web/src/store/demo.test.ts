/** @jest-environment jsdom */

import { readFileSync } from 'node:fs'
import { readDocument } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { beforeEach, expect, jest, test } from '@jest/globals'
import { db } from './database.ts'
import { everything, exportEverything, withPast } from './everything.ts'
import { leaveDemo, openDemo, undo } from './index.ts'
import { addItems, removeItems } from './rows.ts'

const MINE: Item = {
  kind: 'rod',
  id: 'mine',
  name: 'Mine',
  lineNumber: 7,
  lengthM: 3.96,
  hands: 'two-hander',
}
const NEW: Item = { ...MINE, id: 'new', name: 'New' }
const ids = async (): Promise<readonly string[]> => (await everything()).items.map(({ id }) => id)

beforeEach(() => {
  globalThis.fetch = jest.fn<typeof fetch>(
    async () =>
      ({ ok: true, text: async () => readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8') }) as Response,
  )
})

test('the demo puts one’s own aside; left, one’s own is back, and what was added meanwhile is there too', async () => {
  await addItems('Add', [MINE])
  const before = await everything()
  expect(await openDemo()).toBe(true)
  expect(await ids()).toContain('long-seven-13-ft')
  expect(await ids()).not.toContain('mine')
  // Opened again it is no data of one's own.
  await openDemo()
  await addItems('Add', [NEW])
  expect(await leaveDemo()).toBe(true)
  expect([...(await ids())].sort()).toEqual(['mine', 'new'])
  expect((await everything()).runs).toEqual(before.runs)
  expect((await everything()).job).toEqual(before.job)
  expect(await leaveDemo()).toBe(false)
  await undo()
  expect(await ids()).toContain('long-seven-13-ft')
})

test('what only looked round is carried nowhere: one’s own put aside is no loss, and comes back with its past', async () => {
  const first = (await withPast()).past
  await openDemo()
  expect((await withPast()).past.gone).toEqual(first.gone)
  await leaveDemo()
  const { past } = await withPast()
  expect(past.gone).toEqual(first.gone)
  expect(past.trails['items/mine']).toEqual(first.trails['items/mine'])
})

test('one’s own is put aside in the same transaction: where that fails, nothing goes and nothing comes', async () => {
  await addItems('Add', [{ ...MINE, id: 'precious', name: 'Precious' }])
  const before = await everything()
  const put = db.aside.put.bind(db.aside)
  db.aside.put = (() => Promise.reject(new Error('full'))) as unknown as typeof put
  await expect(openDemo()).rejects.toThrow()
  db.aside.put = put
  expect(await everything()).toEqual(before)
  expect(await db.aside.count()).toBe(0)
})

test('while the demo is open one’s own is what is saved, with its past; what is open is saved when that is wanted', async () => {
  await Promise.all([db.kept.clear(), db.gone.clear(), db.aside.clear()])
  await addItems('Add', [MINE, NEW])
  await removeItems('Delete', ['new'])
  const own = await withPast()
  await openDemo()
  const [mine, open] = [
    readDocument(await exportEverything('own')),
    readDocument(await exportEverything('open')),
  ]
  expect(mine.document).toEqual(own.document)
  expect(mine.past).toMatchObject(own.past)
  expect(open.document.items.map(({ id }) => id)).toContain('long-seven-13-ft')
  await leaveDemo()
  expect(readDocument(await exportEverything('own')).document).toEqual(own.document)
})
