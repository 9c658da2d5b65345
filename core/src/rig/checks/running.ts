import { seasonFelt } from '../../day/index.ts'
import type { Reel, Rod } from '../../gear/index.ts'
import type { HeadFacts, RunningLineFacts } from '../../line/index.ts'
import { goDiameterM, KG_PER_GRAIN, KG_PER_POUND, STANDARD_GRAVITY_MPS2 } from '../../quantity/index.ts'
import { backingWantedM, fillSpool, PACKING, reelNumbersFor } from '../../reel/index.ts'
import { type CheckState, defineCheck, fromMiddle } from '../define.ts'
import { woundLines } from '../wound.ts'

/** A head up to this mass takes 6–7 gō mono, a heavier one 8 gō and up [kg]. [practice] */
export const LIGHT_HEAD_KG = 350 * KG_PER_GRAIN
export const MONO_FOR = {
  light: { low: goDiameterM(5), high: goDiameterM(7.6) },
  heavy: { low: goDiameterM(6), high: 0.72e-3 },
} as const
const POUND_N = KG_PER_POUND * STANDARD_GRAVITY_MPS2
/** Core of coated running line, 20–30 lb; the lighter the head, the thinner the line. [practice] */
export const COATED_FOR = {
  light: { low: 14 * POUND_N, high: 26 * POUND_N },
  heavy: { low: 19 * POUND_N, high: 36 * POUND_N },
} as const

/** Side on which a figure lies outside; nothing where it is not known. */
function outside(
  value: number | undefined,
  { low, high }: { readonly low: number; readonly high: number },
): 'too-thin' | 'too-thick' | undefined {
  if (value === undefined || (value >= low && value <= high)) return undefined
  return value < low ? 'too-thin' : 'too-thick'
}

const weightOf = ({ massKg }: HeadFacts): 'light' | 'heavy' =>
  massKg.value <= LIGHT_HEAD_KG ? 'light' : 'heavy'

/** Running line against the head: lighter head, thinner line; mono is hard to hold with cold hands. [practice] */
const runningLine = defineCheck({
  code: 'running-line',
  slots: ['runningLineId'],
  reasons: { fits: {}, missing: {}, 'too-thin': {}, 'too-thick': {}, 'cold-hands': {} },
}).look(
  ['head', 'runningLine'],
  ({ head, runningLine: line }, day) => {
    if (head.onePiece) return null
    if (line === null)
      return { state: 'watch', reason: 'missing', value: null, measure: 'none', tag: 'practice' }
    const weight = weightOf(head)
    const school = line.item.build === day.schools.runningLine ? 0 : 1
    if (line.item.build === 'coated') {
      const coreN = line.item.breakingN
      const allowed = COATED_FOR[weight]
      const off = outside(coreN, allowed)
      return {
        state: off === undefined ? 'holds' : 'watch',
        reason: off ?? 'fits',
        value: coreN ?? null,
        allowed,
        measure: 'breakingLoad',
        tag: 'practice',
        from: school + (coreN === undefined ? 1 : fromMiddle(coreN, allowed.low, allowed.high)),
      }
    }
    const allowed = MONO_FOR[weight]
    const value = line.diameterM.value
    const off = outside(value, allowed)
    const cold = seasonFelt(day) === 'cold'
    return {
      state: off !== undefined || cold ? 'watch' : 'holds',
      reason: off ?? (cold ? 'cold-hands' : 'fits'),
      value,
      allowed,
      measure: 'diameter',
      tag: 'practice',
      from: school + fromMiddle(value, allowed.low, allowed.high),
    }
  },
  { key: ({ head }) => (head.onePiece ? 'one-piece' : weightOf(head)) },
)

/** A frame judged for mono: it slips out of an open one, and of an unknown one nobody can tell (C31). [practice] */
export function cageState(cage: Reel['cage']): { state: CheckState; reason: 'open' | 'unknown' | 'full' } {
  if (cage === 'open') return { state: 'breaks', reason: 'open' }
  return cage === undefined ? { state: 'watch', reason: 'unknown' } : { state: 'holds', reason: 'full' }
}

const reelCage = defineCheck({
  code: 'reel-cage',
  slots: ['reelId', 'runningLineId'],
  reasons: { full: {}, open: {}, unknown: {} },
}).look(['runningLine', 'reel'], ({ runningLine: line, reel }) =>
  line?.item.build !== 'mono' || reel === null
    ? null
    : { ...cageState(reel.cage), value: null, measure: 'none', tag: 'practice' },
)

/** Below this share a spool is far too big for its rod, and numbers beyond the rule by more than this likewise. [practice] */
const HALF_EMPTY = 0.45
const OVERFULL = 1.1
const NUMBER_GRACE = 1

function woundShare(
  rod: Rod,
  head: HeadFacts,
  line: RunningLineFacts | null,
  reel: Reel,
  fishKg: number,
): number | undefined {
  if (reel.spool === undefined) return undefined
  const lines = woundLines({ head, runningLine: line }, undefined, backingWantedM(rod, fishKg).low)
  return fillSpool(reel.spool, PACKING.usual, lines).fillFraction
}

const SHARE = { share: 0.8 }
const NUMBERS = { low: 9, high: 10 }

/** Room on a spool by the share of it that is filled, [0, ∞): the ledger's answer, and the reel page's. */
export function roomByVolume(share: number) {
  const half = share < HALF_EMPTY
  const state: CheckState = half ? 'watch' : share <= 1 ? 'holds' : share <= OVERFULL ? 'watch' : 'breaks'
  return {
    state,
    reason: half ? 'half-empty' : state === 'holds' ? 'holds-all' : 'overfull',
    value: share,
    allowed: { low: HALF_EMPTY, high: 1 },
    measure: 'share',
    tag: 'estimate',
    data: { share },
  } as const
}

/** By the number on its box. */
function byNumber(rod: Rod, reel: Reel) {
  const { low, high, tag } = reelNumbersFor(rod)
  const value = reel.forNumber ?? 0
  const large = value > high + NUMBER_GRACE
  const state: CheckState =
    large || (value < low && value >= low - 1) ? 'watch' : value >= low ? 'holds' : 'breaks'
  return {
    state,
    reason: large ? 'number-large' : state === 'holds' ? 'number-fits' : 'number-small',
    value,
    allowed: { low, high: high + NUMBER_GRACE },
    measure: 'number',
    tag,
    data: { low, high },
    from: Math.abs(value - (low + high) / 2),
  } as const
}

/** Whether everything goes on with the backing that such fish want: by the spool's volume when it is known, else by the number on the box. */
const reelRoom = defineCheck({
  code: 'reel-room',
  slots: ['reelId', 'runningLineId'],
  reasons: {
    'holds-all': SHARE,
    overfull: SHARE,
    'half-empty': SHARE,
    'number-fits': NUMBERS,
    'number-small': NUMBERS,
    'number-large': NUMBERS,
    missing: {},
  },
})
  .look(
    ['rod', 'reel'],
    ({ rod, reel }) => {
      if (reel === null)
        return { state: 'watch', reason: 'missing', value: null, measure: 'none', tag: 'practice' }
      return reel.spool === undefined ? byNumber(rod, reel) : null
    },
    {
      key: ({ rod }) => {
        const { low, high, tag } = reelNumbersFor(rod)
        return `${low} ${high} ${tag}`
      },
    },
  )
  .look(['rod', 'head', 'runningLine', 'reel'], ({ rod, head, runningLine: line, reel }, { fishKg }) => {
    const share = reel === null ? undefined : woundShare(rod, head, line, reel, fishKg)
    return share === undefined ? null : roomByVolume(share)
  })

const WEAKEST = { coreN: 90 as number, leaderN: 100 as number }

/** The leader is to part before the running line does: a core weaker than the leader leaves the fish with the head. [practice] */
const runningCore = defineCheck({
  code: 'running-core',
  slots: ['runningLineId', 'leaderId'],
  cost: 'second-look',
  reasons: { 'leader-first': WEAKEST, 'core-first': WEAKEST },
}).look(['leader', 'runningLine'], ({ leader, runningLine: line }) => {
  const [leaderN, coreN] = [leader?.breakingN, line?.item.breakingN]
  if (leaderN === undefined || coreN === undefined) return null
  const first = coreN > leaderN
  return {
    state: first ? 'holds' : 'watch',
    reason: first ? 'leader-first' : 'core-first',
    value: coreN,
    allowed: { low: leaderN },
    measure: 'breakingLoad',
    tag: 'practice',
    data: { coreN, leaderN },
  }
})

export const RUNNING_CHECKS = [runningLine, runningCore, reelRoom, reelCage] as const
