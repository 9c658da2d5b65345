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
