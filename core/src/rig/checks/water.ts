import { dLoopDepth } from '../../cast/index.ts'
import type { Job, Leader, Rod } from '../../gear/index.ts'
import type { HeadFacts } from '../../line/index.ts'
import { M_PER_FOOT } from '../../quantity/index.ts'
import { HOLDING_BAND_M, rideDepth, type TipFacts } from '../../sink/index.ts'
import { type Check, type CheckState, check } from '../check.ts'
import { castOverhead } from '../parts.ts'

/** Where the fly should ride [m] for fish that hold at the top, in the middle or in the holding band (C17). [practice] */
export function depthWanted(job: Job): { readonly low: number; readonly high: number } {
  const depth = job.waterDepthM
  if (job.fishAt === 'surface') return { low: 0, high: Math.min(0.45, depth * 0.5) }
  if (job.fishAt === 'middle') return { low: depth * 0.25, high: depth * 0.75 }
  return { low: Math.max(depth - HOLDING_BAND_M, depth * 0.4), high: depth * 0.97 }
}

/** Ratio to the wanted depth from which even a rough estimate is sure enough to break a rig. */
const FAR_OFF = 0.45

/** Does the fly ride where the fish are? An estimate with its band; the swing is not simulated here. */
export function depthReached(tip: TipFacts | null, leader: Leader | null, job: Job): Check {
  const inWater = leader && { lengthM: leader.lengthM, material: leader.material ?? ('nylon' as const) }
  const ride = rideDepth(tip, inWater, job.fly, job.currentMps)
  const wanted = depthWanted(job)
  const far = ride.depthM < wanted.low * FAR_OFF || ride.depthM > wanted.high / FAR_OFF
  const inside = ride.depthM >= wanted.low && ride.depthM <= wanted.high
  const state: CheckState = inside ? 'holds' : far ? 'breaks' : 'watch'
  return check({
    code: 'depth',
    state,
    reason: ride.depthM < wanted.low ? 'too-high' : ride.depthM > wanted.high ? 'too-deep' : 'in-place',
    value: ride.depthM,
    allowed: wanted,
    measure: 'length',
    tag: 'estimate',
    data: { lowM: ride.lowM, highM: ride.highM, fishAt: job.fishAt },
  })
}

/** Rod tip above the water in the D loop: the rod's length and about a foot [m]. [estimate] */
const HAND_HEIGHT_M = M_PER_FOOT
/** Line that lies on the water as anchor and is not in the loop, when the head carries no heavy tip [m]. [practice] */
const TOUCH_AND_GO_ANCHOR_M = 3 * M_PER_FOOT
const ROOM_SLACK = 1.25

/** Room behind that the cast takes [m]: the D loop's depth, or the whole line for an overhead cast. */
export function roomNeededM(rod: Rod, head: HeadFacts, tip: TipFacts | null, leader: Leader | null): number {
  const outsideM = head.lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
  if (castOverhead(rod, head.head.style)) return outsideM
  const sustained = head.head.style === 'skagit'
  const carriedM = head.onePiece ? Math.min(head.lengthM, 2.6 * rod.lengthM) : head.lengthM
  const loop = dLoopDepth(
    rod.lengthM + HAND_HEIGHT_M,
    sustained ? carriedM : carriedM - TOUCH_AND_GO_ANCHOR_M,
  )
  return loop.outcome === 'found' ? loop.depthM : 0
}

export function roomBehind(
  rod: Rod,
  head: HeadFacts,
  tip: TipFacts | null,
  leader: Leader | null,
  job: Job,
): Check {
  const value = roomNeededM(rod, head, tip, leader)
  const room = job.roomBehindM
  const overhead = castOverhead(rod, head.head.style)
  return check({
    code: 'room-behind',
    state: value <= room ? 'holds' : value <= room * ROOM_SLACK ? 'watch' : 'breaks',
    reason: value <= room ? 'enough' : overhead ? 'back-cast' : 'd-loop',
    value,
    allowed: { high: room },
    measure: 'length',
    tag: 'physics',
  })
}

/** Water colder than this is winter to a fish, warmer than that summer, whatever the month [°C]. [estimate] */
const COLD_C = 7
const WARM_C = 11

/** The season fish feel: by the water's temperature where it is known, else by name. */
export function seasonFelt({ waterC, season }: Pick<Job, 'waterC' | 'season'>): 'cold' | 'warm' | 'between' {
  if (waterC !== undefined) return waterC < COLD_C ? 'cold' : waterC > WARM_C ? 'warm' : 'between'
  return season === 'winter' ? 'cold' : season === 'summer' ? 'warm' : 'between'
}

/** Scandi in summer and autumn and warmer water, Skagit in late autumn and winter and cold water. [practice] */
export function seasonFits(head: HeadFacts, job: Job): Check | null {
  const style = head.head.style
  if (style !== 'scandi' && style !== 'skagit' && style !== 'multi-density') return null
  const felt = seasonFelt(job)
  const cold = felt === 'cold' && style !== 'skagit'
  const warm = felt === 'warm' && style === 'skagit' && job.fly.weighting !== 'heavy'
  return check({
    code: 'season',
    state: cold || warm ? 'watch' : 'holds',
    reason: cold ? 'fine-head-in-cold' : warm ? 'short-head-in-summer' : 'in-season',
    value: job.waterC ?? null,
    measure: job.waterC === undefined ? 'none' : 'temperature',
    tag: 'practice',
    data: { season: job.season },
  })
}

/** The surf wants the whole mass thrown in one back cast: an overhead head, or a line in one piece. [practice] */
export function waterFits(head: HeadFacts, job: Job): Check | null {
  if (job.water !== 'surf') return null
  const suits = head.head.style === 'overhead' || head.head.style === 'integrated'
  return check({
    code: 'water',
    state: suits ? 'holds' : 'watch',
    reason: suits ? 'surf-head' : 'river-head-in-surf',
    value: null,
    measure: 'none',
    tag: 'practice',
  })
}

/** Does the planned retrieve bring the head's rear loop inside the tip-top? Only when the fly is stripped in. */
export function loopInGuides(
  head: HeadFacts,
  tip: TipFacts | null,
  leader: Leader | null,
  job: Job,
): Check | null {
  if (job.stripToM === undefined || head.onePiece) return null
  const outsideM = head.lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
  const inside = job.stripToM < outsideM
  return check({
    code: 'loop-in-guides',
    state: inside ? 'watch' : 'holds',
    reason: inside ? 'loop-inside' : 'loop-outside',
    value: job.stripToM,
    allowed: { low: outsideM },
    measure: 'length',
    tag: 'physics',
  })
}
