import 'fake-indexeddb/auto'
import { type Run, USUAL_PLAN } from '@hoxen/core/gear'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { commit, undo } from './commit.ts'
import { db } from './database.ts'
import { documentWrite, readDocumentOf, saveDocuments } from './documents.ts'
import { keepGauge, keptGauge } from './gauges.ts'
import { removeRun, runWrites, saveRun } from './runs.ts'

const run = (id: string, widthM = 20): Run => ({
  id,
  name: id,
  bank: 'left',
  widthM,
  soundings: [
    { fromBankM: 5, depthM: 1 },
    { fromBankM: 15, depthM: 1.5 },
  ],
  currents: [{ fromBankM: 10, mps: 0.6 }],
  bottom: 'sand',
  wadeM: 2,
})
const ids = async (): Promise<string[]> => (await db.runs.orderBy('added').toArray()).map((r) => r.id)

beforeEach(async () => {
  await Promise.all([
    db.runs.clear(),
    db.documents.clear(),
    db.items.clear(),
    db.history.clear(),
    db.gauges.clear(),
  ])
})

describe('pools in the store', () => {
  test('keep the order they were added in, however often they change', async () => {
    for (const id of ['c', 'a', 'b']) await saveRun('Add', run(id))
    await saveRun('Widen', run('c', 44))
    expect(await ids()).toEqual(['c', 'a', 'b'])
    expect((await db.runs.get('c'))?.run.widthM).toBe(44)
  })
  test('a moved sounding is one step back', async () => {
    await saveRun('Add', run('a'))
    const moved = { ...run('a'), soundings: [{ fromBankM: 5, depthM: 2 }] }
    await saveRun('Move a sounding', moved)
    expect(await undo()).toBe('Move a sounding')
    expect((await db.runs.get('a'))?.run).toEqual(run('a'))
  })
  test('a removed pool comes back in its place', async () => {
    for (const id of ['a', 'b', 'c']) await saveRun('Add', run(id))
    await removeRun(run('b'))
    expect(await ids()).toEqual(['a', 'c'])
    expect(await undo()).toBe('Remove b')
    expect(await ids()).toEqual(['a', 'b', 'c'])
  })
  test('several brought in at once are one step', async () => {
    await commit('Open the demo pools', await runWrites([run('x'), run('y')]))
    expect(await ids()).toEqual(['x', 'y'])
    await undo()
    expect(await ids()).toEqual([])
  })
  test('a tip and an angle taken together are undone together', async () => {
    const rig = { rodId: 'r', headId: 'h', tipId: 't-8', leaderId: null, runningLineId: null, reelId: null }
    await commit('Start', [documentWrite('rig', rig), documentWrite('water', { plan: USUAL_PLAN })])
    await saveDocuments('Take T-14 at 45°', {
      rig: { ...rig, tipId: 't-14' },
      water: { plan: { ...USUAL_PLAN, angleDeg: 45 } },
    })
    expect((await readDocumentOf('rig'))?.tipId).toBe('t-14')
    await undo()
    expect((await readDocumentOf('rig'))?.tipId).toBe('t-8')
    expect((await readDocumentOf('water'))?.plan.angleDeg).toBe(USUAL_PLAN.angleDeg)
  })
  test('what a gauge said last is kept apart from what can be undone', async () => {
    const record = { station: 'Skarn', readings: [{ atMs: 5, flowM3ps: 20 }] }
    await keepGauge({ id: 'skarn', record, from: 'gauge' })
    expect(await undo()).toBeUndefined()
    expect((await keptGauge('skarn'))?.record).toEqual(record)
    expect(await keptGauge('elsewhere')).toBeUndefined()
  })
})
