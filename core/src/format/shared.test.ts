import { describe, expect, test } from '@jest/globals'
import { dayOf } from '../day/index.ts'
import { DEFAULT_SCHOOLS } from '../gear/index.ts'
import { judge } from '../match/index.ts'
import { resolveRig } from '../rig/index.ts'
import { byId, DEMO, DEMO_GEAR, WINTER_RIG } from '../testing/index.ts'
import { dayPartsOf, readShared, sharedOf, writeShared } from './index.ts'

const PARTS = {
  job: DEMO.job,
  schools: { ...DEFAULT_SCHOOLS, headMass: 'heavier' as const },
  stand: DEMO.stand,
  water: { ...DEMO.water, runId: 'kettle-run', flowM3ps: 30 },
  runs: DEMO.runs,
  own: {
    'long-seven-13-ft': { skagit: { lowKg: 0.031, centreKg: 0.033, highKg: 0.036, from: 'trials' as const } },
  },
}
const share = () =>
  sharedOf({
    rig: WINTER_RIG,
    items: DEMO_GEAR.items,
    parts: PARTS as never,
    wind: { fromDeg: 90, mps: 3 },
    flowM3ps: 30,
  })

describe('a rig in a link', () => {
  test('one’s own tide mark, and who says the wind, are not sent', () => {
    const shared = sharedOf({
      rig: WINTER_RIG,
      items: DEMO_GEAR.items,
      parts: { ...PARTS, stand: { ...DEMO.stand, mark: { shiftM: 0.3, atMs: 5 }, windBy: 'hand' } } as never,
      wind: { fromDeg: 90, mps: 3 },
      flowM3ps: undefined,
    })
    expect(shared.stand).not.toHaveProperty('mark')
    expect(shared.stand).not.toHaveProperty('windBy')
    expect(shared.stand).toMatchObject({ wind: { fromDeg: 90, mps: 3 } })
  })

  test('whoever opens it comes to the sharer’s own verdict, line by line, without the sharer’s gear', () => {
    const reading = readShared(writeShared(share()))
    if (reading.outcome !== 'read') throw new Error(reading.outcome)
    const { shared } = reading
    expect(shared.items).toHaveLength(6)
    const there = resolveRig(shared.rig, byId(shared.items))
    const here = resolveRig(WINTER_RIG, byId(DEMO_GEAR.items))
    if (there.outcome !== 'resolved' || here.outcome !== 'resolved') throw new Error('gone')
    const mine = judge(
      here.parts,
      dayOf({ ...PARTS, stand: { ...PARTS.stand, windBy: 'hand', wind: { fromDeg: 90, mps: 3 } } } as never),
    )
    const theirs = judge(there.parts, dayOf(dayPartsOf(shared)))
    expect(theirs.checks).toEqual(mine.checks)
    expect(theirs.window).toEqual(mine.window)
  })
  test('it tells no notes, no gauge, no tide table, and nothing of other gear', () => {
    const text = writeShared(share())
    expect(text).not.toMatch(/notes|gaugeId|shore|beck-three/)
  })
  test('where the pool lies is left out unless that is asked for; what stands behind is told all the same', () => {
    const spot = {
      latitudeDeg: 61.2345,
      longitudeDeg: 7.654,
      facesDeg: 90,
      behind: 'cliff' as const,
      behindHighM: 4,
    }
    const runs = DEMO.runs.map((run) => (run.id === 'kettle-run' ? { ...run, spot } : run))
    const parts = { ...PARTS, runs, stand: { ...PARTS.stand, obstruction: 'none' } } as never
    const link = (withPlace: boolean) =>
      sharedOf({
        rig: WINTER_RIG,
        items: DEMO_GEAR.items,
        parts,
        wind: { fromDeg: 0, mps: 0 },
        flowM3ps: 30,
        withPlace,
      })
    expect(writeShared(link(false))).not.toMatch(/itudeDeg|61\.2345/)
    expect(link(false).stand).toMatchObject({ obstruction: 'cliff', behindHighM: 4 })
    expect(link(true).run?.spot).toEqual(spot)
  })
  test.each([
    ['', 'damaged'],
    ['{"v":1', 'damaged'],
    ['{"v":1}', 'damaged'],
    ['{"v":99,"whatever":1}', 'newer'],
    ['[]', 'damaged'],
    ['null', 'damaged'],
    [JSON.stringify({ ...share(), items: share().items.slice(1) }), 'damaged'],
    [JSON.stringify({ ...share(), job: { ...share().job, castM: 1e9 } }), 'damaged'],
    [`"${'x'.repeat(130_000)}"`, 'damaged'],
  ])('%# %.30p is %p', (text, outcome) => expect(readShared(text).outcome).toBe(outcome))
})

test('a link whose tip names a rod, or a part that is not in it, is damaged', () => {
  const whole = share()
  for (const rig of [
    { ...whole.rig, tipId: whole.rig.rodId },
    { ...whole.rig, headId: whole.rig.rodId },
    { ...whole.rig, leaderId: 'elsewhere' },
  ])
    expect(readShared(JSON.stringify({ ...JSON.parse(writeShared(whole)), rig })).outcome).toBe('damaged')
  expect(readShared(writeShared(whole)).outcome).toBe('read')
})
