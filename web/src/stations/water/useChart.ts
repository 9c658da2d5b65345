import { rowsCsv } from '@hoxen/core/format'
import {
  type ChartBand,
  type ChartCell,
  type ChartColumn,
  chartBand,
  chartBandTasks,
  chartCells,
  chartColumns,
  chartLevels,
  frontsToTry,
} from '@hoxen/core/ladder'
import { printShare, type UnitSystem, unitFor, unitOf } from '@hoxen/core/quantity'
import type { Front, SwingSetup } from '@hoxen/core/rig'
import { swingVerdict } from '@hoxen/core/swing'
import { useMemo } from 'react'
import { useTips, type Water } from '../../pool/index.ts'
import { effort, useRides } from '../../swings/index.ts'
import { useUnits } from '../../ui/index.ts'
import { NO_TIP } from './LadderView.tsx'

/** A flow to two figures of the unit in use. */
function roundFlow(system: UnitSystem): (m3ps: number) => number {
  const { toSi, fromSi } = unitOf(unitFor('flow', system))
  return (m3ps) => toSi(Number(fromSi(m3ps).toPrecision(2)))
}

const levels = (...about: Parameters<typeof chartLevels>): readonly number[] =>
  chartLevels(...about).slice(0, effort(undefined, 2))

/** A pool's chart as far as it is computed. */
export interface Chart {
  readonly columns: readonly ChartColumn[]
  readonly fronts: readonly Front[]
  /** Confidence in a cell; undefined until that is computed, after the cells. */
  readonly bandOf: (cell: ChartCell) => ChartBand | undefined
  readonly cellOf: (tipId: string | null, flowM3ps: number) => ChartCell | undefined
  readonly done: number
  readonly of: number
  readonly failed: string | undefined
  /** Until every swing is there; with no tips there are none. */
  readonly working: boolean
  /** The same as a table for a spreadsheet. */
  readonly csv: () => string
}

/** Every tip at every level of a season. Without a pool measured at a known flow there are no columns. */
export function useChart(setup: SwingSetup, { pool, flow }: Pick<Water, 'pool' | 'flow'>): Chart {
  const { show, system } = useUnits()
  const owned = useTips()
  const measured = pool?.measuredFlowM3ps
  const fronts = useMemo(() => frontsToTry(setup.parts, owned).slice(0, effort(undefined, 2)), [setup, owned])
  const columns = useMemo(
    () =>
      pool === undefined || measured === undefined
        ? []
        : chartColumns(setup, pool, fronts, levels(measured, flow?.m3ps, roundFlow(system))),
    [setup, pool, measured, flow?.m3ps, fronts, system],
  )
  // Level by level, so that the first column is there first.
  const rungs = useMemo(() => columns.flatMap((column) => column.rungs), [columns])
  const { rides, done, of, failed } = useRides(rungs)
  const cells = useMemo(() => chartCells(columns, rides), [columns, rides])
  const cellOf = (tipId: string | null, flowM3ps: number): ChartCell | undefined =>
    cells.find((cell) => cell.tipId === tipId && cell.flowM3ps === flowM3ps)
  const working = done < of || of === 0
  const ends = useMemo(
    () => (working || pool === undefined ? undefined : chartBandTasks(setup, pool, fronts, cells)),
    [working, setup, pool, fronts, cells],
  )
  const bands = useRides(ends, 'ahead')
  const bandOf = (cell: ChartCell): ChartBand | undefined => chartBand(cell, bands.rides)
  const csv = (): string =>
    rowsCsv([
      ['tip', ...columns.map(({ flowM3ps }) => show(flowM3ps, 'flow'))],
      ...fronts.map(({ tip }) => [
        tip?.item.name ?? NO_TIP,
        ...columns.map(({ flowM3ps }) => {
          const cell = cellOf(tip?.item.id ?? null, flowM3ps)
          return cell === undefined
            ? ''
            : `${printShare(cell.ride.summary.holdingShare)} at ${cell.angleDeg}°, ${swingVerdict(cell.ride).state}`
        }),
      ]),
    ])
  return { columns, fronts, bandOf, cellOf, done, of, failed, working, csv }
}
