import { surfaceCurrentAt } from '@hoxen/core/water'
import { ticks } from 'd3-array'
import type { Ink } from './ink.ts'
import { momentAt } from './moment.ts'
import { type Axes, paintLine, paintTrace, strokeLine } from './swingMarks.ts'
import { unitTicks } from './ticks.ts'
import { planScale, type WaterScale } from './waterScale.ts'
import { type DrawnSwing, reachOf, type WaterScene } from './waterScene.ts'

type Pen = CanvasRenderingContext2D

/** Downstream, and across the river. */
const AXES: Axes = [0, 1]

const ROOM = { left: 10, right: 44, top: 8, bottom: 14 } as const
/** Seconds of drift that a current arrow stands for. */
const ARROW_S = 3
/** Seconds between the lines left behind. */
const GHOST_S = 4

function paintRiver(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink, width: number): void {
  const { run } = scene
  const { toY } = reachOf(scene)
  const foot = scale.y(0)
  const top = run.widthM <= toY ? scale.y(run.widthM) : 0
  pen.fillStyle = ink.shoal
  pen.fillRect(0, top, width, foot - top)
  pen.strokeStyle = ink.ink
  pen.lineWidth = 2
  pen.beginPath()
  pen.moveTo(0, foot)
  pen.lineTo(width, foot)
  if (run.widthM <= toY) {
    pen.moveTo(0, scale.y(run.widthM))
    pen.lineTo(width, scale.y(run.widthM))
  }
  pen.stroke()
  pen.setLineDash([2, 5])
  pen.lineWidth = 1
  pen.beginPath()
  pen.moveTo(0, scale.y(run.wadeM))
  pen.lineTo(width, scale.y(run.wadeM))
  pen.stroke()
  pen.setLineDash([])
}

function paintCurrent(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink, width: number): void {
  const { run } = scene
  const { toY } = reachOf(scene)
  const forward = run.bank === 'right' ? 1 : -1
  const rows = ticks(0, Math.min(toY, run.widthM), 6)
  pen.strokeStyle = ink.river
  pen.globalAlpha = 0.5
  pen.lineWidth = 1.2
  pen.beginPath()
  rows.forEach((row, i) => {
    const y = row + 0.5
    const length = surfaceCurrentAt(run, y) * ARROW_S * scale.pxPerM
    if (length < 3) return
    for (let x = 20 + (i % 2) * 55; x < width - ROOM.right - 20; x += 110) {
      const at = scale.y(y)
      const end = x + forward * length
      pen.moveTo(x, at)
      pen.lineTo(end, at)
      pen.moveTo(end - forward * 5, at - 3.5)
      pen.lineTo(end, at)
      pen.lineTo(end - forward * 5, at + 3.5)
    }
  })
  pen.stroke()
  pen.globalAlpha = 1
}

/** The lines left behind, every few seconds. */
function paintGhosts(pen: Pen, { samples }: DrawnSwing, scale: WaterScale, ink: Ink, tS: number): void {
  pen.strokeStyle = ink.ink
  pen.lineWidth = 1
  pen.globalAlpha = 0.22
  let next = 0
  for (const sample of samples) {
    if (sample.tS < next) continue
    next += GHOST_S
    if (sample.lineM !== undefined && sample.tS <= tS) strokeLine(pen, sample.lineM, scale, AXES)
  }
  pen.globalAlpha = 1
}

/** The angler at the wading line with the rod, and the hang-down. */
function paintPlaces(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink, tS: number): void {
  pen.fillStyle = ink.caster
  pen.beginPath()
  pen.arc(scale.x(0), scale.y(scene.run.wadeM), 5, 0, 2 * Math.PI)
  pen.fill()
  const line = momentAt(scene.swings[0]?.samples ?? [], tS)?.lineM
  if (line !== undefined && line.length >= 3) {
    pen.strokeStyle = ink.caster
    pen.lineWidth = 2
    pen.beginPath()
    pen.moveTo(scale.x(0), scale.y(scene.run.wadeM))
    pen.lineTo(scale.x(line.at(-3) ?? 0), scale.y(line.at(-2) ?? 0))
    pen.stroke()
  }
  const end = scene.swings[0]?.samples.at(-1)
  if (end === undefined) return
  pen.strokeStyle = ink.ink
  pen.lineWidth = 1.5
  pen.beginPath()
  pen.arc(scale.x(end.flyM[0]), scale.y(end.flyM[1]), 9, 0, 2 * Math.PI)
  pen.stroke()
}

function paintScale(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink, width: number): void {
  const { toY } = reachOf(scene)
  pen.fillStyle = ink.faint
  pen.font = `12px ${ink.font}`
  pen.textAlign = 'right'
  pen.textBaseline = 'middle'
  for (const { si, text } of unitTicks(0, Math.min(toY, scene.run.widthM), 4, 'length', scene.system))
    if (si > 0) pen.fillText(text, width - 6, scale.y(si))
}

/** The river from above, with the swing at one moment. */
export function paintPlanView(
  pen: Pen,
  scene: WaterScene,
  ink: Ink,
  width: number,
  height: number,
  tS: number,
): void {
  const reach = reachOf(scene)
  const scale = planScale({ width, height, ...ROOM }, reach, scene.run.bank)
  pen.clearRect(0, 0, width, height)
  paintRiver(pen, scene, scale, ink, width)
  paintCurrent(pen, scene, scale, ink, width)
  for (const swing of scene.swings) {
    paintGhosts(pen, swing, scale, ink, tS)
    paintTrace(pen, swing, scene.fastestMps, scale, AXES, ink, tS)
    paintLine(pen, swing, scale, AXES, ink, tS)
  }
  paintPlaces(pen, scene, scale, ink, tS)
  paintScale(pen, scene, scale, ink, width)
}
