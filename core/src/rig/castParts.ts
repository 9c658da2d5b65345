import type { RunningLineFacts } from '../line/index.ts'
import { carriedM, type FrontParts, type ThrowDay } from './looped.ts'
import { hangsM, thrownWith } from './reach.ts'

/** Parts of a cast, from the angler to the fly [m]. */
export interface CastPart {
  readonly part: 'rod' | 'shot' | 'overhang' | 'head' | 'tip' | 'leader'
  readonly lengthM: number
}

/** A cast piece by piece, in the order it lies; all together are the reach. [estimate] */
export function castParts(
  parts: FrontParts,
  line: RunningLineFacts | null,
  day: ThrowDay,
): readonly CastPart[] {
  const { rod, tip, leader } = parts
  const lengthM = carriedM(parts, day)
  const overhangM = hangsM(parts, lengthM) - lengthM - (tip?.lengthM ?? 0) - (leader?.lengthM ?? 0)
  const all: readonly CastPart[] = [
    { part: 'rod', lengthM: rod.lengthM },
    { part: 'shot', lengthM: thrownWith(parts, line, day).shootM },
    { part: 'overhang', lengthM: overhangM },
    { part: 'head', lengthM },
    { part: 'tip', lengthM: tip?.lengthM ?? 0 },
    { part: 'leader', lengthM: leader?.lengthM ?? 0 },
  ]
  return all.filter((each) => each.lengthM > 0)
}
