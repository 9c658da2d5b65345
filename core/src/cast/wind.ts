import { RAD_PER_DEG } from '../quantity/index.ts'
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

/** A wind and its mirror image are as strong: what the sine leaves of rounding is cut off. */
const even = (mps: number): number => Math.round(mps * 1e9) / 1e9

/** The wind on a cast [m/s]: across it, from the right when positive; along it, from ahead when positive. [physics] */
export const windOn = (
  { fromDeg, mps }: CastWind,
  targetDeg = 0,
): { readonly acrossMps: number; readonly aheadMps: number } => ({
  acrossMps: even(mps * Math.sin((fromDeg - targetDeg) * RAD_PER_DEG)),
  aheadMps: even(mps * Math.cos((fromDeg - targetDeg) * RAD_PER_DEG)),
})

/** Eighths of the way round, from straight ahead to the right [°]: as finely as anybody says where a wind comes from. */
export const WIND_QUARTERS = [0, 45, 90, 135, 180, 225, 270, 315] as const
export type WindQuarter = (typeof WIND_QUARTERS)[number]

/** The nearest of them. @param fromDeg facing the water, clockwise [°], any */
export const nearestQuarter = (fromDeg: number): WindQuarter =>
  WIND_QUARTERS[((Math.round(fromDeg / 45) % 8) + 8) % 8] ?? 0
