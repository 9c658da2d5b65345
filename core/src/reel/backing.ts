import type { Rod } from '../gear/index.ts'
import { KG_PER_POUND, M_PER_YARD } from '../quantity/index.ts'

/** From here on a hooked fish is expected to run [kg]. [practice] */
const RUNNER_KG = 6 * KG_PER_POUND

/** Thickness of backing where none is told: braided polyester of about 20 lb [m]. [practice] */
export const USUAL_BACKING_M = 0.55e-3

/** Backing wanted behind the line [m] (C29): 80–100 m behind a switch rod, 200 yd for fish that run. [practice] */
export function backingWantedM(rod: Rod, fishKg: number): { readonly low: number; readonly high: number } {
  if (fishKg >= RUNNER_KG && rod.hands !== 'switch') return { low: 150 * M_PER_YARD, high: 200 * M_PER_YARD }
  if (rod.hands === 'single' || rod.hands === 'trout-two-hander') return { low: 50, high: 80 }
  return { low: 80, high: 100 }
}

/** Drag that tires a fish and spares the leader: a quarter to a third of its weakest point [N]. [practice] */
export const dragRangeN = (weakestN: number): { readonly low: number; readonly high: number } => ({
  low: weakestN / 4,
  high: weakestN / 3,
})

/** Whether this much backing is enough for a fish that may run. */
export const backingState = (backingM: number, wanted: { readonly low: number }): 'holds' | 'watch' =>
  backingM >= wanted.low ? 'holds' : 'watch'
