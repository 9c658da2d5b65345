import type { Spool } from '../gear/index.ts'

/** Kept free below the rim where nothing is said: the middle of 3–5 mm [m]. [practice] */
const USUAL_CLEARANCE_M = 0.004
/** Share of a hand-wound spool that is line; between 0.70 and 0.80. [practice] */
export const USUAL_PACKING = 0.75

/** Volume a spool offers below its clearance [m³]: π/4 (D² − d²) W. [physics] */
export function spoolVolumeM3(spool: Spool): number {
  const rim = spool.rimDiameterM - 2 * (spool.clearanceM ?? USUAL_CLEARANCE_M)
  return (Math.PI / 4) * (rim ** 2 - spool.arborDiameterM ** 2) * spool.widthM
}

/** Volume of a length of round line as it lies on the spool [m³]. [physics, packing practice] */
export function woundVolumeM3(lengthM: number, diameterM: number, packing = USUAL_PACKING): number {
  return (Math.PI * diameterM ** 2 * lengthM) / 4 / packing
}
