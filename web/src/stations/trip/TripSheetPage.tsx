import type { Gear } from '@hoxen/core/gear'
import { type Kit, rigWith, type Trip, type TripAbout, type TripFound } from '@hoxen/core/trip'
import { sayChanges, sayDemand, sayLeaveBy, sayMoreRods, saySpare, summarize } from '@hoxen/core/words'
import { addressOf } from '../../link/index.ts'
import { Paper, QrCode } from '../../paper/index.ts'
import { useWallet } from '../../store/index.ts'
import { clock, Empty, Failed, onDay, useUnits } from '../../ui/index.ts'
import { inHand, namesOf } from './rows.ts'
import { type Plan, usePlan, useWithLent } from './usePlan.ts'
import { useTripAnswer } from './useTripAnswer.ts'
import { useTripAbout, useTrips } from './useTrips.ts'

/** A trip on one page: the kit by pocket, and each day in its order. */
export function TripSheetPage() {
  const trips = useTrips()
  const asked = useTripAbout(trips?.trip)
  if (trips === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (trips.trip === undefined) return <Empty title="No trip to print">Plan one under Trip first.</Empty>
  if (asked === undefined) return <p className="py-10 text-faint">Opening…</p>
  return <Sheet trip={trips.trip} about={asked} />
}

function Sheet({ trip, about }: { readonly trip: Trip; readonly about: TripAbout }) {
  const { found, kit, lent, error, retry } = useTripAnswer(trip, about)
  const gear = useWithLent(about.gear, lent)
  const first = trip.days[0]?.on
  const last = trip.days.at(-1)?.on
  return (
    <Paper
      title={trip.name}
      back={[`/trip?trip=${trip.id}`, 'Trip']}
      about={first === undefined || last === undefined ? undefined : `${onDay(first)} to ${onDay(last)}`}
      code={<QrCode text={addressOf(`/trip?trip=${trip.id}`)} label="Opens the trip in Hoxen" mm={20} />}
    >
      {error !== null && <Failed error={error} retry={retry} />}
      {found === undefined || kit === undefined ? (
        <p role="status" hidden={error !== null} className="py-4">
          Swinging the rigs that might do…
        </p>
      ) : (
        <Printed trip={trip} about={about} gear={gear} found={found} kit={kit} />
      )}
    </Paper>
  )
}

interface PrintedProps {
  readonly trip: Trip
  readonly about: TripAbout
  readonly gear: Gear
  readonly found: TripFound
  readonly kit: Kit
}

function Printed({ trip, about, gear, found, kit }: PrintedProps) {
  const { system } = useUnits()
  const wallet = useWallet()
  const plan = usePlan(trip, about, gear, found.covered, kit.ids, wallet)
  const open = found.covered.filter((each) => rigWith(plan.kit, each) === undefined)
  return (
    <div className="grid grid-cols-2 gap-x-6 text-[0.9rem]" data-printed>
      <PackSheet plan={plan} />
      <DaySheet plan={plan} poolName={(id) => about.runs.find((run) => run.id === id)?.name ?? id} />
      {open.length > 0 && (
        <p className="col-span-2 mt-2">
          Not covered: {open.map(({ demand }) => sayDemand(demand, system)).join('; ')}.
        </p>
      )}
    </div>
  )
}

function PackSheet({ plan: { packed, spares } }: { readonly plan: Plan }) {
  const { system } = useUnits()
  return (
    <section>
      <h2 className="text-[1.1rem]">Pack</h2>
      {packed.map(({ pocket, items }) => (
        <div key={pocket ?? ''} className="mb-1">
          <h3 className="text-[0.85rem]">{pocket ?? 'Rods, reels and lines'}</h3>
          <ul>
            {items.map((item) => (
              <li key={item.id} className="leading-snug">
                ☐ <b className="font-semibold">{item.name}</b> {summarize(item, system)}
              </li>
            ))}
          </ul>
        </div>
      ))}
      <h3 className="text-[0.85rem]">Spares</h3>
      <ul>
        {spares.map((spare) => (
          <li key={spare.what}>☐ {saySpare(spare)}</li>
        ))}
      </ul>
    </section>
  )
}

function DaySheet({
  plan: { days, byId },
  poolName,
}: {
  readonly plan: Plan
  readonly poolName: (id: string) => string
}) {
  return (
    <section>
      <h2 className="text-[1.1rem]">Day by day</h2>
      {days.map(({ on, visits, minutes, moreRods: [two] }) => (
        <div key={on} className="mb-1.5">
          <h3 className="text-[0.95rem]">{onDay(on)}</h3>
          <ol>
            {visits.map(({ runId, rig, changes, minutes: took, fromMs, toMs, tide }, i) => (
              <li key={runId} className="leading-snug">
                {clock(fromMs)}–{clock(toMs)} <b className="font-semibold">{poolName(runId)}</b>
                {i > 0 && `: ${sayChanges(changes, took)}`}
                <br />
                {rig === undefined ? 'nothing in the kit covers it' : namesOf(inHand(rig), byId)}
                {tide !== undefined && <b className="font-semibold"> {sayLeaveBy(tide.leave, clock)}.</b>}
              </li>
            ))}
          </ol>
          {two !== undefined && minutes > 0 && <p className="text-[0.85rem]">{sayMoreRods(two)}</p>}
        </div>
      ))}
    </section>
  )
}
