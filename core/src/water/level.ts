import type { Run } from './run.ts'

/**
 * At-a-station hydraulic geometry: width ∝ Q^0.26, depth ∝ Q^0.40, mean velocity ∝ Q^0.34; the exponents sum to 1.
 * Leopold & Maddock (1953), US Geological Survey Professional Paper 252; values from memory. [standard]
 */
export const HYDRAULIC_GEOMETRY = Object.freeze({ width: 0.26, depth: 0.4, velocity: 0.34 })

/** Beyond this ratio of flows either way the law no longer describes the same stretch: banks are topped, bars fall dry. [estimate] */
export const LEVEL_REACH = 8

/** Beyond this ratio a pool's measure says nothing about such a level. [estimate] */
export const LEVEL_LIMIT = 50

export interface LevelFactors {
  readonly width: number
  readonly depth: number
  readonly velocity: number
}

/** Factors on a section at a flow `ratio` times the measured one. @param ratio (0, ∞) @example levelFactors(2).depth // 1.32 */
export function levelFactors(ratio: number): LevelFactors {
  return {
    width: ratio ** HYDRAULIC_GEOMETRY.width,
    depth: ratio ** HYDRAULIC_GEOMETRY.depth,
    velocity: ratio ** HYDRAULIC_GEOMETRY.velocity,
  }
}

/** Flows a run measured at this one can be carried to [m³/s]. */
export const flowReach = (measuredFlowM3ps: number): { readonly low: number; readonly high: number } => ({
  low: measuredFlowM3ps / LEVEL_LIMIT,
  high: measuredFlowM3ps * LEVEL_LIMIT,
})

/** A run at another level: carried there, said to be far from where it was measured, or left as it was measured. */
export type AtLevel =
  | { readonly outcome: 'at-level' | 'far'; readonly run: Run; readonly ratio: number }
  | { readonly outcome: 'too-far'; readonly ratio: number }

/**
 * A run carried from the flow it was measured at to today's. It widens and narrows about its own bank, so the wading
 * line stays where it is unless the water has left it. Beyond `LEVEL_REACH` times it is a guess (`far`), beyond
 * `LEVEL_LIMIT` times there is no answer (`too-far`). [standard]
 * @param measuredFlowM3ps (0, ∞) @param todayFlowM3ps (0, ∞)
 */
export function atFlow(run: Run, measuredFlowM3ps: number, todayFlowM3ps: number): AtLevel {
  const ratio = todayFlowM3ps / measuredFlowM3ps
  const beyond = (times: number): boolean => !(ratio <= times && ratio >= 1 / times)
  if (beyond(LEVEL_LIMIT)) return { outcome: 'too-far', ratio }
  const { width, depth, velocity } = levelFactors(ratio)
  const widthM = run.widthM * width
  const carried: Run = {
    ...run,
    widthM,
    soundings: run.soundings.map((s) => ({ fromBankM: s.fromBankM * width, depthM: s.depthM * depth })),
    currents: run.currents.map((c) => ({ fromBankM: c.fromBankM * width, mps: c.mps * velocity })),
    wadeM: Math.min(run.wadeM, widthM),
    ...(run.lies === undefined
      ? {}
      : { lies: run.lies.map(({ fromM, toM }) => ({ fromM: fromM * width, toM: toM * width })) }),
    measuredFlowM3ps: todayFlowM3ps,
  }
  return { outcome: beyond(LEVEL_REACH) ? 'far' : 'at-level', run: carried, ratio }
}
