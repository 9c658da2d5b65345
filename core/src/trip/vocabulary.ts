/** Minutes a change on the bank takes. Common practice, no source. [practice] */
export const CHANGE_MINUTES = Object.freeze({ leader: 1, tip: 2, head: 5, reel: 10 })
export type ChangeKind = keyof typeof CHANGE_MINUTES
export type ChangeMinutes = Readonly<Record<ChangeKind, number>>

/** A saving of fewer minutes over a day is not worth a rod more to carry. [practice] */
export const SAVING_MIN = 10

/** Figures a trip may hold, so that every answer stays quick. */
export const TRIP_LIMITS = Object.freeze({
  days: 31,
  poolsADay: 24,
  flowsAPool: 6,
  flies: 12,
  carried: { low: 0, high: 500 },
  borrowed: { low: 0, high: 3 },
  minutes: { low: 0, high: 60 },
})

/** Kinds of thing a limit can be set on, in the order a rig is thought of. */
export const CARRIED = ['rods', 'reels', 'heads', 'tips', 'leaders', 'lines', 'items'] as const
export type Carried = (typeof CARRIED)[number]
