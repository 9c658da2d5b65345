import type { Item } from '@hoxen/core/gear'
import { TRIP_LIMITS, type Trip, type TripDay } from '@hoxen/core/trip'
import type { Run } from '@hoxen/core/water'
import { FISH_AT_NAMES } from '@hoxen/core/words'
import { useId } from 'react'
import { Button, fieldLook, QuantityField, Select, TextField } from '../../ui/index.ts'
import { Flies } from './Flies.tsx'
import { changeTrip } from './useTrips.ts'
import { Waters } from './Waters.tsx'

interface Props {
  readonly trip: Trip
  readonly runs: readonly Run[]
  readonly items: readonly Item[]
  readonly jobFishKg: number
}

/** The days of a trip, its pools with their levels, and what is fished. */
export function Setup({ trip, runs, items, jobFishKg }: Props) {
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2" data-setup>
      <div>
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            label="Name of the trip"
            value={trip.name}
            take={(text) => {
              const name = text.trim()
              if (name === '') return 'Give the trip a name.'
              if (name.length > 80) return 'That name is too long: 80 characters at most.'
              changeTrip('Name the trip', trip, (now) => ({ ...now, name }))
              return undefined
            }}
          />
          <QuantityField
            label="Fish"
            measure="fishMass"
            value={trip.fishKg ?? jobFishKg}
            onChange={(fishKg) => changeTrip('Trip: fish', trip, (now) => ({ ...now, fishKg }))}
          />
        </div>
        <Flies trip={trip} items={items} />
        <h3 className="mt-3 text-[1.05rem]">Days</h3>
        {trip.days.map((day, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two days may be the same date while one is being typed
          <DayFields key={i} trip={trip} day={day} index={i} runs={runs} />
        ))}
        <Button
          disabled={trip.days.length >= TRIP_LIMITS.days}
          onClick={() => changeTrip('Trip: add a day', trip, withNextDay)}
        >
          Add a day
        </Button>
      </div>
      <Waters trip={trip} runs={runs} />
    </div>
  )
}

const DAY_MS = 86_400_000

/** A trip with the day after its last, fished as long. */
function withNextDay(trip: Trip): Trip {
  const last = trip.days.at(-1)
  if (last === undefined) return trip
  const on = new Date(Date.parse(`${last.on}T12:00:00Z`) + DAY_MS).toISOString().slice(0, 10)
  return { ...trip, days: [...trip.days, { ...last, on, pools: [] }] }
}

interface DayProps extends Pick<Props, 'trip' | 'runs'> {
  readonly day: TripDay
  readonly index: number
}

const AS_THE_DAY = ''

/** A trip with one of its days changed; a field set to nothing is left out. */
const withDay = (trip: Trip, index: number, change: Partial<Record<keyof TripDay, unknown>>): Trip => ({
  ...trip,
  days: trip.days.map((day, i) =>
    i === index
      ? (Object.fromEntries(
          Object.entries({ ...day, ...change }).filter(([, v]) => v !== undefined),
        ) as TripDay)
      : day,
  ),
})

function DayFields({ trip, day, index, runs }: DayProps) {
  const set: SetDay = (change) => changeTrip('Trip: a day', trip, (now) => withDay(now, index, change))
  return (
    <fieldset className="mb-2 rounded-md border border-rule px-3 pb-2" data-day-fields={index}>
      <legend className="px-1 text-sm text-faint">Day {index + 1}</legend>
      <DayTimes day={day} onSet={set} />
      <Pools
        day={day}
        runs={runs}
        onSet={(next) =>
          changeTrip('Trip: pools of a day', trip, (now) =>
            withDay(now, index, { pools: next(now.days[index]?.pools ?? []) }),
          )
        }
      />
      <DayFish day={day} onSet={set} />
      <div className="flex flex-wrap items-center gap-x-4">
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            checked={day.asListed === true}
            onChange={({ target }) => set({ asListed: target.checked ? true : undefined })}
            className="size-5"
          />
          In this order
        </label>
        <Button
          weight="quiet"
          disabled={trip.days.length < 2}
          onClick={() =>
            changeTrip('Trip: delete a day', trip, (now) => ({
              ...now,
              days: now.days.filter((_, i) => i !== index),
            }))
          }
        >
          Delete this day
        </Button>
      </div>
    </fieldset>
  )
}

type SetDay = (change: Partial<Record<keyof TripDay, unknown>>) => void

interface DayPartProps {
  readonly day: TripDay
  readonly onSet: SetDay
}

const DayTimes = ({ day: { on, from, to }, onSet }: DayPartProps) => (
  <div className="grid grid-cols-3 gap-2">
    <TimeField label="Date" type="date" value={on} onTake={(on) => on !== '' && onSet({ on })} />
    <TimeField label="From" type="time" value={from} onTake={(from) => onSet({ from: from || undefined })} />
    <TimeField label="To" type="time" value={to} onTake={(to) => onSet({ to: to || undefined })} />
  </div>
)

const DayFish = ({ day, onSet }: DayPartProps) => (
  <div className="grid grid-cols-2 gap-2">
    <Select
      label="Fish hold"
      value={day.fishAt ?? AS_THE_DAY}
      options={[
        [AS_THE_DAY, 'as on the day'],
        ...(['bottom', 'middle', 'surface'] as const).map((at) => [at, FISH_AT_NAMES[at]] as const),
      ]}
      onChange={(at) => onSet({ fishAt: at === AS_THE_DAY ? undefined : at })}
    />
    <QuantityField
      label="Water temperature, if you know it"
      measure="temperature"
      value={day.waterC}
      onChange={(waterC) => onSet({ waterC })}
    />
  </div>
)

interface TimeProps {
  readonly label: string
  readonly type: 'date' | 'time'
  readonly value: string | undefined
  readonly onTake: (text: string) => void
}

function TimeField({ label, type, value = '', onTake }: TimeProps) {
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        {label}
      </label>
      <input
        id={id}
        key={value}
        type={type}
        defaultValue={value}
        onBlur={({ target }) => target.value !== value && onTake(target.value)}
        className={fieldLook}
      />
    </div>
  )
}

interface PoolsProps {
  readonly day: TripDay
  readonly runs: readonly Run[]
  readonly onSet: (next: (now: TripDay['pools']) => TripDay['pools']) => void
}

/** Pools of a day in their order: added from a list, taken away by themselves. */
function Pools({ day: { pools }, runs, onSet }: PoolsProps) {
  const named = (id: string): string => runs.find((run) => run.id === id)?.name ?? `${id} (gone)`
  return (
    <div className="mt-1 grid grid-cols-2 items-end gap-2">
      <ul>
        {pools.map(({ runId }) => (
          <li key={runId} className="flex items-center justify-between gap-2">
            <span className="min-w-0 truncate">{named(runId)}</span>
            <button
              type="button"
              aria-label={`Take ${named(runId)} off this day`}
              onClick={() => onSet((now) => now.filter((each) => each.runId !== runId))}
              className="size-11 shrink-0 rounded text-lg hover:bg-shoal"
            >
              ×
            </button>
          </li>
        ))}
        {pools.length === 0 && <li className="text-faint">no pool yet</li>}
      </ul>
      <Select
        label="Add a pool"
        value=""
        options={[
          ['', 'choose…'],
          ...runs
            .filter(({ id }) => pools.every(({ runId }) => runId !== id))
            .map(({ id, name }) => [id, name] as const),
        ]}
        onChange={(runId) => runId !== '' && onSet((now) => [...now, { runId }])}
      />
    </div>
  )
}
