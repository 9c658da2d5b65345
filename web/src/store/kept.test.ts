import 'fake-indexeddb/auto'
import { FIRST_JOB } from '@hoxen/core/day'
import { merged, nothingKept, planMerge, type WithPast } from '@hoxen/core/format'
import type { Item } from '@hoxen/core/gear'
import { USUAL_PLAN } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { writer } from './commit.ts'
import { db } from './database.ts'
import { draftOf, dropDraft, keepDraft } from './drafts.ts'
import { bringIn, everything, savedNow, sinceSaved, takeIn, wipeGear, withPast } from './everything.ts'
import { keepGauge, keptGauge } from './gauges.ts'
import { changeKept, setKept } from './kept.ts'
import { hasGear, listOf, singleOf } from './reading.ts'
import { changeRig } from './rig.ts'
import { addItem, addItems, addRun, editRow, newId, removeItems, removeRun } from './rows.ts'
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
  await Promise.all([
    db.kept.clear(),
    db.gone.clear(),
    db.history.clear(),
    db.gauges.clear(),
    db.drafts.clear(),
  ])
})

describe('pools', () => {
  test('keep the order they were added in, however often they change, and come back to their place', async () => {
    for (const id of ['c', 'a', 'b']) await commit('Add', (tx) => tx.put('runs', [run(id)]))
    await editRow('Widen', 'runs', run('c'), run('c', 44))
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
    const tip = (itemId: string | null) => ({ part: { slot: 'tipId' as const, itemId } })
    expect(await changeRig('Swap', tip(null))).toBe(false)
    expect(await changeRig('Mine', { rig })).toBe(true)
    expect(await changeRig('Swap', tip('t-14'))).toBe(true)
    expect((await singleOf('rig'))?.tipId).toBe('t-14')
  })
  test('a tip comes with its own leader, the one that comes off keeps its, the angle goes along; all undone together', async () => {
    await addItems('Add', [leader('long'), leader('short')])
    await setKept('Wallet', 'wallet', { pockets: [], tips: { 't-14': { leaderId: 'short' } } })
    await changeRig('Mine', { rig: { ...rig, leaderId: 'long' } })
    const before = await everything()
    await changeRig('Take T-14 at 45°', {
      part: { slot: 'tipId', itemId: 't-14' },
      fished: { angleDeg: 45, flowM3ps: 12 },
    })
    expect(await singleOf('rig')).toEqual({ ...rig, tipId: 't-14', leaderId: 'short' })
    expect((await singleOf('wallet'))?.tips['t-8']).toEqual({ leaderId: 'long' })
    expect(await singleOf('water')).toEqual({ flowM3ps: 12, plan: { ...USUAL_PLAN, angleDeg: 45 } })
    await writer.undo()
    expect(await everything()).toEqual(before)
  })
  test('a whole rig that is made mine puts the tip of the one before away too', async () => {
    await changeRig('Mine', { rig: { ...rig, leaderId: 'long' } })
    await changeRig('Another', { rig: { ...rig, tipId: null } })
    expect((await singleOf('wallet'))?.tips).toEqual({ 't-8': { leaderId: 'long' } })
  })
})

describe('a row of a list', () => {
  test('is changed from what it is at that moment: what others have changed since stays', async () => {
    const was = run('pool')
    await commit('Add', (tx) => tx.put('runs', [was]))
    await editRow('Elsewhere', 'runs', was, { ...was, bottom: 'boulder' })
    await editRow('Here', 'runs', was, { ...was, widthM: 44 })
    expect(await listOf('runs')).toEqual([{ ...was, bottom: 'boulder', widthM: 44 }])
    expect(await editRow('Nothing', 'runs', was, was)).toBe(false)
    expect(await editRow('Gone', 'runs', run('gone'), run('gone', 3))).toBe(false)
  })
})

describe('everything', () => {
  test('goes in under one step, over what is there, and takes nothing away', async () => {
    await addItems('Add', [leader('mine')])
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

describe('two devices', () => {
  test('an import taken back leaves the trails as they were: carried on it takes nothing away; made again it is the same', async () => {
    await addItems('Add', [leader('both'), leader('mine')])
    const before = await withPast()
    const longer: Item = { ...leader('both'), notes: 'longer' }
    const theirs: WithPast = {
      document: { ...nothingKept(), items: [longer, leader('theirs')] },
      past: {
        trails: {
          'items/both': ['zz-b:notes', ...(before.past.trails['items/both'] ?? [])],
          'items/theirs': ['zz-c'],
        },
        gone: { 'items/elsewhere': ['zz-d'] },
      },
    }
    const merge = planMerge(before, theirs)
    await bringIn(merged(theirs.document, merge, { sides: {} }, Date.now(), 'tail'), 'Import')
    const after = await withPast()
    expect(after.document.items.map(({ id }) => id)).toEqual(['both', 'mine', 'theirs'])
    expect(after.past.trails['items/both']).toEqual(theirs.past?.trails['items/both'])
    await writer.undo()
    expect(await withPast()).toEqual(before)
    // The other device is asked nothing, and loses nothing.
    const onward = planMerge(theirs, await withPast())
    expect([onward.removed, onward.asked]).toEqual([[], []])
    await writer.redo()
    expect(await withPast()).toEqual(after)
  })
  test('a step tells which fields it changed', async () => {
    await addItems('Add', [leader('x')])
    await editRow('Change', 'items', leader('x'), { ...leader('x'), notes: 'new', lengthM: 3 } as Item)
    const [latest = ''] = (await withPast()).past.trails['items/x'] ?? []
    // A mark, and behind it the fields.
    expect(latest.split(':')[1]?.split(',').sort()).toEqual(['lengthM', 'notes'])
  })
})

test('since it was saved counts what was changed or deleted, and nothing that was only put aside', async () => {
  await savedNow()
  expect((await sinceSaved()).changed).toBe(0)
  await addItems('Add', [leader('x'), leader('y'), leader('z')])
  await removeItems('Delete', ['y'])
  expect((await sinceSaved()).changed).toBe(3)
  await commit('Aside', (tx) => tx.putAside('items', ['z']))
  // What comes back when the demo is left is no loss.
  expect((await sinceSaved()).changed).toBe(2)
  await savedNow()
  expect((await sinceSaved()).changed).toBe(0)
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
