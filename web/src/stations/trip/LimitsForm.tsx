import type { Item } from '@hoxen/core/gear'
import {
  CARRIED,
  type Carried,
  CHANGE_MINUTES,
  sortOf,
  TRIP_LIMITS,
  type Trip,
  type TripLimits,
} from '@hoxen/core/trip'
import { CARRIED_NAMES, CHANGE_NAMES } from '@hoxen/core/words'
import { changeKept, noticeFailed, useSettings } from '../../store/index.ts'
import { Button, Select, TextField } from '../../ui/index.ts'
import { changeTrip } from './useTrips.ts'

interface Props {
  readonly trip: Trip
  readonly items: readonly Item[]
}

/** A trip with one limit set, or with none of that sort. */
const limited = (trip: Trip, change: Partial<Record<keyof TripLimits, unknown>>): Trip => {
  const all = Object.entries({ ...trip.limits, ...change }).filter(([, value]) => value !== undefined)
  return { ...trip, limits: Object.fromEntries(all) as TripLimits }
}

/** Reads how many; nothing typed is no limit. */
function readCount(
  text: string,
  high: number,
): { readonly count: number | undefined } | { readonly wrong: string } {
  const typed = text.trim()
  if (typed === '') return { count: undefined }
  const count = Number(typed)
  return Number.isInteger(count) && count >= 0 && count <= high
    ? { count }
    : { wrong: `Enter a whole number from 0 to ${high}, or nothing for no limit.` }
}

/** How much is carried, what must come, what may be borrowed. */
export function LimitsForm({ trip, items }: Props) {
  const { limits = {} } = trip
  return (
    <details className="mt-3 border-t border-rule" data-limits>
      <summary className="min-h-11 cursor-pointer content-center font-semibold">Limits and minutes</summary>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4 xl:grid-cols-7">
        {CARRIED.map((sort) => (
          <CountField key={sort} trip={trip} sort={sort} />
        ))}
      </div>
      <Minutes />
      <div className="mt-2 grid gap-3 sm:grid-cols-3">
        <Select
          label="May be borrowed or bought"
          value={String(limits.borrowed ?? 0)}
          options={Array.from({ length: TRIP_LIMITS.borrowed.high + 1 }, (_, n) => [
            String(n),
            n === 0 ? 'nothing' : `up to ${n}`,
          ])}
          onChange={(n) =>
            changeTrip('Trip: borrow', trip, (now) =>
              limited(now, { borrowed: n === '0' ? undefined : Number(n) }),
            )
          }
        />
        <Must trip={trip} items={items} />
        <label className="flex min-h-11 items-center gap-2 self-end">
          <input
            type="checkbox"
            checked={trip.watchCounts === true}
            onChange={({ target }) =>
              changeTrip('Trip: what counts', trip, ({ watchCounts: _was, ...now }) =>
                target.checked ? { ...now, watchCounts: true } : now,
              )
            }
            className="size-5"
          />
          Rigs to watch count too
        </label>
      </div>
    </details>
  )
}

/** Minutes one's own changes on the bank take. */
function Minutes() {
  const { changeMinutes = CHANGE_MINUTES } = useSettings()
  return (
    <div className="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4">
      {CHANGES.map((kind) => (
        <TextField
          key={kind}
          label={`Minutes to change ${CHANGE_NAMES[kind]}`}
          value={String(changeMinutes[kind])}
          take={(text) => {
            const minutes = Number(text.trim())
            const { low, high } = TRIP_LIMITS.minutes
            if (text.trim() === '' || !(minutes >= low && minutes <= high))
              return `Enter minutes from ${low} to ${high}.`
            void changeKept('Minutes for a change', 'settings', (now) => ({
              ...now,
              changeMinutes: { ...CHANGE_MINUTES, ...now.changeMinutes, [kind]: minutes },
            })).catch(noticeFailed)
            return undefined
          }}
        />
      ))}
    </div>
  )
}
const CHANGES = ['leader', 'tip', 'head', 'reel'] as const

function CountField({ trip, sort }: { readonly trip: Trip; readonly sort: Carried }) {
  const value = trip.limits?.[sort]
  return (
    <TextField
      label={`Most ${CARRIED_NAMES[sort].many}`}
      value={value === undefined ? '' : String(value)}
      take={(text) => {
        const read = readCount(text, TRIP_LIMITS.carried.high)
        if ('wrong' in read) return read.wrong
        changeTrip(`Trip: most ${CARRIED_NAMES[sort].many}`, trip, (now) =>
          limited(now, { [sort]: read.count }),
        )
        return undefined
      }}
    />
  )
}

/** Items that come, whatever else. */
function Must({ trip, items }: Props) {
  const must = trip.limits?.must ?? []
  const set = (next: (now: readonly string[]) => readonly string[]): void =>
    changeTrip('Trip: what must come', trip, (now) => {
      const must = next(now.limits?.must ?? [])
      return limited(now, { must: must.length > 0 ? must : undefined })
    })
  const counted = items.filter((item) => sortOf(item) !== undefined)
  return (
    <div>
      <Select
        label="Must come"
        value=""
        options={[
          ['', 'add a thing…'],
          ...counted.filter(({ id }) => !must.includes(id)).map(({ id, name }) => [id, name] as const),
        ]}
        onChange={(id) => id !== '' && set((now) => [...now, id])}
      />
      {must.map((id) => (
        <Button key={id} weight="quiet" onClick={() => set((now) => now.filter((each) => each !== id))}>
          {counted.find((item) => item.id === id)?.name ?? id}: need not come
        </Button>
      ))}
    </div>
  )
}
