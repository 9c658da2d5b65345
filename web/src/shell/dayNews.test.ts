import { readFileSync } from 'node:fs'
import { type Day, dayOf, FIRST_JOB, type Heard } from '@hoxen/core/day'
import { readDocument } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { judge, type RankedRig } from '@hoxen/core/match'
import { resolveRig } from '@hoxen/core/rig'
import { USUAL_PLAN } from '@hoxen/core/swing'
import { describe, expect, test } from '@jest/globals'
import { dayKey } from '../day/dayKey.ts'
import { newsOf, sayNews } from './dayNews.ts'

const { items, runs } = readDocument(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).document
const heard = (flowM3ps: number, atMs = 1): Heard => ({
  record: { station: 'Skarn', readings: [{ atMs, flowM3ps }] },
  from: 'gauge',
})
const at = (flow: number | undefined, runId = 'kettle-run', hand?: number): Day =>
  dayOf({
    job: { ...FIRST_JOB, fishAt: 'bottom' },
    schools: DEFAULT_SCHOOLS,
    runs,
    heard: flow === undefined ? undefined : heard(flow),
    water: { runId, plan: USUAL_PLAN, ...(hand === undefined ? {} : { flowM3ps: hand }) },
  })
function rigOn(day: Day, tipId = 't-11-10-ft'): RankedRig {
  const resolved = resolveRig(
    {
      rodId: 'long-seven-13-ft',
      headId: '510-gr-short-skagit',
      tipId,
      leaderId: 'stepped-5-ft',
      runningLineId: 'coated-30-lb',
      reelId: 'full-frame-eleven',
    },
    new Map(items.map((item) => [item.id, item])),
  )
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  return judge(resolved.parts, day)
}
const moment = (day: Day, tipId?: string) => ({ day, rig: rigOn(day, tipId) })

describe('news of the day', () => {
  test('a gauge that moves is told: from what to what, what that makes of the water, and what of the rig', () => {
    const [low, high] = [at(12), at(90)]
    const news = newsOf(moment(low), moment(high))
    if (news === undefined) throw new Error('no news')
    expect(news).toMatchObject({ pool: 'Kettle Run', m3ps: [12, 90] })
    expect(news.depthM[1]).toBeGreaterThan(news.depthM[0])
    const said = sayNews(news, 'metric')
    expect(said).toContain('The river moved: Kettle Run, 12 to 90 m³/s')
    expect(said).toMatch(/Your rig .+\.$/)
    expect(said).not.toMatch(/undefined|NaN/)
  })
  test('a verdict that stays is said to stay; without a rig there is no word of it', () => {
    const said = sayNews(
      { pool: 'P', m3ps: [1, 2], depthM: [1, 1.2], verdict: ['watch', 'watch'], effects: [] },
      'trade',
    )
    expect(said).toContain('Your rig is still Watch.')
    const bare = { pool: 'P', m3ps: [1, 2], depthM: [1, 1.2], verdict: undefined, effects: [] } as const
    expect(sayNews(bare, 'trade')).not.toContain('My rig')
  })
  test('what somebody did is no news: another pool, a word by hand, plain words, a reading judged the same', () => {
    const was = moment(at(24))
    expect(newsOf(was, moment(at(48, 'long-alder')))).toBeUndefined()
    expect(newsOf(was, moment(at(24, 'kettle-run', 60)))).toBeUndefined()
    expect(newsOf(was, moment(at(48, 'nowhere')))).toBeUndefined()
    expect(newsOf(was, moment(at(24.1)))).toBeUndefined()
    expect(newsOf(moment(at(undefined)), was)).toBeUndefined()
  })
  test('another rig is not what the river did', () => {
    const news = newsOf(moment(at(12)), moment(at(90), 't-8-10-ft'))
    expect(news?.verdict).toBeUndefined()
    expect(news?.effects).toEqual([])
  })
})

test('a newer reading that is judged the same is the same question', () => {
  expect(dayKey(at(24))).toEqual(dayKey(at(24.1)))
  expect(dayKey(at(24))).not.toEqual(dayKey(at(26)))
  expect(dayKey(at(24))).not.toEqual(dayKey(at(24, 'long-alder')))
})
