import { rowsCsv } from '@hoxen/core/format'
import type { UnitSystem } from '@hoxen/core/quantity'
import { type OrderedDay, type Packed, type Spare, type Trip, tripCalendar } from '@hoxen/core/trip'
import { calendarWords, KIND_NAMES, saySpare, summarize } from '@hoxen/core/words'
import { clock, saveFile } from '../../ui/index.ts'

/** A trip worked out, as far as it is saved. */
export interface SavedTrip {
  readonly trip: Trip
  readonly packed: readonly Packed[]
  readonly days: readonly OrderedDay[]
  readonly spares: readonly Spare[]
  readonly poolName: (id: string) => string
}

/** The days as a calendar, with the tides of a beach and when to leave it. */
export function saveCalendar({ trip, days, poolName }: SavedTrip): void {
  const words = calendarWords(trip.name, poolName, clock)
  saveFile(`hoxen-${trip.id}.ics`, tripCalendar(trip.id, days, words, Date.now()), 'text/calendar')
}

/** The pack list as a table for a spreadsheet. */
export function saveTable({ trip, packed, spares }: SavedTrip, system: UnitSystem): void {
  const rows = [
    ['where', 'kind', 'name', 'what'],
    ...packed.flatMap(({ pocket, items }) =>
      items.map((item) => [pocket ?? '', KIND_NAMES[item.kind].one, item.name, summarize(item, system)]),
    ),
    ...spares.map((spare) => ['', 'spare', saySpare(spare), '']),
  ]
  saveFile(`hoxen-${trip.id}.csv`, rowsCsv(rows), 'text/csv')
}
