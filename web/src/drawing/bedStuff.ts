import { BED_GRAIN_M, type Bottom } from '@hoxen/core/water'
import type { Ink } from './ink.ts'

type Pen = CanvasRenderingContext2D

/** The top of a bed on the drawing, from left to right [px]. */
interface Top {
  readonly from: number
  readonly to: number
  readonly at: (x: number) => number
}

/** A number that looks like chance and is always the same. @returns [0, 1) */
const chance = (n: number): number => {
  const wide = Math.sin(n * 12.9898) * 43758.5453
  return wide - Math.floor(wide)
}

/** Grains smaller than this cannot be seen: they are drawn as dots of it [px]. */
const LEAST_PX = 1.1
/** Rows of grain under the top of the bed. */
const ROWS = 3

/** Paints the bed's material, stone for stone at its size across; a ledge as the edges of its slabs. @param pxPerM across */
export function paintBedStuff(pen: Pen, bottom: Bottom, top: Top, pxPerM: number, ink: Ink): void {
  const grain = BED_GRAIN_M[bottom]
  pen.strokeStyle = ink.faint
  pen.fillStyle = ink.faint
  pen.lineWidth = 1
  pen.beginPath()
  if (grain === undefined) slabs(pen, top)
  else stones(pen, top, (share) => (grain.low + (grain.high - grain.low) * share) * pxPerM)
  if (bottom === 'sand' || bottom === 'gravel') pen.fill()
  else pen.stroke()
}

function stones(pen: Pen, top: Top, sizePx: (share: number) => number): void {
  const { from, to } = top
  let sown = 1
  for (let row = 0, down = 0; row < ROWS; row++) {
    let largest = 0
    for (let x = from; x < to; ) {
      const r = Math.max(LEAST_PX, sizePx(chance(sown++))) / 2
      const gap = Math.max(2 * r * 1.1, 2.6 + 7 * chance(sown) * (r < 1 ? 1 : 0.2))
      x += gap
      largest = Math.max(largest, r)
      const y = top.at(x - gap / 2) + down + r * 1.15 + 1.5
      pen.moveTo(x - gap / 2 + r, y)
      pen.ellipse(x - gap / 2, y, r, r * (0.62 + 0.3 * chance(sown++)), 0, 0, 2 * Math.PI)
    }
    down += Math.max(4, largest * 1.9)
  }
}

function slabs(pen: Pen, top: Top): void {
  const { from, to } = top
  let sown = 1
  for (let row = 1; row <= ROWS; row++)
    for (let x = from; x < to; ) {
      const long = 26 + 60 * chance(sown++)
      const y = (at: number): number => top.at(at) + row * 7
      pen.moveTo(x, y(x))
      pen.lineTo(Math.min(to, x + long), y(Math.min(to, x + long)) + 3)
      pen.lineTo(Math.min(to, x + long), y(Math.min(to, x + long)))
      x += long + 5
    }
}
