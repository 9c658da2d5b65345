import type { FlyShape, HeadStyle, Rod } from '../gear/index.ts'
import { type EvidenceTag, M_PER_FOOT, M_PER_INCH } from '../quantity/index.ts'

export interface LeaderRule {
  readonly lowM: number
  readonly highM: number
  readonly tag: EvidenceTag
  readonly reason:
    | 'floating'
    | 'weighted'
    | 'fast-tip'
    | 'slow-tip'
    | 'floating-tip'
    | 'short-head'
    | 'overhead'
}

/** Leader lengths in feet, or in rod lengths where the rod makes the rule. [practice] */
export const LEADER_RULES = Object.freeze({
  fastTip: { low: 3, high: 6 },
  fastTipSingleHand: { low: 3.5, high: 5.5 },
  slowTip: { low: 4, high: 9 },
  multiDensity: { low: 6, high: 15.9 },
  floatingTip: { low: 6, high: 14 },
  troutFloating: { low: 12, high: 14 },
  troutWeighted: { low: 8, high: 10 },
  rodsFloating: { low: 1, high: 1.5 },
  rodsWeighted: { low: 0.7, high: 1.2 },
  rodsOverhead: { low: 0.6, high: 1.2 },
})
type Bounds = { readonly low: number; readonly high: number }

/** From here on a tip counts as fast sinking [m/s]. [practice] */
const FAST_SINK_MPS = 4 * M_PER_INCH

const feet = ({ low, high }: Bounds, reason: LeaderRule['reason']): LeaderRule => ({
  lowM: low * M_PER_FOOT,
  highM: high * M_PER_FOOT,
  tag: 'practice',
  reason,
})
const rods = (rod: Rod, { low, high }: Bounds, reason: LeaderRule['reason']): LeaderRule => ({
  lowM: low * rod.lengthM,
  highM: high * rod.lengthM,
  tag: 'practice',
  reason,
})

function floatingLeader(rod: Rod, fly: FlyShape): LeaderRule {
  const weighted = fly.weighting !== 'unweighted'
  if (rod.hands === 'trout-two-hander')
    return weighted
      ? feet(LEADER_RULES.troutWeighted, 'weighted')
      : feet(LEADER_RULES.troutFloating, 'floating')
  return weighted
    ? rods(rod, LEADER_RULES.rodsWeighted, 'weighted')
    : rods(rod, LEADER_RULES.rodsFloating, 'floating')
}

/**
 * Leader length for head, tip and fly. Floating line: 1 to 1½ rod lengths (C22); trout
 * two-hander 12–14 ft, about 9 ft with a weighted fly (C23); fast tip 3–6 ft, slow or floating tip longer (C20, C24).
 * @param tipSinkMps sink rate of the tip, 0 for a floating one, undefined for none [m/s]
 */
export function leaderRule(
  rod: Rod,
  head: HeadStyle,
  tipSinkMps: number | undefined,
  fly: FlyShape,
): LeaderRule {
  if (tipSinkMps !== undefined && tipSinkMps >= FAST_SINK_MPS)
    return feet(rod.hands === 'single' ? LEADER_RULES.fastTipSingleHand : LEADER_RULES.fastTip, 'fast-tip')
  if (tipSinkMps !== undefined && tipSinkMps > 0) return feet(LEADER_RULES.slowTip, 'slow-tip')
  if (head === 'multi-density') return feet(LEADER_RULES.multiDensity, 'short-head')
  if (head === 'skagit') return feet(LEADER_RULES.floatingTip, 'floating-tip')
  if (head === 'overhead') return rods(rod, LEADER_RULES.rodsOverhead, 'overhead')
  return floatingLeader(rod, fly)
}
