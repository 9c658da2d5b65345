import { M_PER_FOOT } from '../quantity/index.ts'

export type Anchor = 'sustained' | 'touch-and-go' | 'none'
/** Of the current, as the angler faces the water. */
export type Shoulder = 'downstream' | 'upstream' | 'either'

/** A cast there is. [practice] Common practice, no source. */
export interface CastDefinition {
  readonly anchor: Anchor
  readonly shoulder: Shoulder
  /** The change of angle it makes well, and at most [°]. */
  readonly changeDeg: { readonly good: number; readonly most: number }
  /** The rod or line sweeps high above the angler. */
  readonly high: boolean
  /** The line hangs from the tip behind, and lies anchored in front (C50): it takes little room. */
  readonly rolled?: true
  /** Rods it is made with [m]. */
  readonly rodM?: { readonly low?: number; readonly high?: number }
}

/** Rods shorter than this have one grip, longer ones are heavy for one hand [m]. [practice] */
export const ONE_HAND_M = { least: 10 * M_PER_FOOT, most: 10.5 * M_PER_FOOT } as const

/** Every cast. One more is one more entry. */
export const CASTS = {
  'double-spey': {
    anchor: 'sustained',
    shoulder: 'downstream',
    changeDeg: { good: 90, most: 120 },
    high: false,
  },
  'snap-t': { anchor: 'sustained', shoulder: 'upstream', changeDeg: { good: 90, most: 120 }, high: true },
  'perry-poke': { anchor: 'sustained', shoulder: 'either', changeDeg: { good: 45, most: 90 }, high: false },
  'single-spey': {
    anchor: 'touch-and-go',
    shoulder: 'upstream',
    changeDeg: { good: 60, most: 90 },
    high: false,
  },
  'snake-roll': {
    anchor: 'touch-and-go',
    shoulder: 'downstream',
    changeDeg: { good: 45, most: 75 },
    high: true,
  },
  roll: {
    anchor: 'sustained',
    shoulder: 'either',
    changeDeg: { good: 5, most: 15 },
    high: false,
    rolled: true,
  },
  switch: { anchor: 'touch-and-go', shoulder: 'either', changeDeg: { good: 5, most: 15 }, high: false },
  'overhead-one-handed': {
    anchor: 'none',
    shoulder: 'either',
    changeDeg: { good: 30, most: 60 },
    high: true,
    rodM: { high: ONE_HAND_M.most },
  },
  'overhead-two-handed': {
    anchor: 'none',
    shoulder: 'either',
    changeDeg: { good: 20, most: 45 },
    high: true,
    rodM: { low: ONE_HAND_M.least },
  },
} as const satisfies Readonly<Record<string, CastDefinition>>
export type CastName = keyof typeof CASTS
export const CAST_NAMES = Object.keys(CASTS) as readonly CastName[]
