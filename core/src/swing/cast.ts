import type { SwingInput } from './input.ts'
import type { Mend } from './plan.ts'
import { ANGLE_LIMITS, MEND_LIMITS } from './vocabulary.ts'

const { atan2, cos, hypot, max, min, PI, sin } = Math

/** The distance of the fly from the angler's bank when the line is laid straight [m]. */
export function castReachM({ run, rodTip, parts, castAngleDeg }: SwingInput): number {
  const lengthM = parts.reduce((sum, part) => sum + part.lengthM, 0)
  return (rodTip.yM ?? run.wadeM) + lengthM * Math.sin((castAngleDeg * Math.PI) / 180)
}

/** Whether it reaches beyond the far bank: the fly would land on dry ground. */
export const landsBeyond = (input: SwingInput): boolean => castReachM(input) > input.run.widthM

/** A place on the water: downstream of the angler, and across from the bank [m]. */
export type SurfacePoint = readonly [xM: number, yM: number]

/** A cast from the angler to the fly [m], and its angle, 0 straight downstream [°]. */
export interface Aim {
  readonly castM: number
  readonly angleDeg: number
}

/** The point where the fly of a straight cast lands. @param wadeM the angler's distance from the bank [m] */
export const landingOf = ({ castM, angleDeg }: Aim, wadeM: number): SurfacePoint => [
  castM * cos((angleDeg * PI) / 180),
  wadeM + castM * sin((angleDeg * PI) / 180),
]

/** The cast that lands there: the way back from `landingOf`, its angle kept to what can be cast. */
export function aimAt([xM, yM]: SurfacePoint, wadeM: number): Aim {
  const deg = (atan2(yM - wadeM, xM) * 180) / PI
  return {
    castM: hypot(xM, yM - wadeM),
    // Behind the angler and upstream is nearer to the one limit, downstream to the other.
    angleDeg: max(ANGLE_LIMITS.low, min(ANGLE_LIMITS.high, deg < -90 ? ANGLE_LIMITS.high : deg)),
  }
}

/** The distance downstream that a mend lays the middle of the line; negative upstream, 0 where line is stacked [m]. */
export const mendedM = ({ kind, sizeM }: Mend): number =>
  kind === 'stack' ? 0 : kind === 'upstream' ? -sizeM : sizeM

/** The mend that lays the middle of the line so far downstream; undefined where that is no mend [m]. */
export function mendOf(downM: number): Pick<Mend, 'kind' | 'sizeM'> | undefined {
  const { low, high } = MEND_LIMITS.sizeM
  if (Math.abs(downM) < low) return undefined
  return { kind: downM < 0 ? 'upstream' : 'downstream', sizeM: min(high, Math.abs(downM)) }
}
