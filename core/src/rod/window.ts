import type { Caster, Rod, Schools, WindowStyle } from '../gear/index.ts'
import { singleHandKg, twoHandKg } from '../line/index.ts'
import { type EvidenceTag, M_PER_FOOT } from '../quantity/index.ts'
import { numberStep, ratedNumber } from './number.ts'

export interface GrainWindow {
  readonly lowKg: number
  readonly centreKg: number
  readonly highKg: number
  /** Whether the tip is part of the figure. */
  readonly counts: 'head' | 'head+tip'
  /** False when the maker did not say and the style's usual reading is taken. */
  readonly countsStated: boolean
  readonly tag: EvidenceTag
  /** Origin of the figure, where neither print nor number is behind it. */
  readonly from?: OwnBand['from']
  /** Mass in the window that this caster should try first [kg]; trials settle it. [estimate] */
  readonly aimKg: number
}

/** A window that its owner found out: by heads that were tried, or by the rod's bend beside another. */
export interface OwnBand {
  readonly lowKg: number
  readonly centreKg: number
  readonly highKg: number
  readonly from: 'trials' | 'bend'
}

/** Such windows by rod and style. */
export type OwnWindows = Readonly<Record<string, Readonly<Partial<Record<WindowStyle, OwnBand>>>>>

export type WindowResult =
  | { readonly outcome: 'window'; readonly window: GrainWindow }
  | { readonly outcome: 'beyond-table' }

/** Styles that an estimate has a figure of its own for. */
type EstimatedStyle = Exclude<WindowStyle, 'trout-line'>

/**
 * Model of an estimated window, by the rod's class (C10–C12, C35): no. 6 and up follow the two-hand standard, lighter rods and
 * trout two-handers the single-hand grains of two or three numbers more. Fitted to heads people really use. [estimate]
 */
export const WINDOW_MODEL = Object.freeze({
  /** Two-handers, switch and surf rods from this number up: share of the standard's class S; overhead of the middle of H and S. */
  standardFrom: 6,
  standardFactor: { overhead: 1.03, scandi: 1.01, skagit: 1.02 },
  /** Lighter ones, and trout two-handers of any number: centre ÷ W30 of the single-hand equivalent. */
  lightFactor: { overhead: 1.42, scandi: 1.7, skagit: 1.77 },
  /** Centre ÷ W30 of the rod's own number, single-hand rods. */
  singleHandFactor: { overhead: 1.1, scandi: 1.44, skagit: 1.5, 'trout-line': 1 },
  /** Factor of the school that is not the class's own: one number less, or one more. */
  schoolFactor: { 'plus-two': 0.87, 'plus-three': 1.15 },
  /** Above this number there is no estimate. */
  largestNumber: 12,
  /** Half-width ÷ centre. */
  halfWidth: 0.08,
  /** Share added per foot above, taken per foot below, the reference length; two-handed rods only. */
  perFoot: 0.015,
  referenceLengthM: 12.5 * M_PER_FOOT,
})

/** Usual count of a window where nobody says: short blunt heads are weighed without their tip. [practice] */
const USUAL_COUNTS: Readonly<Record<WindowStyle, GrainWindow['counts']>> = {
  skagit: 'head',
  scandi: 'head+tip',
  overhead: 'head',
  'trout-line': 'head',
}

export interface WindowOptions {
  readonly schools?: Partial<Schools>
  readonly caster?: Partial<Caster>
  /** Windows learnt by trials and bends; they outrank what is estimated. */
  readonly own?: OwnWindows | undefined
}

/** −1 looks first in the light half of the window, +1 in the heavy half. */
function lean({ schools, caster }: WindowOptions): number {
  const habit = caster?.habit === 'lower-hand' ? -1 : caster?.habit === 'top-hand' ? 1 : 0
  const school = schools?.headMass === 'lighter' ? -1 : schools?.headMass === 'heavier' ? 1 : 0
  return Math.max(-1, Math.min(1, habit + school))
}

/** Centre for a two-handed rod of this number, in its class's own school, at the reference length [kg]. */
function classCentreKg(rod: Rod, number: number, style: EstimatedStyle): number | undefined {
  const { standardFrom, standardFactor, lightFactor } = WINDOW_MODEL
  if (rod.hands === 'trout-two-hander' || number < standardFrom) {
    const w30 = singleHandKg(number + numberStep(rod, 'by-number'))
    return w30 === undefined ? undefined : w30 * lightFactor[style]
  }
  const short = twoHandKg(number, 'S')
  const shortest = twoHandKg(number, 'H')
  if (short === undefined || shortest === undefined) return undefined
  return standardFactor[style] * (style === 'overhead' ? (shortest + short) / 2 : short)
}

/** A school chosen against the class's own shifts the whole class by one number; surf rods belong to neither. */
function schoolFactor(rod: Rod, { schools }: WindowOptions): number {
  const school = schools?.twoHandNumber ?? 'by-number'
  const own = numberStep(rod, school) === numberStep(rod, 'by-number')
  return school === 'by-number' || own || rod.hands === 'surf' ? 1 : WINDOW_MODEL.schoolFactor[school]
}

function estimatedCentreKg(rod: Rod, style: WindowStyle, options: WindowOptions): number | undefined {
  const { singleHandFactor, perFoot, referenceLengthM, largestNumber } = WINDOW_MODEL
  const rated = ratedNumber(rod)
  if (rated > largestNumber) return undefined
  if (rod.hands === 'single') {
    const w30 = singleHandKg(rated)
    return w30 === undefined ? undefined : w30 * singleHandFactor[style]
  }
  const oneUp =
    style === 'overhead' &&
    rod.hands !== 'surf' &&
    options.caster?.mainly === 'spey' &&
    options.schools?.overheadSize !== 'standard'
  const centreKg = classCentreKg(rod, rated + (oneUp ? 1 : 0), style === 'trout-line' ? 'scandi' : style)
  if (centreKg === undefined) return undefined
  const feetOff = (rod.lengthM - referenceLengthM) / M_PER_FOOT
  return centreKg * schoolFactor(rod, options) * (1 + perFoot * feetOff)
}

/** A window found out by trials or bend. What is printed stays its upper end: at full power nothing goes above it. */
function ownWindowOf(rod: Rod, style: WindowStyle, own: OwnBand): GrainWindow | undefined {
  const printed = rod.windows?.[style]
  const { lowKg, centreKg, from } = own
  if (printed !== undefined && from === 'bend') return undefined
  return {
    lowKg,
    centreKg,
    highKg: Math.max(lowKg, Math.min(own.highKg, printed?.highKg ?? Number.POSITIVE_INFINITY)),
    counts: printed?.counts ?? USUAL_COUNTS[style],
    countsStated: printed?.counts !== undefined,
    tag: from === 'trials' ? 'log' : 'estimate',
    from,
    aimKg: centreKg,
  }
}

/**
 * The rod's grain window for one style of casting: what this caster's trials settled, else the maker's where one is printed, else what its bend
 * tells, else estimated.
 * @returns masses in [kg]; `beyond-table` above no. 12, where the standard ends
 */
export function windowFor(rod: Rod, style: WindowStyle, options: WindowOptions = {}): WindowResult {
  const own = options.own?.[rod.id]?.[style]
  const found = own && ownWindowOf(rod, style, own)
  if (found !== undefined) return { outcome: 'window', window: found }
  const printed = rod.windows?.[style]
  const half = WINDOW_MODEL.halfWidth
  const centreKg = printed ? (printed.lowKg + printed.highKg) / 2 : estimatedCentreKg(rod, style, options)
  if (centreKg === undefined) return { outcome: 'beyond-table' }
  const lowKg = printed?.lowKg ?? centreKg * (1 - half)
  const highKg = printed?.highKg ?? centreKg * (1 + half)
  return {
    outcome: 'window',
    window: {
      lowKg,
      centreKg,
      highKg,
      counts: printed?.counts ?? USUAL_COUNTS[style],
      countsStated: printed?.counts !== undefined,
      tag: printed ? 'printed' : 'estimate',
      aimKg: centreKg + (lean(options) * (highKg - lowKg)) / 4,
    },
  }
}
