import { tipHeightOf } from './room.ts'

/** A flat back cast has sunk by so much of its length when it is straight. [estimate] */
const BACK_DROP = 0.08

/**
 * How low an overhead back cast comes when it is straight [m over the water]: flat from the rod's tip, less what the line sinks on
 * the way. [estimate]
 * @param lineM line behind the tip [m] @param wadingM how deep one stands [m]
 */
export const backCastLowM = (rodM: number, lineM: number, wadingM?: number): number =>
  tipHeightOf(rodM, wadingM) - BACK_DROP * lineM
