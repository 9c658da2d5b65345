import type { TurnoverResult } from '@hoxen/core/cast'
import type { Measure, UnitSystem } from '@hoxen/core/quantity'
import { Chart, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js'
import { Line } from 'react-chartjs-2'
import { type Ink, inkOf, unitTicks } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'

Chart.register(LinearScale, LineElement, PointElement, Legend, Tooltip)

const DASHES: readonly number[][] = [[], [7, 4], [2, 3], [9, 3, 2, 3]]

interface Props {
  readonly runs: readonly { readonly name: string; readonly result: TurnoverResult }[]
  readonly launch: number
}

/** An axis whose ticks fall on round figures of the unit in use. */
const inUnits = (measure: Measure, system: UnitSystem) => ({
  afterBuildTicks: (axis: { min: number; max: number; ticks: { value: number }[] }): void => {
    axis.ticks = unitTicks(axis.min, axis.max, TICKS, measure, system).map(({ si }) => ({ value: si }))
  },
})
const TICKS = 6

/** Speed of the fly leg as it unrolls, of several flies. @param launch speed of the loop as it leaves [m/s] */
export function SpeedChart({ runs, launch }: Props) {
  const { show, system } = useUnits()
  const ink = inkOf(document.body)
  const text = { color: ink.faint, font: { family: ink.font, size: 12 } }
  return (
    <figure className="mt-3 h-72 rounded-lg border border-rule bg-sheet p-3">
      <Line
        role="img"
        aria-label={`Speed of the fly leg as it unrolls, launched at ${show(launch, 'current')}`}
        data={{ datasets: linesOf(runs, launch, ink) }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          parsing: false,
          scales: {
            x: {
              type: 'linear',
              reverse: true,
              min: 0,
              max: runs[0]?.result.samples[0]?.legM ?? 10,
              title: { display: true, text: 'line still to unroll', ...text },
              ...inUnits('length', system),
              ticks: { ...text, callback: (v) => show(Number(v), 'length') },
              grid: { color: ink.rule },
            },
            y: {
              type: 'linear',
              min: 0,
              suggestedMax: 2.5,
              title: { display: true, text: 'speed, launch = 1', ...text },
              ticks: text,
              grid: { color: ink.rule },
            },
          },
          plugins: {
            legend: { labels: { ...text, color: ink.ink, boxHeight: 1 } },
            tooltip: { enabled: false },
          },
        }}
      />
    </figure>
  )
}

/** Most points of a line. */
const MOST_POINTS = 160

/** A line for each fly, in its own ink and dashes; speeds as shares of the launch. */
const linesOf = (runs: Props['runs'], launch: number, ink: Ink) =>
  runs.map(({ name, result }, i) => {
    const inks = [ink.ink, ink.river, ink.caster, ink.watch]
    const every = Math.max(1, Math.floor(result.samples.length / MOST_POINTS))
    return {
      label: name,
      data: result.samples
        .filter((_, n) => n % every === 0)
        .map((s) => ({ x: s.legM, y: s.speedMps / launch })),
      borderColor: inks[i % inks.length] ?? 'black',
      borderDash: [...(DASHES[i % DASHES.length] ?? [])],
      borderWidth: 2.2,
      pointRadius: 0,
    }
  })
