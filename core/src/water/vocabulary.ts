/** The choices a run is described with. Plain lists, so that what only reads them needs no schemas. */

/** Banks of a river, looking downstream. */
export const BANKS = ['left', 'right'] as const
/** Materials of a bed, from smooth to snaggy. */
export const BOTTOMS = ['sand', 'gravel', 'cobble', 'boulder', 'ledge'] as const
export type Bottom = (typeof BOTTOMS)[number]

/** Figures of a run that can be, in SI. No river an angler wades runs faster than 5 m/s. */
export const RUN_LIMITS = {
  widthM: { low: 1, high: 500 },
  depthM: { low: 0, high: 20 },
  currentMps: { low: 0, high: 5 },
  flowM3ps: { low: 0.001, high: 300_000 },
  points: 60,
} as const

/** Obstructions that may stand behind one who casts. */
export const OBSTRUCTIONS = ['none', 'brush', 'cliff', 'people', 'branches', 'power-line'] as const
export type Obstruction = (typeof OBSTRUCTIONS)[number]
