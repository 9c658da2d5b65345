import { OVERHANG_M, type Stroke, shootLengthM, USUAL_LAUNCH_M } from '../cast/index.ts'
import type { Rod } from '../gear/index.ts'
import {
  COATED_RUNNING,
  type HeadFacts,
  kgPerMAt,
  massOfFirst,
  type RunningLineFacts,
} from '../line/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { carriedM, type FrontParts, launchShare, outsideM, strokeIn, type ThrowDay } from './looped.ts'

/** Rig that the usual launch is given for: a 13 ft two-hander with a head of 34 g (C28). */
const USUAL = { rodM: 13 * M_PER_FOOT, headKg: 0.034 } as const
/** Launch of one hand against two, on a rod of the same length. [estimate] */
const HANDS: Readonly<Record<Rod['hands'], number>> = Object.freeze({
  'two-hander': 1,
  surf: 1.15,
  switch: 0.95,
  'trout-two-hander': 0.9,
  single: 0.85,
})
/** A light head is slowed more on its way: the launch goes with so small a power of its mass. [estimate] */
const MASS_POWER = 0.25
/** v0·τ of a sound cast with this rod and this much mass [m]: with the speed of the rod's tip, so with its length. [estimate] */
export const launchM = (rod: Rod, headKg: number): number =>
  USUAL_LAUNCH_M * (rod.lengthM / USUAL.rodM) * HANDS[rod.hands] * (headKg / USUAL.headKg) ** MASS_POWER

/** Line that flies, and line that lies still behind it and is picked up. */
function flying(
  head: HeadFacts,
  line: RunningLineFacts | null,
  lengthM: number,
): { readonly lengthM: number; readonly massKg: number; readonly behindKgPerM: number } {
  if (!head.onePiece)
    return {
      lengthM,
      massKg: head.massKg.value,
      behindKgPerM: line?.kgPerM.value ?? COATED_RUNNING.kgPerM,
    }
  // Of a line all in one what is not carried is as thick as its belly; behind an integrated head it is running line.
  const more = head.lengthM - lengthM > 0.5
  return {
    lengthM,
    massKg: massOfFirst(head.line, lengthM),
    behindKgPerM: more ? kgPerMAt(head.line, lengthM) : COATED_RUNNING.kgPerM,
  }
}

/** Of the shot so much is lost for each m/s of wind ahead, and gained for each from behind. [estimate, first order] */
const WIND_SHARE = { lost: 0.045, gained: 0.02 } as const
/** Less than this of a shot is left in no wind, more than this not gained. */
const WIND_ENDS = { least: 0.2, most: 1.25 } as const

/** Share of a shot that a wind along the cast leaves: drag goes with the air that comes, and a wind from behind spoils the loop. [estimate] */
export const windShare = (aheadMps: number): number =>
  Math.max(
    WIND_ENDS.least,
    Math.min(WIND_ENDS.most, 1 - aheadMps * (aheadMps > 0 ? WIND_SHARE.lost : WIND_SHARE.gained)),
  )

/** Reach with a running line behind a rig. [estimate] */
export interface Reach {
  readonly shootM: number
  /** From the angler to the fly [m]. */
  readonly castM: number
}

/**
 * Cast of a rig in a day [m], from the angler to the fly: rod, overhang, head, tip and leader, and what shoots after them in
 * this room and wind (C27, C28). The one answer to how far, whichever page asks. [estimate]
 * @param stroke the one there is room for, where not said
 */
export function thrownWith(
  parts: FrontParts,
  line: RunningLineFacts | null,
  day: ThrowDay,
  stroke: Stroke = strokeIn(parts, day),
): Reach {
  const { rod, head, tip } = parts
  const { lengthM, massKg, behindKgPerM } = flying(head, line, carriedM(parts, day))
  const allKg = massKg + (tip?.massKg.value ?? 0)
  const launch = launchM(rod, allKg) * launchShare(parts, day, stroke)
  const shootM = shootLengthM(allKg, behindKgPerM, launch) * windShare(day.aheadMps)
  return { shootM, castM: rod.lengthM + hangsM(parts, lengthM) + shootM }
}

/** The length that hangs from the rod's tip with the line stripped in to the mark [m]: overhang and what is outside behind it. */
export const hangsM = (parts: FrontParts, lengthM: number): number => OVERHANG_M + outsideM(lengthM, parts)
