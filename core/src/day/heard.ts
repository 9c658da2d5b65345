import { type GaugeRecord, latest, readByNow } from '../water/index.ts'
import type { WaterChoice } from './waterChoice.ts'

/** Record of a gauge, and whether it told it itself or a file did. */
export interface Heard {
  readonly record: GaugeRecord
  readonly from: 'gauge' | 'file'
}

/** Today's flow and its source. */
export interface TodaysFlow {
  readonly m3ps: number
  readonly from: 'hand' | 'gauge' | 'file'
  readonly atMs?: number
}

const newestMs = ({ record }: Heard): number => record.readings.at(-1)?.atMs ?? 0

/** Record up to now: what it told of times still to come counts when they have come. */
export function byNow(heard: Heard, nowMs: number): Heard {
  if (heard.from !== 'file') return heard
  const readings = [...readByNow(heard.record.readings, nowMs)]
  return readings.length === heard.record.readings.length
    ? heard
    : { ...heard, record: { ...heard.record, readings } }
}

/** Of what was kept and what the gauge says now, the one that counts: a file newer than the gauge outranks it. @param nowMs [ms since 1970] */
export function fresher(kept: Heard | undefined, live: Heard, nowMs: number): Heard {
  if (kept?.from !== 'file') return live
  const file = byNow(kept, nowMs)
  return newestMs(file) > newestMs(live) ? file : live
}

/** Today's flow: a word by hand outranks the gauge. */
export function flowToday(
  choice: Pick<WaterChoice, 'flowM3ps'> | undefined,
  heard: Heard | undefined,
): TodaysFlow | undefined {
  if (choice?.flowM3ps !== undefined) return { m3ps: choice.flowM3ps, from: 'hand' }
  const read = heard && latest(heard.record.readings, 'flowM3ps')
  return read && heard && { m3ps: read.value, from: heard.from, atMs: read.atMs }
}
