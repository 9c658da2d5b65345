/** Factors of the trade's units, apart from their names: what only computes needs no list of units. */

/** 1 grain [kg], exact. International yard and pound agreement, 1959. [standard] */
export const KG_PER_GRAIN = 64.79891e-6
/** 1 foot [m], exact. International yard and pound agreement, 1959. [standard] */
export const M_PER_FOOT = 0.3048
/** [m] International mile. */
export const M_PER_MILE = 5280 * M_PER_FOOT
/** 1 inch [m], exact. [standard] */
export const M_PER_INCH = 0.0254
export const M_PER_YARD = 3 * M_PER_FOOT
/** 1 pound [kg], exact. [standard] */
export const KG_PER_POUND = 0.45359237
/** Standard gravity [m/s²], exact. CGPM 1901. [standard] */
export const STANDARD_GRAVITY_MPS2 = 9.80665
/** kg/m of one grain per foot. */
export const KG_PER_M_PER_GRAIN_PER_FOOT = KG_PER_GRAIN / M_PER_FOOT

/**
 * Diameter of 1 gō monofilament [m]; diameter grows with √gō. The standard's constant is quoted as 0.165 mm; the
 * fourth figure is chosen so that the table's 6, 7 and 8 gō (0.405, 0.435, 0.470 mm) come out within 0.003 mm.
 * [standard, from memory]
 */
export const GO_ONE_M = 0.1652e-3
/** Diameter of a monofilament of so many gō [m]. */
export const goDiameterM = (go: number): number => GO_ONE_M * Math.sqrt(go)
