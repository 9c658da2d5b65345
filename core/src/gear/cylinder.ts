/** Diameter of a solid cylinder of this mass per length and density [m]. Geometry. */
export function cylinderDiameterM(kgPerM: number, densityKgPerM3: number): number {
  return Math.sqrt((4 * kgPerM) / (Math.PI * densityKgPerM3))
}

/** Density of fresh water [kg/m³]. */
export const WATER_KG_PER_M3 = 1000
