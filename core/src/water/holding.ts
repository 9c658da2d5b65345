import { M_PER_INCH } from '../quantity/index.ts'

// Taken once: asked for in every step of a swing.
const { max, min } = Math

/** Band of water where fish hold. */
export const FISH_AT = ['surface', 'middle', 'bottom'] as const
export type FishAt = (typeof FISH_AT)[number]

/** Lowest 18 in of the water, where swung fish hold [m]. C17 [practice] */
export const HOLDING_BAND_M = 18 * M_PER_INCH
/** Surface fish are met this deep at most, and never below half the water [m], share. [practice] */
const SURFACE = { m: 0.45, share: 0.5 } as const
/** Mid-water, as shares of the depth. [practice] */
const MIDDLE = { low: 0.25, high: 0.75 } as const

/** Water at least this share as deep as the deepest that the cast covers is where fish hold. [estimate] */
const HOLDING_WATER = 0.7

/** Whether fish hold over water of this depth, beside the deepest that the cast covers [m]. */
export const holdsFish = (depthM: number, deepestM: number): boolean =>
  depthM > 0 && depthM >= HOLDING_WATER * deepestM

/** Depths between which fish hold in water of this depth [m]; at the bottom clear of the bed only. [practice] */
export function holdingBand(fishAt: FishAt, depthM: number): { readonly low: number; readonly high: number } {
  if (fishAt === 'surface') return { low: 0, high: min(SURFACE.m, depthM * SURFACE.share) }
  if (fishAt === 'middle') return { low: depthM * MIDDLE.low, high: depthM * MIDDLE.high }
  return { low: max(0, depthM - HOLDING_BAND_M), high: depthM }
}
