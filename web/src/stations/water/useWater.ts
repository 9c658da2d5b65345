import type { Run, WaterChoice } from '@hoxen/core/gear'
import { atFlow, latest } from '@hoxen/core/water'
import { useCallback, useMemo } from 'react'
import { type GaugeState, useGauge } from '../../gauge/index.ts'
import { noticeFailed, saveDocument, useRuns, useWaterChoice } from '../../store/index.ts'

/** Where today's flow is known from. */
export interface TodaysFlow {
  readonly m3ps: number
  readonly from: 'hand' | 'gauge' | 'file'
  readonly atMs?: number
}

/** The pool fished now, as it was measured and as it is today. */
export interface Water {
  readonly runs: readonly Run[]
  readonly choice: WaterChoice
  readonly run: Run | undefined
  readonly today: Run | undefined
  readonly flow: TodaysFlow | undefined
  readonly gauge: GaugeState
  readonly change: (label: string, next: Partial<WaterChoice>) => void
  readonly goByGauge: () => void
}

function flowOf(choice: WaterChoice, gauge: GaugeState): TodaysFlow | undefined {
  if (choice.flowM3ps !== undefined) return { m3ps: choice.flowM3ps, from: 'hand' }
  const read = gauge.record && latest(gauge.record.readings, 'flowM3ps')
  return read && gauge.from && { m3ps: read.value, from: gauge.from, atMs: read.atMs }
}

/** Everything the Water station stands on; undefined while it loads. */
export function useWater(): Water | undefined {
  const runs = useRuns()
  const choice = useWaterChoice()
  const run = runs?.find((r) => r.id === choice?.runId) ?? runs?.[0]
  const gauge = useGauge(run?.gaugeId)
  const flow = choice && flowOf(choice, gauge)
  const flowM3ps = flow?.m3ps
  const today = useMemo(
    () =>
      run?.measuredFlowM3ps === undefined || flowM3ps === undefined
        ? run
        : atFlow(run, run.measuredFlowM3ps, flowM3ps),
    [run, flowM3ps],
  )
  const change = useCallback(
    (label: string, next: Partial<WaterChoice>) => {
      if (choice !== undefined) void saveDocument(label, 'water', { ...choice, ...next }).catch(noticeFailed)
    },
    [choice],
  )
  const goByGauge = (): void => {
    if (choice === undefined) return
    const { flowM3ps: _said, ...rest } = choice
    void saveDocument('Go by the gauge', 'water', rest).catch(noticeFailed)
  }
  if (runs === undefined || choice === undefined) return undefined
  return { runs, choice, run, today, flow, gauge, change, goByGauge }
}
