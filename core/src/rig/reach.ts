import { loopsToHold, shootLengthM, USUAL_LAUNCH_M } from '../cast/index.ts'
import type { RunningLineFacts } from '../line/index.ts'
import type { RigParts } from './parts.ts'

/** What a running line does behind a rig. A first look: thrown as a sound cast goes, whatever the rod. [estimate] */
export interface Shot {
  readonly shootM: number
  /** From the angler to the fly [m]. */
  readonly castM: number
  /** Loops to hold, first laid first [m]. */
  readonly loopsM: readonly number[]
}

/** How far a running line lets this head shoot, how far the fly then is, and what the hand holds (C26–C28). */
export function shotWith(
  { rod, head, tip, leader }: Pick<RigParts, 'rod' | 'head' | 'tip' | 'leader'>,
  line: RunningLineFacts,
): Shot {
  const shootM = shootLengthM(head.massKg.value, line.kgPerM.value, USUAL_LAUNCH_M)
  const outM = rod.lengthM + head.lengthM + (tip?.lengthM ?? 0) + (leader?.lengthM ?? 0)
  return { shootM, castM: outM + shootM, loopsM: loopsToHold(line.item.build, shootM, rod.lengthM) }
}
