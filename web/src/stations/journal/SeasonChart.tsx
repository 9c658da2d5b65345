import { type Entry, levelOf, SAW, tipsOf } from '@hoxen/core/journal'
import { findUnit, unitFor } from '@hoxen/core/quantity'
import type { Run } from '@hoxen/core/water'
import { SAW_WORDS, saySeason } from '@hoxen/core/words'
import { Chart, Legend, LinearScale, PointElement, Tooltip } from 'chart.js'
import { Scatter } from 'react-chartjs-2'
import { type Ink, inkOf } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

Chart.register(LinearScale, PointElement, Tooltip, Legend)

const ROW_PX = 42
/** Distance of swings that stand beside one another [rows]. */
const BESIDE = 0.16

interface Props {
  readonly entries: readonly Entry[]
  readonly runs: readonly Run[]
  /** The one pool of all of them; its levels are then told as flows. */
  readonly pool: Run | undefined
}

interface Row {
  readonly tip: string | null
  /** Undefined where all of them are of one pool. */
  readonly runId: string | undefined
  readonly name: string
}

/** One row a tip; of several pools one a pool and tip, each with the pool's name. */
function rowsOf({ entries, runs, pool }: Props): readonly Row[] {
  if (pool !== undefined)
    return tipsOf(entries).map((tip) => ({ tip, runId: undefined, name: tip ?? 'no tip' }))
  return runs.flatMap(({ id, name }) =>
    tipsOf(entries.filter(({ runId }) => runId === id)).map((tip) => ({
      tip,
      runId: id,
      name: `${tip ?? 'no tip'}, ${name}`,
    })),
  )
}

interface Placed {
  readonly entry: Entry
  readonly x: number
  readonly y: number
}

/** Swings whose level is known, by level and row; those at the very same level stand beside one another. */
function placedOf(
  { entries, runs, pool }: Props,
  rows: readonly Row[],
  ofFlow: (m3ps: number) => number,
): readonly Placed[] {
  const crowd = new Map<string, number>()
  return entries.flatMap((entry) => {
    const level = levelOf(
      entry,
      runs.find(({ id }) => id === entry.runId),
    )
    const share = level === undefined ? undefined : level * 100
    const flow = entry.flowM3ps === undefined ? undefined : ofFlow(entry.flowM3ps)
    const x = pool === undefined ? share : flow
    const row = rows.findIndex(
      ({ tip, runId }) => tip === entry.tip && (runId === undefined || runId === entry.runId),
    )
    if (x === undefined || row < 0) return []
    const key = `${row} ${x.toFixed(0)}`
    const n = crowd.get(key) ?? 0
    crowd.set(key, n + 1)
    return [{ entry, x, y: row + BESIDE * (n % 2 === 0 ? -n / 2 : (n + 1) / 2) }]
  })
}

/** The signs of every list: up and hollow, round, down and full. */
const seriesOf = (placed: readonly Placed[], ink: Ink) =>
  SAW.map((saw) => ({
    label: SAW_WORDS[saw],
    data: placed.filter(({ entry }) => entry.saw === saw),
    pointStyle: saw === 'band' ? ('circle' as const) : ('triangle' as const),
    rotation: saw === 'touched' ? 180 : 0,
    backgroundColor: saw === 'high' ? 'transparent' : saw === 'band' ? ink.river : ink.caster,
    borderColor: saw === 'high' ? ink.ink : saw === 'band' ? ink.river : ink.caster,
    borderWidth: 1.6,
    radius: 6,
    hoverRadius: 8,
  }))

/** Chart of what each tip did at each level: tips down, of several pools by pool; levels across. */
export function SeasonChart(props: Props) {
  const { system, show } = useUnits()
  const ink = inkOf(document.body)
  const flowUnit = unitFor('flow', system)
  const rows = rowsOf(props)
  const placed = placedOf(props, rows, (m3ps) => findUnit(flowUnit, 'flow')?.fromSi(m3ps) ?? m3ps)
  const text = { color: ink.faint, font: { family: ink.font, size: 12 } }
  if (placed.length === 0) return <p className="text-faint">No flow was known when these were logged.</p>
  const labelOf = ({ entry: { tip, saw, flowM3ps } }: Placed): string =>
    `${tip ?? 'no tip'}, ${SAW_WORDS[saw]}${flowM3ps === undefined ? '' : `, ${show(flowM3ps, 'flow')}`}`
  return (
    <figure style={{ height: rows.length * ROW_PX + 96 }}>
      <figcaption className="sr-only">What each tip did, by flow</figcaption>
      <Scatter
        role="img"
        aria-label={saySeason(
          placed.map(({ entry }) => entry.saw),
          new Set(placed.map(({ entry }) => entry.tip)).size,
        )}
        data={{ datasets: seriesOf(placed, ink) }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: {
            legend: { position: 'top', align: 'start', labels: { ...text, usePointStyle: true } },
            tooltip: { displayColors: false, callbacks: { label: ({ raw }) => labelOf(raw as Placed) } },
          },
          scales: {
            x: levelAxis(
              props.pool === undefined ? 'depth compared with measured, %' : `flow, ${flowUnit}`,
              text,
              ink,
            ),
            y: tipAxis(rows, text, ink),
          },
        }}
      />
    </figure>
  )
}

interface AxisText {
  readonly color: string
  readonly font: { readonly family: string; readonly size: number }
}

const levelAxis = (title: string, text: AxisText, ink: Ink) =>
  ({
    type: 'linear',
    grace: '6%',
    title: { display: true, ...text, text: title },
    ticks: text,
    grid: { color: ink.rule },
  }) as const

const tipAxis = (rows: ReturnType<typeof rowsOf>, text: AxisText, ink: Ink) =>
  ({
    type: 'linear',
    reverse: true,
    min: -0.6,
    max: rows.length - 0.4,
    ticks: {
      ...text,
      color: ink.ink,
      stepSize: 1,
      autoSkip: false,
      callback: (v: number | string) => rows[Number(v)]?.name ?? '',
    },
    afterBuildTicks: (axis: { ticks: { value: number }[] }) => {
      axis.ticks = rows.map((_, value) => ({ value }))
    },
    grid: { color: ink.rule },
  }) as const
