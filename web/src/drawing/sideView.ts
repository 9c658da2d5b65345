import { depthAt, type Section, sectionOf } from '@hoxen/core/water'
import { paintBedStuff } from './bedStuff.ts'
import type { Ink } from './ink.ts'
import { momentAt } from './moment.ts'
import { holdingStretches } from './planView.ts'
import { RIVER_ROOM, type RiverLayout } from './riverLayout.ts'
import { type Axes, paintLine, paintTrace } from './swingMarks.ts'
import { unitTicks } from './ticks.ts'
import type { WaterScale } from './waterScale.ts'
import type { WaterScene } from './waterScene.ts'

type Pen = CanvasRenderingContext2D

/** Across the river, and up. */
const AXES: Axes = [1, 2]

const sectionIn = (scene: WaterScene, layout: RiverLayout): Section =>
  sectionOf(scene.run, layout.toM, scene.fish.fishAt)

function trail(pen: Pen, points: readonly (readonly [number, number])[], scale: WaterScale): void {
  pen.beginPath()
  points.forEach(([m, z], i) => {
    if (i === 0) pen.moveTo(scale.x(m), scale.y(z))
    else pen.lineTo(scale.x(m), scale.y(z))
  })
}

/** Paints the fish depth: tinted, over the water that holds them. */
function paintBand(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const { section: scale, seam, height } = layout
  pen.save()
  trail(pen, sectionIn(scene, layout).band, scale)
  pen.clip()
  pen.fillStyle = ink.river
  pen.globalAlpha = 0.24
  for (const [from, to] of holdingStretches(scene, layout)) pen.fillRect(from, seam, to - from, height - seam)
  pen.restore()
}

function paintWater(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const { section: scale, toM } = layout
  const { bed } = sectionIn(scene, layout)
  const foot = layout.height - RIVER_ROOM.bottom
  pen.fillStyle = ink.shoal
  trail(pen, [[0, 0], ...bed, [toM, 0]], scale)
  pen.fill()
  paintBand(pen, scene, layout, ink)
  const ground = (): void => {
    trail(pen, bed, scale)
    pen.lineTo(scale.x(toM), foot)
    pen.lineTo(scale.x(0), foot)
    pen.closePath()
  }
  pen.fillStyle = ink.rule
  ground()
  pen.fill()
  pen.save()
  ground()
  pen.clip()
  const top = (x: number): number => scale.y(-depthAt(scene.run, (x - scale.x(0)) / scale.pxPerM))
  paintBedStuff(pen, scene.run.bottom, { from: scale.x(0), to: scale.x(toM), at: top }, scale.pxPerM, ink)
  pen.restore()
  pen.strokeStyle = ink.ink
  pen.lineWidth = 1.5
  trail(pen, bed, scale)
  pen.stroke()
  pen.strokeStyle = ink.river
  pen.lineWidth = 1
  trail(
    pen,
    [
      [0, 0],
      [toM, 0],
    ],
    scale,
  )
  pen.stroke()
}

function paintScales(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  const { section: scale, toM, deepestM, height, seam } = layout
  pen.fillStyle = ink.faint
  pen.font = `12px ${ink.font}`
  pen.textAlign = 'center'
  pen.textBaseline = 'alphabetic'
  for (const { si, text } of unitTicks(
    0,
    toM,
    Math.max(3, (toM * scale.pxPerM) / 90),
    'length',
    scene.system,
  ))
    if (si !== 0) pen.fillText(text, scale.x(si), height - 7)
  pen.textAlign = 'right'
  pen.fillText(`heights × ${scale.exaggeration.toFixed(1)}`, scale.x(toM) - 6, seam + 18)
  pen.textBaseline = 'middle'
  for (const { si, text } of unitTicks(0, deepestM, 4, 'length', scene.system))
    pen.fillText(text, RIVER_ROOM.left - 8, scale.y(-si))
}

/** The angler at the wading line, and the rod out to its tip. */
function paintAngler(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink, tS: number): void {
  const { section: scale } = layout
  const line = momentAt(scene.swings[0]?.samples ?? [], tS)?.lineM
  if (line === undefined || line.length < 3) return
  const [wadeM, bedM] = sectionIn(scene, layout).stand
  const stand = scale.x(wadeM)
  const hand = scale.y(Math.min(scene.tipHeightM, 1))
  pen.strokeStyle = ink.caster
  pen.lineCap = 'round'
  pen.lineWidth = 4
  pen.beginPath()
  pen.moveTo(stand, scale.y(bedM))
  pen.lineTo(stand, hand)
  pen.stroke()
  pen.lineWidth = 2
  pen.beginPath()
  pen.moveTo(stand, hand)
  pen.lineTo(scale.x(line.at(-2) ?? 0), scale.y(line.at(-1) ?? 0))
  pen.stroke()
}

function paintTouches(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink): void {
  pen.lineWidth = 2.5
  for (const { atM, overHolding } of scene.swings[0]?.touches ?? []) {
    pen.strokeStyle = overHolding ? ink.breaks : ink.faint
    const x = scale.x(atM[1])
    const y = scale.y(atM[2]) + 7
    pen.beginPath()
    pen.moveTo(x - 5, y - 5)
    pen.lineTo(x + 5, y + 5)
    pen.moveTo(x + 5, y - 5)
    pen.lineTo(x - 5, y + 5)
    pen.stroke()
  }
}

/** Paints what stays while the swing is played. */
export function paintSectionStill(pen: Pen, scene: WaterScene, layout: RiverLayout, ink: Ink): void {
  paintWater(pen, scene, layout, ink)
  paintScales(pen, scene, layout, ink)
}

/** The run in section, your bank at the left, with the swing at one moment. */
export function paintSectionMoment(
  pen: Pen,
  scene: WaterScene,
  layout: RiverLayout,
  ink: Ink,
  tS: number,
): void {
  const { section: scale } = layout
  paintAngler(pen, scene, layout, ink, tS)
  for (const swing of scene.swings) paintTrace(pen, swing, scene.fastestMps, scale, AXES, ink, tS)
  paintTouches(pen, scene, scale, ink)
  for (const swing of scene.swings) paintLine(pen, swing, scale, AXES, ink, tS)
}
