/** The choices gear and jobs are described with. Plain lists, so that what only reads them needs no schemas. */

/** Kinds of gear, in the order a rig is thought of: rod first, then from the line outward, then the reel. */
export const KINDS = [
  'rod',
  'head',
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

export const LINE_STANDARDS = ['single-hand', 'H', 'S', 'M', 'L'] as const
export type LineStandard = (typeof LINE_STANDARDS)[number]

export const MATERIALS = ['nylon', 'fluorocarbon'] as const
export const DRESSES = ['sparse', 'medium', 'bulky'] as const
export const WEIGHTINGS = ['unweighted', 'light', 'heavy'] as const
export type Dress = (typeof DRESSES)[number]
export type Weighting = (typeof WEIGHTINGS)[number]

export const WATERS = ['beck', 'river', 'big-river', 'surf'] as const
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const
export const FISH_AT = ['surface', 'middle', 'bottom'] as const
export const STYLES = ['any', 'skagit', 'scandi', 'overhead'] as const

/** More than any angler owns; keeps every list, file and search quick. */
export const MAX_ITEMS = 5000

/** Figures of a job that can be, in SI. */
export const JOB_LIMITS = {
  fishKg: { low: 0.05, high: 60 },
  castM: { low: 3, high: 60 },
  waterDepthM: { low: 0.05, high: 10 },
  currentMps: { low: 0, high: 4 },
  roomBehindM: { low: 0, high: 100 },
} as const

/** Banks of a river, looking downstream. */
export const BANKS = ['left', 'right'] as const
/** What a bed is made of, from smooth to snaggy. */
export const BOTTOMS = ['sand', 'gravel', 'cobble', 'boulder', 'ledge'] as const
export type Bottom = (typeof BOTTOMS)[number]

/** Figures of a run that can be, in SI. No river an angler wades runs faster than 5 m/s. */
export const RUN_LIMITS = {
  widthM: { low: 1, high: 500 },
  depthM: { low: 0, high: 20 },
  currentMps: { low: 0, high: 5 },
  flowM3ps: { low: 0.001, high: 100_000 },
  points: 60,
} as const

/** More pools than a season sees; keeps lists and files quick. */
export const MAX_RUNS = 500

/** What the rod does while the line swings. */
export const ROD_HANDLING = ['still', 'follow', 'feed'] as const
export type RodHandling = (typeof ROD_HANDLING)[number]

/** Floating line laid over up or down the river, or stacked on top of the tip. */
export const MENDS = ['upstream', 'downstream', 'stack'] as const
export type MendKind = (typeof MENDS)[number]
