import { describe, expect, test } from '@jest/globals'
import { DEMO } from '../testing/index.ts'
import {
  bedAt,
  leaveBy,
  lowestWayBack,
  type Shore,
  tideHeights,
  tideTurns,
  tideWindows,
  troughsAt,
  WAY_BACK,
} from './index.ts'

const NOW = Date.parse('2026-11-27T00:00:00Z')
const HOUR = 3_600_000
/** A sea of M2 alone, 1.5 m either way of 2 m. */
const station = { constituents: [{ name: 'M2', amplitudeM: 1.5, phaseDeg: 0 }], meanM: 2 }
/** A dry bar at 50 m, behind a trough. */
const bar = (troughM: number): Shore => ({
  station,
  profile: [
    { fromM: 0, heightM: 5 },
    { fromM: 30, heightM: troughM },
    { fromM: 50, heightM: 1.8 },
    { fromM: 80, heightM: -2 },
  ],
  standM: 50,
})
const level = (atMs: number): number =>
  tideHeights(station, atMs, atMs + 120_000, 120)[0]?.heightM ?? Number.NaN

describe('the way back from a bar', () => {
  test('its lowest point is the trough, not the bar one stands on', () => {
    expect(lowestWayBack(bar(1))).toEqual({ fromM: 30, heightM: 1 })
    expect(bedAt(bar(1).profile, 40)).toBeCloseTo(1.4, 9)
  })
  test('on the flood: cut off when the trough carries half a metre less the run-up, said half an hour early', () => {
    const lowMs = tideWindows(station, NOW, NOW + 24 * HOUR).find(({ kind }) => kind === 'scout')
    const atLow = ((lowMs?.fromMs ?? 0) + (lowMs?.toMs ?? 0)) / 2
    const found = leaveBy(bar(1), atLow)
    if (found.outcome !== 'leave-by') throw new Error(found.outcome)
    expect(level(found.cutOffMs)).toBeCloseTo(1 + WAY_BACK.depthM - WAY_BACK.runUpM, 1)
    expect(found.cutOffMs - found.leaveMs).toBe(30 * 60_000)
    // Higher waves, or a sea that stands above the prediction, cut it off sooner.
    for (const sea of [{ runUpM: 0.5 }, { shiftM: 0.3 }]) {
      const sooner = leaveBy(bar(1), atLow, sea)
      if (sooner.outcome !== 'leave-by') throw new Error(sooner.outcome)
      expect(sooner.cutOffMs).toBeLessThan(found.cutOffMs)
    }
    // At high water it is cut off, and free again later.
    expect(leaveBy(bar(1), atLow + 6.2 * HOUR).outcome).toBe('cut-off')
  })
  test('a trough that low water covers is no dry way; a high one is free all day', () => {
    expect(leaveBy(bar(-1), NOW).outcome).toBe('no-dry-way')
    // The bar itself is then the lowest: stand higher up.
    expect(leaveBy({ ...bar(4), standM: 20 }, NOW).outcome).toBe('free')
  })
})

test('troughs hold fish from 0.7 m of water; at low water fewer do', () => {
  const strand = DEMO.runs.find(({ id }) => id === 'ossan-strand')?.shore
  if (strand === undefined) throw new Error('no shore')
  const wide = (level: number): number =>
    troughsAt(strand.profile, level).reduce((sum, { fromM, toM }) => sum + toM - fromM, 0)
  expect(wide(0.4)).toBeLessThan(wide(1.9))
  for (const { depthM, fromM, toM } of troughsAt(strand.profile, 1.9)) {
    expect(depthM).toBeGreaterThanOrEqual(0.7)
    expect(toM).toBeGreaterThanOrEqual(fromM)
  }
})

test('on the flood one fishes from three quarters of an hour after low water to three hours after it; round high, an hour and a half either way', () => {
  const windows = tideWindows(station, NOW, NOW + 24 * HOUR)
  const turns = tideTurns(station, NOW - 6 * HOUR, NOW + 30 * HOUR).filter(
    ({ atMs }) => atMs > NOW + 2 * HOUR && atMs < NOW + 20 * HOUR,
  )
  const at = (kind: 'low' | 'high'): number => turns.find((turn) => turn.kind === kind)?.atMs ?? Number.NaN
  const [lowMs, highMs] = [at('low'), at('high')]
  expect(windows).toContainEqual({ kind: 'fish', fromMs: lowMs + 0.75 * HOUR, toMs: lowMs + 3 * HOUR })
  expect(windows).toContainEqual({ kind: 'fish', fromMs: highMs - 1.5 * HOUR, toMs: highMs + 1.5 * HOUR })
  expect(windows).toContainEqual({ kind: 'scout', fromMs: lowMs - 0.75 * HOUR, toMs: lowMs + 0.75 * HOUR })
})

test('a hole in the table of less than an hour is a hole: when the way back is cut off beyond it is not known', () => {
  const everyTen = Array.from({ length: 6 * 26 }, (_, i) => [NOW + i * 600_000, 0.2] as const)
  const shore = (holeMin: number): Shore => ({
    ...bar(1),
    station: {
      table: everyTen.filter(([at]) => at <= NOW + 2 * HOUR || at > NOW + 2 * HOUR + holeMin * 60_000),
    },
  })
  expect(leaveBy(shore(0), NOW).outcome).toBe('free')
  const found = leaveBy(shore(50), NOW)
  expect(found.outcome).toBe('not-known')
  if (found.outcome === 'not-known')
    expect(Math.abs(found.fromMs - (NOW + 2 * HOUR))).toBeLessThanOrEqual(120_000)
})
