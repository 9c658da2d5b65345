import { sectionOf } from '@hoxen/core/water'
import { planScale, sectionScale, type WaterScale } from './waterScale.ts'
import { reachOf, type WaterScene } from './waterScene.ts'

/** The two views of a river in one picture: from above, and under it in section. Both share the axis across the river. */
export interface RiverLayout {
  readonly plan: WaterScale
  readonly section: WaterScale
  readonly width: number
  readonly height: number
  /** Foot of the view from above [px]. */
  readonly seam: number
  /** Width across that is drawn, and depth of the section [m]. */
  readonly toM: number
  readonly deepestM: number
}

/** Room left at the edges for the scales [px]. */
export const RIVER_ROOM = { left: 46, right: 14, top: 8, bottom: 24 } as const
/** The section takes this share of the picture, and between so many pixels. */
const SECTION = { share: 0.38, low: 128, high: 200 } as const
/** Air drawn over the rod tip [m]. */
const AIR_M = 0.25
/** Water drawn under the deepest place, as a share of it: room for the bed. */
const UNDER = 1.16

export function riverLayout(scene: WaterScene, width: number, height: number): RiverLayout {
  const reach = reachOf(scene)
  const sectionPx = Math.min(SECTION.high, Math.max(SECTION.low, height * SECTION.share))
  const seam = Math.round(height - sectionPx)
  const { left, right, top, bottom } = RIVER_ROOM
  const { deepestM } = sectionOf(scene.run, reach.toY, scene.fish.fishAt)
  return {
    plan: planScale({ width, height: seam, left, right, top, bottom: 4 }, reach, scene.run.bank),
    section: sectionScale(
      { width, height, left, right, top: seam + 6, bottom },
      reach.toY,
      deepestM * UNDER,
      scene.tipHeightM + AIR_M,
    ),
    width,
    height,
    seam,
    toM: reach.toY,
    deepestM,
  }
}

/** Height that shows the river from above without squeezing it, the section under it [px]. */
export function trueRiverHeight(scene: WaterScene, width: number): number {
  const { fromX, toX, toY } = reachOf(scene)
  const plan = ((toX - fromX) * (width - RIVER_ROOM.left - RIVER_ROOM.right)) / toY
  return Math.round(plan + SECTION.high)
}
