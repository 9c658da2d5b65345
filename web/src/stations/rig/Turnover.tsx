import type { FlyShape } from '@hoxen/core/gear'
import { itemsOf } from '@hoxen/core/gear'
import type { RankedRig } from '@hoxen/core/match'
import { LAUNCH_MPS, rigTurnover } from '@hoxen/core/rig'
import { sayTurnover, sayTurnoverModel } from '@hoxen/core/words'
import { Suspense, useMemo, useState } from 'react'
import type { Question } from '../../ledger/index.ts'
import { lazily, Tag, useUnits } from '../../ui/index.ts'
import { Unrolling } from './Unrolling.tsx'

// The chart library comes only when the graph is asked for.
const SpeedChart = lazily(() => import('./SpeedChart.tsx').then((m) => m.SpeedChart))

const MORE_FLIES = 3
const INKS = ['var(--ink)', 'var(--river)', 'var(--caster)', 'var(--watch)'] as const

interface NamedFly {
  readonly id: string
  readonly name: string
  readonly fly: FlyShape
}

interface Props {
  readonly rig: RankedRig
  readonly question: Question
}

/** The flies that are thrown, and how each turns over at this caster’s speed. */
function useThrown({ rig, question }: Props) {
  const flies = itemsOf(question.gear, 'fly')
  const [picked, setPicked] = useState<readonly string[]>(() => flies.slice(0, 2).map((f) => f.id))
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
  return { flies, picked, toggle, launch, runs }
}

/** Turnover of this fly and up to three others: what is left at the fly decides. */
export function Turnover(props: Props) {
  const { launch, runs, ...choice } = useThrown(props)
  const [charted, setCharted] = useState(false)
  const { system } = useUnits()
  return (
    <section aria-labelledby="turnover-title">
      <h1 id="turnover-title" className="text-2xl">
        Turnover <Tag tag="estimate" />
      </h1>
      <Unrolling runs={runs.map((run, i) => ({ ...run, ink: INKS[i % INKS.length] ?? 'var(--ink)' }))} />
      <OtherFlies {...choice} />
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
      <p className="mt-3 max-w-3xl text-[0.95rem] text-faint">{sayTurnoverModel(launch, system)}</p>
      <details className="mt-3" onToggle={({ currentTarget }) => setCharted(currentTarget.open)}>
        <summary className="min-h-11 cursor-pointer content-center">Speed on a chart</summary>
        {charted && (
          <Suspense fallback={<div className="h-72" />}>
            <SpeedChart runs={runs} launch={launch} />
          </Suspense>
        )}
      </details>
    </section>
  )
}

type OtherProps = Pick<ReturnType<typeof useThrown>, 'flies' | 'picked' | 'toggle'>

const OtherFlies = ({ flies, picked, toggle }: OtherProps) => (
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
)
