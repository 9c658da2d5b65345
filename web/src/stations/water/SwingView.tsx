import { DEEPEST_WADE_M } from '@hoxen/core/ladder'
import type { SwingSetup } from '@hoxen/core/rig'
import type { SwingResult } from '@hoxen/core/swing'
import { depthAt } from '@hoxen/core/water'
import { lazy, Suspense, useEffect, useMemo, useState } from 'react'
import {
  type DrawnSwing,
  paintPlanView,
  paintSideView,
  SPEED_STEPS,
  sceneOf,
  type WaterScene,
} from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import { ChangeList } from './ChangeList.tsx'
import { Compare } from './Compare.tsx'
import { SwingClock } from './clock.ts'
import { Figures } from './Figures.tsx'
import { landsOnBank } from './landing.ts'
import { PlanPanel } from './PlanPanel.tsx'
import { Player } from './Player.tsx'
import { useOthers } from './useOthers.ts'
import { useSwing } from './useSwing.ts'
import type { Water } from './useWater.ts'
import { WaterCanvas } from './WaterCanvas.tsx'

// The chart library comes only with the view that needs it.
const DepthChart = lazy(() => import('./DepthChart.tsx').then((m) => ({ default: m.DepthChart })))

const SIDE_PX = 236
const PLAN_PX = 250
const DASHES: readonly (readonly number[])[] = [[], [7, 4], [2, 3]]

/** Plays in steps for those whose device asks for less motion. */
const wantsStillness = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches

/** The swing of my rig in this pool: from the side, from above and against time, and what one change would do. */
export function SwingView({ setup, water }: { readonly setup: SwingSetup; readonly water: Water }) {
  const swing = useSwing(setup)
  const others = useOthers(setup)
  const [clock] = useState(() => new SwingClock(wantsStillness))
  const swings = useMemo(
    () => [swing.data, ...others.results.map((o) => o.result)].filter((r) => r !== undefined),
    [swing.data, others.results],
  )
  const scene = useScene(setup, swings)
  useEffect(() => clock.load(Math.max(0, ...swings.map((r) => r.samples.at(-1)?.tS ?? 0))), [clock, swings])
  return (
    // On a phone the columns fold into one: the drawing, what it came to, what to change, then the rest.
    <div className="flex flex-col gap-x-6 gap-y-4 lg:grid lg:grid-cols-[1fr_21rem]">
      <div className="contents min-w-0 lg:block">
        <div className="order-1">
          <Warnings setup={setup} failed={swing.error} />
          {scene === undefined ? (
            <p className="py-24 text-center text-faint">Letting it swing…</p>
          ) : (
            <Section scene={scene} clock={clock} />
          )}
        </div>
        <div className="order-4">
          {scene !== undefined && <FromAboveAndInTime scene={scene} clock={clock} first={swings[0]} />}
          <Compare setup={setup} mine={swing.data} others={others} />
        </div>
      </div>
      <div className="contents min-w-0 lg:block">
        <div className="order-2">
          <Figures
            result={swing.data}
            fishAt={setup.fishAt}
            stripped={setup.plan.rod === 'strip'}
            busy={swing.isFetching}
          />
        </div>
        <div className="order-3 lg:mt-3">
          <PlanPanel plan={setup.plan} onChange={water.changePlan} onCast={water.changeCast} />
          <ChangeList setup={setup} water={water} now={swing.data} />
        </div>
      </div>
    </div>
  )
}

function useScene(setup: SwingSetup, results: readonly SwingResult[]): WaterScene | undefined {
  const { system } = useUnits()
  return useMemo(() => {
    if (results.length === 0) return undefined
    const swings = results.map(
      ({ samples }, i): DrawnSwing => ({
        label: results.length > 1 ? (['A', 'B', 'C'][i] ?? '') : '',
        labelDx: 8 + 14 * i,
        samples,
        dash: DASHES[i] ?? [],
      }),
    )
    return sceneOf({
      run: setup.run,
      swings,
      fishAt: setup.fishAt,
      tipHeightM: setup.plan.tipHeightM,
      system,
    })
  }, [setup, results, system])
}

/** The run in section, and the clock. */
function Section({ scene, clock }: { readonly scene: WaterScene; readonly clock: SwingClock }) {
  return (
    <>
      <figure className="rounded-lg border border-rule bg-sheet">
        <WaterCanvas
          scene={scene}
          clock={clock}
          height={SIDE_PX}
          label={`${scene.run.name} in section, with the line, the fly’s path and the holding band`}
          paint={paintSideView}
        />
        <figcaption className="flex flex-wrap items-center justify-between gap-x-4 border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
          <span>Across the river from your bank. Hatched: where the fish are. ✕ touches.</span>
          <SpeedLegend scene={scene} />
        </figcaption>
      </figure>
      <Player clock={clock} />
    </>
  )
}

interface TimeProps {
  readonly scene: WaterScene
  readonly clock: SwingClock
  readonly first: SwingResult | undefined
}

function FromAboveAndInTime({ scene, clock, first }: TimeProps) {
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <figure className="rounded-lg border border-rule bg-sheet">
        <WaterCanvas
          scene={scene}
          clock={clock}
          height={PLAN_PX}
          label={`${scene.run.name} from above, with the current, the line and the fly’s path`}
          paint={paintPlanView}
        />
        <figcaption className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
          From above, your bank below. Arrows: three seconds of drift. Ring: where it ends.
        </figcaption>
      </figure>
      <div className="rounded-lg border border-rule bg-sheet">
        <Suspense fallback={<p className="p-4 text-faint">Opening…</p>}>
          {first !== undefined && (
            <DepthChart samples={first.samples} fishAt={scene.fishAt} clock={clock} height={PLAN_PX} />
          )}
        </Suspense>
        <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
          Depth of the fly against time. Dashed: the top of the holding band.
        </p>
      </div>
    </div>
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

function Warnings({ setup, failed }: { readonly setup: SwingSetup; readonly failed: Error | null }) {
  const { show } = useUnits()
  const { run } = setup
  const depthM = depthAt(run, run.wadeM)
  const beyond = landsOnBank(setup)
  return (
    <>
      {failed !== null && (
        <p role="alert" className="mb-2 font-medium text-breaks">
          {failed.message} The last swing stands.
        </p>
      )}
      {beyond !== undefined && (
        <p role="alert" className="mb-2 font-medium text-breaks">
          This cast lands on the far bank: it reaches {show(beyond.reachM, 'length')} across and the water is{' '}
          {show(run.widthM, 'length')} wide today. Cast shorter or steeper.
        </p>
      )}
      {depthM > DEEPEST_WADE_M && (
        <p role="status" className="mb-2 font-medium text-watch">
          Where you stand it is {show(depthM, 'length')} deep today. Belt and staff, and never deeper than you
          can return from: stand nearer the bank.
        </p>
      )}
    </>
  )
}
