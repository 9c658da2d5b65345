import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { readDocument } from '@hoxen/core/format'
import { beforeEach, expect, test } from '@jest/globals'
import Dexie from 'dexie'
import { db } from './database.ts'
import { listOf, singleOf } from './reading.ts'

const fixture = (version: string): string =>
  readFileSync(`${process.cwd()}/core/src/format/fixtures/${version}.json`, 'utf8')

/** The store as 0.1.0 (1) and 0.3.0 (2) made it. */
async function storeOf(version: 1 | 2, file: string): Promise<void> {
  const { gear, runs = [], format, version: _v, savedAt, ...singles } = JSON.parse(fixture(file))
  const old = new Dexie('hoxen')
  old.version(1).stores({ items: 'id, kind, added', documents: 'key', history: '++seq, undone' })
  if (version === 2) old.version(2).stores({ runs: 'id, added', gauges: 'id' })
  await old.open()
  let added = gear.items.length
  // Stored out of order on purpose: the angler's order is in `added`.
  for (const item of [...gear.items].reverse())
    await old.table('items').add({ id: item.id, kind: item.kind, added: added--, item })
  for (const [key, value] of Object.entries(singles)) await old.table('documents').add({ key, value })
  await old.table('history').add({ at: 1, label: 'Old', changes: [], undone: 0 })
  if (version === 2) {
    for (const [i, run] of runs.entries()) await old.table('runs').add({ id: run.id, added: i + 1, run })
    await old.table('gauges').add({ id: 'skarn', from: 'gauge', record: { station: 'Skarn', readings: [] } })
  }
  old.close()
}

beforeEach(async () => {
  db.close()
  await Dexie.delete('hoxen')
})

test.each([
  [1, '0.1.0'],
  [1, '0.2.0'],
  [2, '0.3.0'],
] as const)(
  'a store of version %p (%s) opens with everything in it, as its file would',
  async (version, file) => {
    await storeOf(version, file)
    await db.open()
    const { document } = readDocument(fixture(file))
    expect(await listOf('items')).toEqual(document.items)
    expect(await listOf('runs')).toEqual(document.runs)
    for (const name of ['job', 'rig', 'pinned', 'settings', 'rigging', 'water'] as const)
      expect(await singleOf(name)).toEqual(document[name])
    expect(await db.history.count()).toBe(0)
    expect(await db.gauges.count()).toBe(version === 2 ? 1 : 0)
    expect(db.tables.map((t) => t.name).sort()).toEqual([
      'aside',
      'device',
      'drafts',
      'gauges',
      'gone',
      'history',
      'kept',
    ])
  },
)

test('a page that is overtaken by a newer one lets go of the store', async () => {
  await db.open()
  const newer = new Dexie('hoxen')
  newer.version(99).stores({ kept: '[name+key], [name+place]' })
  await newer.open()
  expect(db.isOpen()).toBe(false)
  newer.close()
})
