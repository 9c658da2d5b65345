import { STANDARD_GRAVITY_MPS2 } from '../quantity/index.ts'

// Taken once: a ledger asks a few hundred times.
const { ceil, exp, max, PI, sqrt } = Math

/** Part of the line in the air, rod side first. */
export interface AirPart {
  readonly lengthM: number
  readonly kgPerM: number
  readonly diameterM: number
  /** Second fly on a dropper, hanging at its end. */
  readonly hangs?: FlyInAir | undefined
}

export interface FlyInAir {
  readonly massKg: number
  /** Frontal area × drag coefficient [m²]. */
  readonly dragAreaM2: number
}

export interface TurnoverModel {
  readonly airKgPerM3: number
  /** Drag coefficient of the loop's rounded front, per its frontal area. */
  readonly loopDrag: number
  /** Height of the loop [m]. */
  readonly loopHeightM: number
  /** Skin drag coefficient of the flying leg, per wetted surface. */
  readonly skinDrag: number
  readonly gravityMps2: number
  /** A fly that arrives slower than this only flutters down [m/s]. */
  readonly arrivesMps: number
  /** A cast is straight whose fly has not dropped by more than this before the loop is out [m]. */
  readonly straightDropM: number
}

/** Air at 15 °C; drag coefficients of a smooth cylinder across and along. [physics, estimate] */
export const TURNOVER_MODEL: TurnoverModel = Object.freeze({
  airKgPerM3: 1.225,
  loopDrag: 1,
  loopHeightM: 1,
  skinDrag: 0.01,
  gravityMps2: STANDARD_GRAVITY_MPS2,
  arrivesMps: 4,
  straightDropM: 0.3,
})

export interface TurnoverSample {
  /** Length still to unroll [m]. */
  readonly legM: number
  readonly speedMps: number
  /** Share of the launch energy that is left. */
  readonly energyLeft: number
  /** Time since the loop left [s], and fall of the fly by then [m]. */
  readonly atS: number
  readonly dropM: number
}

export type TurnoverResult =
  | {
      readonly outcome: 'turned-over'
      readonly speedAtFlyMps: number
      readonly energyLeft: number
      /** Fall of the fly by the time the loop is out [m]. */
      readonly dropM: number
      /** Whether it arrives with speed and has not dropped. [estimate] */
      readonly straight: boolean
      readonly samples: readonly TurnoverSample[]
    }
  | { readonly outcome: 'no-line' | 'no-fly'; readonly samples: readonly TurnoverSample[] }

/** Steps of the quadrature over the whole line by default, and the least over any part. */
const STEPS = 2000
const LEAST_STEPS = 8

interface Leg {
  readonly legM: number
  readonly massKg: number
  /** Mass per length where the loop is [kg/m]. */
  readonly kgPerM: number
  /** Drag area of the leg, the loop's front and the fly, in the energy balance [m²]. */
  readonly dragM2: number
}

/** The flying leg, from the whole line down to the fly, in even steps over each part. */
function legsOf(parts: readonly AirPart[], fly: FlyInAir, model: TurnoverModel, most: number): Leg[] {
  const steps = max(LEAST_STEPS, ceil(most / parts.length))
  const legs: Leg[] = []
  let legM = 0
  let massKg = fly.massKg
  let skinM2 = 0
  let fliesM2 = fly.dragAreaM2
  for (const part of [...parts].reverse()) {
    massKg += part.hangs?.massKg ?? 0
    fliesM2 += part.hangs?.dragAreaM2 ?? 0
    const loopM2 = (model.loopDrag * part.diameterM * model.loopHeightM) / 8
    for (let i = legs.length === 0 ? 0 : 1; i <= steps; i++) {
      const x = (part.lengthM * i) / steps
      const skin = skinM2 + model.skinDrag * PI * part.diameterM * x
      const dragM2 = skin + loopM2 + fliesM2
      legs.push({ legM: legM + x, massKg: massKg + part.kgPerM * x, kgPerM: part.kgPerM, dragM2 })
    }
    legM += part.lengthM
    massKg += part.kgPerM * part.lengthM
    skinM2 += model.skinDrag * PI * part.diameterM * part.lengthM
  }
  return legs.reverse()
}

/**
 * Falls on while the loop goes on by `byM`: the tension where the loop turns, ¼μv², bears the fly; what it does not bear falls with
 * g (1 − T/mg). Momentum balance of the loop's front. [physics]
 */
function fall(
  falling: Falling,
  leg: Leg,
  speedMps: number,
  byM: number,
  fly: FlyInAir,
  gravityMps2: number,
): void {
  const tensionN = 0.25 * leg.kgPerM * speedMps * speedMps
  const borne = fly.massKg > 0 ? tensionN / (fly.massKg * gravityMps2) : 1
  const timeS = byM / (speedMps / 2)
  const before = falling.mps
  falling.mps = borne < 1 ? before + gravityMps2 * (1 - borne) * timeS : 0
  falling.dropM += ((before + falling.mps) / 2) * timeS
}
interface Falling {
  mps: number
  dropM: number
}

/**
 * Unrolling of a loop: the fly leg ℓ shrinks at v/2 and carries E = ½M(ℓ)v², which profile drag of the loop, skin drag of
 * the leg and the fly's air drag eat up: dE/dℓ = 2ρ A(ℓ) E / M(ℓ). After the energy balances of Lingard (1988) and
 * Spolek (1986), from memory. Without drag ½Mv² is kept; with a heavy fly the speed tends to a constant. Drag alone would
 * make heavy flies easy: meanwhile the fly falls where the loop's tension does not bear it (C42). An estimate: good for
 * comparing flies, tips and leaders, not for metres per second. [physics, estimate]
 * @param launchMps speed of the fly leg as the loop forms [m/s], (0, ∞)
 * @param parts rod tip → fly @param steps of the quadrature, over the whole line
 */
export function turnover(
  launchMps: number,
  parts: readonly AirPart[],
  fly: FlyInAir,
  model: TurnoverModel = TURNOVER_MODEL,
  steps = STEPS,
): TurnoverResult {
  const legs = legsOf(parts, fly, model, steps)
  const [first] = legs
  if (first === undefined || !(first.legM > 0) || !(first.massKg > 0))
    return { outcome: 'no-line', samples: [] }
  const samples: TurnoverSample[] = []
  const falling: Falling = { mps: 0, dropM: 0 }
  let loss = 0
  let atS = 0
  let before = first
  for (const leg of legs) {
    if (leg.massKg <= 0) break
    const rate = (at: Leg): number => (2 * model.airKgPerM3 * at.dragM2) / at.massKg
    loss += ((rate(before) + rate(leg)) / 2) * (before.legM - leg.legM)
    const energyLeft = exp(-loss)
    const speedMps = launchMps * sqrt((first.massKg / leg.massKg) * energyLeft)
    // The fly leg shrinks at half its own speed.
    atS += (2 * (before.legM - leg.legM)) / speedMps
    if (before.legM > leg.legM) fall(falling, leg, speedMps, before.legM - leg.legM, fly, model.gravityMps2)
    before = leg
    samples.push({ legM: leg.legM, energyLeft, speedMps, atS, dropM: falling.dropM })
  }
  const last = samples.at(-1)
  // A line without a fly has nothing left to move at its very end: its speed has no limit there.
  if (last === undefined || last.legM > 0) return { outcome: 'no-fly', samples }
  return {
    outcome: 'turned-over',
    speedAtFlyMps: last.speedMps,
    energyLeft: last.energyLeft,
    dropM: falling.dropM,
    straight: last.speedMps >= model.arrivesMps && falling.dropM <= model.straightDropM,
    samples,
  }
}

/** A loop at one moment, from the rod tip along the cast [m]: less than 0 is behind it. */
export interface LoopMoment {
  readonly noseM: number
  readonly flyM: number
  readonly dropM: number
}

/**
 * The loop so long after it left: the rod leg has grown by what the fly leg has given up, and the fly is as far behind the loop's nose
 * as that still is. Undefined where nothing unrolls. @param atS [s]
 */
export function loopAt({ samples }: Pick<TurnoverResult, 'samples'>, atS: number): LoopMoment | undefined {
  const now = samples.findLast((sample) => sample.atS <= atS) ?? samples[0]
  if (now === undefined) return undefined
  const noseM = (samples[0]?.legM ?? 0) - now.legM
  return { noseM, flyM: noseM - now.legM, dropM: now.dropM }
}
