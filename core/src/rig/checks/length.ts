import type { Day } from '../../day/index.ts'
import type { Rod } from '../../gear/index.ts'
import type { HeadFacts } from '../../line/index.ts'
import { defineCheck, type Finding } from '../define.ts'
import type { RigParts } from '../parts.ts'

/** A head joined the way this angler does not like: half a step. [practice] */
const UNLIKED_JOINT = 0.5
/** Longest head in rod lengths, by kind, and longest head with its tip (sinking leaders not counted). Common practice, no source. */
const LONGEST = { skagit: 2, scandi: 3, withTip: 3.75 } as const

/** Heads of two-handers in use, in rod lengths: Skagits of 20–25 ft, Scandis of 30–35; lighter rods take what there is. [practice] */
const USUAL = { skagit: 1.75, scandi: 2.5 } as const
/** A whole rod length away from what is usual: so many steps. [estimate] */
const LENGTH_COUNTS = 0.4

/** Distance of a head's length from what is usual for such a rod. */
function offUsual(rod: Rod, { head, lengthM }: HeadFacts): number {
  if (rod.hands !== 'two-hander' && rod.hands !== 'switch') return 0
  const usual = head.style === 'skagit' ? USUAL.skagit : USUAL.scandi
  return LENGTH_COUNTS * Math.abs(lengthM / rod.lengthM - usual)
}

const REASONS = { suits: {}, long: {}, 'long-with-tip': {}, short: {}, 'trout-line': {} }

/** A trout line on a two-handed rod does, but heads are made for such rods: a whole step. [practice] */
const TROUT_LINE: Finding<typeof REASONS> = Object.freeze({
  state: 'holds',
  reason: 'trout-line',
  value: null,
  measure: 'none',
  tag: 'practice',
  from: 1,
})

function against(
  { rod, head }: Pick<RigParts, 'rod' | 'head'>,
  tip: RigParts['tip'],
  { schools }: Pick<Day, 'schools'>,
): Finding<typeof REASONS> | null {
  const { style } = head.head
  if (style === 'overhead' || rod.hands === 'surf') return null
  if (style === 'double-taper' || style === 'weight-forward')
    return rod.hands === 'single' ? null : TROUT_LINE
  const ofHead = style === 'skagit' ? LONGEST.skagit : LONGEST.scandi
  const high = ofHead * rod.lengthM
  if (!head.onePiece && head.lengthM > high)
    return {
      measure: 'length',
      tag: 'practice',
      state: 'watch',
      reason: 'long',
      value: head.lengthM,
      allowed: { high },
    }
  const wholeM = head.lengthM + (tip?.item.kind === 'tip' ? tip.lengthM : 0)
  const most = LONGEST.withTip * rod.lengthM
  if (!head.onePiece && wholeM > most)
    return {
      measure: 'length',
      tag: 'practice',
      state: 'watch',
      reason: 'long-with-tip',
      value: wholeM,
      allowed: { high: most },
    }
  const reason = head.lengthM < rod.lengthM ? 'short' : 'suits'
  const liked = head.onePiece === (schools.headJoint === 'integrated')
  return {
    measure: 'length',
    tag: 'practice',
    state: 'holds',
    reason,
    value: head.lengthM,
    allowed: { high },
    from: (liked ? 0 : UNLIKED_JOINT) + (head.onePiece ? 0 : offUsual(rod, head)),
  }
}

/**
 * Head against rod: upper limits only, and only to be watched. Overhead heads and trout lines are exempt, but a head
 * comes before a trout line; a shorter head is
 * said, never judged. [practice]
 */
const headLength = defineCheck({
  code: 'head-length',
  slots: ['headId', 'rodId'],
  reasons: REASONS,
}).look(['rod', 'head', 'tip'], (parts, day) => against(parts, parts.tip, day), {
  // A tip only makes it longer.
  least: (parts, day) => against(parts, null, day),
})

export const LENGTH_CHECKS = [headLength] as const
