import type { UnitSystem } from '@hoxen/core/quantity'
import type { SwingSample, Touch } from '@hoxen/core/swing'
import { type Fish, HoldingWater, type Run } from '@hoxen/core/water'

/** One swing as it is drawn. */
export interface DrawnSwing {
  readonly label: string
  /** Offset of the fly's label to its right, so that flies close together stay readable [px]. */
  readonly labelDx: number
  readonly samples: readonly SwingSample[]
  readonly touches: readonly Touch[]
  /** Strokes and gaps of its line [px]; none for the first. */
  readonly dash: readonly number[]
}

/** Scene that both views of the water show. */
export interface WaterScene {
  readonly run: Run
  readonly swings: readonly DrawnSwing[]
  readonly fish: Fish
  /** From the angler's bank to where the cast lands [m]. */
  readonly farM: number
  /** Whether fish hold so far from the angler's bank, in the water that the casts cover. */
  readonly holdsAt: (yM: number) => boolean
  readonly tipHeightM: number
  readonly fastestMps: number
  /** Lengths are told in this. */
  readonly system: UnitSystem
}

/** Reach of the drawing, out and down the river [m]. */
export interface SceneReach {
  readonly toY: number
  readonly fromX: number
  readonly toX: number
}

export function reachOf(scene: WaterScene): SceneReach {
  let toY = scene.run.wadeM + 4
  let toX = 5
  let fromX = -1.5
  for (const { samples } of scene.swings)
    for (const { flyM } of samples) {
      toY = Math.max(toY, flyM[1] + 3)
      toX = Math.max(toX, flyM[0] + 2)
      fromX = Math.min(fromX, flyM[0] - 1)
    }
  return { toY: Math.min(toY, scene.run.widthM + 2), toX, fromX }
}

export function sceneOf(base: Omit<WaterScene, 'fastestMps' | 'holdsAt'>): WaterScene {
  const holding = new HoldingWater(base.run, base.fish, base.farM)
  const speeds = base.swings.flatMap(({ samples }) => samples.map((s) => s.speedMps))
  return {
    ...base,
    fastestMps: Math.max(0.1, ...speeds.filter((_, i) => i % 2 === 0)),
    holdsAt: (yM) => holding.covers(yM),
  }
}
