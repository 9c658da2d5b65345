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
  .look(['rod', 'head', 'tip', 'leader', 'runningLine'], (parts, { castM }) =>
    against(thrownWith(parts, parts.runningLine).castM, castM),
  )
  .standIn(['rod', 'head'], ({ rod, head }, { castM }) =>
    against(thrownWith({ rod, head, tip: null, leader: null }, null).castM + USUAL_FRONT_M, castM),
  )

export const REACH_CHECKS = [reach] as const
