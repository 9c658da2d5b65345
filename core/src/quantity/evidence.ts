/**
 * Evidence tag: how well a figure is known. Every figure that reaches the user carries one of these.
 *
 * - `standard` a published standard or table
 * - `practice` a rule of thumb practitioners state; common practice, no source
 * - `physics` follows from mechanics or geometry
 * - `estimate` our own model; always shown with a band
 * - `log` learnt from this angler's own records
 * - `printed` read off the maker's print, or measured by the owner
 */
export const EVIDENCE_TAGS = ['standard', 'practice', 'physics', 'estimate', 'log', 'printed'] as const

export type EvidenceTag = (typeof EVIDENCE_TAGS)[number]

/** A value in SI with what it rests on. */
export interface Figure {
  readonly value: number
  readonly tag: EvidenceTag
}

/**
 * Weight of a warning by what it rests on, from 0 (ignore) to 1 (full). An estimate that warns counts for
 * less than a law of mechanics that warns. [estimate]
 */
export const EVIDENCE_WEIGHT: Readonly<Record<EvidenceTag, number>> = Object.freeze({
  standard: 1,
  physics: 1,
  log: 1,
  printed: 1,
  practice: 0.7,
  estimate: 0.4,
})

export const given = (value: number): Figure => ({ value, tag: 'printed' })
export const estimated = (value: number): Figure => ({ value, tag: 'estimate' })
