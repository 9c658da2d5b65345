import { type Day, type DayParts, dayOf, type WaterChoice } from '@hoxen/core/day'
import type { Run } from '@hoxen/core/water'
import { createContext, type ReactNode, useContext, useMemo } from 'react'
import { type GaugeState, useGauge, useWeather } from '../outside/index.ts'
import { useJob, useList, useRigging, useSettings, useStand, useWaterChoice } from '../store/index.ts'
import { useOwnWindows } from './ownWindows.ts'
import { useStanding } from './useStanding.ts'

/** The day everything on the page is judged in, and what it was put together from. */
export interface Today {
  readonly day: Day
  readonly runs: readonly Run[]
  readonly choice: WaterChoice
  readonly gauge: GaugeState
  /** Parts the day was put together from. */
  readonly parts: DayParts
}

const DayContext = createContext<Today | undefined>(undefined)

/** Puts the day together, in this one place, for every page. */
function useTodayOnce(): Today | undefined {
  const job = useJob()
  const runs = useList('runs')
  const choice = useWaterChoice()
  const { schools } = useSettings()
  const flyKnot = useRigging().knots['leader-fly']
  const pool = runs?.find((run) => run.id === choice?.runId)
  const gauge = useGauge(pool?.gaugeId)
  const { heard } = gauge
  const stand = useStand()
  const standingM = useStanding(job?.water === 'surf' ? pool?.shore : undefined, stand)
  const own = useOwnWindows()
  const { weather } = useWeather(stand?.windBy === 'station' ? pool?.spot?.weatherId : undefined)
  const parts = useMemo(
    () =>
      job && runs && choice && stand
        ? { job, runs, water: choice, heard, schools, flyKnot, own, stand, standingM, weather }
        : undefined,
    [job, runs, choice, heard, schools, flyKnot, own, stand, standingM, weather],
  )
  const day = useMemo(() => parts && dayOf(parts), [parts])
  return useMemo(
    () => (day && parts && choice ? { day, parts, runs: parts.runs, choice, gauge } : undefined),
    [day, parts, choice, gauge],
  )
}

export function DayProvider({ children }: { readonly children: ReactNode }) {
  return <DayContext value={useTodayOnce()}>{children}</DayContext>
}

/** The day and its parts; undefined while it loads. */
export const useToday = (): Today | undefined => useContext(DayContext)

/** The day; undefined while it loads. */
export const useDay = (): Day | undefined => useToday()?.day
