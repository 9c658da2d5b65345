import type { Bottom } from './vocabulary.ts'

/**
 * Grain of a bed, from fine to coarse [m]: the scale of Wentworth 1922 (sand to 2 mm, pebbles to 64, cobbles to 256, boulders above), value
 * from memory; a ledge has none. Boulders are drawn to a metre, common practice, no source.
 */
export const BED_GRAIN_M: Readonly<
  Record<Bottom, { readonly low: number; readonly high: number } | undefined>
> = Object.freeze({
  sand: { low: 0.0000625, high: 0.002 },
  gravel: { low: 0.002, high: 0.064 },
  cobble: { low: 0.064, high: 0.256 },
  boulder: { low: 0.256, high: 1 },
  ledge: undefined,
})
