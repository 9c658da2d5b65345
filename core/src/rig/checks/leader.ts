import type { FlyShape, HeadStyle, Rod } from '../../gear/index.ts'
import {
  type LeaderRule,
  leaderRule,
  leastStrengthN,
  neededStrengthN,
  offWantedStrength,
} from '../../leader/index.ts'
import type { TipFacts } from '../../sink/index.ts'
import { defineCheck, fromMiddle, stateInRange } from '../define.ts'

/** Outside the rule by this share is a warning. */
const SLACK = 0.25

/** The leader rule for a rod, kind of head, tip and fly. */
export const ruleFor = (rod: Rod, style: HeadStyle, tip: TipFacts | null, fly: FlyShape): LeaderRule =>
  leaderRule(rod, style, tip?.sinkRateMps.value, fly)

/** A rig with a leader comes before one without, where both are to be watched. */
const MISSING = 2

const RULE = { behindTip: true, fast: true }

/** Leader length against its rule. Without a leader it says what to tie. */
const leaderLength = defineCheck({
  code: 'leader-length',
  slots: ['leaderId', 'tipId'],
  reasons: { fits: {}, missing: {}, 'too-short': RULE, 'too-long': RULE },
}).look(
  ['rod', 'head', 'tip', 'leader'],
  ({ rod, head, tip, leader }, { fly, indicator }) => {
    // Under a float the water’s depth makes the rule.
    if (indicator) return null
    const rule = ruleFor(rod, head.head.style, tip, fly)
    const allowed = { low: rule.lowM, high: rule.highM }
    const base = { allowed, measure: 'length', tag: rule.tag } as const
    if (leader === null) return { ...base, state: 'watch', reason: 'missing', value: null, from: MISSING }
    const value = leader.lengthM
    const state = stateInRange(value, rule.lowM, rule.highM, rule.lowM * SLACK, rule.highM * SLACK)
    if (state === 'holds')
      return { ...base, state, reason: 'fits', value, from: fromMiddle(value, rule.lowM, rule.highM) }
    const fast = rule.reason === 'fast-tip'
    const data = { behindTip: fast || rule.reason === 'slow-tip', fast }
    return { ...base, state, reason: value < rule.lowM ? 'too-short' : 'too-long', value, data }
  },
  {
    key: ({ rod, head, tip }, { fly }) => {
      const rule = ruleFor(rod, head.head.style, tip, fly)
      return `${rule.reason} ${rule.lowM} ${rule.highM}`
    },
  },
)

/** Leader against the fish (C37): what its weakest piece breaks at, where that is known, with the angler's knot at the fly. */
const leaderFish = defineCheck({
  code: 'leader-fish',
  slots: ['leaderId'],
  reasons: { 'strong-enough': {}, weak: { fishKg: 0 as number, wantedN: 0 as number } },
}).look(['leader'], ({ leader }, day) => {
  const { fishKg, flyKnot, fly, fishAt } = day
  const stout = fly.dress === 'bulky' || fly.weighting === 'heavy' || fishAt === 'bottom'
  const value = leader?.breakingN
  if (value === undefined) return null
  const { holds, watch } = leastStrengthN(fishKg, flyKnot)
  const base = { value, allowed: { low: holds }, measure: 'breakingLoad', tag: 'estimate' } as const
  return value >= holds
    ? {
        ...base,
        state: 'holds',
        reason: 'strong-enough',
        from: offWantedStrength(value, fishKg, stout, flyKnot),
      }
    : {
        ...base,
        state: value >= watch ? 'watch' : 'breaks',
        reason: 'weak',
        data: { fishKg, wantedN: neededStrengthN(fishKg, flyKnot) },
      }
})

export const LEADER_CHECKS = [leaderLength, leaderFish] as const
