import type { Calibrated, Feel, OwnWindow, Pace, Remembered, Saw } from '../journal/index.ts'
import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { BendComparison } from '../rod/index.ts'
import type { ByLog } from '../water/index.ts'

/** Words for how a head felt. */
export const FEEL_WORDS: Readonly<Record<Feel, string>> = Object.freeze({
  '-2': 'too light',
  '-1': 'a little light',
  0: 'right',
  1: 'a little heavy',
  2: 'too heavy',
})

const percent = (share: number): string => `${Math.round(share * 100)} %`

/** Summary of trials, and what to do next. */
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

/** Summary of the bend of two rods. */
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

/** Words for its pace through the water. */
export const PACE_WORDS: Readonly<Record<Pace, string>> = Object.freeze({
  slow: 'slow',
  right: 'at an easy pace',
  fast: 'too fast',
})

/** Words for what one saw of a swing. */
export const SAW_WORDS: Readonly<Record<Saw, string>> = Object.freeze({
  touched: 'touched',
  band: 'in the band',
  high: 'too high',
})

const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`)

/** Sentence on a pool's memory of a tip: “T-11, 10 ft was in the band twice and touched once, the water 3 % deeper.” */
export function sayRemembered({ tip, leader, saw, deeper }: Remembered): string {
  const said = (['band', 'touched', 'high'] as const).flatMap((what) =>
    saw[what] === 0
      ? []
      : [what === 'touched' ? `touched ${times(saw[what])}` : `was ${SAW_WORDS[what]} ${times(saw[what])}`],
  )
  const off = Math.round(Math.abs(deeper) * 100)
  const water = off === 0 ? 'in the same water' : `in water ${off} % ${deeper > 0 ? 'deeper' : 'shallower'}`
  const front = leader === undefined ? '' : leader === null ? ' without a leader' : ` with ${leader}`
  return `${tip ?? 'No tip'}${front} ${said.join(' and ')}, ${water}.`
}

const offBy = (factor: number, more: string, less: string, even: string): string => {
  const off = Math.round(Math.abs(factor - 1) * 100)
  return off === 0 ? `as ${even} as measured` : `${off} % ${factor > 1 ? more : less} than measured`
}

/** Sentence on what the log has taught a pool, as it is listened to. */
export function sayByLog({ depth, current, combined, swings, on, off }: ByLog): string {
  const put = off ? 'It is shown as it was measured; by your log it would be' : 'Corrected by your log:'
  const deep = offBy(depth.factor, 'deeper', 'shallower', 'deep')
  const what = combined
    ? `${deep}, depth and current taken as one`
    : `${deep} and ${offBy(current.factor, 'faster', 'slower', 'fast')}`
  return `${put} ${what}, from ${swings} swings${on === undefined ? '' : ` up to ${on}`}.`
}

/** Sentence on a pool's own depth and current by its log. */
export function sayCalibrated(found: Calibrated): string {
  if (found.outcome === 'too-few')
    return 'Two swings that were seen, with the flow known, are the least it can learn from.'
  const depth = ({ factor }: { factor: number }): string => offBy(factor, 'deeper', 'shallower', 'deep')
  const band = ({ low, high }: { low: number; high: number }): string => `${percent(low)} to ${percent(high)}`
  if (found.combined !== undefined)
    return `Depth and current cannot be told apart yet; taken as depth alone it is ${depth(found.combined)} (${band(found.combined)}).`
  return `By what you saw it is ${depth(found.depth)} (${band(found.depth)}) and ${offBy(found.current.factor, 'faster', 'slower', 'fast')} (${band(found.current)}).`
}
