import type { UnitSystem } from '@hoxen/core/quantity'
import type { SwingSample } from '@hoxen/core/swing'
import type { FishAt, Run } from '@hoxen/core/water'
import { touchesIn } from './moment.ts'

/** One swing as it is drawn. */
export interface DrawnSwing {
  readonly label: string
  /** Offset of the fly's label to its right, so that flies close together stay readable [px]. */
  readonly labelDx: number
  readonly samples: readonly SwingSample[]
  /** Strokes and gaps of its line [px]; none for the first. */
  readonly dash: readonly number[]
}

/** Scene that both views of the water show. */
export interface WaterScene {
  readonly run: Run
  readonly swings: readonly DrawnSwing[]
  /** Band of water where the fish hold. */
  readonly fishAt: FishAt
  readonly tipHeightM: number
  readonly fastestMps: number
  readonly touches: readonly SwingSample[]
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

export function sceneOf(base: Omit<WaterScene, 'fastestMps' | 'touches'>): WaterScene {
  const [first] = base.swings
  const speeds = base.swings.flatMap(({ samples }) => samples.map((s) => s.speedMps))
  return {
    ...base,
    fastestMps: Math.max(0.1, ...speeds.filter((_, i) => i % 2 === 0)),
    touches: touchesIn(first?.samples ?? []),
  }
}
