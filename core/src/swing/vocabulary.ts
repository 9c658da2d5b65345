/** Ways of rod and line while it swings. Plain lists, so that what only reads them needs no schemas. */

/** Ways of handling the rod while it swings; who strips, follows with the rod too. */
export const ROD_HANDLING = ['still', 'follow', 'feed', 'strip'] as const
export type RodHandling = (typeof ROD_HANDLING)[number]

/** Floating line laid over up or down the river, or stacked on top of the tip. */
export const MENDS = ['upstream', 'downstream', 'stack'] as const
export type MendKind = (typeof MENDS)[number]

/** Angles a cast can be made at: 0 straight downstream, 90 straight across [°]. */
export const ANGLE_LIMITS = Object.freeze({ low: 10, high: 150 })

/** Count before a retrieve [s], and its speed [m/s]. */
export const RETRIEVE_LIMITS = Object.freeze({
  countdownS: { low: 0, high: 120 },
  mps: { low: 0.05, high: 2 },
})

/** When a mend can begin, from the moment the line lands [s], and how large it can be [m]. */
export const MEND_LIMITS = Object.freeze({
  atS: { low: 0, high: 60 },
  sizeM: { low: 0.2, high: 10 },
})
