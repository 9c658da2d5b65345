import { KG_PER_M_PER_GRAIN_PER_FOOT } from '../quantity/index.ts'

/** Level tungsten materials on sale, by grains per foot. [practice] */
export const LEVEL_MATERIALS: readonly number[] = Object.freeze([7, 8, 10, 11, 14, 17, 18, 20])
/** A tip counts as a material when its mass per length lies within this share of it. [practice] */
export const MATERIAL_TOLERANCE = 0.03
/** Mass per length of the floating part of a joined tip [gr/ft]. [practice] */
const FLOATING_PART_GRAINS_PER_FT = { low: 3, high: 9 } as const

/** Error of a kitchen scale that shows tenths of a gram and a tape laid by hand may be off by [kg], [m]. [estimate] */
const MEASURED_WITHIN = Object.freeze({ massKg: 5e-5, lengthM: 0.006 })

export interface NearMaterial {
  readonly material: string
  /** (measured − nominal) ÷ nominal. */
  readonly deviation: number
}

export interface MaterialReading {
  readonly outcome: 'named' | 'between' | 'joined'
  readonly kgPerM: number
  readonly grainsPerFt: number
  readonly material: string | null
  readonly deviation: number
  /** Between which it lies, as surely as scale and tape are [gr/ft]. */
  readonly sure: { readonly low: number; readonly high: number }
  /** The two nearest, nearest first. */
  readonly nearest: readonly NearMaterial[]
  /** For a tip with a floating part: what its sinking part can weigh per length [gr/ft]. */
  readonly sinkingGrainsPerFt?: { readonly low: number; readonly high: number }
}

function nearMaterials(grainsPerFt: number): readonly NearMaterial[] {
  return LEVEL_MATERIALS.map((n) => ({ material: `T-${n}`, deviation: grainsPerFt / n - 1 }))
    .sort((a, b) => Math.abs(a.deviation) - Math.abs(b.deviation))
    .slice(0, 2)
}

/**
 * Names a tip's material from a kitchen scale and a tape (C16): within 3 % of a level material it is that one, else
 * the two nearest. Of a tip joined from a floating and a sinking part the scale tells only the sum: the sinking part's
 * mass per length is then a range, and no material is claimed.
 * @param massKg [kg] (0, ∞) @param lengthM [m] (0, ∞) @param sinkingLengthM [m], when only the front sinks
 */
export function nameMaterial(massKg: number, lengthM: number, sinkingLengthM = lengthM): MaterialReading {
  const kgPerM = massKg / lengthM
  const grainsPerFt = kgPerM / KG_PER_M_PER_GRAIN_PER_FOOT
  const nearest = nearMaterials(grainsPerFt)
  const off = MEASURED_WITHIN.massKg / massKg + MEASURED_WITHIN.lengthM / lengthM
  const sure = { low: grainsPerFt * (1 - off), high: grainsPerFt * (1 + off) }
  const best = nearest[0]
  if (best === undefined) throw new Error('no materials')
  if (sinkingLengthM > 0 && sinkingLengthM < lengthM) {
    const share = sinkingLengthM / lengthM
    const sinking = (floating: number): number => Math.max(0, (grainsPerFt - floating * (1 - share)) / share)
    const { low, high } = FLOATING_PART_GRAINS_PER_FT
    return {
      outcome: 'joined',
      kgPerM,
      grainsPerFt,
      material: null,
      deviation: best.deviation,
      sure,
      nearest,
      sinkingGrainsPerFt: { low: sinking(high), high: sinking(low) },
    }
  }
  const named = Math.abs(best.deviation) <= MATERIAL_TOLERANCE + 1e-9
  return {
    outcome: named ? 'named' : 'between',
    kgPerM,
    grainsPerFt,
    material: named ? best.material : null,
    deviation: best.deviation,
    sure,
    nearest,
  }
}
