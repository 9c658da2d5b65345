import 'fake-indexeddb/auto'
import type { Item } from '@hoxen/core/gear'
import { beforeEach, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { commit, redo, undo, type Write } from './commit.ts'
import { db } from './database.ts'

const leader = (id: string, lengthM: number): Item => ({
  kind: 'leader',
  id,
  name: id,
  form: 'level',
  lengthM,
})
const put = (id: string, lengthM: number): Write => ({
  table: 'items',
  key: id,
  row: { id, kind: 'leader', added: 1, item: leader(id, lengthM) },
})
const take = (id: string): Write => ({ table: 'items', key: id, row: undefined })
const stored = async (): Promise<Record<string, number>> =>
  Object.fromEntries(
    (await db.items.toArray()).map((row) => [row.id, 'lengthM' in row.item ? (row.item.lengthM ?? 0) : 0]),
  )

beforeEach(async () => {
  await Promise.all([db.items.clear(), db.documents.clear(), db.history.clear()])
})

describe('stored changes', () => {
  test('a change is kept, taken back and made again', async () => {
    await commit('Add', [put('a', 1), put('b', 2)])
    await commit('Change', [put('a', 5), take('b')])
    expect(await stored()).toEqual({ a: 5 })
    expect(await undo()).toBe('Change')
    expect(await stored()).toEqual({ a: 1, b: 2 })
    expect(await undo()).toBe('Add')
    expect(await stored()).toEqual({})
    expect(await undo()).toBeUndefined()
    expect(await redo()).toBe('Add')
    expect(await redo()).toBe('Change')
    expect(await redo()).toBeUndefined()
    expect(await stored()).toEqual({ a: 5 })
  })

  test('a new change after an undo takes the place of what was undone', async () => {
    await commit('One', [put('a', 1)])
    await commit('Two', [put('a', 2)])
    await undo()
    await commit('Three', [put('a', 3)])
    expect(await redo()).toBeUndefined()
    expect(await stored()).toEqual({ a: 3 })
    await undo()
    expect(await stored()).toEqual({ a: 1 })
  })

  test('writing what is there already changes nothing and is not remembered', async () => {
    expect(await commit('Add', [put('a', 1)])).toBe(true)
    expect(await commit('Again', [put('a', 1), take('nowhere')])).toBe(false)
    expect(await db.history.count()).toBe(1)
  })

  test('a write that fails leaves nothing half done', async () => {
    await commit('Add', [put('a', 1)])
    // A row whose key cannot be stored fails after the first write of the same step.
    const broken: Write = { table: 'items', key: 'c', row: { id: () => 'no key', kind: 'leader' } }
    await expect(commit('Broken', [put('b', 2), broken])).rejects.toThrow()
    expect(await stored()).toEqual({ a: 1 })
    expect(await db.history.count()).toBe(1)
  })

  test('documents travel the same road as gear', async () => {
    const settings = { key: 'settings', value: { units: 'metric', face: 'dark' } }
    await commit('Settings', [{ table: 'documents', key: 'settings', row: settings }])
    await commit('Units', [
      { table: 'documents', key: 'settings', row: { ...settings, value: { units: 'trade', face: 'dark' } } },
    ])
    await undo()
    expect(await db.documents.get('settings')).toEqual(settings)
  })

  test('only the latest two hundred changes are remembered', async () => {
    for (let i = 1; i <= 260; i++) await commit(`Step ${i}`, [put('a', i)])
    const kept = await db.history.count()
    expect(kept).toBeGreaterThanOrEqual(200)
    expect(kept).toBeLessThanOrEqual(220)
    expect(await undo()).toBe('Step 260')
    expect(await stored()).toEqual({ a: 259 })
  })

  test('any walk of changes, undone to its start and redone to its end, is where it was', async () => {
    const step = fc.tuple(
      fc.constantFrom('a', 'b', 'c'),
      fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined }),
    )
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(step, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 8 }),
        async (walk) => {
          await Promise.all([db.items.clear(), db.history.clear()])
          for (const steps of walk)
            await commit(
              'step',
              steps.map(([id, n]) => (n === undefined ? take(id) : put(id, n))),
            )
          const end = await stored()
          while ((await undo()) !== undefined);
          expect(await stored()).toEqual({})
          while ((await redo()) !== undefined);
          expect(await stored()).toEqual(end)
        },
      ),
      { seed: 20261125, numRuns: 40 },
    )
  })
})
