import type { Job, Rod } from '../../gear/index.ts'
import { M_PER_FOOT } from '../../quantity/index.ts'
import { fishSpanKg, rodLengthForCast } from '../../rod/index.ts'
import { type Check, type CheckState, check } from '../check.ts'

const FISH_SLACK = 1.3

/** Rod against the fish (C7): too weak breaks, far too strong is to be watched. */
export function rodForFish(rod: Rod, job: Job): Check {
  const span = fishSpanKg(rod)
  const value = job.fishKg
  const state: CheckState =
    value > span.high * FISH_SLACK ? 'breaks' : value > span.high || value < span.low ? 'watch' : 'holds'
  return check({
    code: 'rod-fish',
    state,
    reason: value > span.high ? 'too-weak' : value < span.low ? 'too-strong' : 'suits',
    value,
    allowed: { low: span.low, high: span.high },
    measure: 'fishMass',
    tag: span.tag,
  })
}

/** Grace either side of the length rule, then a warning, then a break [m]. */
const GRACE_M = 0.5 * M_PER_FOOT
const SHORT_M = 2.5 * M_PER_FOOT
const SINGLE_HAND_CAST = { easyM: 60 * M_PER_FOOT, hardM: 75 * M_PER_FOOT } as const
const SURF_ROD_M = { low: 10 * M_PER_FOOT, high: 13 * M_PER_FOOT } as const

function singleHandCast(job: Job): Check {
  const value = job.castM
  const { easyM, hardM } = SINGLE_HAND_CAST
  return check({
    code: 'rod-cast',
    state: value <= easyM ? 'holds' : value <= hardM ? 'watch' : 'breaks',
    reason: value <= easyM ? 'suits' : 'too-far',
    value,
    allowed: { high: easyM },
    measure: 'length',
    tag: 'practice',
  })
}

/** Rod length against how far the casts must go (C6). */
export function rodForCast(rod: Rod, job: Job): Check {
  if (rod.hands === 'single') return singleHandCast(job)
  const span =
    rod.hands === 'surf' ? { ...SURF_ROD_M, tag: 'practice' as const } : rodLengthForCast(job.castM)
  const short = span.low - rod.lengthM
  const long = rod.lengthM - span.high
  const state: CheckState = short > SHORT_M ? 'breaks' : short > GRACE_M || long > GRACE_M ? 'watch' : 'holds'
  return check({
    code: 'rod-cast',
    state,
    reason: state === 'holds' ? 'suits' : short > 0 ? 'too-short' : 'too-long',
    value: rod.lengthM,
    allowed: { low: span.low, high: span.high },
    measure: 'rodLength',
    tag: span.tag,
    data: { castM: job.castM },
  })
}
