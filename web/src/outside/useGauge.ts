import { byNow, fresher, type Heard } from '@hoxen/core/day'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useMemo } from 'react'
import { keepGauge, keptGauge } from '../store/index.ts'

/** State of a gauge's record, and why there is nothing newer. */
export interface GaugeState {
  readonly heard: Heard | undefined
  /** Why it cannot be read now; undefined when it was. */
  readonly silent: string | undefined
  readonly waiting: boolean
  readonly refresh: () => void
}

/** Gauges are read this often [ms]; they change no faster. */
const EVERY_MS = 10 * 60_000

/** Reads the gauge; when it is silent, what was heard last stands in for it. */
export async function hear(
  gaugeId: string,
  signal: AbortSignal,
): Promise<Pick<GaugeState, 'heard' | 'silent'>> {
  const kept = await keptGauge(gaugeId)
  signal.throwIfAborted()
  try {
    const { standInGauge } = await import('./standIn.ts')
    const live: Heard = { record: await standInGauge.read(gaugeId, signal), from: 'gauge' }
    const heard = fresher(kept, live, Date.now())
    if (heard === live) await keepGauge({ id: gaugeId, ...live })
    return { heard, silent: undefined }
  } catch (error) {
    if (signal.aborted) throw error
    const silent = error instanceof Error ? error.message : 'The gauge isn’t answering.'
    return { heard: kept && byNow(kept, Date.now()), silent }
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
  const refresh = useCallback(() => void refetch(), [refetch])
  const waiting = gaugeId !== undefined && isPending
  return useMemo(
    () => ({ heard: data?.heard, silent: data?.silent, waiting, refresh }),
    [data, waiting, refresh],
  )
}
