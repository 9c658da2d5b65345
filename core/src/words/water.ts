import type { SingleChange } from '../ladder/index.ts'
import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { MendKind, RodHandling } from '../swing/index.ts'
import type { Bottom, Lie, Run } from '../water/index.ts'
import { sayLeaderWith, sayPart, sayPartTaken } from './names.ts'

export const BOTTOM_NAMES: Readonly<Record<Bottom, string>> = {
  sand: 'sand',
  gravel: 'gravel',
  cobble: 'cobble',
  boulder: 'boulders',
  ledge: 'ledges',
}

export const ROD_NAMES: Readonly<Record<RodHandling, string>> = {
  still: 'hold still',
  follow: 'follow',
  feed: 'feed line',
  strip: 'follow and strip in',
}

export const MEND_NAMES: Readonly<Record<MendKind, string>> = {
  upstream: 'upstream',
  downstream: 'downstream',
  stack: 'stack mend',
}

/** The angle of a cast as it is spoken. */
export function sayAngle(angleDeg: number): string {
  if (angleDeg < 35) return 'steeply down'
  if (angleDeg < 55) return '45° down'
  if (angleDeg < 78) return 'a little below square'
  return angleDeg <= 97 ? 'square' : 'upstream'
}

const WEIGHTING_WORDS = {
  unweighted: 'an unweighted',
  light: 'a lightly weighted',
  heavy: 'a heavy',
} as const

/** One change as something to do. */
export function sayChange(change: SingleChange, system: UnitSystem): string {
  const length = (m: number): string => printMeasure(Math.abs(m), 'length', system)
  switch (change.code) {
    case 'tip':
      return `${sayPart('tipId', change.tipId === null ? null : change.name)}${sayLeaderWith(change.leaderName)}`
    case 'sinking-part':
      return `A sinking part ${length(change.byM)} ${change.byM > 0 ? 'longer' : 'shorter'}`
    case 'angle':
      return `Cast ${change.steeper ? 'steeper' : 'squarer'}: ${Math.round(change.angleDeg)}°`
    case 'mend':
      return change.mends[0] === undefined
        ? 'Don’t mend'
        : change.mends[0].kind === 'stack'
          ? `Stack mend ${length(change.mends[0].sizeM)} as it lands`
          : `Mend ${change.mends[0].kind} as it lands`
    case 'leader':
      return change.leaderId === null
        ? `Shorten the leader to ${length(change.lengthM)}`
        : `Use a ${length(change.lengthM)} leader`
    case 'fly':
      return `Tie on ${WEIGHTING_WORDS[change.weighting]} fly`
    case 'swap-flies':
      return `Swap the flies: the heavier on the ${change.heavierOn}`
    case 'step':
      return change.byM > 0 ? `Wade ${length(change.byM)} further out` : `Wade ${length(change.byM)} back in`
  }
}

/** The same once it is done: what a notice says. */
export function sayChanged(change: SingleChange, system: UnitSystem): string {
  const length = (m: number): string => printMeasure(Math.abs(m), 'length', system)
  switch (change.code) {
    case 'tip':
      return `${sayPartTaken('tipId', change.tipId === null ? null : change.name)}${sayLeaderWith(change.leaderName)}.`
    case 'sinking-part':
      return ''
    case 'angle':
      return `Casting at ${Math.round(change.angleDeg)}° now.`
    case 'mend':
      return change.mends.length === 0
        ? 'The mend is gone.'
        : `Mending ${MEND_NAMES[change.mends[0]?.kind ?? 'upstream']} now.`
    case 'leader':
      return `The leader is ${length(change.lengthM)} now.`
    case 'fly':
      return `Fishing ${WEIGHTING_WORDS[change.weighting]} fly now.`
    case 'swap-flies':
      return 'The flies have changed places.'
    case 'step':
      return `Standing ${length(change.byM)} ${change.byM > 0 ? 'further out' : 'further in'} now.`
  }
}

/** Of readings of a file that lie in the future. */
export function sayAhead(ahead: number, of: number): string {
  return ahead === of
    ? 'Every reading in the file is in the future, so none was imported. Check the year in the file, and this device’s clock.'
    : `${ahead} of its ${of} readings are in the future: they count once their time comes.`
}

/** A share as a change: "16% faster". */
export function sayFactor(factor: number, more: string, less: string): string {
  const share = Math.round((factor - 1) * 100)
  return share === 0 ? `no ${more}` : `${Math.abs(share)}% ${share > 0 ? more : less}`
}

/** Stretches where fish are known to hold, as they are typed: “40–55 ft; 70–80 ft”. */
export const sayLies = (lies: readonly Lie[], system: UnitSystem): string =>
  lies.map(({ fromM, toM }) => printRange({ low: fromM, high: toM }, 'length', system)).join('; ')

/** Said of what is no such stretch. */
export const sayNoLie = (text: string, system: UnitSystem): string =>
  `“${text}” is not a stretch. Write it from your bank outward, like “${system === 'trade' ? '40–55 ft' : '12–17 m'}”, with a “;” between several.`

/** The water of a day that was described in words. */
export const sayAsDescribed = (
  { waterDepthM, currentMps }: { readonly waterDepthM: number; readonly currentMps: number },
  system: UnitSystem,
): string =>
  `About ${printMeasure(waterDepthM, 'length', system)} deep, ${printMeasure(currentMps, 'current', system)} at the surface over the fish, as you described it. Choose a pool to fish it at today’s flow.`

/** Flow at which a pool was measured. @param onDay prints a day, “2026-11-20”, as the reader does */
export function sayMeasured(
  { measuredFlowM3ps, measuredOn }: Pick<Run, 'measuredFlowM3ps' | 'measuredOn'>,
  onDay: (day: string) => string,
  system: UnitSystem,
): string {
  if (measuredFlowM3ps === undefined)
    return 'No flow was noted when this pool was measured, so it’s shown as measured.'
  const on = measuredOn === undefined ? '' : ` on ${onDay(measuredOn)}`
  return `Measured at ${printMeasure(measuredFlowM3ps, 'flow', system)}${on}.`
}

/** Flow that a pool carries by its bed and current [m³/s]. */
export const sayByBed = (m3ps: number, system: UnitSystem): string =>
  `From this bed and current the pool carries about ${printMeasure(m3ps, 'flow', system)}.`
