/** From metres to pixels on a drawing of the water. */
export interface WaterScale {
  readonly x: (m: number) => number
  readonly y: (m: number) => number
  readonly pxPerM: number
  /** How many times heights are drawn larger than distances. */
  readonly exaggeration: number
}

/** A drawing's size and the room kept at its edges [px]. */
export interface Room {
  readonly width: number
  readonly height: number
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

/** Heights are drawn at most this many times larger than distances. */
const MOST_EXAGGERATION = 8

/** A section across the river: distance from the bank to the right, height up. Heights are drawn larger where there is room. */
export function sectionScale(room: Room, toM: number, deepestM: number, airM: number): WaterScale {
  const pxPerM = Math.max(1, room.width - room.left - room.right) / Math.max(toM, 0.1)
  const free = Math.max(1, room.height - room.top - room.bottom) / Math.max(deepestM + airM, 0.1)
  const exaggeration = Math.min(MOST_EXAGGERATION, free / pxPerM)
  const surface = room.top + airM * pxPerM * exaggeration
  return {
    x: (m) => room.left + m * pxPerM,
    y: (m) => surface - m * pxPerM * exaggeration,
    pxPerM,
    exaggeration,
  }
}

/**
 * The river from above, the angler's bank at the foot as it is seen from there: downstream to the right where the angler
 * stands on the right bank, to the left on the left.
 */
export function planScale(
  room: Room,
  extent: { readonly fromX: number; readonly toX: number; readonly toY: number },
  bank: 'left' | 'right',
): WaterScale {
  const across = room.width - room.left - room.right
  const up = room.height - room.top - room.bottom
  const long = Math.max(extent.toX - extent.fromX, 0.1)
  const pxPerM = Math.max(0.5, Math.min(across / long, up / Math.max(extent.toY, 0.1)))
  const spare = (across - long * pxPerM) / 2
  const from = room.left + spare
  return {
    x: (m) =>
      bank === 'right'
        ? from + (m - extent.fromX) * pxPerM
        : room.width - room.right - spare - (m - extent.fromX) * pxPerM,
    y: (m) => room.height - room.bottom - m * pxPerM,
    pxPerM,
    exaggeration: 1,
  }
}
