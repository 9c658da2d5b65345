/** Radians of a degree. */
export const RAD_PER_DEG = Math.PI / 180
