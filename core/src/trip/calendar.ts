import ICAL from 'ical.js'
import type { OrderedDay } from './tripDay.ts'

/** Words of a calendar's events. */
export interface CalendarWords {
  readonly title: (day: OrderedDay) => string
  readonly text: (day: OrderedDay) => string
  readonly tide: (from: number, to: number) => string
  readonly leave: (leaveMs: number) => string
}

const at = (ms: number): ICAL.Time => ICAL.Time.fromJSDate(new Date(Math.round(ms / 1000) * 1000), true)

/** The days of a trip as iCalendar (RFC 5545), with the tides of a beach and when to leave it. @param madeMs when it is written [ms] */
export function tripCalendar(
  tripId: string,
  days: readonly OrderedDay[],
  words: CalendarWords,
  madeMs: number,
): string {
  const calendar = new ICAL.Component('vcalendar')
  calendar.updatePropertyWithValue('version', '2.0')
  calendar.updatePropertyWithValue('prodid', '-//Hoxen//Trip//EN')
  const add = (uid: string, fromMs: number, toMs: number, summary: string, text?: string): void => {
    const event = new ICAL.Component('vevent')
    event.updatePropertyWithValue('uid', `${tripId}-${uid}@hoxen`)
    event.updatePropertyWithValue('dtstamp', at(madeMs))
    event.updatePropertyWithValue('dtstart', at(fromMs))
    event.updatePropertyWithValue('dtend', at(toMs))
    event.updatePropertyWithValue('summary', summary)
    if (text !== undefined) event.updatePropertyWithValue('description', text)
    calendar.addSubcomponent(event)
  }
  for (const day of days) {
    add(day.on, day.fromMs, day.toMs, words.title(day), words.text(day))
    for (const { tide } of day.visits) {
      for (const [i, { kind, fromMs, toMs }] of (tide?.windows ?? []).entries())
        if (kind === 'fish') add(`${day.on}-tide-${i}`, fromMs, toMs, words.tide(fromMs, toMs))
      if (tide?.leave.outcome === 'leave-by')
        add(`${day.on}-leave`, tide.leave.leaveMs, tide.leave.cutOffMs, words.leave(tide.leave.leaveMs))
    }
  }
  return calendar.toString()
}
