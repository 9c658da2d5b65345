import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Item } from '@hoxen/core/gear'
import { resolveRig, swingInput } from '@hoxen/core/rig'
import { type SwingResult, USUAL_PLAN } from '@hoxen/core/swing'
import type { Run } from '@hoxen/core/water'
import { sayAlongRiver } from '@hoxen/core/words'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import demoUrl from '../../../../demo/skarn.json?url'
import { SwingAcross, useFrames, wantsStillness } from '../../drawing/index.ts'
import { askSwing } from '../../swings/index.ts'
import { useUnits } from '../../ui/index.ts'

const RIG = {
  rodId: 'long-seven-13-ft',
  headId: '510-gr-short-skagit',
  tipId: 't-8-5-ft',
  leaderId: 'level-4-ft',
  runningLineId: 'coated-30-lb',
  reelId: 'full-frame-eleven',
}
/** The swing is shown so many times as fast as it is. */
const SPEED = 4
const HEIGHT = 150

interface Swung {
  readonly run: Run
  readonly swing: SwingResult
}

/** The demo's rig in the demo's pool, swung by the same model as everything else. */
async function demoSwing(): Promise<Swung> {
  const demo = (await (await fetch(demoUrl)).json()) as { gear: { items: Item[] }; runs: Run[] }
  const run = demo.runs[0]
  const resolved = resolveRig(RIG, new Map(demo.gear.items.map((item) => [item.id, item])))
  if (run === undefined || resolved.outcome !== 'resolved') throw new Error('no demo')
  const water = { runId: run.id, plan: USUAL_PLAN }
  const day = dayOf({ job: { ...FIRST_JOB, castM: 20 }, schools: DEFAULT_SCHOOLS, runs: demo.runs, water })
  return { run, swing: await askSwing(swingInput({ ...day, parts: resolved.parts }), { priority: 'ahead' }) }
}

/** Small picture of a swing: the path of the fly in a pool, across it and down. */
export function SmallSwing() {
  const { data } = useQuery({ queryKey: ['small-swing'], queryFn: demoSwing })
  return data === undefined ? <div style={{ height: HEIGHT }} /> : <Drawn {...data} />
}

function Drawn({ run, swing }: Swung) {
  const { system } = useUnits()
  const { samples, summary } = swing
  const atS = useClock(samples.at(-1)?.tS ?? 0)
  const said = sayAlongRiver(run.name, summary, system)

  return (
    <figure className="mt-5">
      <SwingAcross
        run={run}
        swings={[{ id: 'demo', samples }]}
        atS={atS}
        label="The fly’s path in the pool"
      />
      <figcaption className="mt-1 text-[0.9rem] text-faint">{said}</figcaption>
    </figure>
  )
}

/** Seconds into a swing that begins again when it is over; where nothing should move, a moment in its middle. */
function useClock(lengthS: number): number {
  const [at, setAt] = useState(lengthS / 2)
  useFrames(lengthS === 0 || wantsStillness() ? undefined : lengthS, (ms) => {
    setAt(((ms / 1000) * SPEED) % (lengthS + 4))
    return true
  })
  return at
}
