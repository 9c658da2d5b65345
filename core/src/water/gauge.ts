import type { GaugeReading } from './gaugeSchema.ts'

/** Water a few hours old may have become other water [ms]. [practice] */
export const STALE_MS = 3 * 3600_000

/** The latest figure of one kind, and when it was read; undefined where the gauge has none. */
export function latest(
  readings: readonly GaugeReading[],
  what: 'levelM' | 'flowM3ps' | 'waterC',
): { readonly value: number; readonly atMs: number } | undefined {
  const reading = readings.findLast((r) => r[what] !== undefined)
  const value = reading?.[what]
  return reading === undefined || value === undefined ? undefined : { value, atMs: reading.atMs }
}

/** A clock may go so wrong unnoticed [ms]. */
const CLOCK_SLACK_MS = 15 * 60_000

/** Readings that are not of a time still to come: a forecast in a gauge’s file, or a year mistyped, is not today’s river. */
export const readByNow = (readings: readonly GaugeReading[], nowMs: number): readonly GaugeReading[] =>
  readings.filter(({ atMs }) => atMs <= nowMs + CLOCK_SLACK_MS)

/** Hours over which a rise or fall is told [ms], and the change of flow that counts as one. [practice] */
const TREND_MS = 6 * 3600_000
const TREND_SHARE = 0.05

/** Whether the river rises or falls, by its flow or else its level. */
export function trendOf(readings: readonly GaugeReading[]): 'rising' | 'falling' | 'steady' | undefined {
  const what = readings.some((r) => r.flowM3ps !== undefined) ? 'flowM3ps' : 'levelM'
  const last = latest(readings, what)
  const before = last && readings.findLast((r) => r[what] !== undefined && r.atMs <= last.atMs - TREND_MS)
  const was = before?.[what]
  if (last === undefined || was === undefined || was === 0) return undefined
  const change = (last.value - was) / Math.abs(was)
  return change > TREND_SHARE ? 'rising' : change < -TREND_SHARE ? 'falling' : 'steady'
}
