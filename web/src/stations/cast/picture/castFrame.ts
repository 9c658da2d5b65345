import type { Place3 } from '@hoxen/core/cast'
import { RAD_PER_DEG } from '@hoxen/core/quantity'

/** Where things of a cast stand in its two views, which have one scale. */
export interface CastFrame {
  readonly pxPerM: number
  /** A place so far out along the line of the cast; less is behind. */
  readonly inLine: (outM: number, upM?: number) => Place3
  readonly above: { readonly width: number; readonly height: number }
  readonly side: { readonly width: number; readonly height: number }
  /** From above: ahead is up. */
  readonly plan: (place: Place3) => readonly [x: number, y: number]
  /** From the side, in the plane of the cast: out is to the right. */
  readonly profile: (place: Place3) => readonly [x: number, y: number]
  /** How far out a point of the side view lies, and how high [m]. */
  readonly across: (x: number, y: number) => readonly [outM: number, upM: number]
  /** The place over the water at a point of the view from above. */
  readonly over: (x: number, y: number) => readonly [rightM: number, aheadM: number]
}

/** All that has to fit in [m], and the room there is for it [px]. */
export interface ToFrame {
  readonly width: number
  readonly wide: boolean
  /** Whether a third part has to stand on the same screen. */
  readonly shared: boolean
  readonly castM: number
  /** The line of the cast that the views are laid out for, and the one it has just now, in the hand. */
  readonly targetDeg: number
  readonly lineDeg: number
  readonly behindM: number
  readonly topM: number
  readonly wadingM: number
}

/** Heights of the views [px]: of that from above, at most; and what a side view keeps for its words. */
const ABOVE = { alone: { wide: 452, narrow: 252 }, shared: { wide: 396, narrow: 184 } } as const
const MARGIN = 26
/** On a phone the view from the side has sky enough over the rod for the buttons that play the cast [px]. */
const SKY_PX = 104
/** Room beyond what has to fit [m]. */
const BEYOND_M = 1.2

/** The two views of a cast: side by side where there is room, one over the other on a phone, always at one scale. */
export function castFrame({
  width,
  wide,
  shared,
  castM,
  targetDeg,
  lineDeg,
  behindM,
  topM,
  wadingM,
}: ToFrame): CastFrame {
  const [sin, cos] = [Math.sin(lineDeg * RAD_PER_DEG), Math.cos(lineDeg * RAD_PER_DEG)]
  const aheadM = Math.max(castM * Math.cos(targetDeg * RAD_PER_DEG), 6) + BEYOND_M
  const outM = castM + BEYOND_M
  const column = wide ? (width - 24) / 2 : width
  const atMost = ABOVE[shared ? 'shared' : 'alone'][wide ? 'wide' : 'narrow']
  const pxPerM = Math.min((atMost - MARGIN) / (aheadM + behindM), (column - 16) / (outM + behindM))
  const above = {
    width: wide ? width - 24 - Math.min(column, 640) : width,
    height: (aheadM + behindM) * pxPerM + MARGIN,
  }
  const bedM = wadingM + 1.4
  const sideHeight = (topM + bedM) * pxPerM + MARGIN
  const skyPx = wide ? 0 : Math.max(0, SKY_PX - sideHeight)
  const side = { width: wide ? Math.min(column, 640) : width, height: sideHeight + skyPx }
  // The line swings down to where it hangs on the side that the target is on: that side has the room.
  const x0 = above.width * (0.5 - 0.22 * Math.sign(Math.round(Math.sin(targetDeg * RAD_PER_DEG) * 10)))
  const y0 = aheadM * pxPerM + MARGIN / 2
  const sideX0 = behindM * pxPerM + Math.max(8, (side.width - (outM + behindM) * pxPerM) / 2)
  const sideY0 = topM * pxPerM + MARGIN + skyPx
  return {
    pxPerM,
    inLine: (outM, upM = 0) => [outM * sin, outM * cos, upM],
    above,
    side,
    plan: ([right, ahead]) => [x0 + right * pxPerM, y0 - ahead * pxPerM],
    profile: ([right, ahead, up]) => [sideX0 + (right * sin + ahead * cos) * pxPerM, sideY0 - up * pxPerM],
    across: (x, y) => [(x - sideX0) / pxPerM, (sideY0 - y) / pxPerM],
    over: (x, y) => [(x - x0) / pxPerM, (y0 - y) / pxPerM],
  }
}

/** Places as a path. */
export const pathOf = (places: readonly Place3[], at: CastFrame['plan']): string =>
  `M${places
    .map((place) =>
      at(place)
        .map((px) => px.toFixed(1))
        .join(' '),
    )
    .join('L')}`
