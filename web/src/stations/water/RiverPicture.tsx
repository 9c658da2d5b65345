import type { SwingSetup } from '@hoxen/core/rig'
import { type Mend, type SwingResult, USUAL_MEND } from '@hoxen/core/swing'
import { BOTTOM_NAMES, sayRiver } from '@hoxen/core/words'
import { useMemo, useSyncExternalStore } from 'react'
import { riverLayout, SPEED_STEPS, trueRiverHeight, useWidth, type WaterScene } from '../../drawing/index.ts'
import { changeAim } from '../../pool/index.ts'
import { changePlan } from '../../store/index.ts'
import { useUnits } from '../../ui/index.ts'
import type { SwingClock } from './clock.ts'
import { PlanHandles } from './PlanHandles.tsx'
import { Player } from './Player.tsx'
import { RiverCanvas } from './RiverCanvas.tsx'

/** Room that the rest of the page takes over and under the picture, and the least it is drawn in [px]. */
const PAGE_PX = 372
const LEAST_PX = 400

/** Height of the window, kept up to date [px]. */
function useWindowHeight(): number {
  return useSyncExternalStore(
    (onChange) => {
      addEventListener('resize', onChange)
      return () => removeEventListener('resize', onChange)
    },
    () => innerHeight,
  )
}

interface RiverProps {
  readonly scene: WaterScene
  readonly clock: SwingClock
  readonly setup: SwingSetup
  readonly result: SwingResult | undefined
}

/** The river in one picture, with the cast and the mend to take hold of; and the clock. */
export function RiverPicture({ scene, clock, setup, result }: RiverProps) {
  const { system } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(600)
  const room = Math.max(LEAST_PX, useWindowHeight() - PAGE_PX)
  const height = Math.min(room, trueRiverHeight(scene, width))
  const layout = useMemo(() => riverLayout(scene, width, height), [scene, width, height])
  const { plan, run } = setup
  const [mend, ...later] = plan.mends
  const onMend = (next: Pick<Mend, 'kind' | 'sizeM'> | undefined): void =>
    changePlan(next === undefined ? 'Remove the mend' : 'Change the mend', {
      mends: next === undefined ? later : [{ ...USUAL_MEND, ...mend, ...next }, ...later],
    })
  return (
    <>
      <figure className="overflow-hidden rounded-lg border border-rule bg-sheet">
        <div ref={box} className="relative" style={{ height }}>
          <RiverCanvas
            scene={scene}
            layout={layout}
            clock={clock}
            label={sayRiver(run.name, result?.summary, system)}
          />
          <PlanHandles
            layout={layout}
            wadeM={run.wadeM}
            aim={plan}
            mend={mend}
            onAim={changeAim}
            onMend={onMend}
          />
        </div>
      </figure>
      <Player clock={clock} />
      <p className="flex flex-wrap items-center justify-between gap-x-4 text-[0.8rem] text-faint">
        <span>
          Drag the circle to cast elsewhere, the diamond to mend. Dashes: a second of drift. Bar: holding
          water. Tinted below it: fish depth. The bed is {BOTTOM_NAMES[run.bottom]}. ✕: it touched bottom, red
          over the fish.
        </span>
        <SpeedLegend scene={scene} />
      </p>
    </>
  )
}

/** Our own scale of speed: from the river's ink, slow, to the caster's, fast. */
function SpeedLegend({ scene }: { readonly scene: WaterScene }) {
  const { show } = useUnits()
  return (
    <span className="inline-flex items-center gap-1.5">
      fly’s speed 0
      <span aria-hidden="true" className="inline-flex overflow-hidden rounded-sm">
        {Array.from({ length: SPEED_STEPS }, (_, i) => (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: the steps of a scale are their places
            key={i}
            className="h-2.5 w-5"
            style={{
              background: `color-mix(in srgb, var(--caster) ${(100 * i) / (SPEED_STEPS - 1)}%, var(--river))`,
            }}
          />
        ))}
      </span>
      {show(scene.fastestMps, 'current')}
    </span>
  )
}
