import {
  dLoopOf,
  type RoomFor,
  rollBehindM,
  roomForCastBack,
  roomForLoop,
  roomForRoll,
} from '../../cast/index.ts'
import { type Day, seasonFelt } from '../../day/index.ts'
import { headSinks } from '../../sink/index.ts'
import {
  type OnTop,
  SWING_THRESHOLDS,
  type SwingReason,
  type Swung,
  swingVerdict,
} from '../../swing/index.ts'
import { type FishAt, holdingBand } from '../../water/index.ts'
import { type CheckState, defineCheck, type Finding } from '../define.ts'
import { bare, carriedM, type FrontParts, loopedOf, outsideM, overhead, rolledOut } from '../looped.ts'
import { type RigParts, suitsSurf } from '../parts.ts'
import { quickRide } from '../swings/quickRide.ts'
import { rideKey, searchedRide } from '../swings/searchedRide.ts'

const RIDE = { ridesM: 0.9 as number, lowM: 0.6 as number, highM: 1.1 as number, fishAt: 'bottom' as FishAt }
const SWING = {
  ridesM: 0.9 as number,
  holdingS: 14 as number,
  overHoldingS: 30 as number,
  touches: 0 as number,
  touchesOverHolding: 0 as number,
  bedShare: 0 as number,
  fishAt: 'bottom' as FishAt,
}
const ON_TOP = { ...SWING, wakeMps: 0.5 as number, dragFreeS: 4 as number }
const FLOAT = { lowM: 1.2 as number, highM: 1.3 as number }
const REASONS = {
  'not-swung': RIDE,
  wakes: ON_TOP,
  drowns: ON_TOP,
  skates: ON_TOP,
  drifts: ON_TOP,
  'drags-on-top': ON_TOP,
  'in-place': SWING,
  touches: SWING,
  'seldom-high': SWING,
  'seldom-deep': SWING,
  scrapes: SWING,
  'too-high': SWING,
  hurried: SWING,
  'too-deep': SWING,
  drags: SWING,
  grounded: SWING,
  'no-swing': SWING,
  unfinished: SWING,
  'float-set': FLOAT,
  'float-short': FLOAT,
  'float-drowned': FLOAT,
} satisfies Record<SwingReason | 'not-swung' | `float-${string}`, object>

/** From float to weight, in depths of the water (C25). [practice] */
export const FLOAT_TO_WEIGHT = Object.freeze({ low: 1.2, high: 1.3 })

const drownsFloat = ({ head, tip }: Pick<RigParts, 'head' | 'tip'>): boolean =>
  (tip?.sinkingLengthM ?? 0) > 0 || headSinks(head)

/** Under a float nothing swings: a line that floats, and leader enough from float to weight (C25). [practice] */
function underFloat(
  { head, tip, leader }: Pick<RigParts, 'head' | 'tip' | 'leader'>,
  day: Day,
): Finding<typeof REASONS> {
  const { waterDepthM } = day
  const low = FLOAT_TO_WEIGHT.low * waterDepthM
  const data = { lowM: low, highM: FLOAT_TO_WEIGHT.high * waterDepthM }
  if (drownsFloat({ head, tip }))
    return { state: 'breaks', reason: 'float-drowned', value: null, measure: 'none', tag: 'practice', data }
  const base = {
    value: leader?.lengthM ?? 0,
    allowed: { low },
    measure: 'length',
    tag: 'practice',
    data,
  } as const
  if (base.value >= low) return { ...base, state: 'holds', reason: 'float-set' }
  return { ...base, state: base.value >= waterDepthM ? 'watch' : 'breaks', reason: 'float-short' }
}

/** Ties between rigs that ride where the fish are go to the one that does so longer: how much a whole share counts. [estimate] */
const SHARE_COUNTS = 3
/** Where it never rides with the fish, the nearer to them the better: how much the whole depth counts. [estimate] */
const MISS_COUNTS = 2
/** Fish at the surface are best met at the very top: how much the bottom of their band counts against it. [practice] */
const TOP_COUNTS = 1.2

/** Speed over the water at which a waking fly is at its best, the middle of C52 [m/s], and drift that no fish asks more of [s]. [practice] */
const BEST_ON_TOP = { wakeMps: 0.55, driftS: 8 } as const

/** Distance of a floating fly from its best: doublings of speed, or the part of the drift that is lacking. */
export const offTop = ({ floats, wakeMps, dragFreeS }: OnTop): number =>
  floats === 'dry'
    ? Math.max(0, 1 - dragFreeS / BEST_ON_TOP.driftS)
    : Math.abs(Math.log2(Math.max(0.01, wakeMps) / BEST_ON_TOP.wakeMps))

type OnTopReason = Extract<SwingReason, 'wakes' | 'skates' | 'drowns' | 'drifts' | 'drags-on-top'>
const isOnTop = (reason: SwingReason): reason is OnTopReason =>
  ['wakes', 'skates', 'drowns', 'drifts', 'drags-on-top'].includes(reason)

function onTop(
  state: CheckState,
  reason: OnTopReason,
  top: OnTop,
  data: typeof ON_TOP,
): Finding<typeof REASONS> {
  const from = offTop(top)
  if (reason === 'drifts' || reason === 'drags-on-top')
    return { state, reason, value: null, measure: 'none', tag: 'estimate', data, from }
  const { wakesFromMps: low, wakesToMps: high } = SWING_THRESHOLDS
  const allowed = { low, high }
  return { state, reason, value: top.wakeMps, allowed, measure: 'current', tag: 'practice', data, from }
}

function asSwung(swung: Swung, { fishAt, waterDepthM }: Day): Finding<typeof REASONS> {
  const { state, reason } = swingVerdict(swung)
  const { holdingShare, bedShare, ridesM, holdingS, overHoldingS, touches, touchesOverHolding } =
    swung.summary
  const { holdsShare, holdsBedShare } = SWING_THRESHOLDS
  const data = { ridesM, holdingS, overHoldingS, touches, touchesOverHolding, bedShare, fishAt }
  const top = swung.summary.onTop
  if (isOnTop(reason)) {
    if (top === undefined) throw new Error('a sunk fly judged on top')
    return onTop(state, reason, top, { ...data, ...top })
  }
  const { low, high } = holdingBand(fishAt, waterDepthM)
  const sunk = fishAt === 'surface' ? Math.min(1, ridesM / high) : 0
  const missM = Math.max(0, low - ridesM, ridesM - high)
  const from =
    SHARE_COUNTS * (1 - holdingShare) + TOP_COUNTS * sunk + MISS_COUNTS * Math.min(1, missM / waterDepthM)
  if (reason === 'drags' || reason === 'scrapes')
    return {
      state,
      reason,
      value: bedShare,
      allowed: { high: holdsBedShare },
      measure: 'share',
      tag: 'estimate',
      data,
      from,
    }
  if (reason === 'grounded' || reason === 'no-swing' || reason === 'unfinished')
    return { state, reason, value: null, measure: 'none', tag: 'estimate', data, from }
  return {
    state,
    reason,
    value: holdingShare,
    allowed: { low: holdsShare },
    measure: 'share',
    tag: 'estimate',
    data,
    from,
  }
}

const depth = defineCheck({
  code: 'depth',
  slots: ['tipId', 'leaderId'],
  cost: 'second-look',
  reasons: REASONS,
})
  .look(['rod', 'head', 'tip', 'leader', 'runningLine'], (parts, day, swung) => {
    if (day.indicator) return underFloat(parts, day)
    if (swung !== undefined) return asSwung(swung, day)
    const { depthM: value, lowM, highM } = quickRide(parts, day)
    return {
      state: 'watch',
      reason: 'not-swung',
      value,
      allowed: holdingBand(day.fishAt, day.waterDepthM),
      measure: 'length',
      tag: 'estimate',
      data: { ridesM: value, lowM, highM, fishAt: day.fishAt },
    }
  })
  // A float drowned by what sinks is told before any leader is chosen.
  .standIn(
    ['head', 'tip'],
    (parts, day) =>
      day.indicator && drownsFloat(parts) ? underFloat({ ...parts, leader: null }, day) : null,
    { key: ({ head }) => `${headSinks(head)}` },
  )
  .standIn(
    ['head', 'tip', 'leader'],
    (parts, day) => {
      if (day.indicator) return drownsFloat(parts) ? null : underFloat(parts, day)
      const { depthM: value, lowM, highM } = searchedRide(parts, day)
      const allowed = holdingBand(day.fishAt, day.waterDepthM)
      const near = highM >= allowed.low && lowM <= allowed.high
      return {
        state: near ? 'holds' : 'watch',
        reason: 'not-swung',
        value,
        allowed,
        measure: 'length',
        tag: 'estimate',
        data: { ridesM: value, lowM, highM, fishAt: day.fishAt },
      }
    },
    { key: rideKey },
  )

/**
 * Room behind the angler that the cast takes [m]: how far the rod reaches back and the D loop behind its tip, a trout line's
 * roll cast where that is less, or the whole line for an overhead cast. [physics, estimate]
 */
export function roomNeededM(parts: FrontParts, day: Pick<Day, 'water' | 'wadingM' | 'plan'>): number {
  if (overhead(parts, day)) return outsideM(carriedM(parts, day), parts)
  const { behindM } = dLoopOf(loopedOf(parts, day), 'full')
  return rolledOut(parts, day) ? Math.min(behindM, rollBehindM(parts.rod.lengthM)) : behindM
}

/** Whether the loop of a cast has room: the roll cast's where the line is rolled out and its D loop finds less. */
function loopRoom(parts: FrontParts, day: Day): RoomFor {
  const there = roomForLoop(loopedOf(parts, day), day.roomBehindM)
  return there !== 'enough' && rolledOut(parts, day) ? roomForRoll(parts.rod.lengthM, day.roomBehindM) : there
}

const OF_ROOM: Readonly<Record<RoomFor | 'over', CheckState>> = {
  over: 'watch',
  enough: 'holds',
  compact: 'watch',
  tight: 'watch',
  none: 'breaks',
}

/** From this share of the room on, what a cast takes of it counts, by so many steps for the whole. [practice] */
const ROOM_COUNTS = { share: 0.6, steps: 0.4 } as const

function room(parts: FrontParts, day: Day) {
  const value = roomNeededM(parts, day)
  const high = day.roomBehindM
  const back = overhead(parts, day)
  const { wadingM, behindHighM } = day
  const there = back
    ? roomForCastBack({ rodM: parts.rod.lengthM, lineM: value, roomM: high, wadingM, behindHighM })
    : loopRoom(parts, day)
  const short =
    there === 'over' ? 'goes-over' : back ? 'back-cast' : there === 'compact' ? 'compact' : 'd-loop'
  return {
    state: OF_ROOM[there],
    reason: there === 'enough' ? 'enough' : short,
    value,
    allowed: { high },
    measure: 'length',
    tag: 'estimate',
    // Of those that fit a tight place, the one that leaves more room.
    from: ROOM_COUNTS.steps * Math.max(0, Math.min(1, value / Math.max(high, value)) - ROOM_COUNTS.share),
  } as const
}

/** Room behind: a D loop's depends on rod and head alone, an overhead cast's on the whole line. */
const roomBehind = defineCheck({
  code: 'room-behind',
  slots: ['headId', 'rodId'],
  reasons: { enough: {}, compact: {}, 'd-loop': {}, 'back-cast': {}, 'goes-over': {} },
})
  .look(['rod', 'head'], (parts, day) => (overhead(parts, day) ? null : room(bare(parts), day)), {
    grows: 'with-head',
  })
  .look(
    ['rod', 'head', 'tip', 'leader'],
    (parts, day) => (overhead(parts, day) ? room(parts, day) : null),
    // The bare head, before tip and leader make it longer.
    {
      least: (parts, day) => (overhead(parts, day) ? room(bare(parts), day) : null),
      grows: 'with-head',
      shorter: true,
    },
  )

/** Scandi in summer and autumn and warmer water, Skagit in late autumn and winter and cold water. [practice] */
const season = defineCheck({
  code: 'season',
  slots: ['headId'],
  reasons: { 'in-season': {}, 'fine-head-in-cold': {}, 'short-head-in-summer': {} },
}).look(['head'], ({ head: { head } }, day) => {
  if (head.style !== 'scandi' && head.style !== 'skagit' && head.style !== 'multi-density') return null
  const felt = seasonFelt(day)
  const small = day.fly.dress === 'sparse' && day.fly.weighting === 'unweighted'
  const big = day.fly.dress === 'bulky' || day.fly.weighting === 'heavy'
  const skagit = head.style === 'skagit'
  const cold = felt === 'cold' && head.style !== 'skagit'
  const warm = felt === 'warm' && head.style === 'skagit' && day.fly.weighting !== 'heavy'
  return {
    state: cold || warm ? 'watch' : 'holds',
    reason: cold ? 'fine-head-in-cold' : warm ? 'short-head-in-summer' : 'in-season',
    value: day.waterC ?? null,
    measure: day.waterC === undefined ? 'none' : 'temperature',
    tag: 'practice',
    // A Skagit is for big flies, a fine head for small ones.
    from: (skagit && small) || (!skagit && big) ? 1 : 0,
  }
})

/** The surf wants the whole mass thrown in one back cast: an overhead head, or a line in one piece. A surf rod is made for that alone. [practice] */
const water = defineCheck({
  code: 'water',
  slots: ['headId', 'rodId'],
  reasons: { 'surf-head': {}, 'river-head-in-surf': {}, 'surf-rod-on-river': {} },
}).look(
  ['rod', 'head'],
  ({ rod, head: { head } }, day) => {
    if (day.water !== 'surf' && rod.hands !== 'surf') return null
    const base = { value: null, measure: 'none', tag: 'practice' } as const
    if (day.water !== 'surf') return { ...base, state: 'watch', reason: 'surf-rod-on-river' }
    return suitsSurf(head.style)
      ? { ...base, state: 'holds', reason: 'surf-head' }
      : { ...base, state: 'watch', reason: 'river-head-in-surf' }
  },
  { grows: 'with-head' },
)

/** Does the planned retrieve bring the head's rear loop inside the tip-top? Only when the fly is stripped in. */
const loopInGuides = defineCheck({
  code: 'loop-in-guides',
  slots: ['leaderId', 'tipId', 'headId'],
  reasons: { 'loop-inside': {}, 'loop-outside': {} },
}).look(['head', 'tip', 'leader'], (parts, { stripToM }) => {
  if (stripToM === undefined || parts.head.onePiece) return null
  const low = outsideM(parts.head.lengthM, parts)
  const inside = stripToM < low
  return {
    state: inside ? 'watch' : 'holds',
    reason: inside ? 'loop-inside' : 'loop-outside',
    value: stripToM,
    allowed: { low },
    measure: 'length',
    tag: 'physics',
  }
})

export const DEPTH_CHECKS = [depth] as const
export const ROOM_CHECKS = [roomBehind, season, water] as const
export const LOOP_CHECKS = [loopInGuides] as const
