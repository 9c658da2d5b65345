import type { Obstruction, Side, Skill } from '../cast/index.ts'

/** Where one stands to cast, and what the air does there. SI. */
export interface Stand {
  /** Looking downstream. */
  readonly bank: Side
  /** From where it blows, facing the water: 0 from ahead, 90 from the right hand [°]; and how hard [m/s]. */
  readonly wind: { readonly fromDeg: number; readonly mps: number }
  /** What is behind. */
  readonly obstruction: Obstruction
  readonly wadingM: number
  readonly skill: Skill
}

/** Wind that is written down [m/s]: harder nobody stands in it. */
export const WIND_LIMITS = Object.freeze({ low: 0, high: 40 })
/** As deep as anybody wades [m]. */
export const WADING_LIMITS = Object.freeze({ low: 0, high: 1.4 })

/** Until something is said: the right bank, no wind, nothing behind. */
export const USUAL_STAND: Stand = Object.freeze({
  bank: 'right',
  wind: Object.freeze({ fromDeg: 0, mps: 0 }),
  obstruction: 'none',
  wadingM: 0,
  skill: 'practised',
})
