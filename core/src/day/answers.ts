/** The answers a day is described with. Plain lists, so that what only reads them needs no schemas. */
export const WATERS = ['beck', 'river', 'big-river', 'surf'] as const
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const
export const STYLES = ['any', 'skagit', 'scandi', 'overhead'] as const

/** Figures of a job that can be, in SI. */
export const JOB_LIMITS = {
  fishKg: { low: 0.05, high: 60 },
  castM: { low: 3, high: 60 },
  waterDepthM: { low: 0.05, high: 10 },
  currentMps: { low: 0, high: 4 },
  roomBehindM: { low: 0, high: 100 },
  waterC: { low: -1, high: 40 },
} as const
