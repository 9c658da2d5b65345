import { levelFactors, type Run } from '../water/index.ts'
import type { Entry, Saw } from './keptSchema.ts'

/** What a pool remembers of one tip near a level. */
export interface Remembered {
  readonly tip: string | null
  readonly saw: Readonly<Record<Saw, number>>
  /** How much deeper the nearest such entry's water was, as a share; negative shallower. */
  readonly deeper: number
}

/** Levels further apart than this, by depth, are other water. [estimate] */
export const NEAR = 0.12

/** How much deeper the pool is at one flow than at another, as a share. */
export const deeperAt = (flowM3ps: number, thanM3ps: number): number =>
  levelFactors(flowM3ps / thanM3ps).depth - 1

/**
 * What was seen in a pool at levels near this one, tip by tip, the nearest level first. Levels are near by depth, not by equal flows.
 * @param flowM3ps today's [m³/s]
 */
export function remembers(run: Run, flowM3ps: number, entries: readonly Entry[]): readonly Remembered[] {
  const byTip = new Map<string | null, { saw: Record<Saw, number>; deeper: number }>()
  for (const { runId, flowM3ps: then, tip, saw } of entries) {
    if (runId !== run.id || then === undefined) continue
    const deeper = deeperAt(then, flowM3ps)
    if (Math.abs(deeper) > NEAR) continue
    const known = byTip.get(tip) ?? { saw: { touched: 0, band: 0, high: 0 }, deeper }
    known.saw[saw]++
    if (Math.abs(deeper) < Math.abs(known.deeper)) known.deeper = deeper
    byTip.set(tip, known)
  }
  return [...byTip]
    .map(([tip, known]) => ({ tip, ...known }))
    .sort((a, b) => b.saw.band - a.saw.band || Math.abs(a.deeper) - Math.abs(b.deeper))
}
