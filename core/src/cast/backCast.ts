import { tipHeightOf } from './room.ts'

/** A flat back cast has sunk by so much of its length when it is straight. [estimate] */
const BACK_DROP = 0.08

/** A back cast from the side [m over the water]: where it leaves the rod, and how low it comes. */
export interface BackCast {
  readonly tipM: number
  readonly lowM: number
}

/**
 * How low an overhead back cast comes when it is straight [m over the water]: flat from the rod's tip, less what the line sinks on
 * the way. [estimate]
 * @param lineM line behind the tip [m] @param wadingM how deep one stands [m]
 */
export function backCastOf(rodM: number, lineM: number, wadingM?: number): BackCast {
  const tipM = tipHeightOf(rodM, wadingM)
  return { tipM, lowM: tipM - BACK_DROP * lineM }
}
