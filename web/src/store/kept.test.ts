import 'fake-indexeddb/auto'
import { FIRST_JOB } from '@hoxen/core/day'
import type { Item } from '@hoxen/core/gear'
import { USUAL_PLAN } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { writer } from './commit.ts'
import { db } from './database.ts'
import { draftOf, dropDraft, keepDraft } from './drafts.ts'
import { everything, takeIn, wipeGear } from './everything.ts'
import { keepGauge, keptGauge } from './gauges.ts'
import {
  addItem,
  addRun,
  changeKept,
  changeRig,
  newId,
  removeItems,
  removeRun,
  saveItems,
  saveRun,
  setKept,
} from './kept.ts'
import { hasGear, listOf, singleOf } from './reading.ts'
import { commit } from './write.ts'

const run = (id: string, widthM = 20): Run => ({
  id,
  name: id,
  bank: 'left',
  widthM,
  soundings: [{ fromBankM: 10, depthM: 1 }],
  currents: [{ fromBankM: 10, mps: 0.6 }],
  bottom: 'sand',
  wadeM: 2,
})
const leader = (id: string): Item => ({ kind: 'leader', id, name: 'Leader', form: 'level', lengthM: 2 })
const rig = { rodId: 'r', headId: 'h', tipId: 't-8', leaderId: null, runningLineId: null, reelId: null }
const ids = async (name: 'items' | 'runs'): Promise<string[]> => (await listOf(name)).map((row) => row.id)

beforeEach(async () => {
  await Promise.all([db.kept.clear(), db.history.clear(), db.gauges.clear(), db.drafts.clear()])
})

describe('pools', () => {
  test('keep the order they were added in, however often they change, and come back to their place', async () => {
    for (const id of ['c', 'a', 'b']) await saveRun('Add', run(id))
    await saveRun('Widen', run('c', 44))
    expect(await ids('runs')).toEqual(['c', 'a', 'b'])
    await removeRun(run('a'))
    expect(await ids('runs')).toEqual(['c', 'b'])
    await writer.undo()
    expect(await ids('runs')).toEqual(['c', 'a', 'b'])
  })
  test('a new one is gone to in the same step; a double click adds one', async () => {
    await changeKept('Start', 'water', (now) => ({ ...now, flowM3ps: 12 }))
    expect(await Promise.all([addRun(run('x')), addRun(run('y'))])).toEqual([true, false])
    expect(await ids('runs')).toEqual(['x'])
    expect(await singleOf('water')).toEqual({ plan: USUAL_PLAN, runId: 'x' })
    await writer.undo()
    expect(await ids('runs')).toEqual([])
    expect(await singleOf('water')).toEqual({ plan: USUAL_PLAN, flowM3ps: 12 })
  })
})

describe('items', () => {
  test('the same thing added twice at a stroke is added once, another thing is', async () => {
    const other: Item = { ...leader('z'), name: 'Other' }
    expect(await Promise.all([addItem(leader('x')), addItem(leader('y')), addItem(other)])).toEqual([
      true,
      false,
      true,
    ])
    expect(await ids('items')).toEqual(['x', 'z'])
    await removeItems('Delete', ['x'])
    expect(await ids('items')).toEqual(['z'])
  })
  test('an identifier is the name as far as it goes, and never another’s', () => {
    expect(newId('Long seven, 13 ft')).toMatch(/^long-seven-13-ft-[0-9a-f]{8}$/)
    expect(newId('ゆるい')).toMatch(/^item-/)
    expect(newId('x')).not.toBe(newId('x'))
  })
})

describe('single things', () => {
  test('are changed from what they are at that moment: of two changes at once neither is lost', async () => {
    await Promise.all([
      changeKept('Fish', 'job', (job) => ({ ...job, fishKg: 5 })),
      changeKept('Cast', 'job', (job) => ({ ...job, castM: 25 })),
    ])
    expect(await singleOf('job')).toEqual({ ...FIRST_JOB, fishKg: 5, castM: 25 })
  })
  test('a rig that is not there is not changed', async () => {
    expect(await changeRig('Swap', (now) => ({ ...now, tipId: null }))).toBe(false)
    await setKept('Mine', 'rig', rig)
    expect(await changeRig('Swap', (now) => ({ ...now, tipId: 't-14' }))).toBe(true)
    expect((await singleOf('rig'))?.tipId).toBe('t-14')
    await setKept('None', 'rig', undefined)
    expect(await singleOf('rig')).toBeUndefined()
  })
  test('a tip and an angle taken together are undone together', async () => {
    await setKept('Mine', 'rig', rig)
    await commit('Take T-14 at 45°', (tx) => {
      tx.set('rig', { ...rig, tipId: 't-14' })
      tx.set('water', { plan: { ...USUAL_PLAN, angleDeg: 45 } })
    })
    await writer.undo()
    expect((await singleOf('rig'))?.tipId).toBe('t-8')
    expect(await singleOf('water')).toBeUndefined()
  })
})

describe('everything', () => {
  test('goes in under one step, over what is there, and takes nothing away', async () => {
    await saveItems('Add', [leader('mine')])
    const before = await everything()
    await takeIn({ ...before, items: [leader('theirs')], runs: [run('p')], job: FIRST_JOB }, 'Import')
    const after = await everything()
    expect(after.items.map((i) => i.id)).toEqual(['mine', 'theirs'])
    expect(after).toMatchObject({ runs: [{ id: 'p' }], job: FIRST_JOB })
    await writer.undo()
    expect(await everything()).toEqual(before)
    expect(await hasGear()).toBe(true)
    await wipeGear()
    expect(await hasGear()).toBe(false)
  })
})

describe('what is not part of undo', () => {
  test('what a gauge said last', async () => {
    const record = { station: 'Skarn', readings: [{ atMs: 5, flowM3ps: 20 }] }
    await keepGauge({ id: 'skarn', record, from: 'gauge' })
    expect(await writer.undo()).toBeUndefined()
    expect((await keptGauge('skarn'))?.record).toEqual(record)
    expect(await keptGauge('elsewhere')).toBeUndefined()
  })
  test('what was typed into a form and not saved', async () => {
    await keepDraft('item x', { name: 'Half a na' })
    expect(await draftOf('item x')).toEqual({ name: 'Half a na' })
    expect(await draftOf('item y')).toBeNull()
    await dropDraft('item x')
    expect(await draftOf('item x')).toBeNull()
    expect(await writer.undo()).toBeUndefined()
  })
})
