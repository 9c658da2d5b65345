import type { SwingResult } from './swing.ts'
import type { Swung } from './verdict.ts'

/** A swing summed up, with what a picture of many draws of it. */
export interface Ride extends Swung {
  /** Distance from the angler's bank and depth of the fly, through the swing [m]. */
  readonly track: readonly (readonly [yM: number, depthM: number])[]
}

/** The figures of a swing that are kept when its line and its every moment are not. */
export function rideOf({ outcome, summary, samples }: SwingResult): Ride {
  return { outcome, summary, track: samples.map(({ flyM: [, y, z] }) => [y, Math.max(0, -z)]) }
}
