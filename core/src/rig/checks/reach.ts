import { defineCheck } from '../define.ts'
import { thrownWith } from '../reach.ts'

/** Down to this share of the cast is to be watched, less breaks: a better caster, or a tail wind, makes up the first. [estimate] */
const SHORT = 0.8
/** Tip and leader where none is chosen yet, for the search [m]. */
const USUAL_FRONT_M = 5

function against(value: number, low: number) {
  const state = value >= low ? 'holds' : value >= low * SHORT ? 'watch' : 'breaks'
  return {
    state,
    reason: value >= low ? 'reaches' : 'short',
    value,
    allowed: { low },
    measure: 'length',
    tag: 'estimate',
  } as const
}

/** Does the rig reach as far as the day asks? By the same function as Running line. */
const reach = defineCheck({
  code: 'reach',
  slots: ['headId', 'rodId', 'runningLineId'],
  cost: 'second-look',
  reasons: { reaches: {}, short: {} },
})
  .look(['rod', 'head', 'tip', 'leader', 'runningLine'], (parts, day) =>
    against(thrownWith(parts, parts.runningLine, day).castM, day.castM),
  )
  .standIn(['rod', 'head'], ({ rod, head }, day) =>
    against(thrownWith({ rod, head, tip: null, leader: null }, null, day).castM + USUAL_FRONT_M, day.castM),
  )

export const REACH_CHECKS = [reach] as const
