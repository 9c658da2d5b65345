import type { Advantage } from '../match/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'

const SAID: Readonly<Record<Advantage['what'], (by: number, system: UnitSystem) => string>> = {
  reach: (by, system) => `casts ${printMeasure(by, 'length', system)} further`,
  room: (by, system) => `needs ${printMeasure(by, 'length', system)} less room behind`,
  'with-fish': (by) => `rides ${Math.round(by)} s longer with the fish`,
  lift: (by, system) => `lifts ${printMeasure(by, 'lineMass', system)} less`,
}

/** Sentence on which rig is for what. @param names of the two */
export function sayAdvantages(
  advantages: readonly Advantage[],
  names: readonly [string, string],
  system: UnitSystem,
): string {
  const of = (one: 0 | 1): string => {
    const said = advantages.filter((each) => each.of === one).map(({ what, by }) => SAID[what](by, system))
    const last = said.pop()
    if (last === undefined) return ''
    return `${names[one]} ${said.length === 0 ? last : `${said.join(', ')} and ${last}`}.`
  }
  return (
    [of(0), of(1)].filter((part) => part !== '').join(' ') ||
    'There is nothing to choose between them for this day.'
  )
}
