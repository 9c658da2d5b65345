import { printShare } from '@hoxen/core/quantity'
import { type SwingResult, swingVerdict } from '@hoxen/core/swing'
import { depthAt, type FishAt, type Run } from '@hoxen/core/water'
import { saySwing, sayTouches, sayTouchPlaces } from '@hoxen/core/words'
import type { ReactNode } from 'react'
import { StateMark, Tag, Term, useUnits } from '../../ui/index.ts'

/** So near the bed nobody tells it from lying on it [m]. */
const ON_BED_M = 0.02

interface Props {
  readonly fishAt: FishAt
  readonly run: Run
  /** Whether line is stripped in: then it is lifted, and does not hang. */
  readonly stripped: boolean
  readonly result: SwingResult | undefined
  readonly busy: boolean
}

/** Results of a swing, in one glance. */
export function Figures({ result, fishAt, run, stripped, busy }: Props) {
  if (result === undefined) return <p className="py-4 text-faint">Swinging it…</p>
  const { holdingS, overHoldingS, swingS } = result.summary
  const { state, reason } = swingVerdict(result)
  return (
    <section aria-labelledby="figures-title" aria-busy={busy} className={busy ? 'opacity-60' : ''}>
      <h2 id="figures-title" className="text-lg">
        This swing <Tag tag="estimate" />
      </h2>
      <p className="font-display mt-1 text-[1.7rem] leading-tight" data-holding={holdingS.toFixed(1)}>
        {holdingS.toFixed(0)} s <span className="text-[1rem]">with the fish</span>
      </p>
      <p className="text-[0.85rem] text-faint">
        Of {overHoldingS.toFixed(0)} s over <Term about="word-holding-water">holding water</Term>. The whole
        swing takes {swingS.toFixed(0)} s.
      </p>
      <FigureList result={result} run={run} stripped={stripped} />
      <p className="mt-1 text-[0.95rem]" data-verdict={state}>
        <StateMark state={state} /> {saySwing(reason, fishAt)}
      </p>
    </section>
  )
}

interface ListProps extends Pick<Props, 'run' | 'stripped'> {
  readonly result: SwingResult
}

function FigureList({ result: { summary, touches }, run, stripped }: ListProps) {
  const { show, system } = useUnits()
  // Straight below the angler there may be no more water than that.
  const hangsOnBed = !stripped && summary.hangDepthM >= depthAt(run, run.wadeM) - ON_BED_M
  return (
    <dl className="mt-1 grid grid-cols-2 gap-x-4">
      {summary.onTop === undefined ? (
        <Figure name="Rides at" value={show(summary.ridesM, 'length')} />
      ) : (
        <>
          <Figure name="Against the water" value={show(summary.onTop.wakeMps, 'current')} id="wake" />
          <Figure name="Without drag" value={`${summary.onTop.dragFreeS.toFixed(0)} s`} />
        </>
      )}
      <Figure
        name={stripped ? 'As it is lifted' : <AtTheHang />}
        value={`${show(summary.hangDepthM, 'length')}${hangsOnBed ? ', on the bottom below you' : ''}`}
        id="hang"
      />
      <Figure
        name="Touches"
        value={sayTouches(summary)}
        id="touches"
        note={sayTouchPlaces(touches, system)}
      />
      <Figure name="On the bottom" value={`${printShare(summary.bedShare)} of the swing`} />
      <Figure name="Drags bottom for" value={show(summary.draggedM, 'length')} />
      <Figure name="Swing speed" value={show(summary.crossMps, 'current')} />
      <Figure name="Chance of a snag" value={printShare(summary.snagRisk)} />
    </dl>
  )
}

const AtTheHang = () => (
  <>
    At the <Term about="word-hang-down">hang-down</Term>
  </>
)

function Figure({
  name,
  value,
  id,
  note,
}: {
  readonly name: ReactNode
  readonly value: string
  readonly id?: string
  readonly note?: string | undefined
}) {
  return (
    <div className="border-b border-rule py-1">
      <dt className="text-[0.8rem] text-faint">{name}</dt>
      <dd className="font-semibold">
        <span data-figure={id}>{value}</span>
        {note !== undefined && <span className="block text-[0.8rem] font-normal text-faint">{note}</span>}
      </dd>
    </div>
  )
}
