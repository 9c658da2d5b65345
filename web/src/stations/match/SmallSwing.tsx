import { dayOf, FIRST_JOB } from '@hoxen/core/day'
import { DEFAULT_SCHOOLS, type Item } from '@hoxen/core/gear'
import { resolveRig, swingInput } from '@hoxen/core/rig'
import { type SwingResult, USUAL_PLAN } from '@hoxen/core/swing'
import { depthAt, type Run } from '@hoxen/core/water'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import demoUrl from '../../../../demo/skarn.json?url'
import { useWidth } from '../../drawing/index.ts'
import { useUnits } from '../../ui/index.ts'
import { swingInWorker } from '../../worker/index.ts'

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

/** The demo's rig in the demo's pool, let swing by the same model as everything else. */
async function demoSwing(): Promise<Swung> {
  const demo = (await (await fetch(demoUrl)).json()) as { gear: { items: Item[] }; runs: Run[] }
  const run = demo.runs[0]
  const resolved = resolveRig(RIG, new Map(demo.gear.items.map((item) => [item.id, item])))
  if (run === undefined || resolved.outcome !== 'resolved') throw new Error('no demo')
  const water = { runId: run.id, plan: USUAL_PLAN }
  const day = dayOf({ job: { ...FIRST_JOB, castM: 20 }, schools: DEFAULT_SCHOOLS, runs: demo.runs, water })
  return { run, swing: await swingInWorker(swingInput({ ...day, parts: resolved.parts })) }
}

/** Where the fly goes in a pool, across it and down: a small swing to look at. */
export function SmallSwing() {
  const { data } = useQuery({ queryKey: ['small-swing'], queryFn: demoSwing })
  return data === undefined ? <div style={{ height: HEIGHT }} /> : <Drawn {...data} />
}

function Drawn({ run, swing }: Swung) {
  const [ref, width] = useWidth<HTMLDivElement>(600)
  const { show } = useUnits()
  const { samples, summary } = swing
  const at = useClock(samples.at(-1)?.tS ?? 0)
  const deepest = Math.max(...run.soundings.map(({ depthM }) => depthM)) + 0.2
  const far = Math.max(...samples.map(({ flyM }) => flyM[1])) + 2
  const x = (m: number): number => (m / far) * width
  const y = (m: number): number => 18 + (m / deepest) * (HEIGHT - 24)
  const bed = Array.from({ length: 41 }, (_, i) => (i / 40) * far)
    .map((m, i) => `${i === 0 ? 'M' : 'L'}${x(m)} ${y(depthAt(run, m))}`)
    .join('')
  const path = samples.map(({ flyM }, i) => `${i === 0 ? 'M' : 'L'}${x(flyM[1])} ${y(-flyM[2])}`).join('')
  const fly = samples.findLast(({ tS }) => tS <= at)?.flyM ?? samples[0]?.flyM
  return (
    <figure className="mt-5">
      <div ref={ref} className="overflow-hidden rounded-lg border border-rule">
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`A swing in a pool, seen along the river: the fly goes down to ${show(summary.maxDepthM, 'length')} and rides with the fish for ${Math.round(summary.inBandS)} seconds`}
          className="block bg-sheet"
        >
          <rect y={18} width={width} height={HEIGHT} fill="var(--shoal)" />
          <path d={`${bed}V${HEIGHT}H0Z`} fill="var(--rule)" stroke="var(--ink)" strokeWidth="1.2" />
          <path d={path} fill="none" stroke="var(--river)" strokeWidth="1.6" strokeDasharray="3 4" />
          {fly !== undefined && (
            <>
              <path
                d={`M${x(run.wadeM)} 4L${x(fly[1])} ${y(-fly[2])}`}
                stroke="var(--ink)"
                strokeWidth="1.3"
              />
              <circle cx={x(fly[1])} cy={y(-fly[2])} r="5" fill="var(--caster)" />
            </>
          )}
        </svg>
      </div>
      <figcaption className="mt-1 text-[0.9rem] text-faint">
        {run.name}, seen along the river: down to {show(summary.maxDepthM, 'length')}, with the fish for{' '}
        {Math.round(summary.inBandS)} s of {Math.round(summary.swingS)}.
      </figcaption>
    </figure>
  )
}

/** Seconds into a swing that begins again when it is over; where nothing should move, a moment in its middle. */
function useClock(lengthS: number): number {
  const [at, setAt] = useState(lengthS / 2)
  useEffect(() => {
    if (lengthS === 0 || matchMedia('(prefers-reduced-motion: reduce)').matches) return
    const start = performance.now()
    let frame = requestAnimationFrame(function draw(now: number) {
      setAt((((now - start) / 1000) * SPEED) % (lengthS + 4))
      frame = requestAnimationFrame(draw)
    })
    return () => cancelAnimationFrame(frame)
  }, [lengthS])
  return at
}
