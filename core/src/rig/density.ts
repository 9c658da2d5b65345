/** Mean density of a floating line [kg/m³]. [estimate] */
export const FLOATING_KG_PER_M3 = 880
/** Density of tungsten-loaded level tips [kg/m³]; see `sink`. [estimate] */
export const TIP_KG_PER_M3 = 3700
/** Density of slower-sinking tapered tips and leaders [kg/m³]. [estimate] */
export const SLOW_TIP_KG_PER_M3 = 1300
