import { type Day, type Job, wadingOf } from '../day/index.ts'
import type { Caster, Dress, FloatingFly, FlyShape, Weighting } from '../gear/index.ts'
import { printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { Run } from '../water/index.ts'
import { nearestWord } from './plain.ts'

type Words<K extends string> = Readonly<Record<K, string>>

export const WATER_NAMES: Words<Job['water']> = Object.freeze({
  beck: 'a small stream',
  river: 'a river',
  'big-river': 'a big river',
  surf: 'the surf',
})
export const FISH_AT_NAMES: Words<Job['fishAt']> = Object.freeze({
  surface: 'near the top',
  middle: 'in mid-water',
  bottom: 'close to the bottom',
})
export const STYLE_NAMES: Words<Job['style']> = Object.freeze({
  any: 'any kind of head',
  skagit: 'a Skagit',
  scandi: 'a Scandi or similar',
  overhead: 'an overhead head',
})
export const HABIT_NAMES: Words<Caster['habit']> = Object.freeze({
  'lower-hand': 'pull with the lower hand',
  average: 'use both hands alike',
  'top-hand': 'push with the top hand',
})
export const DRESS_NAMES: Words<Dress> = Object.freeze({
  sparse: 'sparse',
  medium: 'medium-dressed',
  bulky: 'bulky',
})
export const WEIGHTING_NAMES: Words<Weighting> = Object.freeze({
  unweighted: 'unweighted',
  light: 'lightly weighted',
  heavy: 'heavy',
})

export const FLOATING_NAMES: Words<FloatingFly> = Object.freeze({
  waking: 'hitched or waking',
  dry: 'dry',
})

/** A fly as it is spoken of. */
export const sayFly = ({ dress, weighting, floats }: FlyShape): string =>
  floats === undefined
    ? `${DRESS_NAMES[dress]}, ${WEIGHTING_NAMES[weighting]} fly`
    : `${DRESS_NAMES[dress]} ${FLOATING_NAMES[floats]} fly`

/** The flies of a day: the first, and what hangs on a dropper. */
export const sayFlies = ({ fly, dropper }: Pick<Job, 'fly' | 'dropper'>): string =>
  dropper === undefined ? sayFly(fly) : `${sayFly(fly)}, and a ${sayFly(dropper.fly)} on a dropper`

/** The fish and where it holds. */
export const sayFish = ({ fishKg, fishAt }: Pick<Job, 'fishKg' | 'fishAt'>, system: UnitSystem): string =>
  `${nearestWord('fishKg', fishKg).word} of ${printMeasure(fishKg, 'fishMass', system)} ${FISH_AT_NAMES[fishAt]}`

/** Why the level of a pool is not to be trusted; undefined where it is. */
export function sayLevelDoubt({ where }: Pick<Day, 'where'>): string | undefined {
  if (where.by === 'words') return undefined
  if (where.level === 'too-far')
    return 'Today’s flow is too far from the one this pool was measured at, so it’s shown as measured.'
  if (where.level === 'far')
    return 'This is so far from the flow it was measured at that the pool is hardly the same water: banks flooded or bars dry. Treat the depths as a guess.'
  return undefined
}

/** Question where the kind of water that was said is not that of the place. */
export const sayElsewhere = ({ name, shore }: Pick<Run, 'name' | 'shore'>, said: Job['water']): string =>
  `${name} is ${shore === undefined ? 'not a beach' : 'a beach'}, but the day says ${WATER_NAMES[said]}. Which is it?`

/** Advice on standing where one stands today; undefined where there is nothing. */
export function sayWading(
  day: Pick<Day, 'run' | 'water' | 'wadingM'>,
  system: UnitSystem,
): string | undefined {
  const { state, depthM, currentMps, byDepth } = wadingOf(day)
  if (state === 'fine') return undefined
  const depth = printMeasure(depthM, 'length', system)
  const where = byDepth
    ? `it is ${depth} deep`
    : `${depth} of water runs at ${printMeasure(currentMps, 'current', system)} on average`
  return state === 'care'
    ? `Wade with care: where you stand ${where}.`
    : `Don’t wade here today: where you’d stand ${where}. Fish from the bank or nearer to it.`
}
