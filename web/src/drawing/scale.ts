import { type UnitSystem, unitFor, unitOf } from '@hoxen/core/quantity'
import type { Piece } from '@hoxen/core/rig'

/** Scale of the rig on the drawing: pixels along the line, pixels across it. */
export interface StripScale {
  readonly left: number
  readonly pxPerM: number
  readonly pxPerDiameterM: number
  /** Thickness is drawn this many times larger than length. */
  readonly exaggeration: number
  readonly lengthM: number
  /** Kept between parts, so that each joint is seen by itself [px]. */
  readonly gapPx: number
}

/** Tallest a line may be drawn, as a share of the drawing's height. */
const TALLEST = 0.62

export function stripScale(
  pieces: readonly Piece[],
  width: number,
  height: number,
  left: number,
  right: number,
  gapPx = 0,
): StripScale {
  const lengthM = pieces.reduce((sum, p) => sum + p.lengthM, 0) || 1
  const thickestM = Math.max(0.001, ...pieces.flatMap((p) => p.outline.map(([, d]) => d)))
  const pxPerM = Math.max(1, width - left - right - gapPx * (pieces.length - 1)) / lengthM
  const pxPerDiameterM = (height * TALLEST) / thickestM
  return { left, pxPerM, pxPerDiameterM, exaggeration: pxPerDiameterM / pxPerM, lengthM, gapPx }
}

/** Length of the scale bar [m]: a round figure of the face in use that fits in about a fifth of the drawing. */
export function scaleBarM(scale: StripScale, system: UnitSystem): number {
  const unit = unitOf(unitFor('length', system)).toSi(1)
  const target = scale.lengthM / 5 / unit
  const steps = [1, 2, 5, 10, 20, 50]
  return (steps.findLast((s) => s <= target) ?? 1) * unit
}

/** The outline of a piece as a closed path around the line's axis. */
export function outlinePath(piece: Piece, startPx: number, axisY: number, scale: StripScale): string {
  const at = ([m, d]: readonly [number, number], side: 1 | -1): string =>
    `${(startPx + m * scale.pxPerM).toFixed(1)} ${(axisY - (side * Math.max(d * scale.pxPerDiameterM, 1.3)) / 2).toFixed(1)}`
  const top = piece.outline.map((point) => at(point, 1))
  const bottom = [...piece.outline].reverse().map((point) => at(point, -1))
  return `M${[...top, ...bottom].join('L')}Z`
}

/** Gap between the strokes of the hatching [px]: closer as the part sinks faster. */
export function hatchGapPx(sinkRateMps: number): number {
  return Math.max(2.2, 9 - sinkRateMps * 34)
}

/** Start of each piece along the line [px]. */
export function startsOf(pieces: readonly Piece[], scale: StripScale): readonly number[] {
  let at = scale.left
  return pieces.map((piece) => {
    const start = at
    at += piece.lengthM * scale.pxPerM + scale.gapPx
    return start
  })
}

/**
 * Places for touch targets along a line: each at least `least` wide, none overlapping, each as near to its own centre as
 * that allows, all between 0 and `width`.
 */
export function targetPlaces(
  spans: readonly { start: number; end: number }[],
  least: number,
  width: number,
): readonly { left: number; width: number }[] {
  const boxes = spans.map(({ start, end }) => {
    const size = Math.max(least, end - start)
    return { left: (start + end - size) / 2, width: size }
  })
  let edge = 0
  for (const box of boxes) {
    box.left = Math.max(box.left, edge)
    edge = box.left + box.width
  }
  let limit = width
  for (const box of boxes.reverse()) {
    if (box.left + box.width > limit) box.left = limit - box.width
    limit = box.left
  }
  boxes.reverse()
  // When a wide neighbour was pushed off the start, it gives up the width it does not need.
  const first = boxes[0]
  if (first !== undefined && first.left < 0) return squeezed(boxes, least, width)
  return boxes
}

function squeezed(
  boxes: readonly { width: number }[],
  least: number,
  width: number,
): readonly { left: number; width: number }[] {
  const spare = boxes.reduce((sum, b) => sum + b.width - least, 0)
  const room = Math.max(0, width - least * boxes.length)
  let left = 0
  return boxes.map((b) => {
    const size = least + (spare === 0 ? 0 : ((b.width - least) * room) / spare)
    const box = { left, width: size }
    left += size
    return box
  })
}
