import { M_PER_FOOT } from '../quantity/index.ts'
import { type LineProfile, lengthWeighing } from './profile.ts'
import { SINGLE_HAND_LENGTH_M, singleHandKg } from './standard.ts'

/** Tip diameter ÷ belly diameter that fits double tapers as sold. [practice] */
export const USUAL_TAPER_RATIO = 0.6077
/** Front taper of an ordinary double taper [m]. [practice] */
export const USUAL_TAPER_M = 8 * M_PER_FOOT
/** Whole length of the longest double tapers sold [m]; the rear taper is never in the air and is left out. [practice] */
const WHOLE_LENGTH_M = 120 * M_PER_FOOT

/** Limits of the double-taper table: front tapers, line out, heads compared with it [m, kg]. */
export const DOUBLE_TAPER_LIMITS = Object.freeze({
  taperM: { low: M_PER_FOOT, high: SINGLE_HAND_LENGTH_M },
  lengthM: { low: 0, high: WHOLE_LENGTH_M },
  headKg: { low: 0.002, high: 0.08 },
})

export type DoubleTaperResult =
  | { readonly outcome: 'made'; readonly line: LineProfile }
  | { readonly outcome: 'unknown-number' }
  | { readonly outcome: 'taper-too-long' }

/**
 * Double taper of a single-hand number. The taper is a frustum with mean mass per length k = (1 + r + r²)/3 of the
 * belly's, so the belly weighs m = W30 / (30 ft − Lf(1 − k)) per length. [physics]
 * @param number single-hand line number, 1…15
 * @param frontTaperM [m], (0, 30 ft]
 * @param ratio tip diameter ÷ belly diameter, (0, 1]
 */
export function doubleTaper(
  number: number,
  frontTaperM: number,
  ratio = USUAL_TAPER_RATIO,
): DoubleTaperResult {
  const w30 = singleHandKg(number)
  if (w30 === undefined) return { outcome: 'unknown-number' }
  if (!(frontTaperM > 0 && frontTaperM <= SINGLE_HAND_LENGTH_M)) return { outcome: 'taper-too-long' }
  const k = (1 + ratio + ratio * ratio) / 3
  const belly = w30 / (SINGLE_HAND_LENGTH_M - frontTaperM * (1 - k))
  return {
    outcome: 'made',
    line: {
      sections: [
        { lengthM: frontTaperM, startKgPerM: belly * ratio * ratio, endKgPerM: belly },
        { lengthM: WHOLE_LENGTH_M - frontTaperM, startKgPerM: belly, endKgPerM: belly },
      ],
    },
  }
}

export type CarryResult =
  | { readonly outcome: 'found'; readonly carryM: number }
  | { readonly outcome: 'unknown-number' | 'taper-too-long' | 'heavier-than-line' }

/**
 * Equal-mass carry: the length of double taper that weighs what a head weighs. A 375 gr head on a no. 9 with an 8 ft
 * taper is a 45 ft carry squeezed into the head's own length. [physics]
 */
export function equalMassCarry(number: number, frontTaperM: number, headKg: number): CarryResult {
  const made = doubleTaper(number, frontTaperM)
  if (made.outcome !== 'made') return made
  const carryM = lengthWeighing(made.line, headKg)
  return carryM === undefined ? { outcome: 'heavier-than-line' } : { outcome: 'found', carryM }
}
