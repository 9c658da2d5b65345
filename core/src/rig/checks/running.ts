import type { Job, Reel, Rod } from '../../gear/index.ts'
import type { HeadFacts, RunningLineFacts } from '../../line/index.ts'
import { KG_PER_GRAIN, KG_PER_POUND, STANDARD_GRAVITY_MPS2, unitOf } from '../../quantity/index.ts'
import { fillSpool, PACKING, reelNumbersFor } from '../../reel/index.ts'
import { ratedNumber } from '../../rod/index.ts'
import { type Check, type CheckState, check } from '../check.ts'
import { woundLines } from '../wound.ts'

/** A head up to this mass takes 6–7 gō mono, a heavier one 8 gō and up [kg]. [practice] */
const LIGHT_HEAD_KG = 350 * KG_PER_GRAIN
const go = (n: number): number => unitOf('go').toSi(n)
const MONO_FOR = {
  light: { low: go(5), high: go(7.6) },
  heavy: { low: go(6), high: 0.72e-3 },
} as const
const POUND_N = KG_PER_POUND * STANDARD_GRAVITY_MPS2
/** Core of coated running line, 20–30 lb; the lighter the head, the thinner the line. [practice] */
const COATED_FOR = {
  light: { low: 14 * POUND_N, high: 26 * POUND_N },
  heavy: { low: 19 * POUND_N, high: 36 * POUND_N },
} as const

/** Running line against the head: lighter head, thinner line; mono is hard to hold with cold hands. [practice] */
export function runningLineFits(head: HeadFacts, line: RunningLineFacts | null, job: Job): Check | null {
  if (head.onePiece) return null
  if (line === null)
    return check({
      code: 'running-line',
      state: 'watch',
      reason: 'missing',
      value: null,
      measure: 'none',
      tag: 'practice',
    })
  const weight = head.massKg.value <= LIGHT_HEAD_KG ? 'light' : 'heavy'
  if (line.item.build === 'coated') {
    const coreN = line.item.breakingN
    const allowed = COATED_FOR[weight]
    const weak = coreN !== undefined && (coreN < allowed.low || coreN > allowed.high)
    return check({
      code: 'running-line',
      state: weak ? 'watch' : 'holds',
      reason: weak ? 'core' : 'fits',
      value: coreN ?? null,
      allowed,
      measure: 'breakingLoad',
      tag: 'practice',
    })
  }
  const allowed = MONO_FOR[weight]
  const value = line.diameterM.value
  const off = value < allowed.low ? 'too-thin' : value > allowed.high ? 'too-thick' : undefined
  const cold = job.season === 'winter'
  return check({
    code: 'running-line',
    state: off !== undefined || cold ? 'watch' : 'holds',
    reason: off ?? (cold ? 'cold-hands' : 'fits'),
    value,
    allowed,
    measure: 'diameter',
    tag: 'practice',
  })
}

/** Mono slips out of an open frame (C31). [practice] */
export function reelCage(line: RunningLineFacts | null, reel: Reel | null): Check | null {
  if (line?.item.build !== 'mono' || reel === null) return null
  const open = reel.cage === 'open'
  const unknown = reel.cage === undefined
  return check({
    code: 'reel-cage',
    state: open ? 'breaks' : unknown ? 'watch' : 'holds',
    reason: open ? 'open' : unknown ? 'unknown' : 'full',
    value: null,
    measure: 'none',
    tag: 'practice',
  })
}

/** Backing that must go on under all this where nothing is said: short for small rods, long for big [m]. [practice] */
const BACKING_M = { small: 60, large: 90 } as const
/** Below this share a spool is far too big for its rod, and numbers beyond the rule by more than this likewise. [practice] */
const HALF_EMPTY = 0.45
const NUMBER_GRACE = 1

function woundShare(
  rod: Rod,
  head: HeadFacts,
  runningLine: RunningLineFacts | null,
  reel: Reel,
): number | undefined {
  if (reel.spool === undefined) return undefined
  const small = rod.hands === 'single' || ratedNumber(rod) <= 5
  const lines = woundLines({ head, runningLine }, undefined, small ? BACKING_M.small : BACKING_M.large)
  return fillSpool(reel.spool, PACKING.usual, lines).fillFraction
}

/** A coarse look at whether everything goes on: by the spool's volume when it is known, else by the number on the box. */
export function reelRoom(rod: Rod, head: HeadFacts, line: RunningLineFacts | null, reel: Reel | null): Check {
  const base = { code: 'reel-room', data: {} } as const
  if (reel === null)
    return check({
      ...base,
      state: 'watch',
      reason: 'missing',
      value: null,
      measure: 'none',
      tag: 'practice',
    })
  const share = woundShare(rod, head, line, reel)
  if (share !== undefined) {
    const half = share < HALF_EMPTY
    const state: CheckState = half ? 'watch' : share <= 1 ? 'holds' : share <= 1.1 ? 'watch' : 'breaks'
    return check({
      ...base,
      state,
      reason: half ? 'half-empty' : state === 'holds' ? 'holds-all' : 'overfull',
      value: share,
      allowed: { low: HALF_EMPTY, high: 1 },
      measure: 'none',
      tag: 'estimate',
      data: { share },
    })
  }
  const wanted = reelNumbersFor(rod)
  const value = reel.forNumber ?? 0
  const large = value > wanted.high + NUMBER_GRACE
  const state: CheckState = large
    ? 'watch'
    : value >= wanted.low
      ? 'holds'
      : value >= wanted.low - 1
        ? 'watch'
        : 'breaks'
  return check({
    ...base,
    state,
    reason: large ? 'number-large' : state === 'holds' ? 'number-fits' : 'number-small',
    value,
    allowed: { low: wanted.low, high: wanted.high + NUMBER_GRACE },
    measure: 'number',
    tag: wanted.tag,
    data: { rodNumber: ratedNumber(rod), ...wanted },
  })
}
