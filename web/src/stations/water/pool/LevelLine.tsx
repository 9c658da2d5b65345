import { flowReach, freshness, latest, levelFactors, RUN_LIMITS, trendOf } from '@hoxen/core/water'
import {
  sayAsDescribed,
  sayByLog,
  sayFactor,
  sayLevelDoubt,
  sayMeasured,
  sayProblem,
  sayReadAge,
} from '@hoxen/core/words'
import { Link, useSearchParams } from 'react-router'
import type { Water } from '../../../pool/index.ts'
import { changePlan } from '../../../store/index.ts'
import { Button, onDay, QuantityField, useNow, useUnits } from '../../../ui/index.ts'
import { GaugeFile } from './GaugeFile.tsx'

/** The level the pool was measured at, today's, and what that does to it. */
export function LevelLine({ water }: { readonly water: Water }) {
  const { system } = useUnits()
  const { day, pool, flow } = water
  const [params, setParams] = useSearchParams()
  const open = params.has('say')
  const toggle = (): void =>
    setParams(
      (old) => {
        if (open) old.delete('say')
        else old.set('say', 'level')
        return old
      },
      { replace: true },
    )
  if (pool === undefined || day.where.by === 'words')
    return <p className="mt-1 mb-3 text-[0.95rem]">{sayAsDescribed(day, system)}</p>
  const factors = levelFactors(day.where.ratio)
  const doubt = sayLevelDoubt(day)
  return (
    <section aria-label="Flow" className="mt-1 mb-3">
      <p className="text-[0.95rem]">
        {sayMeasured(pool, onDay, system)} <GaugeWords water={water} />
        {flow !== undefined && day.where.level !== 'too-far' && day.where.ratio !== 1 && (
          <>
            {' '}
            That makes it <b>{sayFactor(factors.depth, 'deeper', 'shallower')}</b> and{' '}
            <b>{sayFactor(factors.velocity, 'faster', 'slower')}</b>.
          </>
        )}{' '}
        <button
          type="button"
          aria-expanded={open}
          onClick={toggle}
          className="no-print whitespace-nowrap font-medium text-river underline underline-offset-4"
        >
          {open ? 'Done' : 'Set today’s flow'}
        </button>
      </p>
      {pool.byLog !== undefined && (
        <p className="text-[0.95rem]" data-by-log>
          <Link to="/journal" className="underline decoration-rule underline-offset-4 hover:decoration-ink">
            {sayByLog(pool.byLog, onDay)}
          </Link>
        </p>
      )}
      {doubt !== undefined && (
        <p className="font-medium text-watch" role="status">
          {doubt}
        </p>
      )}
      {open && <LevelForm water={water} />}
    </section>
  )
}

function GaugeWords({ water: { flow, gauge, pool } }: { readonly water: Water }) {
  const { show } = useUnits()
  const now = useNow()
  if (flow?.from === 'hand')
    return (
      <>
        Set by you: <b data-flow>{show(flow.m3ps, 'flow')}</b> today.
      </>
    )
  if (pool?.gaugeId === undefined) return <>No gauge covers this water.</>
  if (gauge.waiting) return <>Asking the gauge…</>
  const warm = gauge.heard && latest(gauge.heard.record.readings, 'waterC')
  const trend = gauge.heard && trendOf(gauge.heard.record.readings, now)
  const age = flow?.atMs === undefined ? undefined : now - flow.atMs
  return (
    <>
      {gauge.silent !== undefined && (
        <span className="font-medium text-watch" role="status">
          {gauge.silent} {flow === undefined ? 'It has never been read. ' : 'Showing its last reading. '}
        </span>
      )}
      {flow !== undefined && (
        <>
          {gauge.heard?.record.station}: <b data-flow>{show(flow.m3ps, 'flow')}</b>
          {trend === undefined ? '' : `, ${trend}`}
          {warm === undefined ? '' : `, ${show(warm.value, 'temperature')}`}, read{' '}
          <span
            data-age
            className={age !== undefined && freshness(age) !== 'fresh' ? 'font-medium text-watch' : ''}
          >
            {age === undefined ? '' : sayReadAge(age)}
          </span>
          {flow.from === 'file' ? ' (from a file)' : ''}.
        </>
      )}
      {flow === undefined && gauge.silent === undefined && (
        <>This gauge gives no flow, only a level, and Hoxen needs the flow: set it by hand.</>
      )}
    </>
  )
}

function LevelForm({ water }: { readonly water: Water }) {
  const { system } = useUnits()
  const { flow, gauge, pool } = water
  /** Why today's flow cannot be this; undefined when it can. */
  const refuse = (m3ps: number): string | undefined => {
    const { low, high } = RUN_LIMITS.flowM3ps
    const say = (code: string, data: Record<string, unknown>): string =>
      sayProblem({ path: ['todayFlowM3ps'], code, data }, system)
    if (m3ps < low) return say('too_small', { minimum: low })
    if (m3ps > high) return say('too_big', { maximum: high })
    if (pool?.measuredFlowM3ps === undefined) return undefined
    const reach = flowReach(pool.measuredFlowM3ps)
    return m3ps < reach.low || m3ps > reach.high
      ? say('level-too-far', { lowM3ps: reach.low, highM3ps: reach.high })
      : undefined
  }
  return (
    <div className="mt-2 grid max-w-4xl gap-4 rounded-lg border border-rule bg-sheet p-4 sm:grid-cols-[1fr_auto_1.6fr]">
      <QuantityField
        label="Today’s flow"
        measure="flow"
        value={flow?.m3ps}
        onChange={(flowM3ps) => changePlan('Set the flow', { flowM3ps })}
        refuse={refuse}
      />
      <div className="flex flex-wrap items-start gap-2 sm:pt-6">
        {flow?.from === 'hand' && pool?.gaugeId !== undefined && (
          <Button onClick={() => changePlan('Use the gauge', { flowM3ps: null })}>Use the gauge</Button>
        )}
        {pool?.gaugeId !== undefined && <Button onClick={gauge.refresh}>Ask the gauge now</Button>}
      </div>
      {pool?.gaugeId !== undefined && <GaugeFile gaugeId={pool.gaugeId} onRead={gauge.refresh} />}
    </div>
  )
}
