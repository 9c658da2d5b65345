import { printMeasure } from '@hoxen/core/quantity'
import type { Ink } from './ink.ts'
import { momentAt } from './moment.ts'
import { paintPlanMoment, paintPlanStill } from './planView.ts'
import { RIVER_ROOM, type RiverLayout } from './riverLayout.ts'
import { paintSectionMoment, paintSectionStill } from './sideView.ts'
import type { WaterScene } from './waterScene.ts'

type Pen = CanvasRenderingContext2D

/** All of the river that does not move with the swing: painted once. */
export function paintRiverStill(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  pen.clearRect(0, 0, layout.width, layout.height)
  paintPlanStill(pen, scene, layout, ink)
  paintSectionStill(pen, scene, layout, ink)
}

/** Paints the fly at this moment, in both views at once, and its depth and speed there. */
function paintNow(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink, tS: number): void {
  const moment = momentAt(scene.swings[0]?.samples ?? [], tS)
  if (moment === undefined) return
  const x = layout.plan.x(moment.flyM[1])
  pen.strokeStyle = ink.caster
  pen.globalAlpha = 0.6
  pen.lineWidth = 1
  pen.setLineDash([1, 3])
  pen.beginPath()
  pen.moveTo(x, RIVER_ROOM.top)
  pen.lineTo(x, layout.height - RIVER_ROOM.bottom)
  pen.stroke()
  pen.setLineDash([])
  pen.globalAlpha = 1
  const depth = printMeasure(Math.max(0, -moment.flyM[2]), 'length', scene.system)
  const says = `${depth} deep, ${printMeasure(moment.speedMps, 'current', scene.system)}`
  pen.font = `600 13px ${ink.font}`
  pen.fillStyle = ink.ink
  pen.textBaseline = 'middle'
  const right = x > layout.width * 0.6
  pen.textAlign = right ? 'right' : 'left'
  pen.fillText(says, x + (right ? -8 : 8), layout.section.y(scene.tipHeightM * 0.5))
}

/** The swing at one moment, over the river that was painted before. */
export function paintRiverMoment(
  pen: Pen,
  scene: WaterScene,
  layout: RiverLayout,
  ink: Ink,
  tS: number,
): void {
  paintPlanMoment(pen, scene, layout, ink, tS)
  paintSectionMoment(pen, scene, layout, ink, tS)
  paintNow(pen, scene, layout, ink, tS)
}
