import type { Calibrated, Entry, Feel, OwnWindow, Pace, Remembered, Saw } from '../journal/index.ts'
import { printMeasure, printRange, printShare, type UnitSystem } from '../quantity/index.ts'
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

/** Summary of trials, and what to do next. */
export function sayOwnWindow(own: OwnWindow, nextKg: number | undefined, system: UnitSystem): string {
  const next =
    nextKg === undefined
      ? ''
      : ` The next head worth borrowing is one of about ${printMeasure(nextKg, 'lineMass', system)}.`
  if (own.trials === 0) return `No heads tried yet.${next}`
  const range = printRange({ low: own.lowKg, high: own.highKg }, 'lineMass', system, ' to ')
  const sure = printRange(
    own.sure.lowKg === own.sure.highKg ? {} : { low: own.sure.lowKg, high: own.sure.highKg },
    'lineMass',
    system,
    ' to ',
  )
  return own.settled
    ? `Your window is ${range}. That is narrow enough: every page now uses it instead of the estimate, and there is no need to borrow more heads.`
    : `So far your window looks like ${range}, centred somewhere in ${sure}. It takes over from the estimate once that is narrower.${next}`
}

/** Two rods as they are bent: “Long seven: 4 oz drops the rod tip 3.6 ft”. A weight that brings no tip down is not hung. */
export const sayBentRods = (
  rods: readonly {
    readonly name: string
    readonly loads: readonly { readonly massKg?: number | undefined; readonly dropM?: number | undefined }[]
  }[],
  system: UnitSystem,
): string =>
  rods
    .map(({ name, loads }) => {
      const hung = loads.flatMap(({ massKg, dropM }) =>
        massKg === undefined || dropM === undefined
          ? []
          : [
              `${printMeasure(massKg, 'gearMass', system)} drops the rod tip ${printMeasure(dropM, 'length', system)}`,
            ],
      )
      return `${name}: ${hung.length === 0 ? 'no weight yet' : hung.join(', ')}`
    })
    .join('; ')

/** Summary of the bend of two rods. */
export function sayBend(
  result: BendComparison,
  names: { readonly known: string; readonly unknown: string },
): string {
  if (result.outcome === 'too-light')
    return `The weights on ${names[result.which]} hardly move its tip: hang more, until the rod tip drops a quarter to a half of the rod’s length.`
  if (result.outcome === 'too-heavy')
    return `The weights on ${names[result.which]} bend it double: hang less, until the rod tip drops a quarter to a half of the rod’s length.`
  if (result.outcome !== 'compared') return ''
  const { ratio, ratioLow, ratioHigh } = result
  const range = `likely ${printShare(ratioLow)} to ${printShare(ratioHigh)}`
  return `${names.unknown} carries ${printShare(ratio)} of what ${names.known} carries (${range}).`
}

/** Words for its pace through the water. */
export const PACE_WORDS: Readonly<Record<Pace, string>> = Object.freeze({
  slow: 'slow',
  right: 'at an easy pace',
  fast: 'too fast',
})

/** Words for what one saw of a swing. */
export const SAW_WORDS: Readonly<Record<Saw, string>> = Object.freeze({
  touched: 'touched bottom',
  band: 'right depth',
  high: 'too high',
})

const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`)

/** Sentence on a pool's memory of a tip: “T-11, 10 ft: right depth twice, touched bottom once, in water 3% deeper.” */
export function sayRemembered({ tip, leader, saw, deeper }: Remembered): string {
  const said = (['band', 'touched', 'high'] as const).flatMap((what) =>
    saw[what] === 0 ? [] : [`${SAW_WORDS[what]} ${times(saw[what])}`],
  )
  const off = Math.round(Math.abs(deeper) * 100)
  const water = off === 0 ? 'in the same water' : `in water ${off}% ${deeper > 0 ? 'deeper' : 'shallower'}`
  const front = leader === undefined ? '' : leader === null ? ' without a leader' : ` with ${leader}`
  return `${tip ?? 'No tip'}${front}: ${said.join(', ')}, ${water}.`
}

const offBy = (factor: number, more: string, less: string, even: string): string => {
  const off = Math.round(Math.abs(factor - 1) * 100)
  return off === 0 ? `as ${even} as measured` : `${off}% ${factor > 1 ? more : less} than measured`
}

/** A range of factors in the words of the figure: “4 to 21% deeper”, “8% shallower to 12% deeper”. */
function sayFactors(low: number, high: number, more: string, less: string): string {
  const off = (factor: number): number => Math.round((factor - 1) * 100)
  const [from, to] = [off(low), off(high)]
  if (from >= 0) return `${from} to ${to}% ${more}`
  if (to <= 0) return `${-to} to ${-from}% ${less}`
  return `${-from}% ${less} to ${to}% ${more}`
}

/** Sentence on the correction that the log has made to a pool. @param onDay prints a day, “2026-11-20”, as the reader does */
export function sayByLog(
  { depth, current, combined, swings, on, off }: ByLog,
  onDay: (day: string) => string,
): string {
  const put = off ? 'Shown as measured; by your log it would be' : 'Corrected by your log:'
  const deep = offBy(depth.factor, 'deeper', 'shallower', 'deep')
  const what = combined
    ? `${deep}, depth and current taken together`
    : `${deep} and ${offBy(current.factor, 'faster', 'slower', 'fast')}`
  return `${put} ${what}, from ${swings} swings${on === undefined ? '' : ` up to ${onDay(on)}`}.`
}

/** Sentence on how deep and fast a pool is by its log. */
export function sayCalibrated(found: Calibrated): string {
  if (found.outcome === 'too-few') return 'Log at least two swings at a known flow, then try again.'
  const depth = ({ factor }: { factor: number }): string => offBy(factor, 'deeper', 'shallower', 'deep')
  const likely = ({ low, high }: { low: number; high: number }, more: string, less: string): string =>
    `likely ${sayFactors(low, high, more, less)}`
  if (found.combined !== undefined)
    return `The log can’t tell depth from current yet. Taken as depth alone, the pool is ${depth(found.combined)} (${likely(found.combined, 'deeper', 'shallower')}).`
  return `From what you saw, the pool is ${depth(found.depth)} (${likely(found.depth, 'deeper', 'shallower')}) and ${offBy(found.current.factor, 'faster', 'slower', 'fast')} (${likely(found.current, 'faster', 'slower')}).`
}

/** Where nothing was logged near today's flow: the nearest that was, if anything. */
export const sayNotLogged = (nearest: Remembered | undefined): string =>
  `Nothing logged here near today’s flow.${nearest === undefined ? '' : ` The nearest: ${sayRemembered(nearest)}`}`

type Swung = Pick<Entry, 'tip' | 'castM' | 'plan' | 'flowM3ps'>

/** The swing a touch would log. */
export function sayToLog({ tip, castM, plan, flowM3ps }: Swung, system: UnitSystem): string {
  const flow = flowM3ps === undefined ? ', flow unknown' : `, at ${printMeasure(flowM3ps, 'flow', system)}`
  return `${tip ?? 'No tip'}, ${printMeasure(castM, 'length', system)} at ${plan.angleDeg}°${flow}. What did it do?`
}

/** Rig and plan of a logged swing. */
export function sayLogged(
  { tip, leader, castM, plan, waterC }: Pick<Entry, 'tip' | 'leader' | 'castM' | 'plan' | 'waterC'>,
  system: UnitSystem,
): string {
  const mends = plan.mends.length
  return [
    tip ?? 'No tip',
    ...(leader == null ? [] : [leader]),
    `cast ${printMeasure(castM, 'length', system)} at ${plan.angleDeg}°`,
    ...(mends === 0 ? [] : [mends === 1 ? '1 mend' : `${mends} mends`]),
    ...(waterC === undefined ? [] : [`water at ${printMeasure(waterC, 'temperature', system)}`]),
  ].join(', ')
}

/** Swings of a season in their picture, by what they did. @param saws of each swing */
export function saySeason(saws: readonly Saw[], tips: number): string {
  const seen = (['touched', 'band', 'high'] as const).map(
    (saw) => `${saws.filter((one) => one === saw).length} ${SAW_WORDS[saw]}`,
  )
  return `${saws.length} swings of ${tips} tips by flow: ${seen.join(', ')}`
}

/** What a trial sheet is for. @param done heads tried already */
export const sayTrialSheet = (done: number): string =>
  `Tick once for each head, after ten casts with it. ${done === 0 ? 'None tried yet.' : `${done} already in the journal.`}`

/** Swings a pool can be learnt from. */
export const sayUsable = (swings: number): string =>
  `${swings} ${swings === 1 ? 'swing' : 'swings'} can be used.`
