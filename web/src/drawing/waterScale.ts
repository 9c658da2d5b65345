/** From metres to pixels on a drawing of the water. */
export interface WaterScale {
  readonly x: (m: number) => number
  readonly y: (m: number) => number
  readonly pxPerM: number
  /** Exaggeration of heights over widths. */
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
 * The river from above, seen as the angler faces it: the angler's bank at the left, the far one at the right; downstream is down where the angler
 * stands on the right bank, up on the left. Lengths down the river are drawn shorter where there is no room.
 */
export function planScale(
  room: Room,
  extent: { readonly fromX: number; readonly toX: number; readonly toY: number },
  bank: 'left' | 'right',
): WaterScale {
  const pxPerM = Math.max(1, room.width - room.left - room.right) / Math.max(extent.toY, 0.1)
  const free = Math.max(1, room.height - room.top - room.bottom)
  const along = Math.min(pxPerM, free / Math.max(extent.toX - extent.fromX, 0.1))
  return {
    x: (m) => room.left + m * pxPerM,
    y: (m) =>
      bank === 'right'
        ? room.top + (m - extent.fromX) * along
        : room.height - room.bottom - (m - extent.fromX) * along,
    pxPerM,
    exaggeration: along / pxPerM,
  }
}
