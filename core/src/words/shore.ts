import { printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { LeaveBy, TideFileProblem, TideWindow, TypedProblem } from '../tide/index.ts'

/** When one must be gone from a bar. @param clock says a time [ms] */
export function sayLeaveBy(way: LeaveBy, clock: (ms: number) => string): string {
  switch (way.outcome) {
    case 'leave-by':
      return `Leave by ${clock(way.leaveMs)}: the way back is cut off at ${clock(way.cutOffMs)}`
    case 'cut-off':
      return way.freeMs === undefined
        ? 'The way back is cut off; until when is not known'
        : `The way back is cut off, until about ${clock(way.freeMs)}`
    case 'no-dry-way':
      return 'No dry way back: even low water covers it too deep'
    case 'free':
      return 'The way back stays free for a day'
    case 'not-known':
      return `The tide file ends at ${clock(way.fromMs)}: when the way back is cut off is not known`
  }
}

export const TIDE_WINDOW_NAMES: Readonly<Record<TideWindow['kind'], string>> = Object.freeze({
  scout: 'look',
  fish: 'fish',
  dusk: 'dusk',
})

/** Steps of fishing a beach with a fly, in order. [practice] Common practice, no source. */
export const SURF_STEPS: readonly string[] = [
  'At low water in daylight look for bars, troughs and the gaps between: that is where to stand later.',
  'Fish close first: the trough at your feet, before you wade into it.',
  'Strip until the head stands at the tip, or only to the tip ring of a line all in one; then go again.',
  'Sweep the head out along the water, one back cast, and go: false casts only tire and tangle.',
  'A basket keeps the line out of the wash.',
  'With the wind on the sea’s side cast lower and shorter; the trough fills, and the fish come closer.',
]

/** Sentence on a fault in a tide file. */
export function sayTideProblem({ code, data }: TideFileProblem): string {
  switch (code) {
    case 'tide-empty':
      return 'There is no tide in this file.'
    case 'tide-file-large':
      return 'This file is too large for a tide table: take a shorter spell.'
    case 'tide-columns':
      return 'No column with a date and time and one with heights was found. A line might read “2026-11-27, 05:12, 3.2 m”.'
    case 'tide-row':
      return `Line ${data.row} has no readable ${data.what}; it was left out.`
    case 'tide-date-order':
      return `“${data.text}” could be read with the day or the month first: write the year first, as 2026-11-27.`
    case 'tide-zone':
      return `“${data.zone}” is no time zone that is known here: write its times in UTC, or without a zone.`
    case 'tide-ical':
      return 'This calendar breaks off or cannot be read.'
    case 'tide-too-many':
      return `${data.count} heights are more than the ${data.most} that are kept: take high and low waters alone, or a shorter spell.`
    case 'tide-absurd':
      return `No tide stands at ${data.heightM} m: is the file in another unit?`
  }
}

/** Sentence on a fault in what was typed of a beach or its tide. */
export function sayTypedProblem({ code, data }: TypedProblem): string {
  switch (code) {
    case 'typed-form':
      return `Line ${data.line}, “${data.text}”, is not understood: write the figures with a comma between them.`
    case 'typed-length':
      return `Line ${data.line}: “${data.text}” is no length.`
    case 'unknown-constituent':
      return `Line ${data.line}: no constituent is called “${data.text}”, so its speed is not known. Well-known ones are M2, S2, N2, K1 and O1.`
    case 'out-of-order':
      return `Line ${data.line}: “${data.text}” must lie further out than the point before it.`
    case 'twice':
      return `Line ${data.line}: “${data.text}” stands there twice.`
    case 'too-few':
      return Number(data.count) === 0 ? 'Nothing was written.' : 'Two points are the least.'
  }
}

/** Sentence on the shift of one's own mark from the prediction. */
export function sayMark(shiftM: number, system: UnitSystem): string {
  const by = printMeasure(Math.abs(shiftM), 'length', system)
  return shiftM === 0
    ? 'The mark reads as predicted.'
    : `The prediction is ${shiftM > 0 ? 'raised' : 'lowered'} by ${by}, as the mark was read.`
}
