import type { Day } from '../../day/index.ts'
import { defineCheck } from '../define.ts'
import type { ThrowDay } from '../looped.ts'
import { thrownWith } from '../reach.ts'

/** Down to this share of the cast is to be watched, less breaks: a better caster, or a tail wind, makes up the first. [estimate] */
const SHORT = 0.8
/** Room in which every stroke is a full one [m]. */
const ROOM_ENOUGH_M = 50
/** Tip and leader where none is chosen yet, for the search [m]. */
const USUAL_FRONT_M = 5

function against(thrown: (calmer?: Partial<ThrowDay>) => number, day: Day) {
  const { castM: low } = day
  const value = thrown()
  const state = value >= low ? 'holds' : value >= low * SHORT ? 'watch' : 'breaks'
  // Why it is short: what would reach in still air, or with room for a full stroke.
  const would = (calmer: Partial<ThrowDay>): boolean => thrown(calmer) >= low
  const reason =
    value >= low
      ? 'reaches'
      : day.aheadMps > 0 && would({ aheadMps: 0 })
        ? 'short-in-wind'
        : would({ roomBehindM: ROOM_ENOUGH_M })
          ? 'short-compact'
          : 'short'
  return { state, reason, value, allowed: { low }, measure: 'length', tag: 'estimate' } as const
}

/** Does the rig reach as far as the day asks? By the same function as Running line. */
const reach = defineCheck({
  code: 'reach',
  slots: ['headId', 'rodId', 'runningLineId'],
  cost: 'second-look',
  reasons: { reaches: {}, short: {}, 'short-in-wind': {}, 'short-compact': {} },
})
  .look(['rod', 'head', 'tip', 'leader', 'runningLine'], (parts, day) =>
    against((calmer) => thrownWith(parts, parts.runningLine, { ...day, ...calmer }).castM, day),
  )
  .standIn(['rod', 'head'], ({ rod, head }, day) =>
    against(
      (calmer) =>
        thrownWith({ rod, head, tip: null, leader: null }, null, { ...day, ...calmer }).castM + USUAL_FRONT_M,
      day,
    ),
  )

export const REACH_CHECKS = [reach] as const
