/** Observation of a swing: it touched the bed, rode where the fish hold, or passed above them. */
export const SAW = ['touched', 'band', 'high'] as const
export type Saw = (typeof SAW)[number]

/** Pace of a fly through the water, by the angler’s eye. */
export const PACES = ['slow', 'right', 'fast'] as const
export type Pace = (typeof PACES)[number]

/** A picture is shrunk to so many characters of base 64: a good look on a phone, and two hundred fit into one file. */
export const PHOTO_CHARACTERS = 200_000

/** Limits of an entry: fish, and letters of a note. */
export const ENTRY_LIMITS = Object.freeze({ fish: 999, notes: 2000 })

/** Limits of a mass cast on trial [kg]. */
export const TRIED_KG = Object.freeze({ low: 0.002, high: 0.15 })

/** Limits of a bend test: load [kg], from the clamp to the tip-top [m], and drop of its tip [m]. */
export const BEND_LIMITS = Object.freeze({
  massKg: { low: 0.001, high: 2 },
  freeLengthM: { low: 1, high: 6 },
  dropM: { low: 0.01, high: 5 },
  /** Deepest drop, as a share of the rod's free length. */
  dropShare: 0.9,
})

/** Weights of a bend test that are hung where nobody has said others [kg]. [practice] Common practice, no source. */
export const USUAL_BEND_KG = Object.freeze([0.12, 0.18, 0.25])
