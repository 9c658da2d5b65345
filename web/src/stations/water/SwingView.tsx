import type { Fan } from '@hoxen/core/ladder'
import { type SwingSetup, swingInput, usualCountdownS } from '@hoxen/core/rig'
import { castReachM, landingOf, landsBeyond, type SwingResult } from '@hoxen/core/swing'
import { sayFarBank } from '@hoxen/core/words'
import { Suspense, useEffect, useMemo, useState } from 'react'
import { type DrawnSwing, sceneOf, type WaterScene, wantsStillness } from '../../drawing/index.ts'
import type { Water } from '../../pool/index.ts'
import { changePlan } from '../../store/index.ts'
import { useSwing } from '../../swings/index.ts'
import { lazily, useUnits } from '../../ui/index.ts'
import { ChangeList } from './ChangeList.tsx'
import { Compare } from './Compare.tsx'
import { SwingClock } from './clock.ts'
import { Figures } from './Figures.tsx'
import { HowSure } from './HowSure.tsx'
import { PlanPanel } from './PlanPanel.tsx'
import { RiverPicture } from './RiverPicture.tsx'
import { useFan } from './useFan.ts'
import { useOthers } from './useOthers.ts'

// The chart library comes only with the view that needs it.
const DepthChart = lazily(() => import('./DepthChart.tsx').then((m) => m.DepthChart))

const CHART_PX = 180
const DASHES: readonly (readonly number[])[] = [[], [7, 4], [2, 3]]

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
  const fan = useFan(setup, water.pool, swing.isFetching ? undefined : swing.data)
  useEffect(() => clock.load(Math.max(0, ...swings.map((r) => r.samples.at(-1)?.tS ?? 0))), [clock, swings])
  return (
    // On a phone the columns fold into one: the picture, what it came to, what to change, then the rest.
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,1fr)_19rem] xl:grid-cols-[minmax(0,1fr)_15.5rem_18rem]">
      <div className="min-w-0 lg:row-span-2">
        <Warnings setup={setup} failed={swing.error} />
        {scene === undefined ? (
          <p className="py-24 text-center text-faint">Swinging it…</p>
        ) : (
          <RiverPicture scene={scene} clock={clock} setup={setup} result={swing.data} />
        )}
      </div>
      <div className="min-w-0">
        <Figures
          result={swing.data}
          fishAt={setup.fishAt}
          run={setup.run}
          stripped={setup.plan.rod === 'strip'}
          busy={swing.isFetching}
        />
        {scene !== undefined && <InTime scene={scene} clock={clock} first={swings[0]} fan={fan} />}
        <HowSure fan={fan} pool={water.pool} />
      </div>
      <div className="min-w-0">
        <PlanPanel
          plan={setup.plan}
          countS={usualCountdownS(setup.parts, setup)}
          onChange={changePlan}
          onCast={(castM) => changePlan('Change the cast', { castM })}
        />
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
      ({ samples, touches }, i): DrawnSwing => ({
        label: results.length > 1 ? (['A', 'B', 'C'][i] ?? '') : '',
        labelDx: 8 + 14 * i,
        samples,
        touches,
        dash: DASHES[i] ?? [],
      }),
    )
    return sceneOf({
      run: setup.run,
      swings,
      fish: setup,
      farM: landingOf(setup.plan, setup.run.wadeM)[1],
      tipHeightM: setup.plan.tipHeightM,
      system,
    })
  }, [setup, results, system])
}

interface TimeProps {
  readonly scene: WaterScene
  readonly clock: SwingClock
  readonly first: SwingResult | undefined
  readonly fan: Fan | undefined
}

/** Depth of the fly against time. */
function InTime({ scene, clock, first, fan }: TimeProps) {
  return (
    <div className="mt-3 rounded-lg border border-rule bg-sheet">
      <Suspense fallback={<p className="p-4 text-faint">Opening…</p>}>
        {first !== undefined && (
          <DepthChart samples={first.samples} scene={scene} clock={clock} height={CHART_PX} fan={fan} />
        )}
      </Suspense>
      <p className="border-t border-rule px-3 py-1 text-[0.8rem] text-faint">
        Depth of the fly over time. Tinted: fish depth. Shaded along it: the likely range (4 swings in 5).
      </p>
    </div>
  )
}

function Warnings({ setup, failed }: { readonly setup: SwingSetup; readonly failed: Error | null }) {
  const { system } = useUnits()
  const { run } = setup

  const beyond = landsOnBank(setup)
  return (
    <>
      {failed !== null && (
        <p role="alert" className="mb-2 font-medium text-breaks">
          {failed.message} Showing the last swing.
        </p>
      )}
      {beyond !== undefined && (
        <p role="alert" className="mb-2 font-medium text-breaks">
          {sayFarBank(beyond.reachM, run.widthM, system)}
        </p>
      )}
    </>
  )
}

/** Reach of a cast that lands on the far bank [m across]; undefined when it lands in the water. */
function landsOnBank(setup: SwingSetup): { readonly reachM: number } | undefined {
  const input = swingInput(setup)
  return landsBeyond(input) ? { reachM: castReachM(input) } : undefined
}
