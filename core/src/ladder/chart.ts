import type { SwingSetup } from '../rig/index.ts'
import type { TipItem } from '../sink/index.ts'
import { atFlow, byItsLog, type Run } from '../water/index.ts'
import { betterRide, type Ride, type Rung, tipRungs } from './rungs.ts'

/** One level of a pool's chart, and every tip at every angle in it. */
export interface ChartColumn {
  readonly flowM3ps: number
  readonly rungs: readonly Rung[]
}

/** One tip at one level, at the angle that serves it best there. */
export interface ChartCell {
  readonly tipId: string | null
  readonly flowM3ps: number
  readonly angleDeg: number
  readonly ride: Ride
}

const idAt = (flowM3ps: number, id: string): string => `${id} ${flowM3ps}`

/**
 * The swings of a pool's chart: tips down, levels across.
 * @param run as it was measured, at a flow that is known @param flowsM3ps levels [m³/s]; one that the measure says nothing about is left out
 */
export function chartColumns(
  setup: SwingSetup,
  run: Run,
  tips: readonly (TipItem | null)[],
  flowsM3ps: readonly number[],
): readonly ChartColumn[] {
  const measured = run.measuredFlowM3ps
  if (measured === undefined) return []
  return flowsM3ps.flatMap((flowM3ps): readonly ChartColumn[] => {
    const carried = atFlow(byItsLog(run), measured, flowM3ps)
    if (carried.outcome === 'too-far') return []
    const rungs = tipRungs({ ...setup, run: carried.run }, tips)
    return [{ flowM3ps, rungs: rungs.map((rung) => ({ ...rung, id: idAt(flowM3ps, rung.id) })) }]
  })
}

/** The cells of a chart that are worked out so far: of each tip at each level its best angle. */
export function chartCells(
  columns: readonly ChartColumn[],
  rides: ReadonlyMap<string, Ride>,
): readonly ChartCell[] {
  return columns.flatMap(({ flowM3ps, rungs }) => {
    const best = new Map<string | null, ChartCell>()
    for (const { id, tipId, angleDeg } of rungs) {
      const ride = rides.get(id)
      if (ride === undefined) continue
      const before = best.get(tipId)
      if (before === undefined || betterRide(ride, before.ride) < 0)
        best.set(tipId, { tipId, flowM3ps, angleDeg, ride })
    }
    return [...best.values()]
  })
}

/** Levels a chart shows round the measured one, as shares of it: from low summer to a flood that can still be fished. */
const LEVELS = [0.35, 0.5, 0.7, 1, 1.4, 2, 2.8] as const
/** Levels nearer to today's than this are today's, as a share. */
const TODAYS = 0.12

/** Levels for a season, round figures of the unit in use, with today's among them. @param round makes a flow round */
export function chartLevels(
  measuredM3ps: number,
  todayM3ps: number | undefined,
  round: (m3ps: number) => number,
): readonly number[] {
  const season = LEVELS.map((share) => round(share * measuredM3ps))
  const others = season.filter((m3ps) => todayM3ps === undefined || Math.abs(m3ps / todayM3ps - 1) > TODAYS)
  return [...new Set([...others, ...(todayM3ps === undefined ? [] : [todayM3ps])])].sort((a, b) => a - b)
}
