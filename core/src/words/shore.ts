import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { LeaveBy, TideFileProblem, TideWindow, TypedProblem } from '../tide/index.ts'

/** When to leave a bar. @param clock says a time [ms] */
export function sayLeaveBy(way: LeaveBy, clock: (ms: number) => string): string {
  switch (way.outcome) {
    case 'leave-by':
      return `Leave by ${clock(way.leaveMs)}: the way back is cut off at ${clock(way.cutOffMs)}`
    case 'cut-off':
      return way.freeMs === undefined
        ? 'The way back is cut off, and Hoxen can’t tell until when'
        : `The way back is cut off, until about ${clock(way.freeMs)}`
    case 'no-dry-way':
      return 'No way back on foot: too deep even at low water'
    case 'free':
      return 'The way back stays open for a day'
    case 'not-known':
      return `The tide file ends at ${clock(way.fromMs)}: after that Hoxen can’t tell when the way back is cut off`
  }
}

export const TIDE_WINDOW_NAMES: Readonly<Record<TideWindow['kind'], string>> = Object.freeze({
  scout: 'scout',
  fish: 'fish',
  dusk: 'dusk',
})

/** Steps of fishing a beach with a fly, in order. [practice] Common practice, no source. */
export const SURF_STEPS: readonly string[] = [
  'Scout at low water in daylight: find the bars, the troughs and the gaps between them, where you will stand later.',
  'Fish close first: the trough at your feet, before you wade into it.',
  'Strip until only the head is outside the rod tip, then cast again.',
  'Sweep the head out along the water, one back cast, and shoot: false casts only tire you and tangle.',
  'Use a stripping basket: it keeps the line out of the wash.',
  'In an onshore wind cast lower and shorter: the near trough fills and fish come in close.',
]

/** Sentence on a fault in a tide file. */
export function sayTideProblem({ code, data }: TideFileProblem): string {
  switch (code) {
    case 'tide-empty':
      return 'There is no tide in this file.'
    case 'tide-file-large':
      return 'This file is too large for a tide table: use a shorter period.'
    case 'tide-columns':
      return 'The file needs a column of dates and times and one of heights. A line might read “2026-11-27, 05:12, 3.2 m”.'
    case 'tide-row':
      return `Line ${data.row} has no readable ${data.what}; it was left out.`
    case 'tide-date-order':
      return `“${data.text}” could be read with the day or the month first: write the year first, as 2026-11-27.`
    case 'tide-zone':
      return `Hoxen doesn’t know the time zone “${data.zone}”: give the times in UTC, or without a zone.`
    case 'tide-ical':
      return 'This calendar is cut short or can’t be read.'
    case 'tide-too-many':
      return `${data.count} heights are more than the ${data.most} Hoxen stores: use high and low waters only, or a shorter period.`
    case 'tide-absurd':
      return `No tide reaches ${data.heightM} m: is the file in another unit?`
  }
}

/** Sentence on a fault in what was typed of a beach or its tide. */
export function sayTypedProblem({ code, data }: TypedProblem): string {
  switch (code) {
    case 'typed-form':
      return `Line ${data.line}, “${data.text}”, can’t be read: put a comma between the figures.`
    case 'typed-length':
      return `Line ${data.line}: “${data.text}” is not a length.`
    case 'unknown-constituent':
      return `Line ${data.line}: Hoxen doesn’t know a constituent “${data.text}”. The usual ones are M2, S2, N2, K1 and O1.`
    case 'out-of-order':
      return `Line ${data.line}: “${data.text}” must be further out than the point before it.`
    case 'twice':
      return `Line ${data.line}: “${data.text}” is there twice.`
    case 'too-few':
      return Number(data.count) === 0 ? 'Nothing was entered.' : 'Enter at least two points.'
  }
}

/** Sentence on the shift of one's own mark from the prediction. */
export function sayMark(shiftM: number, system: UnitSystem): string {
  const by = printMeasure(Math.abs(shiftM), 'length', system)
  return shiftM === 0
    ? 'Your tide mark reads as predicted.'
    : `Your tide mark ${shiftM > 0 ? 'raises' : 'lowers'} the prediction by ${by}.`
}

/** A gap in a tide file. @param clock prints a time as the reader does */
export const sayGap = (
  { fromMs, toMs }: { readonly fromMs: number; readonly toMs: number },
  clock: (ms: number) => string,
): string =>
  `The tide file has a gap from ${clock(fromMs)} to ${clock(toMs)}: Hoxen knows nothing of that time.`

/** Refusal of a tide mark that is too far from the prediction. @param predictedM, low, high [m] */
export const sayMarkTooFar = (
  predictedM: number,
  { low, high }: { readonly low: number; readonly high: number },
  system: UnitSystem,
): string =>
  `The prediction says ${printMeasure(predictedM, 'length', system)}. Enter ${printRange({ low: predictedM + low, high: predictedM + high }, 'length', system)}.`

/** The bed of a beach in its picture. @param seaM above datum @param troughs deep enough to hold fish */
export const sayBed = (seaM: number, troughs: number, system: UnitSystem): string =>
  `The bed: the sea is ${printMeasure(seaM, 'length', system)} above datum, ${troughs} ${troughs === 1 ? 'stretch is' : 'stretches are'} deep enough to hold fish`
