import type { Backing } from '../gear/index.ts'
import { type BalancedRod, balancePointM, type Hung, usualHandle } from '../reel/index.ts'
import type { RigParts } from './parts.ts'
import { lineInRings, lineOnReelKg } from './wound.ts'

/** Balance of a rigged rod against its upper hand [m from the butt]. */
export interface Balance {
  readonly beam: BalancedRod
  readonly handM: number
  readonly pointM: number
}

/** A rod as a beam; undefined where its mass or balance point is not known. */
export function beamOf({ rod }: Pick<RigParts, 'rod'>): BalancedRod | undefined {
  if (rod.massKg === undefined || rod.balanceM === undefined) return undefined
  return {
    massKg: rod.massKg,
    balanceM: rod.balanceM,
    reelSeatM: rod.reelSeatM ?? usualHandle(rod).reelSeatM,
  }
}

/**
 * Balance of the rigged rod, reel with all that is wound on it, line in the rings. The one answer of ledger and Reel.
 * Undefined where rod or reel were not weighed. [physics]
 * @param backingM what lies under the line [m]
 */
export function balanceOf(
  parts: Pick<RigParts, 'rod' | 'head' | 'runningLine' | 'reel'>,
  backing: Backing | undefined,
  backingM: number,
  handM: number = usualHandle(parts.rod).handM,
): Balance | undefined {
  const beam = beamOf(parts)
  if (beam === undefined || parts.reel?.massKg === undefined) return undefined
  const reelKg = parts.reel.massKg + lineOnReelKg(parts, backing, backingM)
  return { beam, handM, pointM: balancePointM(beam, reelKg, lineInRings(parts, beam.reelSeatM)) }
}

/** What weighs on the beam, and where from the butt. */
export interface BeamLoad extends Hung {
  readonly of: 'rod' | 'line' | 'reel'
}

/**
 * Loads of a rigged rod as a beam: the bare rod at its balance point, line in the rings, and the reel with all that is wound on it
 * where it was weighed. [physics]
 * @param backingM what lies under the line [m]
 */
export function loadsOn(
  beam: BalancedRod,
  parts: Pick<RigParts, 'rod' | 'head' | 'runningLine' | 'reel'>,
  backingM: number,
): readonly BeamLoad[] {
  const { reel } = parts
  return [
    { of: 'rod', massKg: beam.massKg, atM: beam.balanceM },
    ...lineInRings(parts, beam.reelSeatM).map((hung) => ({ ...hung, of: 'line' as const })),
    ...(reel?.massKg === undefined
      ? []
      : [
          {
            of: 'reel' as const,
            massKg: reel.massKg + lineOnReelKg(parts, undefined, backingM),
            atM: beam.reelSeatM,
          },
        ]),
  ]
}
