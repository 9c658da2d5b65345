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

/** From here on a tip counts as fast sinking [m/s]. [practice] */
const FAST_SINK_MPS = 4 * M_PER_INCH

const feet = (low: number, high: number, reason: LeaderRule['reason']): LeaderRule => ({
  lowM: low * M_PER_FOOT,
  highM: high * M_PER_FOOT,
  tag: 'practice',
  reason,
})
const rods = (rod: Rod, low: number, high: number, reason: LeaderRule['reason']): LeaderRule => ({
  lowM: low * rod.lengthM,
  highM: high * rod.lengthM,
  tag: 'practice',
  reason,
})

function floatingLeader(rod: Rod, fly: FlyShape): LeaderRule {
  const weighted = fly.weighting !== 'unweighted'
  if (rod.hands === 'trout-two-hander') return weighted ? feet(8, 10, 'weighted') : feet(12, 14, 'floating')
  return weighted ? rods(rod, 0.7, 1.2, 'weighted') : rods(rod, 1, 1.5, 'floating')
}

/**
 * How long the leader should be, head and tip and fly being given. Floating line: 1 to 1½ rod lengths (C22); trout
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
    return rod.hands === 'single' ? feet(3.5, 5.5, 'fast-tip') : feet(3, 6, 'fast-tip')
  if (tipSinkMps !== undefined && tipSinkMps > 0) return feet(4, 9, 'slow-tip')
  if (head === 'multi-density') return feet(6, 15.9, 'short-head')
  if (head === 'skagit') return { ...feet(6, 14, 'floating-tip') }
  if (head === 'overhead') return rods(rod, 0.6, 1.2, 'overhead')
  return floatingLeader(rod, fly)
}
