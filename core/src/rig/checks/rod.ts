import type { Day } from '../../day/index.ts'
import { M_PER_FOOT } from '../../quantity/index.ts'
import { fishSpanKg, rodLengthForCast, SINGLE_HAND_CAST_M } from '../../rod/index.ts'
import { type CheckState, defineCheck, fromMiddle } from '../define.ts'

const FISH_SLACK = 1.3

/** A fish of this share of the rod's largest bends it as it should; so many doublings away count as a whole step. [practice] */
const BENDS_WELL = { share: 0.4, doublings: 1.5 } as const

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
    from: Math.abs(Math.log2(value / high / BENDS_WELL.share)) / BENDS_WELL.doublings,
  }
})

/** Grace below the length rule and above it, up to where the next class begins; then a warning, and far below it a break [m]. [practice] */
const GRACE_M = { short: 0.5 * M_PER_FOOT, long: 0.95 * M_PER_FOOT } as const
const SHORT_M = 2.5 * M_PER_FOOT
const SURF_ROD_M = { low: 10 * M_PER_FOOT, high: 13 * M_PER_FOOT } as const

/** Cast that one hand makes all day with a standard line [m]; C4. [practice] */
const COMFORTABLE_M = 50 * M_PER_FOOT

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
    from: value / COMFORTABLE_M,
  } as const
}

/** Size of the water for a rod's length. */
const SIZES = { beck: 'small', river: 'middle', 'big-river': 'big', surf: 'middle' } as const

/** Rod length against how far the casts must go and how big the water is (C6). */
const rodCast = defineCheck({
  code: 'rod-cast',
  slots: ['rodId'],
  reasons: { suits: {}, 'too-short': {}, 'too-long': {}, 'too-far': {} },
}).look(['rod'], ({ rod }, day) => {
  if (rod.hands === 'single') return singleHandCast(day)
  const { low, high, tag } =
    rod.hands === 'surf'
      ? { ...SURF_ROD_M, tag: 'practice' as const }
      : rodLengthForCast(day.castM, SIZES[day.water])
  const short = low - rod.lengthM
  const long = rod.lengthM - high
  const state: CheckState =
    short > SHORT_M ? 'breaks' : short > GRACE_M.short || long > GRACE_M.long ? 'watch' : 'holds'
  return {
    state,
    reason: state === 'holds' ? 'suits' : short > 0 ? 'too-short' : 'too-long',
    value: rod.lengthM,
    allowed: { low, high },
    measure: 'rodLength',
    tag,
    from: fromMiddle(rod.lengthM, low, high),
  }
})

export const ROD_CHECKS = [rodFish, rodCast] as const
