import 'fake-indexeddb/auto'
import { DEFAULT_SETTINGS, LISTS, readDocument, type Settings } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { beforeEach, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { NotKept, Writer } from './commit.ts'
import { db } from './database.ts'
import { exportEverything } from './everything.ts'
import { listOf, singleOf } from './reading.ts'

const leader = (id: string, lengthM: number): Item => ({
  kind: 'leader',
  id,
  name: id,
  form: 'level',
  lengthM,
})
const here = new Writer(() => 'here')
const there = new Writer(() => 'there')
const put = (id: string, lengthM: number, writer = here, label = `${id} ${lengthM}`): Promise<boolean> =>
  writer.commit(label, (tx) => tx.put('items', [leader(id, lengthM)]))
const stored = async (): Promise<Record<string, number>> =>
  Object.fromEntries(
    (await listOf('items')).map((item) => [item.id, 'lengthM' in item ? (item.lengthM ?? 0) : 0]),
  )

beforeEach(async () => {
  await Promise.all([db.kept.clear(), db.history.clear()])
})

describe('stored changes', () => {
  test('a change is kept, taken back and made again', async () => {
    await here.commit('Add', (tx) => tx.put('items', [leader('a', 1), leader('b', 2)]))
    await here.commit('Change', (tx) => {
      tx.put('items', [leader('a', 5)])
      tx.remove('items', ['b'])
    })
    expect(await stored()).toEqual({ a: 5 })
    expect(await here.undo()).toEqual({ label: 'Change', done: true })
    expect(await stored()).toEqual({ a: 1, b: 2 })
    expect(await here.undo()).toEqual({ label: 'Add', done: true })
    expect(await stored()).toEqual({})
    expect(await here.undo()).toBeUndefined()
    expect(await here.redo()).toMatchObject({ label: 'Add' })
    expect(await here.redo()).toMatchObject({ label: 'Change' })
    expect(await here.redo()).toBeUndefined()
    expect(await stored()).toEqual({ a: 5 })
  })
  test('a new change after an undo takes the place of what was undone', async () => {
    await put('a', 1)
    await put('a', 2)
    await here.undo()
    await put('a', 3)
    expect(await here.redo()).toBeUndefined()
    await here.undo()
    expect(await stored()).toEqual({ a: 1 })
  })
  test('writing what is there already changes nothing and is not remembered', async () => {
    expect(await put('a', 1)).toBe(true)
    expect(await put('a', 1)).toBe(false)
    expect(await here.commit('Nothing', (tx) => tx.remove('items', ['nowhere']))).toBe(false)
    expect(await db.history.count()).toBe(1)
  })
  test('a change reads what is stored then, its own writes included', async () => {
    await put('a', 1)
    await here.commit('Read', async (tx) => {
      tx.put('items', [leader('b', 2)])
      expect((await tx.all('items')).map((i) => i.id)).toEqual(['a', 'b'])
      expect(await tx.find('items', 'b')).toMatchObject({ lengthM: 2 })
      tx.remove('items', ['a'])
      expect(await tx.find('items', 'a')).toBeUndefined()
      tx.set('settings', DEFAULT_SETTINGS)
      expect(await tx.one('settings')).toEqual(DEFAULT_SETTINGS)
    })
    expect(await stored()).toEqual({ b: 2 })
  })
  test('what fails half way leaves nothing done', async () => {
    await put('a', 1)
    const broken = here.commit('Broken', (tx) => {
      tx.put('items', [leader('b', 2), leader('c', -3)])
    })
    await expect(broken).rejects.toThrow(NotKept)
    expect(await stored()).toEqual({ a: 1 })
    expect(await db.history.count()).toBe(1)
  })
  test('only the latest two hundred changes are remembered', async () => {
    for (let i = 1; i <= 260; i++) await put('a', (i % 80) / 10 + 0.5)
    const kept = await db.history.count()
    expect(kept).toBeGreaterThanOrEqual(200)
    expect(kept).toBeLessThanOrEqual(220)
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
          await Promise.all([db.kept.clear(), db.history.clear()])
          for (const steps of walk)
            await here.commit('step', (tx) => {
              for (const [id, n] of steps)
                if (n === undefined) tx.remove('items', [id])
                else tx.put('items', [leader(id, n)])
            })
          const end = await stored()
          while ((await here.undo()) !== undefined);
          expect(await stored()).toEqual({})
          while ((await here.redo()) !== undefined);
          expect(await stored()).toEqual(end)
        },
      ),
      { seed: 20261125, numRuns: 30 },
    )
  })
})

describe('two who write at once', () => {
  const units = (writer: Writer) =>
    writer.commit('Units', async (tx) =>
      tx.set('settings', { ...((await tx.one('settings')) ?? DEFAULT_SETTINGS), units: 'metric' }),
    )
  const face = (writer: Writer) =>
    writer.commit('Face', async (tx) =>
      tx.set('settings', { ...((await tx.one('settings')) ?? DEFAULT_SETTINGS), face: 'dark' }),
    )
  test('two settings changed at the same moment are both kept', async () => {
    await Promise.all([units(here), face(there), units(here)])
    expect(await singleOf('settings')).toMatchObject({ units: 'metric', face: 'dark' })
  })
  test('things added at the same moment take places of their own', async () => {
    await Promise.all(['a', 'b', 'c', 'd'].map((id, i) => put(id, i + 1, i % 2 === 0 ? here : there)))
    const places = (await db.kept.toArray()).map((row) => row.place)
    expect(new Set(places).size).toBe(4)
  })
  test('undo takes back what this tab did, and never what another did', async () => {
    await put('a', 1, here, 'Mine')
    await put('b', 2, there, 'Theirs')
    expect(await here.undo()).toEqual({ label: 'Mine', done: true })
    expect(await stored()).toEqual({ b: 2 })
    expect(await here.undo()).toBeUndefined()
  })
  test('what another has changed since is let be, said, and forgotten', async () => {
    await put('a', 1, here, 'Mine')
    await put('a', 2, there, 'Theirs')
    expect(await here.undo()).toEqual({ label: 'Mine', done: false })
    expect(await stored()).toEqual({ a: 2 })
    expect(await here.undo()).toBeUndefined()
  })
  test('fields another has not touched are taken back', async () => {
    await units(here)
    await face(there)
    await here.commit('Units', async (tx) =>
      tx.set('settings', { ...((await tx.one('settings')) as Settings), units: 'trade' }),
    )
    expect(await here.undo()).toMatchObject({ done: true })
    expect(await singleOf('settings')).toMatchObject({ units: 'metric', face: 'dark' })
  })
  test('in any order and however interleaved, nothing is lost', async () => {
    const step = fc.record({
      who: fc.constantFrom(here, there),
      id: fc.constantFrom('a', 'b', 'c'),
      by: fc.integer({ min: 1, max: 5 }),
    })
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 12 }), async (steps) => {
        await Promise.all([db.kept.clear(), db.history.clear()])
        await Promise.all(
          steps.map(({ who, id, by }) =>
            who.commit('Longer', async (tx) => {
              const now = await tx.find('items', id)
              const lengthM = now !== undefined && 'lengthM' in now ? (now.lengthM ?? 0) : 0.2
              tx.put('items', [leader(id, lengthM + by / 10)])
            }),
          ),
        )
        const expected: Record<string, number> = {}
        for (const { id, by } of steps) expected[id] = (expected[id] ?? 0.2) + by / 10
        const kept = await stored()
        expect(Object.keys(kept).sort()).toEqual(Object.keys(expected).sort())
        for (const [id, m] of Object.entries(expected)) expect(kept[id]).toBeCloseTo(m, 9)
      }),
      { seed: 20261126, numRuns: 30 },
    )
  })
})

describe('whatever the store holds, its backup restores', () => {
  test('a list that is full stays as it is, and says how much it keeps', async () => {
    const { limit } = LISTS.photos
    const photo = (id: string) => ({ id, data: 'data:image/png;base64,AAAA' })
    const add = (id: string, writer = here) => writer.commit('More', (tx) => tx.put('photos', [photo(id)]))
    await here.commit('Fill', (tx) =>
      tx.put(
        'photos',
        Array.from({ length: limit }, (_, i) => photo(`p${i}`)),
      ),
    )
    await expect(add('one-more')).rejects.toThrow('up to 200 photos')
    const { document, problems } = readDocument(await exportEverything('open'))
    expect(problems).toEqual([])
    expect(document.photos).toHaveLength(limit)
    // What a removal leaves room for is taken; then undo of the removal has none.
    await here.commit('Less', (tx) => tx.remove('photos', ['p0']))
    await add('new', there)
    await expect(here.undo()).rejects.toThrow(NotKept)
  })
  test('after any writes', async () => {
    const anyLeader = fc
      .record({
        id: fc.stringMatching(/^[a-z]{1,3}$/),
        name: fc.string({ maxLength: 90 }),
        lengthM: fc.double({ min: -1, max: 10 }),
      })
      .map(({ id, name, lengthM }): Item => ({ kind: 'leader', id, name, form: 'level', lengthM }))
    await fc.assert(
      fc.asyncProperty(fc.array(fc.array(anyLeader, { maxLength: 3 }), { maxLength: 6 }), async (writes) => {
        await Promise.all([db.kept.clear(), db.history.clear()])
        for (const rows of writes)
          await here
            .commit('Write', (tx) => tx.put('items', rows))
            .catch((error: unknown) => {
              if (!(error instanceof NotKept)) throw error
            })
        const { document, problems } = readDocument(await exportEverything('open'))
        expect(problems).toEqual([])
        expect(document.items).toEqual(await listOf('items'))
      }),
      { seed: 20261126, numRuns: 40 },
    )
  })
})
