import { levelFactors, type Run } from '../water/index.ts'
import type { Entry } from './keptSchema.ts'
import type { Saw } from './vocabulary.ts'

/** Memory a pool has of one tip with its leader near a level. */
export interface Remembered {
  readonly tip: string | null
  /** Its name as it was; null for none, undefined where nobody wrote it down. */
  readonly leader?: string | null | undefined
  readonly saw: Readonly<Record<Saw, number>>
  /** Relative depth of the nearest such entry's water, as a share; negative shallower. */
  readonly deeper: number
}

/** Levels further apart than this, by depth, are other water. [estimate] */
export const NEAR = 0.12
/** Entries nearer to one another than this are at one level: what was seen oftener comes first. */
const SAME = 0.02

/** Relative depth of the pool at one flow over another, as a share. */
export const deeperAt = (flowM3ps: number, thanM3ps: number): number =>
  levelFactors(flowM3ps / thanM3ps).depth - 1

interface Memory {
  readonly tip: string | null
  readonly leader: string | null | undefined
  readonly saw: Record<Saw, number>
  deeper: number
}

/** Everything a pool was logged with, tip and leader by tip and leader, the nearest level first. */
function allRemembered(
  run: Run,
  flowM3ps: number,
  entries: readonly Entry[],
  within: number,
): readonly Remembered[] {
  const known = new Map<string, Memory>()
  for (const { runId, flowM3ps: then, tip, leader, saw } of entries) {
    if (runId !== run.id || then === undefined) continue
    const deeper = deeperAt(then, flowM3ps)
    if (Math.abs(deeper) > within) continue
    const key = JSON.stringify([tip, leader])
    const one = known.get(key) ?? { tip, leader, saw: { touched: 0, band: 0, high: 0 }, deeper }
    one.saw[saw]++
    if (Math.abs(deeper) < Math.abs(one.deeper)) one.deeper = deeper
    known.set(key, one)
  }
  const step = ({ deeper }: Remembered): number => Math.round(Math.abs(deeper) / SAME)
  return [...known.values()].sort((a, b) => step(a) - step(b) || b.saw.band - a.saw.band)
}

/**
 * Observations in a pool at levels near this one, the nearest level first. Levels are near by depth, not by equal flows.
 * @param flowM3ps today's [m³/s]
 */
export const remembers = (run: Run, flowM3ps: number, entries: readonly Entry[]): readonly Remembered[] =>
  allRemembered(run, flowM3ps, entries, NEAR)

/** Nearest level with entries, where nothing was logged near this one. */
export const nearestTo = (run: Run, flowM3ps: number, entries: readonly Entry[]): Remembered | undefined =>
  allRemembered(run, flowM3ps, entries, Number.POSITIVE_INFINITY)[0]

/** Observations of a tip, whatever leader was on it. */
export function seenWith(known: readonly Remembered[], tip: string | null): Remembered['saw'] | undefined {
  const some = known.filter((one) => one.tip === tip)
  if (some.length === 0) return undefined
  const sum = (saw: Saw): number => some.reduce((total, one) => total + one.saw[saw], 0)
  return { touched: sum('touched'), band: sum('band'), high: sum('high') }
}

/** Pools in the order they were used last: the chosen one, then by their latest entry, then as they stand. */
export function poolsFirst(
  runs: readonly Run[],
  entries: readonly Entry[],
  chosenId: string | undefined,
): readonly Run[] {
  const latest = new Map<string, number>()
  for (const { runId, atMs } of entries) latest.set(runId, Math.max(atMs, latest.get(runId) ?? 0))
  const used = ({ id }: Run): number => (id === chosenId ? Number.POSITIVE_INFINITY : (latest.get(id) ?? 0))
  return runs.toSorted((a, b) => used(b) - used(a) || 0)
}
