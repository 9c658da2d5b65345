import type { SwingSample } from '@hoxen/core/swing'

/** Fly and line at one moment. */
export interface Moment {
  readonly flyM: readonly [xM: number, yM: number, zM: number]
  readonly speedMps: number
  readonly overBedM: number
  readonly onBed: boolean
  /** x y z of each node, fly first; empty when no shape was kept. */
  readonly lineM: Float32Array
}

const NO_LINE = new Float32Array(0)

function indexAt(samples: readonly SwingSample[], tS: number): number {
  let low = 0
  let high = samples.length - 1
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if ((samples[middle]?.tS ?? 0) <= tS) low = middle
    else high = middle - 1
  }
  return low
}

function blend(a: Float32Array, b: Float32Array, share: number): Float32Array {
  // Fed line gains nodes; between two counts the earlier shape stands.
  if (a.length !== b.length || share === 0) return a
  const out = new Float32Array(a.length)
  for (let i = 0; i < a.length; i++) out[i] = (a[i] ?? 0) + ((b[i] ?? 0) - (a[i] ?? 0)) * share
  return out
}

/** The moment at a time, between the samples either side; before the first and after the last it stays. */
export function momentAt(samples: readonly SwingSample[], tS: number): Moment | undefined {
  const i = indexAt(samples, tS)
  const a = samples[i]
  if (a === undefined) return undefined
  const b = samples[i + 1] ?? a
  const share = b.tS > a.tS ? Math.min(1, Math.max(0, (tS - a.tS) / (b.tS - a.tS))) : 0
  const mix = (from: number, to: number): number => from + (to - from) * share
  return {
    flyM: [mix(a.flyM[0], b.flyM[0]), mix(a.flyM[1], b.flyM[1]), mix(a.flyM[2], b.flyM[2])],
    speedMps: mix(a.speedMps, b.speedMps),
    overBedM: mix(a.overBedM, b.overBedM),
    onBed: a.onBed,
    lineM: blend(a.lineM ?? NO_LINE, b.lineM ?? NO_LINE, share),
  }
}
