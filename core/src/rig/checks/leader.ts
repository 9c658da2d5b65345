import type { FlyShape, HeadStyle, Leader, Rod } from '../../gear/index.ts'
import { type LeaderRule, leaderRule } from '../../leader/index.ts'
import type { TipFacts } from '../../sink/index.ts'
import { type Check, check, stateInRange } from '../check.ts'

/** Outside the rule by this share is a warning. */
const SLACK = 0.25

/** The leader rule for a rod, kind of head, tip and fly. */
export const ruleFor = (rod: Rod, style: HeadStyle, tip: TipFacts | null, fly: FlyShape): LeaderRule =>
  leaderRule(rod, style, tip?.sinkRateMps.value, fly)

/** Leader length against its rule. Without a leader it says what to tie. */
export function leaderLength(rule: LeaderRule, leader: Leader | null): Check {
  const base = {
    code: 'leader-length',
    allowed: { low: rule.lowM, high: rule.highM },
    measure: 'length',
    tag: rule.tag,
    data: { rule: rule.reason },
  } as const
  if (leader === null) return check({ ...base, state: 'watch', reason: 'missing', value: null })
  const value = leader.lengthM
  const state = stateInRange(value, rule.lowM, rule.highM, rule.lowM * SLACK, rule.highM * SLACK)
  const reason = value < rule.lowM ? 'too-short' : value > rule.highM ? 'too-long' : 'fits'
  return check({ ...base, state, reason, value })
}
