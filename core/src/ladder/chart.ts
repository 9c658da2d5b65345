import { type Front, type SwingSetup, swingInput } from '../rig/index.ts'
import type { Ride, SwingInput } from '../swing/index.ts'
import { atFlow, byItsLog, FOUR_IN_FIVE, type Run, scaledRun, spreadOf } from '../water/index.ts'
import { betterRide, type Rung, tipIdOf, tipRungs } from './rungs.ts'

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
  fronts: readonly Front[],
  flowsM3ps: readonly number[],
): readonly ChartColumn[] {
  const measured = run.measuredFlowM3ps
  if (measured === undefined) return []
  return flowsM3ps.flatMap((flowM3ps): readonly ChartColumn[] => {
    const carried = atFlow(byItsLog(run), measured, flowM3ps)
    if (carried.outcome === 'too-far') return []
    const rungs = tipRungs({ ...setup, run: carried.run }, fronts)
    return [{ flowM3ps, rungs: rungs.map((rung) => ({ ...rung, id: idAt(flowM3ps, rung.id) })) }]
  })
}

/** The cells of a chart that are computed so far: of each tip at each level its best angle. */
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

/** A cell in water that is as likely as the one it was computed in. */
export interface BandTask {
  readonly id: string
  readonly input: SwingInput
}

/** Between which the share of the time with the fish lies, as far as the pool's own depth and current are known. */
export interface ChartBand {
  readonly low: number
  readonly high: number
}

const bandId = ({ tipId, flowM3ps }: ChartCell, side: number): string => `${tipId ?? '_'} ${flowM3ps} ${side}`

/**
 * Each cell at its own angle once in a pool that is deeper and faster, where the fly rides higher over the bed, and once in one that is shallower and
 * slower: the two ends of what four pools in five may be along that line. [estimate]
 */
export function chartBandTasks(
  setup: SwingSetup,
  run: Run,
  fronts: readonly Front[],
  cells: readonly ChartCell[],
): readonly BandTask[] {
  const measured = run.measuredFlowM3ps
  if (measured === undefined) return []
  const { depthSd, currentSd } = spreadOf(run)
  const along = FOUR_IN_FIVE / Math.SQRT2
  return cells.flatMap((cell) =>
    [1, -1].flatMap((side): readonly BandTask[] => {
      const off = (sd: number): number => Math.exp(side * along * sd)
      const carried = atFlow(scaledRun(byItsLog(run), off(depthSd), off(currentSd)), measured, cell.flowM3ps)
      if (carried.outcome === 'too-far') return []
      const front = fronts.find((one) => tipIdOf(one) === cell.tipId)
      const parts = { ...setup.parts, ...front }
      const plan = { ...setup.plan, angleDeg: cell.angleDeg }
      return [{ id: bandId(cell, side), input: swingInput({ ...setup, run: carried.run, parts, plan }) }]
    }),
  )
}

/** The band of a cell, once both its ends were simulated. */
export function chartBand(cell: ChartCell, rides: ReadonlyMap<string, Ride>): ChartBand | undefined {
  const ends = [1, -1].flatMap((side) => rides.get(bandId(cell, side)) ?? [])
  if (ends.length < 2) return undefined
  const shares = [cell.ride, ...ends].map(({ summary }) => summary.holdingShare)
  return { low: Math.min(...shares), high: Math.max(...shares) }
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
