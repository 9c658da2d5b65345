import { DEEPEST_WADE_M } from '@hoxen/core/ladder'
import type { SwingSetup } from '@hoxen/core/rig'
import { type Mend, type SwingResult, USUAL_MEND } from '@hoxen/core/swing'
import { depthAt } from '@hoxen/core/water'
import { BOTTOM_NAMES } from '@hoxen/core/words'
import { lazy, Suspense, useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import {
  type DrawnSwing,
  riverLayout,
  SPEED_STEPS,
  sceneOf,
  trueRiverHeight,
  useWidth,
  type WaterScene,
} from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import { ChangeList } from './ChangeList.tsx'
import { Compare } from './Compare.tsx'
import { SwingClock } from './clock.ts'
import { Figures } from './Figures.tsx'
import { landsOnBank } from './landing.ts'
import { PlanHandles } from './PlanHandles.tsx'
import { PlanPanel } from './PlanPanel.tsx'
import { Player } from './Player.tsx'
import { RiverCanvas } from './RiverCanvas.tsx'
import { useOthers } from './useOthers.ts'
import { useSwing } from './useSwing.ts'
import type { Water } from './useWater.ts'

// The chart library comes only with the view that needs it.
const DepthChart = lazy(() => import('./DepthChart.tsx').then((m) => ({ default: m.DepthChart })))

const CHART_PX = 180
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
    // On a phone the columns fold into one: the picture, what it came to, what to change, then the rest.
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,1fr)_19rem] xl:grid-cols-[minmax(0,1fr)_15.5rem_18rem]">
      <div className="min-w-0 lg:row-span-2">
        <Warnings setup={setup} failed={swing.error} />
        {scene === undefined ? (
          <p className="py-24 text-center text-faint">Letting it swing…</p>
        ) : (
          <River scene={scene} clock={clock} setup={setup} water={water} result={swing.data} />
        )}
      </div>
      <div className="min-w-0">
        <Figures
          result={swing.data}
          fishAt={setup.fishAt}
          stripped={setup.plan.rod === 'strip'}
          busy={swing.isFetching}
        />
        {scene !== undefined && <InTime scene={scene} clock={clock} first={swings[0]} />}
      </div>
      <div className="min-w-0">
        <PlanPanel plan={setup.plan} onChange={water.changePlan} onCast={water.changeCast} />
        <ChangeList setup={setup} water={water} now={swing.data} />
      </div>
      <div className="min-w-0 lg:col-start-1">
        <Compare setup={setup} mine={swing.data} others={others} />
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
  readonly water: Water
  readonly result: SwingResult | undefined
}

/** The river in one picture, with the cast and the mend to take hold of; and the clock. */
function River({ scene, clock, setup, water, result }: RiverProps) {
  const { show } = useUnits()
  const [box, width] = useWidth<HTMLDivElement>(600)
  const room = Math.max(LEAST_PX, useWindowHeight() - PAGE_PX)
  const height = Math.min(room, trueRiverHeight(scene, width))
  const layout = useMemo(() => riverLayout(scene, width, height), [scene, width, height])
  const { plan, run } = setup
  const [mend, ...later] = plan.mends
  const onMend = (next: Pick<Mend, 'kind' | 'sizeM'> | undefined): void =>
    water.changePlan(next === undefined ? 'Take the mend away' : 'Change the mend', {
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
            label={`${run.name} from above and in section. ${result === undefined ? '' : `${result.summary.holdingS.toFixed(0)} of ${result.summary.overHoldingS.toFixed(0)} seconds with the fish, riding at ${show(result.summary.ridesM, 'length')}, ${result.summary.touches === 1 ? '1 touch' : `${result.summary.touches} touches`}`}`}
          />
          <PlanHandles
            layout={layout}
            wadeM={run.wadeM}
            aim={plan}
            mend={mend}
            onAim={water.changeAim}
            onMend={onMend}
          />
        </div>
      </figure>
      <Player clock={clock} />
      <p className="flex flex-wrap items-center justify-between gap-x-4 text-[0.8rem] text-faint">
        <span>
          Drag the ring to cast elsewhere, the diamond to mend. Dashes: a second of drift. Hatched: where the
          fish are. The bed is {BOTTOM_NAMES[run.bottom]}. ✕ touches.
        </span>
        <SpeedLegend scene={scene} />
      </p>
    </>
  )
}

interface TimeProps {
  readonly scene: WaterScene
  readonly clock: SwingClock
  readonly first: SwingResult | undefined
}

/** Depth of the fly against time. */
function InTime({ scene, clock, first }: TimeProps) {
  return (
    <div className="mt-3 rounded-lg border border-rule bg-sheet">
      <Suspense fallback={<p className="p-4 text-faint">Opening…</p>}>
        {first !== undefined && (
          <DepthChart samples={first.samples} fishAt={scene.fishAt} clock={clock} height={CHART_PX} />
        )}
      </Suspense>
      <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
        Depth of the fly in time. Dashed: the top of where the fish hold.
      </p>
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
