import type { GaugeReading } from './gaugeSchema.ts'

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

/** Age from which a reading is told with its age, and from which it is asked for anew [ms]. [estimate] */
export const READING_AGE = Object.freeze({ toldMs: 3 * 3600_000, askedMs: 24 * 3600_000 })

/** How much a reading still tells of the water now. @param ageMs [ms], below zero by a clock that goes ahead */
export const freshness = (ageMs: number): 'fresh' | 'old' | 'stale' =>
  ageMs > READING_AGE.askedMs ? 'stale' : ageMs > READING_AGE.toldMs ? 'old' : 'fresh'

/** Whether the river rises or falls, by its flow or else its level; undefined once the last reading is old. */
export function trendOf(
  readings: readonly GaugeReading[],
  nowMs: number,
): 'rising' | 'falling' | 'steady' | undefined {
  const what = readings.some((r) => r.flowM3ps !== undefined) ? 'flowM3ps' : 'levelM'
  const last = latest(readings, what)
  const before = last && readings.findLast((r) => r[what] !== undefined && r.atMs <= last.atMs - TREND_MS)
  const was = before?.[what]
  if (last === undefined || was === undefined || was === 0) return undefined
  if (freshness(nowMs - last.atMs) !== 'fresh') return undefined
  const change = (last.value - was) / Math.abs(was)
  return change > TREND_SHARE ? 'rising' : change < -TREND_SHARE ? 'falling' : 'steady'
}
