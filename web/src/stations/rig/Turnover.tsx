import type { FlyShape } from '@hoxen/core/gear'
import { itemsOf } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import type { Measure, UnitSystem } from '@hoxen/core/quantity'
import { LAUNCH_MPS, rigTurnover } from '@hoxen/core/rig'
import { sayTurnover, sayTurnoverModel } from '@hoxen/core/words'
import { Chart, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js'
import { useMemo, useState } from 'react'
import { Line } from 'react-chartjs-2'
import { unitTicks } from '../../drawing/index.ts'
import type { Question } from '../../ledger/index.ts'
import { Tag, useUnits } from '../../ui/index.ts'
import { Unrolling } from './Unrolling.tsx'

Chart.register(LinearScale, LineElement, PointElement, Legend, Tooltip)

const MORE_FLIES = 3
const INKS = ['var(--ink)', 'var(--river)', 'var(--caster)', 'var(--watch)'] as const
const DASHES: readonly number[][] = [[], [7, 4], [2, 3], [9, 3, 2, 3]]

interface NamedFly {
  readonly id: string
  readonly name: string
  readonly fly: FlyShape
}

/** Turnover of this fly and up to three others: what is left at the fly decides. */
export function Turnover({ rig, question }: { readonly rig: RankedRig; readonly question: Question }) {
  const flies = itemsOf(question.gear, 'fly')
  const [picked, setPicked] = useState<readonly string[]>(() => flies.slice(0, 2).map((f) => f.id))
  const { system } = useUnits()
  const launch = LAUNCH_MPS[question.day.caster.habit]
  const shown: readonly NamedFly[] = useMemo(
    () => [
      { id: 'job', name: 'My fly', fly: question.day.fly },
      ...flies.filter((f) => picked.includes(f.id)).map((f) => ({ id: f.id, name: f.name, fly: f })),
    ],
    [question, flies, picked],
  )
  const runs = useMemo(
    () => shown.map((s) => ({ ...s, result: rigTurnover(rig.parts, s.fly, launch, question.day) })),
    [shown, rig, launch, question],
  )
  const toggle = (id: string): void =>
    setPicked((old) => (old.includes(id) ? old.filter((o) => o !== id) : [...old, id].slice(-MORE_FLIES)))
  return (
    <section aria-labelledby="turnover-title">
      <h1 id="turnover-title" className="text-2xl">
        Turnover <Tag tag="estimate" />
      </h1>
      <p className="mt-1 max-w-3xl text-[0.95rem] text-faint">{sayTurnoverModel(launch, system)}</p>
      <fieldset className="mt-2 flex flex-wrap gap-x-5">
        <legend className="text-sm text-faint">Up to three other flies</legend>
        {flies.map((fly) => (
          <label key={fly.id} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={picked.includes(fly.id)}
              onChange={() => toggle(fly.id)}
              className="size-4"
            />
            {fly.name}
          </label>
        ))}
        {flies.length === 0 && <p className="py-2">Add flies in Gear to compare them.</p>}
      </fieldset>
      <Unrolling runs={runs.map((run, i) => ({ ...run, ink: INKS[i % INKS.length] ?? 'var(--ink)' }))} />
      <ul className="mt-4 divide-y divide-rule border-y border-rule">
        {runs.map(({ id, name, result }) => (
          <li key={id} className="grid gap-x-4 py-2 sm:grid-cols-[16rem_1fr]">
            <b className="font-semibold">{name}</b>
            <span data-turnover={result.outcome === 'turned-over' && result.straight ? 'straight' : 'falls'}>
              {sayTurnover(result, launch, system)}
            </span>
          </li>
        ))}
      </ul>
      <details className="mt-3">
        <summary className="min-h-11 cursor-pointer content-center">Speed on a chart</summary>
        <SpeedChart runs={runs} launch={launch} />
      </details>
    </section>
  )
}

interface Run extends NamedFly {
  readonly result: ReturnType<typeof rigTurnover>
}

/** An axis whose ticks fall on round figures of the unit in use. */
const inUnits = (measure: Measure, system: UnitSystem) => ({
  afterBuildTicks: (axis: { min: number; max: number; ticks: { value: number }[] }): void => {
    axis.ticks = unitTicks(axis.min, axis.max, TICKS, measure, system).map(({ si }) => ({ value: si }))
  },
})
const TICKS = 6

function SpeedChart({ runs, launch }: { readonly runs: readonly Run[]; readonly launch: number }) {
  const { show, system } = useUnits()
  const style = getComputedStyle(document.documentElement)
  const colour = (name: string): string => style.getPropertyValue(`--${name}`).trim()
  const inks = [colour('ink'), colour('river'), colour('caster'), colour('watch')]
  const data = {
    datasets: runs.map(({ name, result }, i) => {
      const every = Math.max(1, Math.floor(result.samples.length / 160))
      return {
        label: name,
        data: result.samples
          .filter((_, n) => n % every === 0)
          .map((s) => ({ x: s.legM, y: s.speedMps / launch })),
        borderColor: inks[i % inks.length] ?? 'black',
        borderDash: DASHES[i % DASHES.length] ?? [],
        borderWidth: 2.2,
        pointRadius: 0,
      }
    }),
  }
  const text = { color: colour('faint'), font: { family: 'Libre Franklin Variable', size: 12 } }
  return (
    <figure className="mt-3 h-72 rounded-lg border border-rule bg-sheet p-3">
      <Line
        role="img"
        aria-label={`Speed of the fly leg as it unrolls, launched at ${show(launch, 'current')}`}
        data={data}
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
              grid: { color: colour('rule') },
            },
            y: {
              type: 'linear',
              min: 0,
              suggestedMax: 2.5,
              title: { display: true, text: 'speed, launch = 1', ...text },
              ticks: text,
              grid: { color: colour('rule') },
            },
          },
          plugins: {
            legend: { labels: { ...text, color: colour('ink'), boxHeight: 1 } },
            tooltip: { enabled: false },
          },
        }}
      />
    </figure>
  )
}
