export type Side = 'left' | 'right'

/** Wind where one stands. */
export interface CastWind {
  /** From where it blows, facing the water: 0 from ahead, 90 from the right hand [°]. */
  readonly fromDeg: number
  /** On the mean [m/s]. */
  readonly mps: number
  /** In its gusts, where they were measured [m/s]. */
  readonly gustMps?: number | undefined
  /** Veer to either side of its mean direction [°]. */
  readonly veerDeg?: number | undefined
}

const RAD = Math.PI / 180

/** A wind and its mirror image are as strong: what the sine leaves of rounding is cut off. */
const even = (mps: number): number => Math.round(mps * 1e9) / 1e9

/** The wind on a cast [m/s]: across it, from the right when positive; along it, from ahead when positive. [physics] */
export const windOn = (
  { fromDeg, mps }: CastWind,
  targetDeg = 0,
): { readonly acrossMps: number; readonly aheadMps: number } => ({
  acrossMps: even(mps * Math.sin((fromDeg - targetDeg) * RAD)),
  aheadMps: even(mps * Math.cos((fromDeg - targetDeg) * RAD)),
})
