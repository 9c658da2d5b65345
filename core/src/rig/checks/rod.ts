import type { Day } from '../../day/index.ts'
import { M_PER_FOOT } from '../../quantity/index.ts'
import { fishSpanKg, rodLengthForCast, SINGLE_HAND_CAST_M } from '../../rod/index.ts'
import { type CheckState, defineCheck } from '../define.ts'

const FISH_SLACK = 1.3

/** Rod against the fish (C7): too weak breaks, far too strong is to be watched. */
const rodFish = defineCheck({
  code: 'rod-fish',
  slots: ['rodId'],
  reasons: { suits: {}, 'too-weak': {}, 'too-strong': {} },
}).look(['rod'], ({ rod }, { fishKg: value }) => {
  const { low, high, tag } = fishSpanKg(rod)
  return {
    state: value > high * FISH_SLACK ? 'breaks' : value > high || value < low ? 'watch' : 'holds',
    reason: value > high ? 'too-weak' : value < low ? 'too-strong' : 'suits',
    value,
    allowed: { low, high },
    measure: 'fishMass',
    tag,
  }
})

/** Grace either side of the length rule, then a warning, then a break [m]. */
const GRACE_M = 0.5 * M_PER_FOOT
const SHORT_M = 2.5 * M_PER_FOOT
const SURF_ROD_M = { low: 10 * M_PER_FOOT, high: 13 * M_PER_FOOT } as const

function singleHandCast({ castM: value }: Day) {
  const { easy, hard } = SINGLE_HAND_CAST_M
  const state: CheckState = value <= easy ? 'holds' : value <= hard ? 'watch' : 'breaks'
  return {
    state,
    reason: value <= easy ? 'suits' : 'too-far',
    value,
    allowed: { high: easy },
    measure: 'length',
    tag: 'practice',
  } as const
}

/** Rod length against how far the casts must go (C6). */
const rodCast = defineCheck({
  code: 'rod-cast',
  slots: ['rodId'],
  reasons: { suits: {}, 'too-short': {}, 'too-long': {}, 'too-far': {} },
}).look(['rod'], ({ rod }, day) => {
  if (rod.hands === 'single') return singleHandCast(day)
  const { low, high, tag } =
    rod.hands === 'surf' ? { ...SURF_ROD_M, tag: 'practice' as const } : rodLengthForCast(day.castM)
  const short = low - rod.lengthM
  const long = rod.lengthM - high
  const state: CheckState = short > SHORT_M ? 'breaks' : short > GRACE_M || long > GRACE_M ? 'watch' : 'holds'
  return {
    state,
    reason: state === 'holds' ? 'suits' : short > 0 ? 'too-short' : 'too-long',
    value: rod.lengthM,
    allowed: { low, high },
    measure: 'rodLength',
    tag,
  }
})

export const ROD_CHECKS = [rodFish, rodCast] as const
