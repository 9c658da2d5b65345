import { type Entry, levelOf, SAW, tipsOf } from '@hoxen/core/journal'
import { findUnit, unitFor } from '@hoxen/core/quantity'
import type { Run } from '@hoxen/core/water'
import { SAW_WORDS, saySeason } from '@hoxen/core/words'
import { Chart, Legend, LinearScale, PointElement, Tooltip } from 'chart.js'
import { Scatter } from 'react-chartjs-2'
import { useUnits } from '../../ui/index.ts'

Chart.register(LinearScale, PointElement, Tooltip, Legend)

const ROW_PX = 42
/** Swings at the very same level are laid beside one another [rows]. */
const BESIDE = 0.16

interface Props {
  readonly entries: readonly Entry[]
  readonly runs: readonly Run[]
  /** The one pool of all of them; its levels are then told as flows. */
  readonly pool: Run | undefined
}

/** Chart of what each tip did at each level: tips down, levels across. */
export function SeasonChart({ entries, runs, pool }: Props) {
  const { system, show } = useUnits()
  const style = getComputedStyle(document.documentElement)
  const colour = (name: string): string => style.getPropertyValue(`--${name}`).trim()
  const tips = tipsOf(entries)
  const flowUnit = unitFor('flow', system)
  const ofFlow = (m3ps: number): number => findUnit(flowUnit, 'flow')?.fromSi(m3ps) ?? m3ps
  const at = (entry: Entry): number | undefined => {
    if (pool !== undefined) return entry.flowM3ps === undefined ? undefined : ofFlow(entry.flowM3ps)
    const level = levelOf(
      entry,
      runs.find(({ id }) => id === entry.runId),
    )
    return level === undefined ? undefined : level * 100
  }
  const known = entries.flatMap((entry) => {
    const x = at(entry)
    return x === undefined ? [] : [{ entry, x }]
  })
  const crowd = new Map<string, number>()
  const placed = known.map(({ entry, x }) => {
    const key = `${entry.tip} ${x.toFixed(0)}`
    const n = crowd.get(key) ?? 0
    crowd.set(key, n + 1)
    return { entry, x, y: tips.indexOf(entry.tip) + BESIDE * (n % 2 === 0 ? -n / 2 : (n + 1) / 2) }
  })
  const text = { color: colour('faint'), font: { family: 'Libre Franklin Variable', size: 12 } }
  if (known.length === 0) return <p className="text-faint">No flow was known when these were logged.</p>
  return (
    <figure style={{ height: tips.length * ROW_PX + 96 }}>
      <figcaption className="sr-only">What each tip did, by flow</figcaption>
      <Scatter
        role="img"
        aria-label={saySeason(
          known.map(({ entry }) => entry.saw),
          tips.length,
        )}
        data={{
          datasets: SAW.map((saw) => ({
            label: SAW_WORDS[saw],
            data: placed.filter(({ entry }) => entry.saw === saw),
            // The signs of every list: up and hollow, round, down and full.
            pointStyle: saw === 'band' ? ('circle' as const) : ('triangle' as const),
            rotation: saw === 'touched' ? 180 : 0,
            backgroundColor: saw === 'high' ? 'transparent' : colour(saw === 'band' ? 'river' : 'caster'),
            borderColor: colour(saw === 'high' ? 'ink' : saw === 'band' ? 'river' : 'caster'),
            borderWidth: 1.6,
            radius: 6,
            hoverRadius: 8,
          })),
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          plugins: {
            legend: { position: 'top', align: 'start', labels: { ...text, usePointStyle: true } },
            tooltip: {
              displayColors: false,
              callbacks: {
                label: (item) => {
                  const { entry } = item.raw as { readonly entry: Entry }
                  return `${entry.tip ?? 'no tip'}, ${SAW_WORDS[entry.saw]}${entry.flowM3ps === undefined ? '' : `, ${show(entry.flowM3ps, 'flow')}`}`
                },
              },
            },
          },
          scales: {
            x: {
              type: 'linear',
              grace: '6%',
              title: {
                display: true,
                ...text,
                text: pool === undefined ? 'depth compared with measured, %' : `flow, ${flowUnit}`,
              },
              ticks: text,
              grid: { color: colour('rule') },
            },
            y: {
              type: 'linear',
              reverse: true,
              min: -0.6,
              max: tips.length - 0.4,
              ticks: {
                ...text,
                color: colour('ink'),
                stepSize: 1,
                autoSkip: false,
                callback: (v) => (Number.isInteger(Number(v)) ? (tips[Number(v)] ?? 'no tip') : ''),
              },
              afterBuildTicks: (axis) => {
                axis.ticks = tips.map((_, value) => ({ value }))
              },
              grid: { color: colour('rule') },
            },
          },
        }}
      />
    </figure>
  )
}
