import { type RoomFor, roomForBackCast, tipHeightOf } from './room.ts'

/** A flat back cast has sunk by so much of its length when it is straight. [estimate] */
const BACK_DROP = 0.08

/** A back cast from the side [m over the water]: where it leaves the rod, and how low it comes. */
export interface BackCast {
  readonly tipM: number
  readonly lowM: number
}

/**
 * Lowest point of a straight overhead back cast [m over the water]: flat from the rod's tip, less what the line sinks on
 * the way. [estimate]
 * @param lineM line behind the tip [m] @param wadingM how deep one stands [m]
 */
export function backCastOf(rodM: number, lineM: number, wadingM?: number): BackCast {
  const tipM = tipHeightOf(rodM, wadingM)
  return { tipM, lowM: tipM - BACK_DROP * lineM }
}

/** A back cast, and where it is thrown. */
export interface BackCastRoom {
  readonly rodM: number
  /** Line behind the tip [m]. */
  readonly lineM: number
  readonly roomM: number
  readonly wadingM?: number | undefined
  /** Height of brush or cliff behind, over the water [m]; left out where nobody has said. */
  readonly behindHighM?: number | undefined
}

/** Clearance a back cast needs [m]. [practice] */
export const CLEAR_M = 0.5

/**
 * Whether a back cast has room: by length alone, or, where the height of what is behind is known and the line reaches it, over it.
 * The one answer of the ledger's line and of the choice of casts. [estimate]
 */
export function roomForCastBack({
  rodM,
  lineM,
  roomM,
  wadingM,
  behindHighM,
}: BackCastRoom): RoomFor | 'over' {
  if (behindHighM === undefined || lineM <= roomM) return roomForBackCast(lineM, roomM)
  return backCastOf(rodM, lineM, wadingM).lowM >= behindHighM + CLEAR_M ? 'over' : 'none'
}
