import { findUnit } from './unit.ts'

export type ConvertResult =
  | { readonly outcome: 'converted'; readonly value: number }
  | { readonly outcome: 'unknown-unit'; readonly which: 'from' | 'to'; readonly unit: string }
  | { readonly outcome: 'different-dimension'; readonly from: string; readonly to: string }
  | { readonly outcome: 'out-of-range'; readonly unit: string }

/**
 * Exact conversion between any two units of one dimension, through SI.
 * gō and X are not linear: they stand for diameters, [0, ∞) gō and (−∞, 11) X.
 * @example convert(1, 'ft', 'm') // { outcome: 'converted', value: 0.3048 }
 */
export function convert(value: number, from: string, to: string): ConvertResult {
  const source = findUnit(from)
  if (source === undefined) return { outcome: 'unknown-unit', which: 'from', unit: from }
  const target = findUnit(to, source.dimension) ?? findUnit(to)
  if (target === undefined) return { outcome: 'unknown-unit', which: 'to', unit: to }
  if (source.dimension !== target.dimension) return { outcome: 'different-dimension', from, to }
  const si = source.toSi(value)
  const isDiameter =
    source.symbol === 'X' || source.symbol === 'go' || target.symbol === 'X' || target.symbol === 'go'
  if (!Number.isFinite(si) || (isDiameter && si < 0)) return { outcome: 'out-of-range', unit: source.symbol }
  return { outcome: 'converted', value: source === target ? value : target.fromSi(si) }
}
