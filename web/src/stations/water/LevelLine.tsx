import { LEVEL_REACH, latest, levelFactors, STALE_MS, trendOf } from '@hoxen/core/water'
import { sayAge, sayFactor } from '@hoxen/core/words'
import { useEffect, useState } from 'react'
import { Button, QuantityField, useUnits } from '../../ui/index.ts'
import { FishIt } from './FishIt.tsx'
import { GaugeFile } from './GaugeFile.tsx'
import type { Water } from './useWater.ts'

/** The time, renewed every half minute: ages grow by themselves. */
function useNow(): number {
  const [now, setNow] = useState(Date.now)
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 30_000)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** The level the pool was measured at, today's, and what that does to it. */
export function LevelLine({ water }: { readonly water: Water }) {
  const { show } = useUnits()
  const { run, flow } = water
  const [open, setOpen] = useState(false)
  if (run === undefined) return null
  const ratio =
    run.measuredFlowM3ps === undefined || flow === undefined ? undefined : flow.m3ps / run.measuredFlowM3ps
  const factors = ratio === undefined ? undefined : levelFactors(ratio)
  return (
    <section aria-label="Level" className="mt-1 mb-3">
      <p className="text-[0.95rem]">
        {run.measuredFlowM3ps === undefined
          ? 'Measured at a level nobody wrote down, so it is shown as it was. '
          : `Measured at ${show(run.measuredFlowM3ps, 'flow')}${run.measuredOn === undefined ? '' : ` on ${run.measuredOn}`}. `}
        <GaugeWords water={water} />
        {factors && ratio !== undefined && Math.abs(ratio - 1) > 0.005 && (
          <>
            {' '}
            That makes it <b>{sayFactor(factors.depth, 'deeper', 'shallower')}</b> and{' '}
            <b>{sayFactor(factors.velocity, 'faster', 'slower')}</b>.
          </>
        )}{' '}
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="no-print whitespace-nowrap font-medium text-river underline underline-offset-4"
        >
          {open ? 'Done' : 'Say the level'}
        </button>
        {' · '}
        <FishIt water={water} />
      </p>
      {ratio !== undefined && (ratio > LEVEL_REACH || ratio < 1 / LEVEL_REACH) && (
        <p className="font-medium text-watch" role="status">
          That is so far from the measured level that the pool is no longer the same water: banks are topped
          or bars dry. Take the depths as a guess.
        </p>
      )}
      {open && <LevelForm water={water} />}
    </section>
  )
}

function GaugeWords({ water: { flow, gauge, run } }: { readonly water: Water }) {
  const { show } = useUnits()
  const now = useNow()
  if (flow?.from === 'hand')
    return (
      <>
        By your word it runs at <b data-flow>{show(flow.m3ps, 'flow')}</b> today.
      </>
    )
  if (run?.gaugeId === undefined) return <>No gauge tells of this water.</>
  if (gauge.waiting) return <>Asking the gauge…</>
  const warm = gauge.record && latest(gauge.record.readings, 'waterC')
  const trend = gauge.record && trendOf(gauge.record.readings)
  const age = flow?.atMs === undefined ? undefined : now - flow.atMs
  return (
    <>
      {gauge.silent !== undefined && (
        <span className="font-medium text-watch" role="status">
          {gauge.silent}{' '}
          {flow === undefined ? 'Nothing was ever read of it. ' : 'The last that is known stands. '}
        </span>
      )}
      {flow !== undefined && (
        <>
          {gauge.record?.station}: <b data-flow>{show(flow.m3ps, 'flow')}</b>
          {trend === undefined ? '' : `, ${trend}`}
          {warm === undefined ? '' : `, ${show(warm.value, 'temperature')}`}, read{' '}
          <span data-age className={age !== undefined && age > STALE_MS ? 'font-medium text-watch' : ''}>
            {age === undefined ? '' : sayAge(age)}
            {age !== undefined && age > STALE_MS ? ', which may be other water by now' : ''}
          </span>
          {flow.from === 'file' ? ' (from a file)' : ''}.
        </>
      )}
      {flow === undefined && gauge.silent === undefined && <>The gauge tells no flow; say it by hand.</>}
    </>
  )
}

function LevelForm({ water }: { readonly water: Water }) {
  const { flow, gauge, run, choice } = water
  return (
    <div className="mt-2 grid max-w-4xl gap-4 rounded-lg border border-rule bg-sheet p-4 sm:grid-cols-3">
      <QuantityField
        label="Flow today, by your word"
        measure="flow"
        value={flow?.m3ps}
        onChange={(flowM3ps) => water.change('Say the flow', { flowM3ps })}
        refuse={(si) =>
          si < 0.001 ? 'A river that does not run cannot be scaled. Say how much flows.' : undefined
        }
      />
      <div className="flex flex-wrap items-end gap-2">
        {choice.flowM3ps !== undefined && run?.gaugeId !== undefined && (
          <Button onClick={water.goByGauge}>Go by the gauge</Button>
        )}
        {run?.gaugeId !== undefined && <Button onClick={gauge.refresh}>Ask the gauge now</Button>}
      </div>
      {run?.gaugeId !== undefined && <GaugeFile gaugeId={run.gaugeId} onRead={gauge.refresh} />}
    </div>
  )
}
