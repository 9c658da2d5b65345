import { dLoopDepth } from '../../cast/index.ts'
import { type Day, type Job, seasonFelt } from '../../day/index.ts'
import type { Leader, Rod } from '../../gear/index.ts'
import type { HeadFacts } from '../../line/index.ts'
import { M_PER_FOOT } from '../../quantity/index.ts'
import { bottomBandTopM, rideDepth, type TipFacts } from '../../sink/index.ts'
import { type CheckState, defineCheck } from '../define.ts'
import { castOverhead, type RigParts } from '../parts.ts'

/** Surface fish are met this deep at most [m], and never below half the water. [practice] */
const SURFACE_M = 0.45
/** Mid-water, as shares of the depth. [practice] */
const MIDDLE = { low: 0.25, high: 0.75 } as const
/** Clear of the bed: deepest share of the water a fly is wanted at. [practice] */
const CLEAR_OF_BED = 0.97

/** Where the fly should ride [m] for fish that hold at the top, in the middle or in the holding band (C17). [practice] */
export function depthWanted({ fishAt, waterDepthM: depth }: Pick<Job, 'fishAt' | 'waterDepthM'>): {
  readonly low: number
  readonly high: number
} {
  if (fishAt === 'surface') return { low: 0, high: Math.min(SURFACE_M, depth * 0.5) }
  if (fishAt === 'middle') return { low: depth * MIDDLE.low, high: depth * MIDDLE.high }
  return { low: bottomBandTopM(depth), high: depth * CLEAR_OF_BED }
}

/** Ratio to the wanted depth from which even a rough estimate is sure enough to break a rig. */
const FAR_OFF = 0.45

const BAND = { lowM: 0.6, highM: 1.1 }

/** Does the fly ride where the fish are? An estimate with its band; the swing is not simulated here. */
const depth = defineCheck({
  code: 'depth',
  slots: ['tipId', 'leaderId'],
  reasons: { 'in-place': BAND, 'too-high': BAND, 'too-deep': BAND },
}).look(['tip', 'leader'], ({ tip, leader }, day) => {
  const inWater = leader && { lengthM: leader.lengthM, material: leader.material ?? ('nylon' as const) }
  const { depthM, lowM, highM } = rideDepth(tip, inWater, day.fly, day.currentMps)
  const wanted = depthWanted(day)
  const far = depthM < wanted.low * FAR_OFF || depthM > wanted.high / FAR_OFF
  const inside = depthM >= wanted.low && depthM <= wanted.high
  return {
    state: inside ? 'holds' : far ? 'breaks' : 'watch',
    reason: inside ? 'in-place' : depthM < wanted.low ? 'too-high' : 'too-deep',
    value: depthM,
    allowed: wanted,
    measure: 'length',
    tag: 'estimate',
    data: { lowM, highM },
  }
})

/** Rod tip above the water in the D loop: the rod's length and about a foot [m]. [estimate] */
const HAND_HEIGHT_M = M_PER_FOOT
/** Line that lies on the water as anchor and is not in the loop, when the head carries no heavy tip [m]. [practice] */
const TOUCH_AND_GO_ANCHOR_M = 3 * M_PER_FOOT
const ROOM_SLACK = 1.25

/** Room behind that the cast takes [m]: the D loop's depth, or the whole line for an overhead cast. */
export function roomNeededM(rod: Rod, head: HeadFacts, tip: TipFacts | null, leader: Leader | null): number {
  if (castOverhead(rod, head.head.style)) return lengthOutM({ head, tip, leader })
  const sustained = head.head.style === 'skagit'
  const carriedM = head.onePiece ? Math.min(head.lengthM, 2.6 * rod.lengthM) : head.lengthM
  const loop = dLoopDepth(
    rod.lengthM + HAND_HEIGHT_M,
    sustained ? carriedM : carriedM - TOUCH_AND_GO_ANCHOR_M,
  )
  return loop.outcome === 'found' ? loop.depthM : 0
}

function room(rod: Rod, head: HeadFacts, tip: TipFacts | null, leader: Leader | null, day: Day) {
  const value = roomNeededM(rod, head, tip, leader)
  const high = day.roomBehindM
  const state: CheckState = value <= high ? 'holds' : value <= high * ROOM_SLACK ? 'watch' : 'breaks'
  const cast = castOverhead(rod, head.head.style) ? 'back-cast' : 'd-loop'
  return {
    state,
    reason: state === 'holds' ? 'enough' : cast,
    value,
    allowed: { high },
    measure: 'length',
    tag: 'physics',
  } as const
}

/** Room behind: a D loop's depends on rod and head alone, an overhead cast's on the whole line. */
const roomBehind = defineCheck({
  code: 'room-behind',
  slots: ['headId', 'rodId'],
  reasons: { enough: {}, 'd-loop': {}, 'back-cast': {} },
})
  .look(['rod', 'head'], ({ rod, head }, day) =>
    castOverhead(rod, head.head.style) ? null : room(rod, head, null, null, day),
  )
  .look(
    ['rod', 'head', 'tip', 'leader'],
    ({ rod, head, tip, leader }, day) =>
      castOverhead(rod, head.head.style) ? room(rod, head, tip, leader, day) : null,
    {
      // The bare head, before tip and leader make it longer.
      least: ({ rod, head }, day) =>
        castOverhead(rod, head.head.style) ? room(rod, head, null, null, day) : null,
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
  const cold = felt === 'cold' && head.style !== 'skagit'
  const warm = felt === 'warm' && head.style === 'skagit' && day.fly.weighting !== 'heavy'
  return {
    state: cold || warm ? 'watch' : 'holds',
    reason: cold ? 'fine-head-in-cold' : warm ? 'short-head-in-summer' : 'in-season',
    value: day.waterC ?? null,
    measure: day.waterC === undefined ? 'none' : 'temperature',
    tag: 'practice',
  }
})

/** The surf wants the whole mass thrown in one back cast: an overhead head, or a line in one piece. [practice] */
const water = defineCheck({
  code: 'water',
  slots: ['headId', 'rodId'],
  reasons: { 'surf-head': {}, 'river-head-in-surf': {} },
}).look(['head'], ({ head: { head } }, day) => {
  if (day.water !== 'surf') return null
  const suits = head.style === 'overhead' || head.style === 'integrated'
  return {
    state: suits ? 'holds' : 'watch',
    reason: suits ? 'surf-head' : 'river-head-in-surf',
    value: null,
    measure: 'none',
    tag: 'practice',
  }
})

const lengthOutM = ({ head, tip, leader }: Pick<RigParts, 'head' | 'tip' | 'leader'>): number =>
  head.lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)

/** Does the planned retrieve bring the head's rear loop inside the tip-top? Only when the fly is stripped in. */
const loopInGuides = defineCheck({
  code: 'loop-in-guides',
  slots: ['leaderId', 'tipId', 'headId'],
  reasons: { 'loop-inside': {}, 'loop-outside': {} },
}).look(['head', 'tip', 'leader'], (parts, { stripToM }) => {
  if (stripToM === undefined || parts.head.onePiece) return null
  const low = lengthOutM(parts)
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
