/** Figures in [0, 1) that are the same each time, by Lehmer's generator (Park & Miller 1988). */
export function dice(seed: number): () => number {
  let now = seed
  return () => {
    now = (now * 48271) % 2147483647
    return now / 2147483647
  }
}
