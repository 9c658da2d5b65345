import type { Factor } from './byLog.ts'
import type { Run } from './run.ts'

/** A pool whose depths and currents are all some factor of what was measured. */
export const scaledRun = (run: Run, depth: number, current: number): Run => ({
  ...run,
  soundings: run.soundings.map((s) => ({ ...s, depthM: s.depthM * depth })),
  currents: run.currents.map((c) => ({ ...c, mps: c.mps * current })),
})

/** The pool as it is fished: as measured, put right by the log where it taught something and is listened to. Put right only once. */
export function byItsLog({ byLog, ...measured }: Run): Run {
  return byLog === undefined || byLog.off
    ? measured
    : scaledRun(measured, byLog.depth.factor, byLog.current.factor)
}

/** Spread of a pool’s depth and current round what was measured, before the log has said: standard deviations of the logarithms. [estimate] */
export const POOL_SPREAD = Object.freeze({ depthSd: 0.12, currentSd: 0.15 })

/** 80 % of a normal lies within this many deviations. */
export const FOUR_IN_FIVE = 1.2816

const sdOf = ({ low, high }: Factor): number => Math.log(high / low) / (2 * FOUR_IN_FIVE)

/** Spread of a pool's depth and current: as its measure leaves it, or narrower where its log has taught. [log] over [estimate] */
export function spreadOf({ byLog }: Run): { readonly depthSd: number; readonly currentSd: number } {
  return byLog === undefined || byLog.off
    ? POOL_SPREAD
    : { depthSd: sdOf(byLog.depth), currentSd: sdOf(byLog.current) }
}
