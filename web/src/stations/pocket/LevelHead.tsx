import { latest, trendOf } from '@hoxen/core/water'
import { sayLevelAge, sayLevelDoubt } from '@hoxen/core/words'
import { ChevronLeft, ChevronRight } from 'lucide-react'
import { Link } from 'react-router'
import type { Today } from '../../day/index.ts'
import { goToPool } from '../../pool/index.ts'
import { buttonLook, clock, useNow, useUnits } from '../../ui/index.ts'
import { LevelTrace } from './LevelTrace.tsx'

interface Props {
  readonly today: Today
}

/** The pool and its level, with the last day of the river; the pools beside it at a touch. */
export function LevelHead({ today }: Props) {
  const { day, runs, gauge } = today
  const { where } = day
  const doubt = sayLevelDoubt(day)
  const at = where.by === 'pool' ? runs.findIndex(({ id }) => id === where.pool.id) : -1
  return (
    <section aria-labelledby="pool-name">
      <div className="flex items-center gap-2">
        <Step way={-1} to={runs[(at < 0 ? 0 : at + runs.length - 1) % Math.max(1, runs.length)]} />
        <h1 id="pool-name" className="min-w-0 flex-1 truncate text-center text-[1.7rem] leading-tight">
          {where.by === 'pool' ? where.pool.name : 'Water as described'}
        </h1>
        <Step way={1} to={runs[(at + 1) % Math.max(1, runs.length)]} />
      </div>
      {where.by === 'pool' ? <PoolLevel today={today} where={where} /> : <DescribedWater today={today} />}
      {gauge.silent !== undefined && where.by === 'pool' && where.flow?.from !== 'hand' && (
        <p role="status" className="text-[0.92rem] text-watch">
          {gauge.silent}{' '}
          <Link to="/water?say=level" className="underline underline-offset-4">
            Set the flow
          </Link>
        </p>
      )}
      {doubt !== undefined && (
        <p role="status" className="mt-1 font-medium text-watch">
          {doubt}
        </p>
      )}
    </section>
  )
}

function DescribedWater({ today: { day, runs } }: Props) {
  const { show } = useUnits()
  return (
    <p className="mt-1 text-center text-faint">
      {show(day.waterDepthM, 'length')} deep, {show(day.currentMps, 'current')}.{' '}
      {runs.length === 0 ? (
        <Link to="/water" className={buttonLook('quiet')}>
          Add a pool
        </Link>
      ) : (
        'Choose a pool with the arrows to log swings.'
      )}
    </p>
  )
}

interface PoolLevelProps extends Props {
  readonly where: Extract<Today['day']['where'], { by: 'pool' }>
}

/** The flow, how it goes, how old it is, and its trace. */
function PoolLevel({ today: { gauge }, where: { pool, flow } }: PoolLevelProps) {
  const { show } = useUnits()
  const now = useNow()
  const readings = gauge.heard?.record.readings ?? []
  const warm = latest(readings, 'waterC')
  const age = sayLevelAge(flow, now)
  const beside = [
    flow?.from === 'hand' ? 'set by you' : trendOf(readings, now),
    warm === undefined ? undefined : show(warm.value, 'temperature'),
    flow?.atMs === undefined || age !== undefined ? undefined : `read ${clock(flow.atMs)}`,
    pool.byLog === undefined || pool.byLog.off ? undefined : 'corrected by your log',
  ]
  return (
    <div className="mt-1 flex items-center justify-between gap-4">
      <p className="leading-tight">
        <b className="font-display text-[1.6rem] font-semibold" data-flow>
          {flow === undefined ? 'as measured' : show(flow.m3ps, 'flow')}
        </b>
        <span className="block text-[0.95rem] text-faint">
          {beside.filter((word) => word !== undefined).join(' · ')}
        </span>
        {age !== undefined && (
          <Link
            to="/water?say=level"
            data-level-age
            className="block min-h-11 content-center text-[0.95rem] font-medium text-watch underline underline-offset-4"
          >
            {age}
          </Link>
        )}
      </p>
      <LevelTrace readings={readings} />
    </div>
  )
}

function Step({ way, to }: { readonly way: 1 | -1; readonly to: Today['runs'][number] | undefined }) {
  if (to === undefined) return <span className="size-14" />
  const Icon = way === 1 ? ChevronRight : ChevronLeft
  return (
    <button
      type="button"
      aria-label={`Go to ${to.name}`}
      onClick={() => goToPool(to)}
      className="grid size-14 shrink-0 place-items-center rounded-lg border border-rule bg-sheet hover:bg-shoal"
    >
      <Icon size={26} aria-hidden="true" />
    </button>
  )
}
