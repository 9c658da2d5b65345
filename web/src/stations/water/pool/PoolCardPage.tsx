import type { SwingSetup } from '@hoxen/core/rig'
import { sectionOf } from '@hoxen/core/water'
import { sayByLog } from '@hoxen/core/words'
import { SectionPicture, sectionScale, useWidth } from '../../../drawing/index.ts'
import { Gone } from '../../../ledger/index.ts'
import { addressOf } from '../../../link/index.ts'
import { Paper, QrCode } from '../../../paper/index.ts'
import { Memory, useMySetup, useWater, type Water, WorkedOut } from '../../../pool/index.ts'
import { useList } from '../../../store/index.ts'
import { onDay, useUnits } from '../../../ui/index.ts'
import { ChartTable } from '../ChartTable.tsx'
import { useChart } from '../useChart.ts'

/** A pool on one page: its bed, which tip at which level, and what it remembers. */
export function PoolCardPage() {
  const water = useWater()
  const setup = useMySetup()
  if (water === undefined || setup === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (setup === 'none' || setup === 'gone') return <Gone none={setup === 'none'} />
  return <PoolCard water={water} setup={setup} />
}

interface Props {
  readonly water: Water
  readonly setup: SwingSetup
}

function PoolCard({ water, setup }: Props) {
  const { show } = useUnits()
  const chart = useChart(setup, water)
  const entries = useList('entries')
  const { pool, flow } = water
  const run = pool ?? setup.run
  return (
    <Paper
      title={run.name}
      back={['/water?view=chart', 'Flow chart']}
      about={
        <>
          With {setup.parts.rod.name} and {setup.parts.head.head.name}, cast{' '}
          {show(setup.plan.castM, 'length')} at {setup.plan.angleDeg}°.{' '}
          {pool?.measuredFlowM3ps === undefined ? '' : `Measured at ${show(pool.measuredFlowM3ps, 'flow')}. `}
          {flow === undefined ? '' : `Today ${show(flow.m3ps, 'flow')}. `}
          {pool?.byLog === undefined ? '' : sayByLog(pool.byLog, onDay)}
        </>
      }
      code={<QrCode text={addressOf('/water?view=chart')} label="Opens the chart in Hoxen" mm={20} />}
    >
      <Bed setup={setup} />
      {chart.columns.length === 0 ? (
        <p className="py-4">The chart needs a pool measured at a known flow.</p>
      ) : (
        <>
          <p className="no-print text-[0.9rem]" role="status" data-chart={chart.working ? 'working' : 'done'}>
            {chart.working ? `${chart.done} of ${chart.of} swings` : 'Ready to print'}
          </p>
          <WorkedOut done={chart.done} of={chart.of} failed={chart.failed} />
          <ChartTable chart={chart} setup={setup} todayM3ps={flow?.m3ps} small />
        </>
      )}
      {pool !== undefined && flow !== undefined && (
        <section className="mt-3 text-[0.85rem]">
          <h2 className="text-[1.05rem]">What it remembers of this flow</h2>
          <Memory
            run={pool}
            flowM3ps={flow.m3ps}
            entries={(entries ?? []).filter(({ runId }) => runId === pool.id)}
          />
        </section>
      )}
    </Paper>
  )
}

const ROOM = { height: 116, left: 40, right: 10, top: 10, bottom: 22 } as const

function Bed({ setup: { run, fishAt } }: { readonly setup: SwingSetup }) {
  const [box, width] = useWidth<HTMLDivElement>(680)
  const section = sectionOf(run, run.widthM, fishAt)
  const room = { width, ...ROOM }
  const scale = sectionScale(room, section.toM, section.deepestM * 1.08, 0.1)
  return (
    <div ref={box}>
      <svg width={width} height={ROOM.height} role="img" aria-label={`${run.name} in section, today`}>
        <SectionPicture section={section} scale={scale} room={room} toDepthM={section.deepestM} band />
      </svg>
    </div>
  )
}
