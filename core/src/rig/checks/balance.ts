import { backingWantedM } from '../../reel/index.ts'
import { balanceOf } from '../balance.ts'
import { defineCheck } from '../define.ts'

/** The rigged rod balances well up to so far ahead of the upper hand, and so far behind it [m]; C46. [practice, estimate] */
export const BALANCES = Object.freeze({ aheadM: 0.15, behindM: 0.05 })

const HAND = { offM: 0.2 as number }

/** Balance of the rigged rod: only where rod and reel were weighed, never a break; not for those who like light reels. */
const balance = defineCheck({
  code: 'balance',
  slots: ['reelId'],
  reasons: { 'at-hand': HAND, 'tip-heavy': HAND, 'butt-heavy': HAND },
}).look(['rod', 'head', 'runningLine', 'reel'], (parts, { schools, fishKg }) => {
  if (schools.reelWeight === 'light') return null
  const found = balanceOf(parts, undefined, backingWantedM(parts.rod, fishKg).low)
  if (found === undefined) return null
  const { pointM: value, handM } = found
  const allowed = { low: handM - BALANCES.behindM, high: handM + BALANCES.aheadM }
  const tip = value > allowed.high
  const holds = !tip && value >= allowed.low
  return {
    state: holds ? 'holds' : 'watch',
    reason: holds ? 'at-hand' : tip ? 'tip-heavy' : 'butt-heavy',
    value,
    allowed,
    measure: 'length',
    tag: 'estimate',
    data: { offM: Math.abs(value - handM) },
  }
})

export const BALANCE_CHECKS = [balance] as const
