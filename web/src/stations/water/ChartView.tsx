import { rowsCsv } from '@hoxen/core/format'
import { type ChartCell, chartCells, chartColumns, chartLevels, tipsToTry } from '@hoxen/core/ladder'
import { type UnitSystem, unitFor, unitOf } from '@hoxen/core/quantity'
import type { SwingSetup } from '@hoxen/core/rig'
import { SWING_THRESHOLDS, swingVerdict } from '@hoxen/core/swing'
import { saySwing } from '@hoxen/core/words'
import { useMemo } from 'react'
import { useNavigate } from 'react-router'
import type { Water } from '../../pool/index.ts'
import { useRides, useTips, WorkedOut } from '../../pool/index.ts'
import { commit, keptIn, noticeDone, noticeFailed } from '../../store/index.ts'
import { Button, StateMark, saveFile, Tag, today, useUnits } from '../../ui/index.ts'
import { NO_TIP } from './LadderView.tsx'

/** A flow to two figures of the unit in use. */
function roundFlow(system: UnitSystem): (m3ps: number) => number {
  const { toSi, fromSi } = unitOf(unitFor('flow', system))
  return (m3ps) => toSi(Number(fromSi(m3ps).toPrecision(2)))
}

interface Props {
  readonly setup: SwingSetup
  readonly water: Water
}

/** Which tip at which level: tips down, levels across, for the season on one page. */
export function ChartView({ setup, water }: Props) {
  const { show, system } = useUnits()
  const wallet = useTips()
  const { pool, flow } = water
  const measured = pool?.measuredFlowM3ps
  const tips = useMemo(() => tipsToTry(setup.parts, wallet.tips), [setup, wallet])
  const columns = useMemo(
    () =>
      pool === undefined || measured === undefined
        ? []
        : chartColumns(setup, pool, tips, chartLevels(measured, flow?.m3ps, roundFlow(system))),
    [setup, pool, measured, flow?.m3ps, tips, system],
  )
  // Level by level, so that the first column is there first.
  const rungs = useMemo(() => columns.flatMap((column) => column.rungs), [columns])
  const { rides, done, of, failed } = useRides(rungs)
  const cells = useMemo(() => chartCells(columns, rides), [columns, rides])
  if (measured === undefined || pool === undefined)
    return (
      <p className="max-w-2xl py-8">
        A chart wants a pool that was measured at a flow you know: choose one above, or write its flow down
        under The pool.
      </p>
    )
  const cellOf = (tipId: string | null, flowM3ps: number): ChartCell | undefined =>
    cells.find((cell) => cell.tipId === tipId && cell.flowM3ps === flowM3ps)
  const csv = (): string =>
    rowsCsv([
      ['tip', ...columns.map(({ flowM3ps }) => show(flowM3ps, 'flow'))],
      ...tips.map((tip) => [
        tip?.name ?? NO_TIP,
        ...columns.map(({ flowM3ps }) => {
          const cell = cellOf(tip?.id ?? null, flowM3ps)
          return cell === undefined
            ? ''
            : `${Math.round(cell.ride.summary.holdingShare * 100)} % at ${cell.angleDeg}°, ${swingVerdict(cell.ride).state}`
        }),
      ]),
    ])
  return (
    <section aria-labelledby="chart-title">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="chart-title" className="text-xl">
          Which tip at which level <Tag tag="estimate" />
        </h2>
        <p className="text-[0.9rem] text-faint" role="status" data-chart={done < of ? 'working' : 'done'}>
          {done < of ? `${done} of ${of} swings` : `${of} swings let go, each tip at three angles`}
        </p>
        <span className="no-print flex gap-2">
          <Button onClick={() => print()}>Print</Button>
          <Button
            disabled={done < of}
            onClick={() => saveFile(`hoxen-${pool.id}-${today()}.csv`, csv(), 'text/csv')}
          >
            Save as a table
          </Button>
        </span>
      </div>
      <WorkedOut done={done} of={of} failed={failed} />
      <div className="overflow-x-auto">
        <table className="w-full min-w-[46rem] table-fixed border-collapse text-left">
          <thead>
            <tr className="text-[0.85rem]">
              <th scope="col" className="sticky left-0 bg-paper py-1 pr-3 font-normal text-faint">
                Tip
              </th>
              {columns.map(({ flowM3ps }) => {
                const now = flowM3ps === flow?.m3ps
                return (
                  <th
                    key={flowM3ps}
                    scope="col"
                    className={`px-1 whitespace-nowrap ${now ? 'border-t-4 border-t-caster font-bold' : 'font-normal text-faint'}`}
                  >
                    {show(flowM3ps, 'flow')}
                    {now ? ', today' : ''}
                  </th>
                )
              })}
            </tr>
          </thead>
          <tbody>
            {tips.map((tip) => (
              <tr key={tip?.id ?? '_'} className="border-t border-rule">
                <th scope="row" className="sticky left-0 bg-paper py-1 pr-3 font-medium">
                  {tip?.name ?? NO_TIP}
                </th>
                {columns.map(({ flowM3ps }) => (
                  <td key={flowM3ps} className="p-0.5">
                    <Cell cell={cellOf(tip?.id ?? null, flowM3ps)} tip={tip?.name ?? NO_TIP} setup={setup} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-[0.88rem] text-faint">
        Filled: how long of its swing over them the tip keeps the fly where the fish hold, at its best angle.
        Hatched at the foot: it drags the bed. A cell opens its swing.
      </p>
    </section>
  )
}

interface CellProps {
  readonly cell: ChartCell | undefined
  readonly tip: string
  readonly setup: SwingSetup
}

/** One tip at one level: how full it is says how long it fishes; it opens its swing. */
function Cell({ cell, tip, setup }: CellProps) {
  const { show } = useUnits()
  const navigate = useNavigate()
  if (cell === undefined) return <span className="block h-12 min-w-20 rounded bg-shoal/40" />
  const { tipId, flowM3ps, angleDeg, ride } = cell
  const { state, reason } = swingVerdict(ride)
  const share = Math.round(ride.summary.holdingShare * 100)
  const drags = ride.summary.draggedM > SWING_THRESHOLDS.holdsDraggedM
  const open = (): void => {
    const label = `${tip} at ${show(flowM3ps, 'flow')}, cast at ${angleDeg}°`
    commit(label, async (tx) => {
      const rig = await tx.one('rig')
      if (rig === undefined) return
      const water = await keptIn(tx, 'water')
      tx.set('rig', { ...rig, tipId })
      tx.set('water', { ...water, flowM3ps, plan: { ...water.plan, angleDeg } })
    }).then((did) => {
      if (!did) return
      noticeDone(label)
      void navigate('/water')
    }, noticeFailed)
  }
  return (
    <button
      type="button"
      onClick={open}
      data-cell={state}
      aria-label={`${tip} at ${show(flowM3ps, 'flow')}: ${share} % of its way with the fish at ${angleDeg}°. ${saySwing(reason, setup.fishAt)}`}
      className="relative block h-12 w-full min-w-20 overflow-hidden rounded border border-rule bg-sheet text-left hover:border-ink"
    >
      <span
        aria-hidden="true"
        className="absolute inset-y-0 left-0 bg-river/30"
        style={{ width: `${share}%` }}
      />
      {drags && (
        <span
          aria-hidden="true"
          className="absolute inset-x-0 bottom-0 h-1.5"
          style={{
            backgroundImage: 'repeating-linear-gradient(45deg, var(--breaks) 0 2px, transparent 2px 5px)',
          }}
        />
      )}
      <span aria-hidden="true" className="relative flex flex-wrap items-center gap-x-1 px-1.5 text-[0.85rem]">
        <StateMark state={state} word={false} />
        <b>{share} %</b>
        <span className="text-faint">{angleDeg}°</span>
      </span>
    </button>
  )
}
