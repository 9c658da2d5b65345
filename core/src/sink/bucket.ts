/** Sink rate timed in a bucket, and how far the tries lay apart. */
export type TimedSink =
  | {
      readonly outcome: 'timed'
      readonly rateMps: number
      /** Standard error of the rate, from the tries; left out for a single one [m/s]. */
      readonly errorMps?: number
    }
  | { readonly outcome: 'too-short' | 'not-a-rate' }

/** Water that is fallen through [m]. */
export const BUCKET_M = Object.freeze({ low: 0.1, high: 3 })

/** A fall that takes less is not timed by a thumb [s]. [practice] */
const LEAST_S = 0.4
/** Limits of a sink rate of line, tip or fly [m/s]. */
const RATES = { low: 0.005, high: 0.6 } as const

/**
 * Sink rate from falls timed in still water: depth ÷ time, the mean over the tries. A line is at its own speed within some
 * centimetres, which a level fall of half a metre does not feel. [physics]
 * @param depthM from the surface to the bottom of the bucket [m], `BUCKET_M` @param timesS each try [s], at least one
 * @example timedSink(0.5, [2.9, 3.1]).rateMps // 0.167
 */
export function timedSink(depthM: number, timesS: readonly number[]): TimedSink {
  if (timesS.length === 0 || timesS.some((s) => !(s >= LEAST_S))) return { outcome: 'too-short' }
  const rates = timesS.map((s) => depthM / s)
  const rateMps = rates.reduce((sum, rate) => sum + rate, 0) / rates.length
  if (!(rateMps >= RATES.low && rateMps <= RATES.high)) return { outcome: 'not-a-rate' }
  if (rates.length === 1) return { outcome: 'timed', rateMps }
  const spread = rates.reduce((sum, rate) => sum + (rate - rateMps) ** 2, 0) / (rates.length - 1)
  return { outcome: 'timed', rateMps, errorMps: Math.sqrt(spread / rates.length) }
}
