import { depthAt, surfaceCurrentAt } from '@hoxen/core/water'
import { ticks } from 'd3-array'
import type { Ink } from './ink.ts'
import { momentAt } from './moment.ts'
import { RIVER_ROOM, type RiverLayout } from './riverLayout.ts'
import { type Axes, paintLine, paintTrace, strokeLine } from './swingMarks.ts'
import { unitTicks } from './ticks.ts'
import { type DrawnSwing, reachOf, type WaterScene } from './waterScene.ts'

type Pen = CanvasRenderingContext2D

/** Across the river, and downstream. */
const AXES: Axes = [1, 0]

/** A dash of the current is a second of its drift; the next follows after so many [s]. */
const DASH = { longS: 1, everyS: 4 } as const
/** Rows of current stand so far apart [px]; slower than this nothing is drawn [m/s]. */
const ROW_PX = 30
const STILL_MPS = 0.03
/** Seconds between the lines left behind. */
const GHOST_S = 4
/** Strength of the river's ink for each step of depth. */
const TINT = 0.085
/** The bed is looked at so finely across [px]. */
const FINE_PX = 2

/** Stretches across the river where something is so, in pixels. */
function stretches(
  layout: RiverLayout,
  toM: number,
  isSo: (yM: number) => boolean,
): readonly (readonly [from: number, to: number])[] {
  const found: [number, number][] = []
  const { x, pxPerM } = layout.plan
  for (let m = 0; m <= toM; m += FINE_PX / pxPerM) {
    if (!isSo(m)) continue
    const at = x(m)
    const last = found.at(-1)
    if (last !== undefined && at - last[1] < FINE_PX * 1.5) last[1] = at
    else found.push([at, at])
  }
  return found
}

/** Stretches where fish hold, of the water the casts cover: stretches across [px]. */
export function holdingStretches(
  scene: WaterScene,
  layout: RiverLayout,
): readonly (readonly [from: number, to: number])[] {
  return stretches(layout, scene.run.widthM, scene.holdsAt)
}

/** Tints by depth, a step at each round figure, which is told at its edge. */
function paintDepths(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const { run } = scene
  const toM = Math.min(layout.toM, run.widthM)
  const foot = layout.seam - 4
  const { top } = RIVER_ROOM
  pen.fillStyle = ink.shoal
  pen.fillRect(layout.plan.x(0), top, layout.plan.x(toM) - layout.plan.x(0), foot - top)
  for (const { si } of unitTicks(0, layout.deepestM, 6, 'length', scene.system)) {
    if (si <= 0) continue
    pen.fillStyle = ink.river
    pen.globalAlpha = TINT
    for (const [from, to] of stretches(layout, toM, (m) => depthAt(run, m) >= si))
      pen.fillRect(from, top, to - from + FINE_PX, foot - top)
  }
  pen.globalAlpha = 1
}

/** Height of the bar along holding water [px]. */
const BAR_PX = 5

/** Holding water as a bar at the foot of the plan, over the fish depth below it. */
function paintHolding(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const foot = layout.seam - 4
  pen.fillStyle = ink.river
  for (const [from, to] of holdingStretches(scene, layout))
    pen.fillRect(from, foot - BAR_PX, to - from, BAR_PX)
}

function paintBanks(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const { run } = scene
  const { plan, seam } = layout
  const { top } = RIVER_ROOM
  pen.strokeStyle = ink.ink
  pen.lineWidth = 2
  pen.beginPath()
  for (const m of run.widthM <= layout.toM ? [0, run.widthM] : [0]) {
    pen.moveTo(plan.x(m), top)
    pen.lineTo(plan.x(m), seam - 4)
  }
  pen.stroke()
  pen.setLineDash([2, 5])
  pen.lineWidth = 1
  pen.beginPath()
  pen.moveTo(plan.x(run.wadeM), top)
  pen.lineTo(plan.x(run.wadeM), seam - 4)
  pen.stroke()
  pen.setLineDash([])
}

/** Paints the scale down the river, along your bank, and which way it runs. */
function paintScale(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const { plan, seam } = layout
  const { toX, fromX } = reachOf(scene)
  pen.fillStyle = ink.faint
  pen.font = `12px ${ink.font}`
  pen.textAlign = 'right'
  pen.textBaseline = 'middle'
  for (const { si, text } of unitTicks(0, toX, 5, 'length', scene.system))
    if (si > 0 && si < toX) pen.fillText(text, RIVER_ROOM.left - 8, plan.y(si))
  const down = plan.y(1) > plan.y(0) ? 1 : -1
  const from = plan.y(fromX + (toX - fromX) * 0.04)
  pen.strokeStyle = ink.faint
  pen.lineWidth = 1.5
  pen.beginPath()
  pen.moveTo(RIVER_ROOM.left - 20, from)
  pen.lineTo(RIVER_ROOM.left - 20, from + down * 22)
  pen.moveTo(RIVER_ROOM.left - 24, from + down * 17)
  pen.lineTo(RIVER_ROOM.left - 20, from + down * 22)
  pen.lineTo(RIVER_ROOM.left - 16, from + down * 17)
  pen.stroke()
  if (plan.exaggeration > 0.98) return
  pen.fillStyle = ink.ink
  pen.fillText(
    `down the river × ${plan.exaggeration.toFixed(2)}`,
    layout.width - RIVER_ROOM.right - 6,
    down > 0 ? seam - 14 : RIVER_ROOM.top + 12,
  )
}

/** Paints what stays while the swing is played. */
export function paintPlanStill(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  paintDepths(pen, scene, layout, ink)
  paintHolding(pen, scene, layout, ink)
  paintBanks(pen, scene, layout, ink)
  paintScale(pen, scene, layout, ink)
}

/** The current, as dashes that go with it. */
function paintCurrent(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink, tS: number): void {
  const { run } = scene
  const { plan } = layout
  const { fromX, toX } = reachOf(scene)
  const toM = Math.min(layout.toM, run.widthM)
  pen.strokeStyle = ink.river
  pen.globalAlpha = 0.55
  pen.lineWidth = 1.3
  pen.lineCap = 'round'
  pen.beginPath()
  ticks(0, toM, Math.max(2, (toM * plan.pxPerM) / ROW_PX)).forEach((row, i) => {
    const mps = surfaceCurrentAt(run, row)
    if (mps < STILL_MPS) return
    const everyM = mps * DASH.everyS
    // Rows do not march in step.
    const ahead = (mps * tS + everyM * ((i * 0.618) % 1)) % everyM
    for (let m = fromX + ahead - everyM; m < toX; m += everyM) {
      const from = Math.max(fromX, m)
      const to = Math.min(toX, m + mps * DASH.longS)
      if (to <= from) continue
      pen.moveTo(plan.x(row), plan.y(from))
      pen.lineTo(plan.x(row), plan.y(to))
    }
  })
  pen.stroke()
  pen.globalAlpha = 1
}

/** The lines left behind, every few seconds. */
function paintGhosts(pen: Pen, { samples }: DrawnSwing, layout: RiverLayout, ink: Ink, tS: number): void {
  pen.strokeStyle = ink.ink
  pen.lineWidth = 1
  pen.globalAlpha = 0.2
  let next = 0
  for (const sample of samples) {
    if (sample.tS < next) continue
    next += GHOST_S
    if (sample.lineM !== undefined && sample.tS <= tS) strokeLine(pen, sample.lineM, layout.plan, AXES)
  }
  pen.globalAlpha = 1
}

/** The angler at the wading line with the rod, and the hang-down. */
function paintPlaces(pen: Pen, scene: WaterScene, { plan }: RiverLayout, ink: Ink, tS: number): void {
  pen.fillStyle = ink.caster
  pen.beginPath()
  pen.arc(plan.x(scene.run.wadeM), plan.y(0), 5, 0, 2 * Math.PI)
  pen.fill()
  const line = momentAt(scene.swings[0]?.samples ?? [], tS)?.lineM
  if (line !== undefined && line.length >= 3) {
    pen.strokeStyle = ink.caster
    pen.lineWidth = 2.5
    pen.beginPath()
    pen.moveTo(plan.x(scene.run.wadeM), plan.y(0))
    pen.lineTo(plan.x(line.at(-2) ?? 0), plan.y(line.at(-3) ?? 0))
    pen.stroke()
  }
  const end = scene.swings[0]?.samples.at(-1)
  if (end === undefined) return
  pen.strokeStyle = ink.ink
  pen.lineWidth = 1.5
  pen.beginPath()
  pen.arc(plan.x(end.flyM[1]), plan.y(end.flyM[0]), 9, 0, 2 * Math.PI)
  pen.stroke()
}

/** The swing from above at one moment. */
export function paintPlanMoment(
  pen: Pen,
  scene: WaterScene,
  layout: RiverLayout,
  ink: Ink,
  tS: number,
): void {
  paintCurrent(pen, scene, layout, ink, tS)
  for (const swing of scene.swings) {
    paintGhosts(pen, swing, layout, ink, tS)
    paintTrace(pen, swing, scene.fastestMps, layout.plan, AXES, ink, tS)
    paintLine(pen, swing, layout.plan, AXES, ink, tS)
  }
  paintPlaces(pen, scene, layout, ink, tS)
}
