import { cylinderDiameterM, type Item, type SinkingLeader, type Tip } from '../gear/index.ts'
import { FLOATING_KG_PER_M3 } from '../line/index.ts'
import { estimated, type Figure, given, KG_PER_M_PER_GRAIN_PER_FOOT, M_PER_INCH } from '../quantity/index.ts'
import { diameterForSinkRate, sinkRateMps, WATER_MODEL } from './cylinder.ts'

/** Anything that can be looped to the front of a head. */
export type TipItem = Tip | SinkingLeader
/** Whether an item can be. */
export const isTipItem = (item: Item): item is TipItem =>
  item.kind === 'tip' || item.kind === 'sinking-leader'

/** A tip with everything derived that its owner did not say. */
export interface TipFacts {
  readonly item: TipItem
  readonly lengthM: number
  readonly massKg: Figure
  /** Mass per length where it joins the head [kg/m]. */
  readonly buttKgPerM: number
  /** Mass per length where the leader joins it [kg/m]. */
  readonly pointKgPerM: number
  /** Of the part that sinks [m/s]. */
  readonly sinkRateMps: Figure
  readonly sinkingLengthM: number
  readonly level: boolean
}

/** Density of tungsten-loaded coating [kg/m³], so that T-11 sinks near 7 in/s and heavier material a little faster. [estimate] */
export const TUNGSTEN_KG_PER_M3 = 3700
/** Tapered tips and sinking leaders: point ÷ mean and butt ÷ mean of the mass per length. [estimate] */
const TAPER = { butt: 1.35, point: 0.7 } as const
/** Mean mass per length of a tapered tip made for rod number n [gr/ft per number]. [estimate] */
const TAPERED_GRAINS_PER_FT_PER_NUMBER = 0.5
/** Mean mass per length of a tapered sinking leader [gr/ft], and what each in/s of sink rate adds. [estimate] */
const SINKING_LEADER_GRAINS_PER_FT = { floating: 1.2, perInchPerSecond: 0.25 } as const
/** Floating tip material [gr/ft]. [estimate] */
const FLOATING_TIP_GRAINS_PER_FT = 6
/** Sinking part of a part-sinking tip of unknown mass [gr/ft]. [estimate] */
const PART_SINKING_GRAINS_PER_FT = 10
/** Middle of the three usual tapered tips, 3, 6 and 8 in/s. [practice] */
const TAPERED_SINK_MPS = 6 * M_PER_INCH

const perFoot = (grains: number): number => grains * KG_PER_M_PER_GRAIN_PER_FOOT

/** Sink rate of level tungsten material [m/s]: a cylinder of its mass per length at the coating's usual density. [estimate] */
export function levelSinkRateMps(kgPerM: number): number {
  return sinkRateMps(kgPerM, cylinderDiameterM(kgPerM, TUNGSTEN_KG_PER_M3), WATER_MODEL)
}

function stated(value: number | undefined, otherwise: number): Figure {
  return value === undefined ? estimated(otherwise) : given(value)
}

function sinkingLeaderFacts(item: SinkingLeader): TipFacts {
  const { floating, perInchPerSecond } = SINKING_LEADER_GRAINS_PER_FT
  const usual = perFoot(floating + (perInchPerSecond * item.sinkRateMps) / M_PER_INCH) * item.lengthM
  const massKg = stated(item.massKg, usual)
  const mean = massKg.value / item.lengthM
  return {
    item,
    lengthM: item.lengthM,
    massKg,
    buttKgPerM: mean * TAPER.butt,
    pointKgPerM: mean * TAPER.point,
    sinkRateMps: given(item.sinkRateMps),
    sinkingLengthM: item.sinkRateMps > 0 ? item.lengthM : 0,
    level: false,
  }
}

function usualKgPerM(tip: Tip): number {
  if (tip.build === 'floating') return perFoot(FLOATING_TIP_GRAINS_PER_FT)
  if (tip.build === 'tapered') return perFoot(TAPERED_GRAINS_PER_FT_PER_NUMBER * (tip.rodNumber ?? 7))
  const share = (tip.sinkingLengthM ?? tip.lengthM) / tip.lengthM
  return perFoot(PART_SINKING_GRAINS_PER_FT * share + FLOATING_TIP_GRAINS_PER_FT * (1 - share))
}

function usualSinkRate(tip: Tip, mean: number): number {
  if (tip.build === 'floating') return 0
  if (tip.build === 'tapered') return TAPERED_SINK_MPS
  if (tip.diameterM !== undefined && tip.build === 'level') return sinkRateMps(mean, tip.diameterM)
  return levelSinkRateMps(tip.build === 'level' ? mean : perFoot(PART_SINKING_GRAINS_PER_FT))
}

/** Facts of a tip or sinking leader, from what its owner knows; a weighed mass outranks the name on the bag. */
export function tipFacts(item: TipItem): TipFacts {
  if (item.kind === 'sinking-leader') return sinkingLeaderFacts(item)
  const statedMassKg = item.massKg ?? (item.kgPerM === undefined ? undefined : item.kgPerM * item.lengthM)
  const massKg = stated(statedMassKg, usualKgPerM(item) * item.lengthM)
  const mean = massKg.value / item.lengthM
  const tapered = item.build === 'tapered'
  return {
    item,
    lengthM: item.lengthM,
    massKg,
    buttKgPerM: tapered ? mean * TAPER.butt : mean,
    pointKgPerM: tapered ? mean * TAPER.point : mean,
    sinkRateMps: stated(item.sinkRateMps, usualSinkRate(item, mean)),
    sinkingLengthM: item.build === 'floating' ? 0 : (item.sinkingLengthM ?? item.lengthM),
    level: item.build === 'level',
  }
}

/** A tip as it lies in water and air, level pieces butt first: the floating part it may have, then what sinks. */
export interface TipPiece {
  readonly lengthM: number
  readonly kgPerM: number
  /** Diameter: what sinks is as thick as its sink rate asks; what floats, as floating line is. */
  readonly diameterM: number
  readonly floats: boolean
}

const floatingPiece = (lengthM: number, kgPerM: number): TipPiece => ({
  lengthM,
  kgPerM,
  diameterM: cylinderDiameterM(kgPerM, FLOATING_KG_PER_M3),
  floats: true,
})

/** A tip cut into level pieces. @param count pieces of what sinks or, of a floating tip, of the whole */
export function tipPieces(tip: TipFacts, count: number): readonly TipPiece[] {
  const { lengthM, sinkingLengthM, buttKgPerM, pointKgPerM } = tip
  const meanKgPerM = tip.massKg.value / lengthM
  if (sinkingLengthM <= 0) return [floatingPiece(lengthM, meanKgPerM)]
  const floatingM = lengthM - sinkingLengthM
  const joined = floatingM > 0.01
  const floatKgPerM = Math.min(perFoot(FLOATING_TIP_GRAINS_PER_FT), meanKgPerM)
  const sinkKgPerM = (tip.massKg.value - floatKgPerM * floatingM) / sinkingLengthM
  const pieces = Array.from({ length: count }, (_, i): TipPiece => {
    const share = (i + 0.5) / count
    const kgPerM = joined ? sinkKgPerM : buttKgPerM + (pointKgPerM - buttKgPerM) * share
    const diameterM = diameterForSinkRate(kgPerM, tip.sinkRateMps.value)
    return { lengthM: sinkingLengthM / count, kgPerM, diameterM, floats: false }
  })
  return joined ? [floatingPiece(floatingM, floatKgPerM), ...pieces] : pieces
}
