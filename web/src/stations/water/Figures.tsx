import { type SwingResult, swingVerdict } from '@hoxen/core/swing'
import type { FishAt } from '@hoxen/core/water'
import { saySwing } from '@hoxen/core/words'
import { StateMark, Tag, useUnits } from '../../ui/index.ts'

/** Results of a swing, in one glance. */
export function Figures({
  result,
  fishAt,
  stripped,
  busy,
}: {
  readonly fishAt: FishAt
  /** Whether line is stripped in: then it is lifted, and does not hang. */
  readonly stripped: boolean
  readonly result: SwingResult | undefined
  readonly busy: boolean
}) {
  const { show } = useUnits()
  if (result === undefined) return <p className="py-4 text-faint">Letting it swing…</p>
  const { summary } = result
  const { state, reason } = swingVerdict(result)
  return (
    <section aria-labelledby="figures-title" aria-busy={busy} className={busy ? 'opacity-60' : ''}>
      <h2 id="figures-title" className="text-lg">
        This swing <Tag tag="estimate" />
      </h2>
      <p className="font-display mt-1 text-[1.7rem] leading-tight" data-holding={summary.holdingS.toFixed(1)}>
        {summary.holdingS.toFixed(0)} s{' '}
        <span className="text-[1rem]">of {summary.overHoldingS.toFixed(0)} s with the fish</span>
      </p>
      <p className="text-[0.85rem] text-faint">
        Over the deeper water, where fish hold; the whole swing takes {summary.swingS.toFixed(0)} s.
      </p>
      <dl className="mt-1 grid grid-cols-2 gap-x-4">
        <Figure name="Rides at" value={show(summary.ridesM, 'length')} />
        <Figure
          name={stripped ? 'As it is lifted' : 'At the hang-down'}
          value={show(summary.hangDepthM, 'length')}
          id="hang"
        />
        <Figure name="Touches" value={String(summary.touches)} id="touches" />
        <Figure name="Dragged on the bed" value={show(summary.draggedM, 'length')} />
        <Figure name="Crosses at" value={show(summary.crossMps, 'current')} />
        <Figure name="Chance of a snag" value={`${Math.round(summary.snagRisk * 100)} %`} />
      </dl>
      <p className="mt-1 text-[0.95rem]" data-verdict={state}>
        <StateMark state={state} /> {saySwing(reason, fishAt)}
      </p>
    </section>
  )
}

function Figure({
  name,
  value,
  id,
}: {
  readonly name: string
  readonly value: string
  readonly id?: string
}) {
  return (
    <div className="border-b border-rule py-1">
      <dt className="text-[0.8rem] text-faint">{name}</dt>
      <dd className="font-semibold" data-figure={id}>
        {value}
      </dd>
    </div>
  )
}
