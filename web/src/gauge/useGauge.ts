import type { GaugeRecord } from '@hoxen/core/water'
import { useQuery } from '@tanstack/react-query'
import { keepGauge, keptGauge } from '../store/index.ts'
import { standInGauge } from './standIn.ts'

/** What is known of a gauge now: its readings, where they came from, and why there are no newer ones. */
export interface GaugeState {
  readonly record: GaugeRecord | undefined
  readonly from: 'gauge' | 'file' | undefined
  /** Why it cannot be read now; undefined when it was. */
  readonly silent: string | undefined
  readonly waiting: boolean
  readonly refresh: () => void
}

/** Gauges are read this often [ms]; they change no faster. */
const EVERY_MS = 10 * 60_000

const newestMs = (record: GaugeRecord): number => record.readings.at(-1)?.atMs ?? 0

interface Heard {
  readonly record: GaugeRecord | undefined
  readonly from: 'gauge' | 'file' | undefined
  readonly silent: string | undefined
}

/** Reads the gauge; when it is silent, what was heard last stands in for it. A file newer than the gauge outranks it. */
async function hear(gaugeId: string, signal: AbortSignal): Promise<Heard> {
  const kept = await keptGauge(gaugeId)
  try {
    const record = await standInGauge.read(gaugeId, signal)
    if (kept?.from === 'file' && newestMs(kept.record) > newestMs(record))
      return { record: kept.record, from: 'file', silent: undefined }
    await keepGauge({ id: gaugeId, record, from: 'gauge' })
    return { record, from: 'gauge', silent: undefined }
  } catch (error) {
    if (signal.aborted) throw error
    const silent = error instanceof Error ? error.message : 'The gauge does not answer.'
    return { record: kept?.record, from: kept?.from, silent }
  }
}

export function useGauge(gaugeId: string | undefined): GaugeState {
  const { data, isPending, refetch } = useQuery({
    queryKey: ['gauge', gaugeId],
    queryFn: ({ signal }) => hear(gaugeId as string, signal),
    enabled: gaugeId !== undefined,
    networkMode: 'always',
    refetchInterval: EVERY_MS,
    staleTime: EVERY_MS / 2,
    retry: false,
  })
  return {
    record: data?.record,
    from: data?.from,
    silent: data?.silent,
    waiting: gaugeId !== undefined && isPending,
    refresh: () => void refetch(),
  }
}
