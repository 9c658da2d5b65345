import type { Caster, Rod, Schools, WindowStyle } from '../gear/index.ts'
import { singleHandKg } from '../line/index.ts'
import { type EvidenceTag, M_PER_FOOT } from '../quantity/index.ts'
import { ratedNumber, singleHandEquivalent } from './number.ts'

export interface GrainWindow {
  readonly lowKg: number
  readonly centreKg: number
  readonly highKg: number
  /** Whether the tip is part of the figure. */
  readonly counts: 'head' | 'head+tip'
  /** False when the maker did not say and the style's usual reading is taken. */
  readonly countsStated: boolean
  readonly tag: EvidenceTag
  /** Where in the window this caster should look first; trials settle it. [estimate] */
  readonly aimKg: number
}

export type WindowResult =
  | { readonly outcome: 'window'; readonly window: GrainWindow }
  | { readonly outcome: 'beyond-table' }

export interface WindowModel {
  /** Centre ÷ W30 of the single-hand equivalent, two-handed rods. */
  readonly twoHandFactor: Readonly<Record<WindowStyle, number>>
  /** Centre ÷ W30 of the rod's own number, single-hand rods. */
  readonly singleHandFactor: Readonly<Record<WindowStyle, number>>
  /** Half-width ÷ centre. */
  readonly halfWidth: number
  /** Share added per foot above, taken per foot below, the reference length. */
  readonly perFoot: number
  readonly referenceLengthM: number
}

/**
 * The estimated window: centre = W30(n + k) × style factor ± 8 %, and 1.5 % per foot of rod away from 12½ ft.
 * Fitted to heads people really use (C10–C12). [estimate]
 */
export const WINDOW_MODEL: WindowModel = Object.freeze({
  twoHandFactor: { overhead: 1.42, scandi: 1.7, skagit: 1.77, 'trout-line': 1.7 },
  singleHandFactor: { overhead: 1.1, scandi: 1.44, skagit: 1.5, 'trout-line': 1 },
  halfWidth: 0.08,
  perFoot: 0.015,
  referenceLengthM: 12.5 * M_PER_FOOT,
})

/** What a window usually counts where nobody says: short blunt heads are weighed without their tip. [practice] */
const USUAL_COUNTS: Readonly<Record<WindowStyle, GrainWindow['counts']>> = {
  skagit: 'head',
  scandi: 'head+tip',
  overhead: 'head+tip',
  'trout-line': 'head',
}

export interface WindowOptions {
  readonly schools?: Partial<Schools>
  readonly caster?: Partial<Caster>
  readonly model?: WindowModel
}

/** −1 looks first in the light half of the window, +1 in the heavy half. */
function lean({ schools, caster }: WindowOptions): number {
  const habit = caster?.habit === 'lower-hand' ? -1 : caster?.habit === 'top-hand' ? 1 : 0
  const school = schools?.headMass === 'lighter' ? -1 : schools?.headMass === 'heavier' ? 1 : 0
  return Math.max(-1, Math.min(1, habit + school))
}

function estimatedCentreKg(rod: Rod, style: WindowStyle, options: WindowOptions): number | undefined {
  const model = options.model ?? WINDOW_MODEL
  if (rod.hands === 'single') {
    const w30 = singleHandKg(ratedNumber(rod))
    return w30 === undefined ? undefined : w30 * model.singleHandFactor[style]
  }
  const oneUp =
    style === 'overhead' &&
    rod.hands !== 'surf' &&
    options.caster?.mainly === 'spey' &&
    options.schools?.overheadSize !== 'standard'
  const number = singleHandEquivalent(rod, options.schools?.twoHandNumber ?? 'by-number') + (oneUp ? 1 : 0)
  const w30 = singleHandKg(number)
  if (w30 === undefined) return undefined
  const feetOff = (rod.lengthM - model.referenceLengthM) / M_PER_FOOT
  return w30 * model.twoHandFactor[style] * (1 + model.perFoot * feetOff)
}

/**
 * The rod's grain window for one style of casting: the maker's where one is printed, else estimated.
 * @returns masses in [kg]; `beyond-table` when the single-hand equivalent lies above no. 15
 */
export function windowFor(rod: Rod, style: WindowStyle, options: WindowOptions = {}): WindowResult {
  const printed = rod.windows?.[style]
  const half = (options.model ?? WINDOW_MODEL).halfWidth
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
