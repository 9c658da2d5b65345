import {
  calibrated,
  calibrationTasks,
  type Entry,
  remembers,
  SAW,
  type Saw,
  seenIn,
} from '@hoxen/core/journal'
import { resolveRig } from '@hoxen/core/rig'
import type { Run } from '@hoxen/core/water'
import { latest } from '@hoxen/core/water'
import { SAW_WORDS, sayCalibrated, sayRemembered } from '@hoxen/core/words'
import { useMutation } from '@tanstack/react-query'
import { useMemo, useRef, useState } from 'react'
import { Link } from 'react-router'
import { useToday } from '../../day/index.ts'
import { commit, newId, noticeDone, noticeFailed, saveRun, useList, useSingle } from '../../store/index.ts'
import { Button, buttonLook, Empty, Tag, useUnits } from '../../ui/index.ts'
import { ridesInPool } from '../../worker/index.ts'

/** No two swings end within this [ms]. */
const ONE_PRESS_MS = 800
/** More entries than this are not drawn at once. */
const SHOWN = 60

/** The pool's log: one touch says what a swing did, the pool remembers, and learns. */
export function LogView() {
  const found = useToday()
  const entries = useList('entries')
  const pool = found?.day.where.by === 'pool' ? found.day.where : undefined
  if (found === undefined || entries === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (pool === undefined)
    return (
      <Empty
        title="No pool to write about"
        action={
          <Link to="/water" className={buttonLook('strong')}>
            Choose a pool
          </Link>
        }
      >
        Swings are logged in a pool, with its level, the rig and the plan as they are: then the pool
        remembers, and what was seen teaches its own depth and current.
      </Empty>
    )
  const here = entries.filter(({ runId }) => runId === pool.pool.id)
  return (
    <section aria-labelledby="log-title">
      <h1 id="log-title" className="text-2xl">
        {pool.pool.name}, swing by swing
      </h1>
      <LogButtons />
      {pool.flow !== undefined && <Memory run={pool.pool} flowM3ps={pool.flow.m3ps} entries={here} />}
      <Learn run={pool.pool} entries={here} />
      <Entries entries={here} />
    </section>
  )
}

/** Three large buttons: one touch logs a swing as it is fished now. */
function LogButtons() {
  const { show } = useUnits()
  const found = useToday()
  const choice = useSingle('rig')
  const items = useList('items')
  const lastMs = useRef(0)
  const byId = useMemo(() => new Map((items ?? []).map((item) => [item.id, item])), [items])
  if (found === undefined || found.day.where.by !== 'pool' || choice === undefined) return null
  const resolved = choice === null ? undefined : resolveRig(choice, byId)
  if (choice === null || resolved?.outcome !== 'resolved')
    return (
      <p className="mt-3">
        A swing wants a rig in the strip.{' '}
        <Link to="/match" className={buttonLook('quiet')}>
          Choose one
        </Link>
      </p>
    )
  const { day, gauge } = found
  const where = found.day.where
  const { castM, rod, ...plan } = day.plan
  const tip = resolved.parts.tip?.item.name ?? null
  const warm = gauge.heard && latest(gauge.heard.record.readings, 'waterC')
  const log = (saw: Saw): void => {
    // A thumb that trembles logs one swing.
    if (Date.now() - lastMs.current < ONE_PRESS_MS) return
    lastMs.current = Date.now()
    const entry: Entry = {
      id: newId('entry'),
      runId: where.pool.id,
      atMs: Date.now(),
      ...(where.flow === undefined ? {} : { flowM3ps: where.flow.m3ps }),
      ...(warm === undefined ? {} : { waterC: warm.value }),
      rig: choice,
      tip,
      fly: day.fly,
      fishAt: day.fishAt,
      plan: { ...plan, rod },
      castM,
      saw,
    }
    const label = `Log: ${tip ?? 'no tip'}, ${SAW_WORDS[saw]}`
    commit(label, (tx) => tx.put('entries', [entry])).then((did) => did && noticeDone(label), noticeFailed)
  }
  return (
    <>
      <p className="mt-1">
        {tip ?? 'No tip'}, cast {show(castM, 'length')} at {plan.angleDeg}°
        {where.flow === undefined ? ', at a flow nobody knows' : `, at ${show(where.flow.m3ps, 'flow')}`}. It
      </p>
      <div className="no-print mt-2 grid gap-2 sm:grid-cols-3">
        {SAW.map((saw) => (
          <button
            key={saw}
            type="button"
            onClick={() => log(saw)}
            className="min-h-20 rounded-lg border-2 border-river bg-sheet text-xl font-semibold text-river hover:bg-shoal"
          >
            {saw === 'touched' ? 'touched' : saw === 'band' ? 'was in the band' : 'was too high'}
          </button>
        ))}
      </div>
    </>
  )
}

interface MemoryProps {
  readonly run: Run
  readonly flowM3ps: number
  readonly entries: readonly Entry[]
}

/** What was seen here at levels near today’s. */
function Memory({ run, flowM3ps, entries }: MemoryProps) {
  const known = remembers(run, flowM3ps, entries)
  return (
    <section aria-labelledby="memory" className="mt-5">
      <h2 id="memory" className="text-xl">
        At this level <Tag tag="log" />
      </h2>
      {known.length === 0 ? (
        <p className="text-faint">Nothing was logged here at a level near this one.</p>
      ) : (
        <ul data-memory>
          {known.map((one) => (
            <li key={one.tip ?? '_'}>{sayRemembered(one)}</li>
          ))}
        </ul>
      )}
    </section>
  )
}

/** What the log teaches of the pool's depth and current; taken into the pool when one wants it. */
function Learn({ run, entries }: { readonly run: Run; readonly entries: readonly Entry[] }) {
  const items = useList('items')
  const [done, setDone] = useState(0)
  const byId = useMemo(() => new Map((items ?? []).map((item) => [item.id, item])), [items])
  const seen = useMemo(
    () => entries.map((entry) => seenIn(entry, byId)).filter((one) => one !== undefined),
    [entries, byId],
  )
  const tasks = useMemo(() => calibrationTasks(run, seen), [run, seen])
  const learning = useMutation({
    mutationFn: async () => {
      const rides = new Map<string, Parameters<Parameters<typeof ridesInPool>[1]>[1]>()
      setDone(0)
      await ridesInPool(
        tasks,
        (id, ride) => {
          rides.set(id, ride)
          if (rides.size % 10 === 0) setDone(rides.size)
        },
        new AbortController().signal,
      )
      return { tasks, result: calibrated(run, seen, rides) }
    },
  })
  // What was learnt of the pool or the log as they were before says nothing of them now.
  const found = learning.data?.tasks === tasks ? learning.data.result : undefined
  const take = (next: Run): void =>
    void saveRun(`Put ${run.name} right by the log`, next).then(
      (did) => did && noticeDone(`${run.name} is put right by the log`),
      noticeFailed,
    )
  return (
    <section aria-labelledby="learn" className="mt-5">
      <h2 id="learn" className="text-xl">
        What the pool learns <Tag tag="estimate" />
      </h2>
      <p className="mt-1" role="status" data-learnt={found?.outcome ?? 'not-asked'}>
        {learning.isPending
          ? `${done} of ${tasks.length} swings…`
          : learning.isError
            ? `${learning.error.message} Nothing was changed.`
            : found === undefined
              ? `${seen.length} ${seen.length === 1 ? 'swing' : 'swings'} can be learnt from.`
              : sayCalibrated(found)}
      </p>
      <div className="no-print mt-2 flex flex-wrap gap-2">
        <Button disabled={seen.length < 2 || learning.isPending} onClick={() => learning.mutate()}>
          Learn from them
        </Button>
        {found?.outcome === 'calibrated' && (
          <Button weight="strong" onClick={() => take(found.run)}>
            Put the pool right
          </Button>
        )}
      </div>
    </section>
  )
}

function Entries({ entries }: { readonly entries: readonly Entry[] }) {
  const { show } = useUnits()
  if (entries.length === 0) return null
  return (
    <ol
      aria-label="Swings logged here, latest first"
      className="mt-5 divide-y divide-rule border-y border-rule"
    >
      {[...entries]
        .sort((a, b) => b.atMs - a.atMs)
        .slice(0, SHOWN)
        .map((entry) => (
          <li key={entry.id} data-saw={entry.saw} className="flex flex-wrap items-center gap-x-4 py-1.5">
            <span className="w-full font-semibold sm:w-28">{SAW_WORDS[entry.saw]}</span>
            <span className="flex-1">
              {entry.tip ?? 'No tip'}, {entry.plan.angleDeg}°
              {entry.flowM3ps === undefined ? '' : `, ${show(entry.flowM3ps, 'flow')}`}{' '}
              <span className="text-faint">
                {new Date(entry.atMs).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })}
              </span>
            </span>
            <Button
              weight="quiet"
              onClick={() =>
                void commit('Take out an entry', (tx) => tx.remove('entries', [entry.id])).catch(noticeFailed)
              }
            >
              Take out
            </Button>
          </li>
        ))}
      {entries.length > SHOWN && <li className="py-1.5 text-faint">and {entries.length - SHOWN} more</li>}
    </ol>
  )
}
