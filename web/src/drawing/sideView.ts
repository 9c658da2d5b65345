import { type Section, sectionOf } from '@hoxen/core/water'
import type { Ink } from './ink.ts'
import { momentAt } from './moment.ts'
import { type Axes, paintLine, paintTrace } from './swingMarks.ts'
import { unitTicks } from './ticks.ts'
import { sectionScale, type WaterScale } from './waterScale.ts'
import { reachOf, type WaterScene } from './waterScene.ts'

type Pen = CanvasRenderingContext2D

/** Across the river, and up. */
const AXES: Axes = [1, 2]

/** Room left for the scales, in pixels. */
const ROOM = { left: 46, right: 14, top: 10, bottom: 24 } as const

const sectionIn = (scene: WaterScene): Section => sectionOf(scene.run, reachOf(scene).toY, scene.fishAt)

function scaleFor(scene: WaterScene, width: number, height: number): WaterScale {
  const { toM, deepestM } = sectionIn(scene)
  return sectionScale({ width, height, ...ROOM }, toM, deepestM * 1.12, scene.tipHeightM + 0.25)
}

function trail(pen: Pen, points: readonly (readonly [number, number])[], scale: WaterScale): void {
  pen.beginPath()
  points.forEach(([m, z], i) => {
    if (i === 0) pen.moveTo(scale.x(m), scale.y(z))
    else pen.lineTo(scale.x(m), scale.y(z))
  })
}

function paintWater(
  pen: Pen,
  scene: WaterScene,
  scale: WaterScale,
  ink: Ink,
  width: number,
  height: number,
): void {
  const { bed, band, toM: toY } = sectionIn(scene)
  const right = scale.x(toY)
  pen.fillStyle = ink.shoal
  trail(pen, [[0, 0], ...bed, [toY, 0]], scale)
  pen.fill()
  // Where the fish hold: hatched.
  pen.save()
  trail(pen, band, scale)
  pen.clip()
  pen.strokeStyle = ink.river
  pen.globalAlpha = 0.3
  pen.lineWidth = 1
  pen.beginPath()
  for (let x = -height; x < width; x += 8) {
    pen.moveTo(x, height)
    pen.lineTo(x + height, 0)
  }
  pen.stroke()
  pen.restore()
  pen.fillStyle = ink.rule
  trail(pen, bed, scale)
  pen.lineTo(right, height - ROOM.bottom)
  pen.lineTo(scale.x(0), height - ROOM.bottom)
  pen.closePath()
  pen.fill()
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
      [toY, 0],
    ],
    scale,
  )
  pen.stroke()
}

function paintScales(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink, height: number): void {
  const { toM, deepestM } = sectionIn(scene)
  pen.fillStyle = ink.faint
  pen.font = `12px ${ink.font}`
  pen.textAlign = 'center'
  pen.textBaseline = 'alphabetic'
  for (const { si, text } of unitTicks(0, toM, 6, 'length', scene.system))
    if (si !== 0) pen.fillText(text, scale.x(si), height - 7)
  pen.textAlign = 'right'
  pen.fillText(`heights × ${scale.exaggeration.toFixed(1)}`, scale.x(toM), ROOM.top + 12)
  pen.textBaseline = 'middle'
  for (const { si, text } of unitTicks(0, deepestM, 4, 'length', scene.system))
    pen.fillText(text, ROOM.left - 8, scale.y(-si))
}

/** The angler at the wading line, and the rod out to its tip. */
function paintAngler(pen: Pen, scene: WaterScene, scale: WaterScale, ink: Ink, tS: number): void {
  const line = momentAt(scene.swings[0]?.samples ?? [], tS)?.lineM
  if (line === undefined || line.length < 3) return
  const [wadeM, bedM] = sectionIn(scene).stand
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
  pen.strokeStyle = ink.breaks
  pen.lineWidth = 2.5
  for (const { flyM } of scene.touches) {
    const x = scale.x(flyM[1])
    const y = scale.y(flyM[2]) + 7
    pen.beginPath()
    pen.moveTo(x - 5, y - 5)
    pen.lineTo(x + 5, y + 5)
    pen.moveTo(x + 5, y - 5)
    pen.lineTo(x - 5, y + 5)
    pen.stroke()
  }
}

/** The run in section, your bank at the left, with the swing at one moment. */
export function paintSideView(
  pen: Pen,
  scene: WaterScene,
  ink: Ink,
  width: number,
  height: number,
  tS: number,
): void {
  const scale = scaleFor(scene, width, height)
  pen.clearRect(0, 0, width, height)
  paintWater(pen, scene, scale, ink, width, height)
  paintScales(pen, scene, scale, ink, height)
  paintAngler(pen, scene, scale, ink, tS)
  for (const swing of scene.swings) paintTrace(pen, swing, scene.fastestMps, scale, AXES, ink, tS)
  paintTouches(pen, scene, scale, ink)
  for (const swing of scene.swings) paintLine(pen, swing, scale, AXES, ink, tS)
}
