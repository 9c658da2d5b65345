/** The choices gear is described with. Plain lists, so that what only reads them needs no schemas. */

/** Kinds of gear, in the order a rig is thought of: rod first, then from the line outward, then the reel. */
export const KINDS = [
  'rod',
  'head',
  'cheater',
  'tip',
  'sinking-leader',
  'leader',
  'tippet',
  'fly',
  'running-line',
  'reel',
  'backing',
] as const
export type Kind = (typeof KINDS)[number]

export const HANDS = ['single', 'switch', 'trout-two-hander', 'two-hander', 'surf'] as const
export type Hands = (typeof HANDS)[number]

/** Ways of casting a head that each have a grain window of their own. */
export const WINDOW_STYLES = ['skagit', 'scandi', 'overhead', 'trout-line'] as const
export type WindowStyle = (typeof WINDOW_STYLES)[number]

/** Whether a window weighs the head alone or head and tip together. */
export const COUNTS = ['head', 'head+tip'] as const

export const HEAD_STYLES = [
  'skagit',
  'scandi',
  'multi-density',
  'overhead',
  'integrated',
  'double-taper',
  'weight-forward',
] as const
export type HeadStyle = (typeof HEAD_STYLES)[number]

/** Styles that carry their own running line: nothing is joined behind them. */
export const ONE_PIECE_STYLES: readonly HeadStyle[] = ['integrated', 'double-taper', 'weight-forward']

/** Whether a line is a trout line, known by number and taper and cast at the length one carries. */
export const troutLine = (style: HeadStyle): boolean => style === 'double-taper' || style === 'weight-forward'

export const LINE_STANDARDS = ['single-hand', 'H', 'S', 'M', 'L'] as const
export type LineStandard = (typeof LINE_STANDARDS)[number]

/** Limits of a cheater: length [m] and mass per length [kg/m]. */
export const CHEATER_LIMITS = Object.freeze({
  lengthM: { low: 0.3, high: 6 },
  kgPerM: { low: 5e-4, high: 9e-3 },
})

/** Source of a head's sections. */
export const SECTIONS_BY = ['measured', 'usual'] as const

export const MATERIALS = ['nylon', 'fluorocarbon'] as const
export const DRESSES = ['sparse', 'medium', 'bulky'] as const
export const WEIGHTINGS = ['unweighted', 'light', 'heavy'] as const
/** Flies that stay on top: hitched or waking on the swing, or a dry fly that is drifted dead. */
export const FLOATING_FLIES = ['waking', 'dry'] as const
export type FloatingFly = (typeof FLOATING_FLIES)[number]
export type Dress = (typeof DRESSES)[number]
export type Weighting = (typeof WEIGHTINGS)[number]

/** Identifiers stand in addresses and file columns, so they stay plain. */
export const ID_PATTERN = /^[A-Za-z0-9-]{1,64}$/

/** More backing than any spool takes [m]. */
export const BACKING_LIMIT_M = 1000

/** Limits of the distance from the first fly up to a dropper [m]. Closer they tangle, further the cast is no longer one. [practice] */
export const DROPPER_LIMITS = Object.freeze({ low: 0.2, high: 3 })
/** As close as a heavy dropper comes to its point fly [m]. [practice] */
export const USUAL_DROPPER_M = 0.45

/** Limits of a fly's mass [kg]. */
export const FLY_KG = Object.freeze({ low: 1e-5, high: 0.02 })
