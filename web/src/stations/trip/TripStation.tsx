import type { Trip } from '@hoxen/core/trip'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { useToday } from '../../day/index.ts'
import { noticeFailed, useGear } from '../../store/index.ts'
import { Button, Empty, today as isoToday, Select } from '../../ui/index.ts'
import { Beside } from './Beside.tsx'
import { Setup } from './Setup.tsx'
import { TripPage } from './TripPage.tsx'
import { addTrip, removeTrip, type Trips, useTripAbout, useTrips } from './useTrips.ts'

/** Trips: which kit covers the days, what each size covers, and the order of each day. */
export function TripStation() {
  const trips = useTrips()
  const asked = useTripAbout(trips?.trip)
  const [shown, setShown] = useState<boolean>()
  if (trips === undefined) return <p className="py-10 text-faint">Opening…</p>
  const add = (): void => {
    setShown(true)
    void addTrip(isoToday()).then((id) => trips.choose('trip', id), noticeFailed)
  }
  const { trip, beside } = trips
  if (trip === undefined)
    return (
      <Empty
        title="No trip yet"
        action={
          <Button weight="strong" onClick={add}>
            Plan a trip
          </Button>
        }
      >
        Name the days and the pools, and how high the river may be. Hoxen finds the fewest things that cover
        them all, and says what one more would add.
      </Empty>
    )
  const planned = trip.days.some(({ pools }) => pools.length > 0)
  const open = shown ?? !planned
  return (
    <>
      <Bar trips={trips} trip={trip} onAdd={add} open={open} onOpen={() => setShown(!open)} />
      {beside !== undefined && <Beside trip={trip} beside={beside} />}
      {open && <SetUp trip={trip} />}
      {asked !== undefined && planned && <TripPage key={trip.id} trip={trip} about={asked} />}
    </>
  )
}

interface BarProps {
  readonly trips: Trips
  readonly trip: Trip
  readonly onAdd: () => void
  /** Whether days, pools and levels are shown. */
  readonly open: boolean
  readonly onOpen: () => void
}

function Bar({ trips, trip, onAdd, open, onOpen }: BarProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h1 className="text-2xl">{trip.name}</h1>
      <Button weight="quiet" aria-expanded={open} onClick={onOpen}>
        Days, pools and levels
      </Button>
      <div className="ml-auto flex flex-wrap items-center gap-2">
        {trips.trips.length > 1 && <Which trips={trips} trip={trip} />}
        <Button onClick={onAdd}>
          <Plus size={18} aria-hidden="true" /> New trip
        </Button>
        <Button
          weight="quiet"
          onClick={() => void removeTrip(trip).then(() => trips.choose('trip', undefined), noticeFailed)}
        >
          Delete
        </Button>
      </div>
    </div>
  )
}

const NONE = ''

/** Which trip is looked at, and which stands beside it. */
function Which({ trips: { trips, beside, choose }, trip }: Pick<BarProps, 'trips' | 'trip'>) {
  return (
    <>
      <Select
        bare
        label="Trip"
        value={trip.id}
        options={trips.map(({ id, name }) => [id, name])}
        onChange={(id) => choose('trip', id)}
      />
      <Select
        bare
        label="Beside it"
        value={beside?.id ?? NONE}
        options={[
          [NONE, 'beside: none'],
          ...trips.filter(({ id }) => id !== trip.id).map(({ id, name }) => [id, `beside: ${name}`] as const),
        ]}
        onChange={(id) => choose('beside', id === NONE ? undefined : id)}
      />
    </>
  )
}

/** The days, their pools and the levels to be ready for. */
function SetUp({ trip }: { readonly trip: Trip }) {
  const today = useToday()
  const gear = useGear()
  if (today === undefined || gear === undefined) return null
  return (
    <div className="mb-4 rounded-lg border border-rule px-4 py-3">
      {today.runs.length === 0 ? (
        <p>
          There is no pool yet.{' '}
          <Link to="/water" className="underline underline-offset-4">
            Add one under Water
          </Link>
          , then choose it here.
        </p>
      ) : (
        <Setup trip={trip} runs={today.runs} items={gear.items} jobFishKg={today.day.fishKg} />
      )}
    </div>
  )
}
