import { M_PER_FOOT, STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'
import { alphaFor } from './elastica.ts'

/** A weight hung from the tip-top, and how far the tip came down from where it stood unloaded. */
export interface HungWeight {
  readonly massKg: number
  readonly dropM: number
}

/** A rod as it was clamped: from the clamp to the tip-top, and the weights. */
export interface BendTest {
  readonly freeLengthM: number
  readonly loads: readonly HungWeight[]
}

export interface Band {
  readonly lowKg: number
  readonly centreKg: number
  readonly highKg: number
}

export type BendComparison =
  | {
      readonly outcome: 'compared'
      /** Load of the unknown rod ÷ of the known one at the same bend. */
      readonly ratio: number
      readonly ratioLow: number
      readonly ratioHigh: number
      /** The known rod’s window carried over. */
      readonly window: Band
      /** Between which that window may lie. */
      readonly band: { readonly lowKg: number; readonly highKg: number }
      readonly known: FittedBend
      readonly unknown: FittedBend
    }
  | { readonly outcome: 'too-light' | 'too-heavy'; readonly which: 'known' | 'unknown' }

/** A rod’s stiffness and taper as its weights tell them. */
export interface FittedBend {
  /** EI at the clamp ÷ free length² [N]: with the drop that a load makes it goes by α alone. */
  readonly stiffnessN: number
  /** Diameter at the tip ÷ at the clamp. */
  readonly tipShare: number
  /** Scatter of its weights about the fit, as a share. */
  readonly scatter: number
}

/** Model of comparing bends. */
export const BEND_MODEL = Object.freeze({
  /** Both rods are compared bent so far: the middle of the quarter to a half that tests the whole rod. [practice] */
  comparedAt: 0.375,
  /** A drop below this share tests only the tip; above the other nothing is measured well. [practice] */
  leastShare: 0.12,
  mostShare: 0.8,
  /** Tapers tried, and the one that most rods come near. [estimate] */
  tapers: [1, 0.7, 0.5, 0.35, 0.25, 0.18],
  usualTaper: 0.35,
  /** Weight of the usual taper against scatter of the weights. [estimate] */
  taperPull: 0.0008,
  /** Error of clamp, tape and coins, one measurement, as a share of the load. [estimate] */
  measured: 0.03,
  /** Two rods of unequal length: the band widens by this share a foot. [physics, practice] */
  perFoot: 0.08,
})

const { abs, exp, log, sqrt } = Math

function fitWith(test: BendTest, tipShare: number): FittedBend {
  const logs = test.loads.map(({ massKg, dropM }) =>
    log((massKg * STANDARD_GRAVITY_MPS2) / alphaFor(dropM / test.freeLengthM, tipShare)),
  )
  const mean = logs.reduce((sum, l) => sum + l, 0) / logs.length
  const scatter = sqrt(logs.reduce((sum, l) => sum + (l - mean) ** 2, 0) / logs.length)
  return { stiffnessN: exp(mean), tipShare, scatter }
}

const fits = new WeakMap<readonly HungWeight[], FittedBend>()

/** The fit of a rod's weights: the same for every style whose window is carried over. */
function fitted(test: BendTest): FittedBend {
  const known = fits.get(test.loads)
  if (known !== undefined) return known
  const fit = fittedAnew(test)
  fits.set(test.loads, fit)
  return fit
}

/** The taper under which all weights tell the same stiffness; one weight tells none, and the usual stands. */
function fittedAnew(test: BendTest): FittedBend {
  const { tapers, usualTaper, taperPull } = BEND_MODEL
  if (test.loads.length < 2) return fitWith(test, usualTaper)
  const cost = ({ scatter, tipShare }: FittedBend): number =>
    scatter ** 2 + taperPull * log(tipShare / usualTaper) ** 2
  return tapers
    .map((tipShare) => fitWith(test, tipShare))
    .reduce((best, next) => (cost(next) < cost(best) ? next : best))
}

/** Weights that tell something of the whole rod; why there are none. */
function usable({ freeLengthM, loads }: BendTest): BendTest | 'too-light' | 'too-heavy' {
  const share = ({ dropM }: HungWeight): number => dropM / freeLengthM
  const kept = loads.filter((l) => share(l) >= BEND_MODEL.leastShare && share(l) <= BEND_MODEL.mostShare)
  if (kept.length > 0) return { freeLengthM, loads: kept.length === loads.length ? loads : kept }
  return loads.some((l) => share(l) > BEND_MODEL.mostShare) ? 'too-heavy' : 'too-light'
}

/** The load that bends a rod to where rods are compared [N]. */
const loadAt = ({ stiffnessN, tipShare }: FittedBend): number =>
  stiffnessN * alphaFor(BEND_MODEL.comparedAt, tipShare)

/**
 * A rod with no window beside one that has one: bent alike, they carry heads as they carry weights. [physics, estimate]
 * @param known.window of the known rod, in the style that is asked for [kg]
 */
export function compareBends(known: BendTest & { readonly window: Band }, unknown: BendTest): BendComparison {
  const [one, other] = [usable(known), usable(unknown)]
  if (typeof one === 'string') return { outcome: one, which: 'known' }
  if (typeof other === 'string') return { outcome: other, which: 'unknown' }
  const [a, b] = [fitted(one), fitted(other)]
  const ratio = loadAt(b) / loadAt(a)
  const { measured, perFoot } = BEND_MODEL
  const each = (fit: FittedBend, { loads }: BendTest): number =>
    (measured ** 2 + fit.scatter ** 2) / loads.length
  const sd = sqrt(each(a, one) + each(b, other))
  const off = sd + (perFoot * abs(known.freeLengthM - unknown.freeLengthM)) / M_PER_FOOT
  const [ratioLow, ratioHigh] = [ratio * exp(-off), ratio * exp(off)]
  return {
    outcome: 'compared',
    ratio,
    ratioLow,
    ratioHigh,
    window: {
      lowKg: known.window.lowKg * ratio,
      centreKg: known.window.centreKg * ratio,
      highKg: known.window.highKg * ratio,
    },
    band: { lowKg: known.window.lowKg * ratioLow, highKg: known.window.highKg * ratioHigh },
    known: a,
    unknown: b,
  }
}
