import { type Ink, speedInk } from './ink.ts'
import { momentAt } from './moment.ts'
import type { WaterScale } from './waterScale.ts'
import type { DrawnSwing } from './waterScene.ts'

type Pen = CanvasRenderingContext2D

/** Axes of a view: from above y and x, in section y and z. */
export type Axes = readonly [across: 1, up: 0 | 2]

const CLEAR = 0.22
const FLY_PX = 5

/** A line of nodes, three figures each, as the view shows it. */
export function strokeLine(pen: Pen, lineM: Float32Array, scale: WaterScale, [a, b]: Axes): void {
  pen.beginPath()
  for (let i = 0; i < lineM.length; i += 3) {
    const x = scale.x(lineM[i + a] ?? 0)
    const y = scale.y(lineM[i + b] ?? 0)
    if (i === 0) pen.moveTo(x, y)
    else pen.lineTo(x, y)
  }
  pen.stroke()
}

/** The fly's path, inked by its speed; what is still to come is faint. */
export function paintTrace(
  pen: Pen,
  { samples }: DrawnSwing,
  fastestMps: number,
  scale: WaterScale,
  [a, b]: Axes,
  ink: Ink,
  tS: number,
): void {
  pen.lineCap = 'round'
  pen.lineJoin = 'round'
  let style = ''
  samples.forEach((to, i) => {
    const from = samples[i - 1]
    if (from === undefined) return
    const past = to.tS <= tS
    const colour = speedInk(ink, to.speedMps / fastestMps)
    // One stroke for each stretch of one look: a stroke for each sample is too dear at every frame.
    if (style !== `${colour}${past}`) {
      if (style !== '') pen.stroke()
      style = `${colour}${past}`
      pen.globalAlpha = past ? 1 : CLEAR
      pen.lineWidth = past ? 3.5 : 2
      pen.strokeStyle = colour
      pen.beginPath()
      pen.moveTo(scale.x(from.flyM[a]), scale.y(from.flyM[b]))
    }
    pen.lineTo(scale.x(to.flyM[a]), scale.y(to.flyM[b]))
  })
  if (style !== '') pen.stroke()
  pen.globalAlpha = 1
}

/** Line and fly at one moment, the fly marked where it lies on the bed, and labelled when there are several. */
export function paintLine(
  pen: Pen,
  swing: DrawnSwing,
  scale: WaterScale,
  axes: Axes,
  ink: Ink,
  tS: number,
): void {
  const moment = momentAt(swing.samples, tS)
  if (moment === undefined) return
  pen.strokeStyle = ink.ink
  pen.lineWidth = 1.7
  pen.setLineDash([...swing.dash])
  strokeLine(pen, moment.lineM, scale, axes)
  pen.setLineDash([])
  const x = scale.x(moment.flyM[axes[0]])
  const y = scale.y(moment.flyM[axes[1]])
  pen.fillStyle = moment.onBed ? ink.breaks : ink.ink
  pen.beginPath()
  pen.arc(x, y, FLY_PX, 0, 2 * Math.PI)
  pen.fill()
  pen.strokeStyle = ink.sheet
  pen.lineWidth = 1.5
  pen.stroke()
  if (swing.label === '') return
  pen.font = `bold 13px ${ink.font}`
  pen.fillStyle = ink.ink
  pen.textAlign = 'left'
  pen.textBaseline = 'bottom'
  pen.fillText(swing.label, x + swing.labelDx, y - 5)
}
