/** A number in [0, 1) that always belongs to the same place in the same row. Mulberry32's mixing, public domain. */
export function chance(seed: number, place: number): number {
  let a = (seed * 0x9e3779b1 + place * 0x6d2b79f5) | 0
  a = Math.imul(a ^ (a >>> 15), a | 1)
  a ^= a + Math.imul(a ^ (a >>> 7), a | 61)
  return ((a ^ (a >>> 14)) >>> 0) / 4294967296
}

export const round = (value: number, decimals: number): number => Number(value.toFixed(decimals))
