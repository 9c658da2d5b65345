import { loopsToHold, OVERHANG_M, shootLengthM, USUAL_LAUNCH_M } from '../cast/index.ts'
import type { Rod } from '../gear/index.ts'
import {
  COATED_RUNNING,
  type HeadFacts,
  kgPerMAt,
  massOfFirst,
  type RunningLineFacts,
} from '../line/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import type { RigParts } from './parts.ts'

/** What a running line does behind a rig. [estimate] */
export interface Shot {
  readonly shootM: number
  /** From the angler to the fly [m]. */
  readonly castM: number
  /** Loops to hold, first laid first [m]. */
  readonly loopsM: readonly number[]
}

/** What the usual launch is said of: a 13 ft two-hander with a head of 34 g (C28). */
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
/** A long line in one piece is carried by so many rod lengths of it. [practice] */
export const CARRIED_RODS = 2.6

/** v0·τ of a sound cast with this rod and this much mass [m]: with the speed of the rod's tip, so with its length. [estimate] */
export const launchM = (rod: Rod, headKg: number): number =>
  USUAL_LAUNCH_M * (rod.lengthM / USUAL.rodM) * HANDS[rod.hands] * (headKg / USUAL.headKg) ** MASS_POWER

/** What flies, and what lies still behind it and is picked up. */
function flying(
  rod: Rod,
  head: HeadFacts,
  line: RunningLineFacts | null,
): { readonly lengthM: number; readonly massKg: number; readonly behindKgPerM: number } {
  if (!head.onePiece)
    return {
      lengthM: head.lengthM,
      massKg: head.massKg.value,
      behindKgPerM: line?.kgPerM.value ?? COATED_RUNNING.kgPerM,
    }
  const lengthM = Math.min(head.lengthM, CARRIED_RODS * rod.lengthM)
  // Of a line all in one what is not carried is as thick as its belly; behind an integrated head it is running line.
  const more = head.lengthM - lengthM > 0.5
  return {
    lengthM,
    massKg: massOfFirst(head.line, lengthM),
    behindKgPerM: more ? kgPerMAt(head.line, lengthM) : COATED_RUNNING.kgPerM,
  }
}

/**
 * How far a rig casts [m], from the angler to the fly: rod, overhang, head, tip and leader, and what shoots after them; and what
 * the hand holds for it (C26–C28). The one answer to how far, whichever page asks. [estimate]
 */
export function shotWith(parts: Thrown, line: RunningLineFacts | null): Shot {
  const { shootM, castM } = thrownWith(parts, line)
  const loopsM = loopsToHold(line?.item.build ?? 'coated', shootM, parts.rod.lengthM)
  return { shootM, castM, loopsM }
}

type Thrown = Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader'>

/** The same without the loops, for a search. */
export function thrownWith(
  { rod, head, tip, leader }: Thrown,
  line: RunningLineFacts | null,
): Omit<Shot, 'loopsM'> {
  const { lengthM, massKg, behindKgPerM } = flying(rod, head, line)
  const allKg = massKg + (tip?.massKg.value ?? 0)
  const shootM = shootLengthM(allKg, behindKgPerM, launchM(rod, allKg))
  const outM = rod.lengthM + OVERHANG_M + lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
  return { shootM, castM: outM + shootM }
}

/** Line to strip for a cast, and the loops it is held in, first laid first [m]. */
export interface Held {
  readonly stripM: number
  readonly loopsM: readonly number[]
}

/** What is stripped and held for a cast of so far, no more than the rig shoots. [practice, estimate] */
export function heldFor(
  { shootM, castM }: Omit<Shot, 'loopsM'>,
  rod: Rod,
  line: RunningLineFacts | null,
  askedM: number,
): Held {
  const stripM = Math.max(0, Math.min(shootM, askedM - (castM - shootM)))
  return { stripM, loopsM: loopsToHold(line?.item.build ?? 'coated', stripM, rod.lengthM) }
}
