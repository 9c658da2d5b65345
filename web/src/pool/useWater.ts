import { type Day, JOB_LIMITS, type TodaysFlow, type WaterChoice } from '@hoxen/core/day'
import type { Aim, Plan } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { useCallback, useMemo } from 'react'
import { useToday } from '../day/index.ts'
import type { GaugeState } from '../outside/index.ts'
import { changeKept, commit, keptIn, noticeFailed } from '../store/index.ts'
import { goToPool } from './goTo.ts'

/** The day's water, and what changes it. */
export interface Water {
  readonly day: Day
  readonly runs: readonly Run[]
  /** The pool as it was measured; undefined where the water is as the job describes it. */
  readonly pool: Run | undefined
  readonly flow: TodaysFlow | undefined
  readonly gauge: GaugeState
  readonly goTo: (pool: Run | undefined) => void
  readonly sayFlow: (m3ps: number) => void
  readonly goByGauge: () => void
  readonly changePlan: (label: string, next: Partial<Plan>) => void
  readonly changeCast: (castM: number) => void
}

const change = (label: string, next: (now: WaterChoice) => WaterChoice): void =>
  void changeKept(label, 'water', next).catch(noticeFailed)

/** Angle and length of the cast at one stroke, as a hand in a picture sets them. */
export const changeAim = ({ angleDeg, castM }: Aim): void =>
  void commit('Change the cast', async (tx) => {
    const water = await keptIn(tx, 'water')
    const job = await keptIn(tx, 'job')
    tx.set('water', { ...water, plan: { ...water.plan, angleDeg } })
    const { low, high } = JOB_LIMITS.castM
    tx.set('job', { ...job, castM: Math.max(low, Math.min(high, castM)) })
  }).catch(noticeFailed)

/** Everything the Water station stands on; undefined while it loads. */
export function useWater(): Water | undefined {
  const today = useToday()
  const sayFlow = useCallback(
    (flowM3ps: number) => change('Set the flow', (now) => ({ ...now, flowM3ps })),
    [],
  )
  const goByGauge = useCallback(() => change('Use the gauge', ({ flowM3ps: _said, ...rest }) => rest), [])
  const changePlan = useCallback(
    (label: string, next: Partial<Plan>) =>
      change(label, (now) => ({ ...now, plan: { ...now.plan, ...next } })),
    [],
  )
  const changeCast = useCallback(
    (castM: number) =>
      void changeKept('Change the cast', 'job', (job) => ({ ...job, castM })).catch(noticeFailed),
    [],
  )
  return useMemo(() => {
    if (today === undefined) return undefined
    const { day, runs, gauge } = today
    const pool = day.where.by === 'pool' ? day.where.pool : undefined
    const flow = day.where.by === 'pool' ? day.where.flow : undefined
    return {
      day,
      runs,
      pool,
      flow,
      gauge,
      goTo: goToPool,
      sayFlow,
      goByGauge,
      changePlan,
      changeCast,
    }
  }, [today, sayFlow, goByGauge, changePlan, changeCast])
}
