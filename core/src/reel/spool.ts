import type { Spool } from '../gear/index.ts'

/** Kept free below the rim by default: the middle of 3–5 mm [m]. [practice] */
export const USUAL_CLEARANCE_M = 0.004
/** Share of a hand-wound spool that is line: between loose and tight, and the usual middle. [practice] */
export const PACKING = Object.freeze({ loose: 0.7, usual: 0.75, tight: 0.8 })
/** Round lines cannot lie denser than this: hexagonal packing, π/√12. [physics] */
export const HEXAGONAL_PACKING = Math.PI / Math.sqrt(12)
/** Round lines lying square on one another, π/4. [physics] @internal asked for by tests alone */
export const SQUARE_PACKING = Math.PI / 4

/** Outer diameter that may be filled [m]. */
export const fillDiameterM = (spool: Spool): number =>
  spool.rimDiameterM - 2 * (spool.clearanceM ?? USUAL_CLEARANCE_M)

/** Volume a spool offers below its clearance [m³]: π/4 (D² − d²) W. [physics] */
export function spoolVolumeM3(spool: Spool): number {
  return (Math.PI / 4) * (fillDiameterM(spool) ** 2 - spool.arborDiameterM ** 2) * spool.widthM
}

/** Volume of a length of round line as it lies on the spool [m³]: its own, divided by the packing. [physics] */
export function woundVolumeM3(lengthM: number, diameterM: number, packing: number = PACKING.usual): number {
  return (Math.PI * diameterM ** 2 * lengthM) / 4 / packing
}

/** Diameter to which a wound volume fills a spool [m]. Geometry. */
export function diameterAtM(spool: Spool, woundM3: number): number {
  return Math.sqrt(spool.arborDiameterM ** 2 + (4 * woundM3) / (Math.PI * spool.widthM))
}

/** Line drawn in by one turn of the handle at this fill [m]. Geometry. */
export const retrievePerTurnM = (spool: Spool, woundM3: number): number =>
  Math.PI * diameterAtM(spool, woundM3)
