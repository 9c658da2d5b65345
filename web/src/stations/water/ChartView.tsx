import type { SwingSetup } from '@hoxen/core/rig'
import { Link } from 'react-router'
import { type Water, WorkedOut } from '../../pool/index.ts'
import { Button, buttonLook, saveFile, Tag, today } from '../../ui/index.ts'
import { ChartTable } from './ChartTable.tsx'
import { useChart } from './useChart.ts'

interface Props {
  readonly setup: SwingSetup
  readonly water: Water
}

/** Chart of tips by level: tips down, levels across, for the season on one page. */
export function ChartView({ setup, water }: Props) {
  const chart = useChart(setup, water)
  const { pool, flow } = water
  const { done, of, failed, working, fronts } = chart
  if (pool?.measuredFlowM3ps === undefined)
    return (
      <p className="max-w-2xl py-8">
        The chart needs a pool measured at a known flow. Choose one above, or enter its flow under The pool.
      </p>
    )
  if (fronts.length === 0)
    return <p className="py-8">There are no tips in your gear yet. Add one in Gear: “T-11 10 ft” will do.</p>
  return (
    <section aria-labelledby="chart-title">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="chart-title" className="text-xl">
          Which tip at which flow <Tag tag="estimate" />
        </h2>
        <p className="text-[0.9rem] text-faint" role="status" data-chart={working ? 'working' : 'done'}>
          {working ? `${done} of ${of} swings` : `${of} swings, each tip at three angles`}
        </p>
        <span className="no-print flex gap-2">
          <Link to="/water/card" className={buttonLook('plain')}>
            Printable chart
          </Link>
          <Button
            disabled={working}
            onClick={() => saveFile(`hoxen-${pool.id}-${today()}.csv`, chart.csv(), 'text/csv')}
          >
            Save as a table
          </Button>
        </span>
      </div>
      <WorkedOut done={done} of={of} failed={failed} />
      <ChartTable chart={chart} setup={setup} todayM3ps={flow?.m3ps} />
    </section>
  )
}
