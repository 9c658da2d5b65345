/** Draws from [0, 1), the same ones for the same seed. */
export type Roll = () => number

/** Mulberry32, a small generator of 32 bits: common practice, no source. @param seed whole number */
export function rollFrom(seed: number): Roll {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** One of a list; undefined of an empty one. */
export const pick = <T>(roll: Roll, list: readonly T[]): T | undefined =>
  list[Math.floor(roll() * list.length)]

/** A list in an order of its own (Fisher & Yates 1938). */
export function shuffled<T>(roll: Roll, list: readonly T[]): readonly T[] {
  const out = [...list]
  for (let i = out.length - 1; i > 0; i--) {
    const k = Math.floor(roll() * (i + 1))
    const [a, b] = [out[i], out[k]]
    if (a !== undefined && b !== undefined) [out[i], out[k]] = [b, a]
  }
  return out
}
