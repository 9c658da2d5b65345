import type { Day } from '../../day/index.ts'
import { type Rod, troutLine } from '../../gear/index.ts'
import type { HeadFacts } from '../../line/index.ts'
import { defineCheck, type Finding } from '../define.ts'
import { bare, type FrontParts, lineOutM } from '../looped.ts'
import type { RigParts } from '../parts.ts'
import { ruleFor } from './leader.ts'
import { TROUT_CARRY_M } from './window.ts'

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
  if (troutLine(style)) return rod.hands === 'single' ? null : TROUT_LINE
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

/** Of a head so much outside the rod holds, and so much is still to be watched (C49). [practice] */
const OUT = { holds: 0.9, watch: 0.75 } as const

/** Length of a line that loads a rod, and is to be out [m]; none where a single-hand rod carries what is asked. */
function toBeOutM({ rod, head }: Pick<RigParts, 'rod' | 'head'>): number | undefined {
  if (!troutLine(head.head.style)) return head.lengthM
  return rod.hands === 'single' ? undefined : Math.min(head.lengthM, TROUT_CARRY_M)
}

const OUT_REASONS = { 'all-out': {}, 'inside-rod': { wholeM: 9 as number, castM: 12 as number } }

/** @param toTieM of a leader that is not chosen yet [m] */
function outAgainst(parts: FrontParts, day: Day, toTieM: number): Finding<typeof OUT_REASONS> | null {
  const wholeM = toBeOutM(parts)
  if (wholeM === undefined) return null
  const value = Math.max(0, Math.min(wholeM, lineOutM(parts, day) - toTieM))
  const share = value / wholeM
  const base = { value, allowed: { low: OUT.holds * wholeM }, measure: 'length', tag: 'practice' } as const
  if (share >= OUT.holds) return { ...base, state: 'holds', reason: 'all-out' }
  const data = { wholeM, castM: day.castM }
  return { ...base, state: share >= OUT.watch ? 'watch' : 'breaks', reason: 'inside-rod', data }
}

/** Is the head outside the rod on a cast so short? What lies inside loads nothing (C49). */
const lineOut = defineCheck({
  code: 'line-out',
  slots: ['leaderId', 'tipId', 'headId'],
  reasons: OUT_REASONS,
}).look(
  ['rod', 'head', 'tip', 'leader'],
  (parts, day) => {
    const { rod, head, tip, leader } = parts
    // Without a leader nothing is fished: the shortest that does counts.
    return outAgainst(parts, day, leader === null ? ruleFor(rod, head.head.style, tip, day.fly).lowM : 0)
  },
  {
    // Tip and leader only leave less of it.
    least: (parts, day) => outAgainst(bare(parts), day, 0),
    grows: 'with-head',
    shorter: true,
  },
)

export const LENGTH_CHECKS = [headLength, lineOut] as const
