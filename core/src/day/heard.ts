import { type GaugeRecord, latest } from '../water/index.ts'
import type { WaterChoice } from './waterChoice.ts'

/** What is known of a gauge, and whether it told it itself or a file did. */
export interface Heard {
  readonly record: GaugeRecord
  readonly from: 'gauge' | 'file'
}

/** Where today's flow is known from. */
export interface TodaysFlow {
  readonly m3ps: number
  readonly from: 'hand' | 'gauge' | 'file'
  readonly atMs?: number
}

const newestMs = ({ record }: Heard): number => record.readings.at(-1)?.atMs ?? 0

/** Of what was kept and what the gauge says now, the one that counts: a file newer than the gauge outranks it. */
export function fresher(kept: Heard | undefined, live: Heard): Heard {
  return kept?.from === 'file' && newestMs(kept) > newestMs(live) ? kept : live
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
