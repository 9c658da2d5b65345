import type { Covered } from './covering.ts'
import type { TripPlan } from './tripSchema.ts'

/** A spare to pack, how many, and the rule that says so. */
export interface Spare {
  readonly what: 'leader' | 'tippet' | 'loop' | 'running-line'
  readonly count: number
}

/** Bottoms that wear a leader through. */
const ROUGH = ['boulder', 'cobble'] as const
/** Leaders a day: one, and another where the bottom is rough; a spool of tippet for so many days; a second running line from so many on. Common practice, no source. */
const RULES = Object.freeze({ leaderADay: 1, roughMore: 1, tippetDays: 3, lineFromDays: 4 })

/** Spares by rule: leaders and tippet by day and bottom, a loop of each kind of joint, a running line on longer trips. [practice] */
export function sparesFor({ days }: TripPlan, covered: readonly Covered[]): readonly Spare[] {
  const fished = days.filter(({ pools }) => pools.length > 0)
  if (fished.length === 0) return []
  const bottoms = new Map(covered.map(({ demand: { run } }) => [run.id, run.bottom]))
  const rough = fished.filter(({ pools }) =>
    pools.some(({ runId }) => (ROUGH as readonly string[]).includes(bottoms.get(runId) ?? '')),
  )
  return [
    { what: 'leader', count: fished.length * RULES.leaderADay + rough.length * RULES.roughMore },
    { what: 'tippet', count: Math.ceil(fished.length / RULES.tippetDays) },
    { what: 'loop', count: JOINTS },
    ...(fished.length >= RULES.lineFromDays ? [{ what: 'running-line', count: 1 } as const] : []),
  ]
}
/** Joints that are looped: running line to head, head to tip, tip to leader. */
const JOINTS = 3
