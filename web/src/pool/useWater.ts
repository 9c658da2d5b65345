import type { Day, TodaysFlow } from '@hoxen/core/day'
import type { Aim } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { useMemo } from 'react'
import { useToday } from '../day/index.ts'
import type { GaugeState } from '../outside/index.ts'
import { changePlan } from '../store/index.ts'

/** The day's water. */
export interface Water {
  readonly day: Day
  readonly runs: readonly Run[]
  /** The pool as it was measured; undefined where the water is as the job describes it. */
  readonly pool: Run | undefined
  readonly flow: TodaysFlow | undefined
  readonly gauge: GaugeState
}

/** Angle and length of the cast at one stroke, as a hand in a picture sets them. */
export const changeAim = (aim: Aim): void => changePlan('Change the cast', aim)

/** Everything the Water station stands on; undefined while it loads. */
export function useWater(): Water | undefined {
  const today = useToday()
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
    }
  }, [today])
}
