export const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[times.length >> 1] ?? Number.NaN

/** Median time of several rounds of the same work [ms]. */
export function timed(rounds: number, work: () => unknown): number {
  const times: number[] = []
  for (let i = 0; i < rounds; i++) {
    const start = performance.now()
    work()
    times.push(performance.now() - start)
  }
  return median(times)
}

/** Ratio of two times, in words. */
export const times = (slow: number, fast: number): string => `${(slow / fast).toFixed(0)} ×`
