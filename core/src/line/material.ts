/**
 * Density of line materials [kg/m³]: polyamide 1140, PVDF 1780, PET polyester 1380, UHMW polyethylene 970. Handbook values
 * (Polymer Handbook, Brandrup & Immergut), from memory. [standard]
 */
export const MATERIAL_KG_PER_M3 = Object.freeze({
  nylon: 1140,
  fluorocarbon: 1780,
  polyester: 1380,
  polyethylene: 970,
})

/** Mean density of a floating line [kg/m³]. [estimate] */
export const FLOATING_KG_PER_M3 = 880

/** Mass per length of a level strand [kg/m]. Geometry. */
export function strandKgPerM(diameterM: number, material: keyof typeof MATERIAL_KG_PER_M3): number {
  return (MATERIAL_KG_PER_M3[material] * Math.PI * diameterM ** 2) / 4
}
