import { loopsToHold, pullsFor, type Stroke } from '../cast/index.ts'
import type { Rod } from '../gear/index.ts'
import { massOfFirst, type RunningLineFacts } from '../line/index.ts'
import { carriedM, type FrontParts, type ThrowDay } from './looped.ts'
import type { RigParts } from './parts.ts'
import { hangsM, type Reach, thrownWith } from './reach.ts'

/** Shot of a rig: its cast, and what the hand holds for it. [estimate] */
export interface Shot extends Reach {
  /** Loops to hold, first laid first [m]. */
  readonly loopsM: readonly number[]
}

/** The reach of a rig in a day, and the loops that the hand holds for it (C26). [estimate] */
export function shotWith(parts: FrontParts, line: RunningLineFacts | null, day: ThrowDay): Shot {
  const { shootM, castM } = thrownWith(parts, line, day)
  const loopsM = loopsToHold(line?.item.build ?? 'coated', shootM, parts.rod.lengthM)
  return { shootM, castM, loopsM }
}

/** The reach that the compact stroke costs a rig [m]; undefined where nothing is thrown so. [estimate] */
export function compactCostM(
  parts: FrontParts & Pick<RigParts, 'runningLine'>,
  day: ThrowDay,
): number | undefined {
  if (parts.head.head.style !== 'skagit') return undefined
  const reach = (stroke: Stroke): number => thrownWith(parts, parts.runningLine, day, stroke).castM
  return reach('full') - reach('compact')
}

/** Before the next cast: pulls until the mark is at the hand, and what then hangs from the tip and is lifted. */
export interface StripIn {
  readonly pulls: number
  readonly hangsM: number
  readonly hangsKg: number
}

/** Lengths of a line that was shot: stripped in, and lifted then. By the lengths of the cast itself. [practice] */
export function stripIn(parts: FrontParts, day: Pick<ThrowDay, 'water' | 'plan'>, stripM: number): StripIn {
  const { head, tip } = parts
  const lengthM = carriedM(parts, day)
  const hangsKg = massOfFirst(head.line, lengthM) + (tip?.massKg.value ?? 0)
  return { pulls: pullsFor(stripM), hangsM: hangsM(parts, lengthM), hangsKg }
}

/** Line to strip for a cast, and the loops it is held in, first laid first [m]. */
export interface Held {
  readonly stripM: number
  readonly loopsM: readonly number[]
}

/** The line stripped and held for a cast of so far, no more than the rig shoots. [practice, estimate] */
export function heldFor(
  { shootM, castM }: Reach,
  rod: Rod,
  line: RunningLineFacts | null,
  askedM: number,
): Held {
  const stripM = Math.max(0, Math.min(shootM, askedM - (castM - shootM)))
  return { stripM, loopsM: loopsToHold(line?.item.build ?? 'coated', stripM, rod.lengthM) }
}
