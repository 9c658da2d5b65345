import type { Feel, OwnWindow } from '../journal/index.ts'
import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { BendComparison } from '../rod/index.ts'

/** How a head felt. */
export const FEEL_WORDS: Readonly<Record<Feel, string>> = Object.freeze({
  '-2': 'too light',
  '-1': 'a little light',
  0: 'right',
  1: 'a little heavy',
  2: 'too heavy',
})

const percent = (share: number): string => `${Math.round(share * 100)} %`

/** What trials have told, and what to do next. */
export function sayOwnWindow(own: OwnWindow, nextKg: number | undefined, system: UnitSystem): string {
  const next =
    nextKg === undefined
      ? ''
      : ` The next head worth borrowing is one of about ${printMeasure(nextKg, 'lineMass', system)}.`
  if (own.trials === 0) return `Nothing tried yet.${next}`
  const range = printRange({ low: own.lowKg, high: own.highKg }, 'lineMass', system)
  const sure = printRange(
    own.sure.lowKg === own.sure.highKg ? {} : { low: own.sure.lowKg, high: own.sure.highKg },
    'lineMass',
    system,
  )
  return own.settled
    ? `Yours is ${range}. That is narrow enough: it counts on every page before what is estimated, and no more need be borrowed.`
    : `So far yours looks like ${range}, its middle four times in five between ${sure}. It counts when that is narrower.${next}`
}

/** What the bend of two rods says. */
export function sayBend(
  result: BendComparison,
  names: { readonly known: string; readonly unknown: string },
): string {
  if (result.outcome === 'too-light')
    return `The weights on ${names[result.which]} only stir its tip: hang more, until it drops a quarter to a half of its length.`
  if (result.outcome === 'too-heavy')
    return `The weights on ${names[result.which]} bend it double: hang less, until it drops a quarter to a half of its length.`
  if (result.outcome !== 'compared') return ''
  const { ratio, ratioLow, ratioHigh } = result
  const band = `between ${percent(ratioLow)} and ${percent(ratioHigh)}`
  return `${names.unknown} carries ${percent(ratio)} of what ${names.known} carries, ${band}.`
}
