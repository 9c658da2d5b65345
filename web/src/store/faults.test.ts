import 'fake-indexeddb/auto'
import {
  type HoxenDocument,
  markedAt,
  merged,
  nothingKept,
  planMerge,
  readDocument,
} from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import Dexie from 'dexie'
import { Writer } from './commit.ts'
import { db } from './database.ts'
import { bringIn, everything, exportEverything, withPast } from './everything.ts'
import type { Watched } from './portions.ts'
import { addItems } from './rows.ts'

const leader = (id: string, lengthM = 2): Item => ({ kind: 'leader', id, name: id, form: 'level', lengthM })
const MANY = Array.from({ length: 1500 }, (_, i) => leader(`new-${i}`))
const FILE: HoxenDocument = { ...nothingKept(), items: [leader('a', 3), ...MANY] }

beforeEach(async () => {
  await Promise.all([db.kept.clear(), db.gone.clear(), db.history.clear(), db.aside.clear()])
  await addItems('Start', [leader('a'), leader('b')])
})
afterEach(() => {
  jest.restoreAllMocks()
})

const importFile = async (watched?: Watched): Promise<boolean> =>
  bringIn(
    merged(FILE, planMerge(await withPast(), { document: FILE }), { sides: {} }, Date.now(), 'x'),
    'Import',
    watched,
  )

/** What goes wrong in the middle of an import. */
const full = (): never => new DOMException('full', 'QuotaExceededError') as never

const FAULTS: readonly (readonly [what: string, strike: () => void])[] = [
  ['the storage is full at the rows', () => void jest.spyOn(db.kept, 'bulkPut').mockRejectedValue(full())],
  ['the storage is full at what went', () => void jest.spyOn(db.gone, 'bulkPut').mockRejectedValue(full())],
  [
    'it is full at the step that takes it back',
    () => void jest.spyOn(db.history, 'add').mockRejectedValue(full()),
  ],
  [
    'the tab is closed once the rows are written',
    () => {
      const put = db.kept.bulkPut.bind(db.kept)
      const cut = async (rows: never): Promise<unknown> => {
        const done = await put(rows)
        // A tab that goes takes its open transaction along.
        Dexie.currentTransaction.abort()
        return done
      }
      jest.spyOn(db.kept, 'bulkPut').mockImplementation(cut as never)
    },
  ],
]

test.each(FAULTS)('%s: what was there before is there, whole', async (_what, strike) => {
  const before = await withPast()
  strike()
  await expect(importFile()).rejects.toThrow()
  jest.restoreAllMocks()
  expect(await withPast()).toEqual(before)
  // And nothing stands in the way of another try.
  expect(await importFile()).toBe(true)
  expect((await everything()).items).toHaveLength(MANY.length + 2)
})

test('an import tells how far it is; stopped while it reads, or while it writes, nothing was changed', async () => {
  const before = await withPast()
  for (const half of [0, 0.5]) {
    const going = new AbortController()
    const told: number[] = []
    const tell = (share: number): void => {
      told.push(share)
      if (share > half) going.abort()
    }
    await expect(importFile({ tell, signal: going.signal })).rejects.toThrow('abort')
    expect(told.filter((share) => share > half)).toHaveLength(1)
    expect(await withPast()).toEqual(before)
  }
  const told: number[] = []
  await importFile({ tell: (share) => void told.push(share) })
  expect(told).toEqual([...told].sort((a, b) => a - b))
  expect([told.length > 5, told.at(-1)]).toEqual([true, 1])
})

test('a backup half written, of a newer Hoxen, or of none is refused whole; an older one is read', async () => {
  const text = await exportEverything('open')
  const raw = JSON.parse(text) as Record<string, unknown>
  const readable = (file: string): boolean => readDocument(file).readable
  expect(
    [text.slice(0, text.length / 2), JSON.stringify({ ...raw, version: 99 }), '', '<html>'].map(readable),
  ).toEqual([false, false, false, false])
  const { document } = readDocument(JSON.stringify({ ...raw, version: 1, gear: raw.gear }))
  expect(document.items).toHaveLength(2)
})

test.each([
  ['back', -400 * 24 * 3600_000],
  ['forward', 400 * 24 * 3600_000],
])('with the clock set %s a later change is still the later one', async (_way, byMs) => {
  const now = Date.now()
  jest.spyOn(Date, 'now').mockReturnValue(now + byMs)
  const was = await withPast()
  await new Writer(() => 'here').commit('Change', (tx) => tx.put('items', [leader('a', 5)]))
  const is = await withPast()
  const [older = [], newer = []] = [was, is].map(({ past }) => past.trails['items/a'])
  expect(newer.slice(1)).toEqual(older)
  expect(markedAt(newer)).toBeGreaterThan(markedAt(older))
  const { asked, plan } = planMerge(was, is)
  expect([asked, plan.lists.items.changed.map(({ after }) => after)]).toEqual([[], [leader('a', 5)]])
})
