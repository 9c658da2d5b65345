import type { ChartCell } from '@hoxen/core/ladder'
import type { SwingSetup } from '@hoxen/core/rig'
import { SWING_THRESHOLDS, swingVerdict } from '@hoxen/core/swing'
import { sayCell } from '@hoxen/core/words'
import { useNavigate } from 'react-router'
import { changeRig, noticeDone, noticeFailed } from '../../store/index.ts'
import { StateMark, useUnits } from '../../ui/index.ts'
import { NO_TIP } from './LadderView.tsx'
import type { Chart } from './useChart.ts'

interface Props {
  readonly chart: Chart
  readonly setup: SwingSetup
  /** Today's flow [m³/s]; its column is marked. */
  readonly todayM3ps: number | undefined
  /** On one page of paper. */
  readonly small?: boolean
}

/** Tips down, levels across: how full a cell is says how long the tip fishes at that level. */
export function ChartTable({ chart, setup, todayM3ps, small = false }: Props) {
  const { columns, fronts, bandOf, cellOf } = chart
  return (
    <>
      <div className="overflow-x-auto">
        <table
          className={`w-full table-fixed border-collapse text-left ${small ? 'text-[0.72rem] leading-tight' : 'min-w-[46rem]'}`}
        >
          <LevelRow columns={columns} todayM3ps={todayM3ps} small={small} />
          <tbody>
            {fronts.map(({ tip }) => (
              <tr key={tip?.item.id ?? '_'} className="border-t border-rule">
                <th scope="row" className="sticky left-0 bg-paper py-1 pr-3 font-medium">
                  {tip?.item.name ?? NO_TIP}
                </th>
                {columns.map(({ flowM3ps }) => (
                  <td key={flowM3ps} className="p-0.5">
                    <Cell
                      cell={cellOf(tip?.item.id ?? null, flowM3ps)}
                      bandOf={bandOf}
                      tip={tip?.item.name ?? NO_TIP}
                      setup={setup}
                      small={small}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-[0.88rem] text-faint">
        Fill: share of the swing with the fish, at the tip’s best angle. Line below: the likely range, given
        how well this pool is known. Hatched: it drags bottom. Tap a cell to see its swing.
      </p>
    </>
  )
}

interface LevelRowProps extends Pick<Chart, 'columns'> {
  readonly todayM3ps: number | undefined
  readonly small: boolean
}

/** The levels; today’s is marked. */
function LevelRow({ columns, todayM3ps, small }: LevelRowProps) {
  const { show } = useUnits()
  return (
    <thead>
      <tr className={small ? '' : 'text-[0.85rem]'}>
        <th
          scope="col"
          className={`sticky left-0 bg-paper py-1 pr-3 font-normal text-faint ${small ? 'w-28' : ''}`}
        >
          Tip
        </th>
        {columns.map(({ flowM3ps }) => {
          const now = flowM3ps === todayM3ps
          return (
            <th
              key={flowM3ps}
              scope="col"
              className={`px-1 ${small ? '' : 'whitespace-nowrap'} ${now ? 'border-t-4 border-t-caster font-bold' : 'font-normal text-faint'}`}
            >
              {show(flowM3ps, 'flow')}
              {now ? ', today' : ''}
            </th>
          )
        })}
      </tr>
    </thead>
  )
}

interface CellProps {
  readonly cell: ChartCell | undefined
  readonly tip: string
  readonly bandOf: Chart['bandOf']
  readonly setup: SwingSetup
  readonly small: boolean
}

/** One tip at one level: how full it is says how long it fishes; it opens its swing. */
function Cell({ cell, bandOf, tip, setup, small }: CellProps) {
  const { system } = useUnits()
  const open = useOpenCell()
  if (cell === undefined)
    return <span className={`block rounded bg-shoal/40 ${small ? 'h-8' : 'h-12 min-w-20'}`} />
  const { flowM3ps, angleDeg, ride } = cell
  const { state, reason } = swingVerdict(ride)
  const likely = bandOf(cell)
  return (
    <button
      type="button"
      onClick={() => open(cell, tip)}
      data-cell={state}
      aria-label={sayCell(
        { tip, flowM3ps, share: ride.summary.holdingShare, likely, angleDeg, reason },
        setup.fishAt,
        system,
      )}
      className={`relative block w-full overflow-hidden rounded border border-rule bg-sheet text-left hover:border-ink ${small ? 'h-8' : 'h-12 min-w-20'}`}
    >
      <CellFill cell={cell} likely={likely} />
      <span
        aria-hidden="true"
        className={`relative flex flex-wrap items-center gap-x-1 ${small ? 'px-0.5' : 'px-1.5 text-[0.85rem]'}`}
      >
        <StateMark state={state} word={false} />
        <b>{Math.round(ride.summary.holdingShare * 100)}%</b>
        <span className="text-faint">{angleDeg}°</span>
      </span>
    </button>
  )
}

/** Puts on a cell's tip, at its level and angle, and goes to its swing. */
function useOpenCell() {
  const { show } = useUnits()
  const navigate = useNavigate()
  return ({ tipId, flowM3ps, angleDeg }: ChartCell, tip: string): void => {
    const label = `${tip} at ${show(flowM3ps, 'flow')}, cast at ${angleDeg}°`
    changeRig(label, { part: { slot: 'tipId', itemId: tipId }, fished: { angleDeg, flowM3ps } }).then(
      (did) => {
        if (!did) return
        noticeDone(label)
        void navigate('/water')
      },
      noticeFailed,
    )
  }
}

interface FillProps {
  readonly cell: ChartCell
  readonly likely: ReturnType<Chart['bandOf']>
}

/** How full it is, the likely range, and whether it drags. */
function CellFill({ cell: { ride }, likely }: FillProps) {
  const { holdingShare, bedShare } = ride.summary
  return (
    <span aria-hidden="true">
      <span
        className="absolute inset-y-0 left-0 bg-river/30"
        style={{ width: `${Math.round(holdingShare * 100)}%` }}
      />
      {likely !== undefined && (
        <span
          data-band
          className="absolute bottom-2 h-[3px] border-x-2 border-ink bg-ink/45"
          style={{ left: `${likely.low * 100}%`, width: `max(4px, ${(likely.high - likely.low) * 100}%)` }}
        />
      )}
      {bedShare > SWING_THRESHOLDS.holdsBedShare && (
        <span
          className="absolute inset-x-0 bottom-0 h-1.5"
          style={{
            backgroundImage: 'repeating-linear-gradient(45deg, var(--breaks) 0 2px, transparent 2px 5px)',
          }}
        />
      )}
    </span>
  )
}
