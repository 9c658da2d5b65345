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

/** The wind on a cast [m/s]: across it, from the right when positive; along it, from ahead when positive. [physics] */
export const windOn = (
  { fromDeg, mps }: CastWind,
  targetDeg = 0,
): { readonly acrossMps: number; readonly aheadMps: number } => ({
  acrossMps: mps * Math.sin((fromDeg - targetDeg) * RAD),
  aheadMps: mps * Math.cos((fromDeg - targetDeg) * RAD),
})
