import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { dayOf, FIRST_JOB } from '../day/index.ts'
import { DEFAULT_SCHOOLS, type Item } from '../gear/index.ts'
import { ledger, resolveRig } from './index.ts'

const { items } = JSON.parse(readFileSync(`${process.cwd()}/demo/skarn.json`, 'utf8')).gear as {
  items: Item[]
}
const byId = new Map(items.map((item) => [item.id, item]))

// Room behind by the practice’s loops [physics, estimate], standing dry: a Scandi wants five metres, a 24 ft Skagit three and a third or the compact
// stroke, a trout Skagit hardly any.
test.each([
  ['long-seven-13-ft', '450-gr-scandi', null, 2, 'breaks'],
  ['long-seven-13-ft', '450-gr-scandi', null, 4, 'breaks'],
  ['long-seven-13-ft', '480-gr-long-skagit', 't-8-5-ft', 2, 'watch'],
  ['long-seven-13-ft', '480-gr-long-skagit', 't-8-5-ft', 4, 'holds'],
  ['beck-three-10-ft-9', '240-gr-trout-skagit', null, 2, 'holds'],
  ['beck-three-10-ft-9', '240-gr-trout-skagit', null, 4, 'holds'],
] as const)('%s with %s and %s, %p m behind: %s', (rodId, headId, tipId, roomBehindM, state) => {
  const resolved = resolveRig(
    { rodId, headId, tipId, leaderId: 'level-4-ft', runningLineId: 'coated-30-lb', reelId: null },
    byId,
  )
  if (resolved.outcome !== 'resolved') throw new Error(resolved.id)
  const day = dayOf({ job: { ...FIRST_JOB, roomBehindM }, schools: DEFAULT_SCHOOLS })
  const line = ledger(resolved.parts, { ...day, wadingM: 0 }).find((c) => c.code === 'room-behind')
  expect(line?.state).toBe(state)
})
