import { clamp } from '../quantity/index.ts'
import type { Run, Sounding } from './run.ts'
import { RUN_LIMITS } from './vocabulary.ts'

/** A sounding keeps this far from its neighbours [m]. */
const GAP_M = 0.1
/** Soundings are kept to the centimetre [m]. */
const GRAIN_M = 0.01

type Bed = Pick<Run, 'soundings' | 'widthM'>

const rounded = (m: number): number => Math.round(m / GRAIN_M) * GRAIN_M
const depth = (m: number): number => clamp(rounded(m), RUN_LIMITS.depthM)

/** A sounding put elsewhere, as near as its neighbours and what water can be allow. */
export function placedSounding(run: Bed, index: number, { fromBankM, depthM }: Sounding): Sounding {
  const low = (run.soundings[index - 1]?.fromBankM ?? -GAP_M) + GAP_M
  const high = (run.soundings[index + 1]?.fromBankM ?? run.widthM + GAP_M) - GAP_M
  return { fromBankM: clamp(rounded(fromBankM), { low, high }), depthM: depth(depthM) }
}

/** The bed with one sounding more; undefined where there is no room for it. */
export function withSounding(run: Bed, { fromBankM, depthM }: Sounding): readonly Sounding[] | undefined {
  if (fromBankM <= 0 || fromBankM >= run.widthM || run.soundings.length >= RUN_LIMITS.points) return undefined
  if (run.soundings.some((s) => Math.abs(s.fromBankM - fromBankM) < GAP_M)) return undefined
  return [...run.soundings, { fromBankM: rounded(fromBankM), depthM: depth(depthM) }].sort(
    (a, b) => a.fromBankM - b.fromBankM,
  )
}
