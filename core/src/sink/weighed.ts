/** Limits of what is weighed and measured at the bench: from a piece of tip to a whole trout line [kg, m]. */
export const WEIGHED = Object.freeze({
  massKg: { low: 5e-5, high: 0.15 },
  lengthM: { low: 0.05, high: 40 },
})
