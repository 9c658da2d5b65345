import { STAND_LIMITS, type Stand, seaShiftM } from '@hoxen/core/day'
import { gapsIn, leaveBy, lowestWayBack, ROUND_TURN_H, type Shore, tideAt, WAY_BACK } from '@hoxen/core/tide'
import type { Run } from '@hoxen/core/water'
import { SURF_STEPS, sayGap, sayLeaveBy, sayMark, sayMarkTooFar } from '@hoxen/core/words'
import { Suspense, useMemo } from 'react'
import {
  clock,
  lazily,
  QuantityField,
  Select,
  Tag,
  Term,
  useNow,
  useUnits,
  useWithin,
} from '../../ui/index.ts'
import { BedSection } from './BedSection.tsx'
import type { ChangeStand } from './StandFields.tsx'
import { TideClock } from './TideClock.tsx'

const ShoreForm = lazily(() => import('./ShoreForm.tsx').then((m) => m.ShoreForm))

interface Props {
  readonly run: Run
  readonly stand: Stand
}

interface ChangedProps extends Props {
  readonly onChange: ChangeStand
}

interface SeaNow {
  readonly shiftM: number
  readonly runUpM: number
}

/** State of the sea today: what the mark said, as long as it counts, and how far the waves run up. */
function useSea(stand: Stand, now: number): SeaNow {
  const { runUpM = WAY_BACK.runUpM } = stand
  const shiftM = seaShiftM(stand, now)
  return useMemo(() => ({ shiftM, runUpM }), [shiftM, runUpM])
}

const HOURS = ['0.5', '1', '1.5', '2', '3'] as const
type Hours = (typeof HOURS)[number]
const HOUR_OPTIONS = HOURS.map((h): readonly [Hours, string] => [h, h === '1' ? '1 hour' : `${h} hours`])

/** When to leave, before all else. */
export function LeaveBy({ run: { shore }, stand }: Props) {
  const now = useNow()
  const sea = useSea(stand, now)
  const way = useMemo(() => shore && leaveBy(shore, now, sea), [shore, now, sea])
  if (way === undefined) return null
  const urgent = way.outcome === 'cut-off' || way.outcome === 'no-dry-way'
  return (
    <h2 className={`text-xl sm:text-2xl ${urgent ? 'text-breaks' : ''}`} data-leave={way.outcome}>
      {sayLeaveBy(way, clock)}
    </h2>
  )
}

/** The beach's tide on its clock, or what it takes to know it. */
export function BeachClock({ run: { name, shore, spot }, stand }: Props) {
  const now = useNow()
  const { shiftM } = useSea(stand, now)
  return (
    <section aria-label="The tide" className="mt-2 rounded-lg border border-rule bg-sheet px-3 pb-1">
      {shore === undefined ? (
        <p className="py-2 font-medium">
          {name} has no tide yet. Give it a profile and a tide file and it tells you when to leave.
        </p>
      ) : (
        <TideClock
          shore={shore}
          place={spot}
          now={now}
          shiftM={shiftM}
          roundTurnH={stand.roundTurnH ?? ROUND_TURN_H}
        />
      )}
    </section>
  )
}

/** The beach's bed, what the hour to leave rests on, and how such a beach is fished. */
export function BeachMore({ run, stand, onChange }: ChangedProps) {
  return (
    <section aria-label="The beach" className="mt-4">
      {run.shore !== undefined && <Bed shore={run.shore} stand={stand} onChange={onChange} />}
      <details className="no-print mt-1">
        <summary className="min-h-11 cursor-pointer content-center text-[0.95rem]">
          This beach’s bed and tide
        </summary>
        <Suspense fallback={<p className="py-2 text-faint">Opening…</p>}>
          <ShoreForm run={run} />
        </Suspense>
      </details>
      <details className="mt-1">
        <summary className="min-h-11 cursor-pointer content-center text-[0.95rem]">How it is fished</summary>
        <ol className="list-decimal space-y-1 pl-5 text-[0.95rem]">
          {SURF_STEPS.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </details>
    </section>
  )
}

interface BedProps extends Omit<ChangedProps, 'run'> {
  readonly shore: Shore
}

function Bed({ shore, stand, onChange }: BedProps) {
  const now = useNow()
  const sea = useSea(stand, now)
  return (
    <div className="grid-cols-2 items-start gap-x-8 *:min-w-0 lg:grid">
      <BedSection shore={shore} now={now} shiftM={sea.shiftM} />
      <div>
        <LeaveNote shore={shore} now={now} />
        <SeaFields shore={shore} sea={sea} now={now} onChange={onChange}>
          <Select
            label="Time I fish either side of high and low water"
            value={HOURS.find((h) => Number(h) >= (stand.roundTurnH ?? ROUND_TURN_H)) ?? '3'}
            options={HOUR_OPTIONS}
            onChange={(h) => onChange('time fished', () => ({ roundTurnH: Number(h) }))}
          />
        </SeaFields>
      </div>
    </div>
  )
}

/** What the hour to leave takes for granted. */
function LeaveNote({ shore, now }: { readonly shore: Shore; readonly now: number }) {
  const { show } = useUnits()
  const gap = 'table' in shore.station ? gapsIn(shore.station).find(({ toMs }) => toMs > now) : undefined
  return (
    <>
      <p className="mt-2 text-[0.9rem] text-faint">
        Half an hour in hand; “cut off” means knee-deep at the lowest point,{' '}
        {show(lowestWayBack(shore).heightM, 'length')} above <Term about="word-datum">datum</Term> on the
        straight way back. Surge and air pressure can raise the sea above the prediction, and a lower gap off
        this line isn’t seen. <Tag tag="estimate" />
      </p>
      {gap !== undefined && (
        <p role="status" className="text-[0.9rem] font-medium text-watch">
          {sayGap(gap, clock)}
        </p>
      )}
    </>
  )
}

interface SeaProps {
  readonly shore: Shore
  readonly sea: SeaNow
  readonly now: number
  readonly onChange: ChangeStand
  readonly children: React.ReactNode
}

/** Fields of the sea: how far it runs up, and what the beach's own mark reads. */
function SeaFields({ shore, sea, now, onChange, children }: SeaProps) {
  const { system } = useUnits()
  const within = useWithin()
  const predictedM = tideAt(shore.station, now)
  const refuseMark = (si: number): string | undefined => {
    if (predictedM === undefined) return 'The tide at this hour isn’t known.'
    const { low, high } = STAND_LIMITS.shiftM
    const shiftM = si - predictedM
    return shiftM >= low && shiftM <= high
      ? undefined
      : sayMarkTooFar(predictedM, STAND_LIMITS.shiftM, system)
  }
  return (
    <div className="no-print mt-2 grid items-start gap-x-4 gap-y-2 sm:grid-cols-3">
      <QuantityField
        label="Wave run-up"
        measure="length"
        value={sea.runUpM}
        onChange={(runUpM) => onChange('wave run-up', () => ({ runUpM }))}
        refuse={within(STAND_LIMITS.runUpM, 'length')}
      />
      <QuantityField
        label="My tide mark reads now"
        measure="length"
        value={predictedM === undefined ? undefined : Math.round((predictedM + sea.shiftM) * 100) / 100}
        onChange={(si) =>
          onChange('tide mark', () => ({ mark: { shiftM: si - (predictedM ?? si), atMs: Date.now() } }))
        }
        refuse={refuseMark}
      />
      {children}
      {sea.shiftM !== 0 && (
        <p className="text-[0.9rem] text-faint sm:col-span-3">{sayMark(sea.shiftM, system)}</p>
      )}
    </div>
  )
}
