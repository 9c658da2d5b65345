import type { SingleChange } from '../ladder/index.ts'
import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { MendKind, RodHandling } from '../swing/index.ts'
import type { Bottom, Lie } from '../water/index.ts'
import { sayLeaderWith } from './names.ts'

export const BOTTOM_NAMES: Readonly<Record<Bottom, string>> = {
  sand: 'sand',
  gravel: 'gravel',
  cobble: 'cobble',
  boulder: 'boulders',
  ledge: 'ledges',
}

export const ROD_NAMES: Readonly<Record<RodHandling, string>> = {
  still: 'held still',
  follow: 'follows',
  feed: 'feeds line',
  strip: 'follows, line stripped in',
}

export const MEND_NAMES: Readonly<Record<MendKind, string>> = {
  upstream: 'upstream',
  downstream: 'downstream',
  stack: 'stacked on the tip',
}

/** The angle of a cast as it is spoken. */
export function sayAngle(angleDeg: number): string {
  if (angleDeg < 35) return 'steeply down'
  if (angleDeg < 55) return 'down and across'
  if (angleDeg < 78) return 'across and down'
  return angleDeg <= 97 ? 'square across' : 'across and up'
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
      return `${change.tipId === null ? 'Take the tip off' : `Change the tip to ${change.name}`}${sayLeaderWith(change.leaderName)}`
    case 'sinking-part':
      return `A sinking part ${length(change.byM)} ${change.byM > 0 ? 'longer' : 'shorter'}`
    case 'angle':
      return `Cast ${change.steeper ? 'steeper' : 'squarer'}: ${Math.round(change.angleDeg)}°`
    case 'mend':
      return change.mends[0] === undefined
        ? 'Leave the mend out'
        : change.mends[0].kind === 'stack'
          ? `Stack ${length(change.mends[0].sizeM)} on the tip as it lands`
          : `Mend ${change.mends[0].kind} as it lands`
    case 'leader':
      return change.leaderId === null
        ? `Shorten the leader to ${length(change.lengthM)}`
        : `A leader of ${length(change.lengthM)}`
    case 'fly':
      return `Tie on ${WEIGHTING_WORDS[change.weighting]} fly`
    case 'swap-flies':
      return `Let the flies change places: the heavier on the ${change.heavierOn}`
    case 'step':
      return change.byM > 0 ? `Step ${length(change.byM)} further out` : `Step ${length(change.byM)} back`
  }
}

/** Of readings of a file that lie in the future. */
export function sayAhead(ahead: number, of: number): string {
  return ahead === of
    ? 'Every reading in the file is of a time still to come, so nothing of it was taken. Is its year right, and this device’s clock?'
    : `${ahead} of its ${of} readings are of times still to come: they count when they have come.`
}

/** A share as a change: "16 % faster". */
export function sayFactor(factor: number, more: string, less: string): string {
  const share = Math.round((factor - 1) * 100)
  return share === 0 ? `no ${more}` : `${Math.abs(share)} % ${share > 0 ? more : less}`
}

/** Stretches where fish are known to hold, as they are typed: “40 – 55 ft; 70 – 80 ft”. */
export const sayLies = (lies: readonly Lie[], system: UnitSystem): string =>
  lies.map(({ fromM, toM }) => printRange({ low: fromM, high: toM }, 'length', system)).join('; ')

/** Said of what is no such stretch. */
export const sayNoLie = (text: string, system: UnitSystem): string =>
  `“${text}” is no stretch. Write it from your bank outward, like “${system === 'trade' ? '40 – 55 ft' : '12 – 17 m'}”; several with a “;” between them.`
