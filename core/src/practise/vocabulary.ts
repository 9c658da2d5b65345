/** Kinds of round, in the order of a first season. */
export const ROUND_KINDS = ['head', 'cast', 'wrong', 'tip', 'deep', 'change', 'go'] as const
export type RoundKind = (typeof ROUND_KINDS)[number]

/** From plain to close. */
export const LEVELS = [1, 2, 3] as const
export type Level = (typeof LEVELS)[number]

/** Choices of a round, and how far the right one stands out, by level: times the least margin. */
export const BY_LEVEL: Readonly<Record<Level, { readonly choices: number; readonly margin: number }>> =
  Object.freeze({
    1: { choices: 3, margin: 1.6 },
    2: { choices: 4, margin: 1.2 },
    3: { choices: 5, margin: 1 },
  })

/** Least by which the right choice stands out: closer cases are not asked. [estimate] */
export const MARGINS = Object.freeze({
  /** Seconds longer with the fish than the next tip. */
  tipS: 2.5,
  /** Share of the water's depth between the fly and the end of its span. */
  deep: 0.035,
  /** Share of a window between its edge and a head outside it. */
  head: 0.08,
  /** From the time to leave to the end of its hour [ms]. */
  goMs: 8 * 60_000,
  /** From a change of height to the end of its span [m]. */
  changeM: 0.025,
})
