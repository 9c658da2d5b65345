import { type DayParts, dayOf, FIRST_JOB, USUAL_STAND } from '@hoxen/core/day'
import { readShared } from '@hoxen/core/format'
import { DEFAULT_SCHOOLS } from '@hoxen/core/gear'
import { USUAL_PLAN } from '@hoxen/core/swing'
import { DEMO, WINTER_RIG } from '@hoxen/core/testing'
import { expect, test } from '@jest/globals'
import type { Today } from '../day/index.ts'
import { unpacked } from './packed.ts'
import { rigLink } from './shareRig.ts'

Object.assign(globalThis, {
  location: { origin: 'https://hoxen.test', pathname: '/', href: 'https://hoxen.test/' },
})

/** What whoever opens the link reads of the wind. */
function windSent(parts: DayParts, withPlace = false) {
  const today = { parts, day: dayOf(parts), runs: parts.runs ?? [] } as unknown as Today
  const link = rigLink(today, WINTER_RIG, DEMO.items, withPlace)
  const reading = readShared(unpacked(link.split('/').at(-1) ?? '') ?? '')
  if (reading.outcome !== 'read') throw new Error(reading.outcome)
  return { wind: reading.shared.stand?.wind, spot: reading.shared.run?.spot }
}

test('the link carries the wind as the sender faced it: a station’s, turned by which way the pool faces', () => {
  const pool = DEMO.runs.find(({ spot }) => spot !== undefined)
  if (pool?.spot === undefined) throw new Error('no pool with a place')
  const weather = {
    station: 'Bridge',
    readings: [{ atMs: Date.now(), fromDeg: 200, mps: 5 }],
  } as never
  const at = (facesDeg: number): DayParts => ({
    job: FIRST_JOB,
    schools: DEFAULT_SCHOOLS,
    stand: { ...USUAL_STAND, windBy: 'station' },
    weather,
    runs: [{ ...pool, spot: { ...(pool.spot as NonNullable<typeof pool.spot>), facesDeg } }],
    water: { runId: pool.id, plan: USUAL_PLAN },
  })
  const [north, east] = [windSent(at(0)), windSent(at(90))]
  expect(north.wind?.mps).toBe(east.wind?.mps)
  expect(((north.wind?.fromDeg ?? 0) - (east.wind?.fromDeg ?? 0) + 360) % 360).toBeCloseTo(90, 6)
  // Where that is goes along only when it is asked for.
  expect([north.spot, windSent(at(0), true).spot?.facesDeg]).toEqual([undefined, 0])
})
