import { type Entry, type EntryFilter, filtered, SAW, type Saw, tipsOf } from '@hoxen/core/journal'
import type { Run } from '@hoxen/core/water'
import { SAW_WORDS } from '@hoxen/core/words'
import { Suspense, useMemo } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useToday } from '../../day/index.ts'
import { useList } from '../../store/index.ts'
import { Button, buttonLook, Empty, lazily, Select, useUnits } from '../../ui/index.ts'
import { Calendar } from './Calendar.tsx'
import { dayName, dayOf, isDay } from './days.ts'
import { SaveJournal } from './SaveJournal.tsx'
import { Timeline } from './Timeline.tsx'

const SeasonChart = lazily(() => import('./SeasonChart.tsx').then((m) => m.SeasonChart))

const ANY = ''
const ALL = 'all'
const NONE = '_'

/** Every swing of every pool: on a calendar, on a chart of levels by tip, and one after another; narrowed down by what one asks. */
export function SeasonView() {
  const entries = useList('entries')
  const runs = useList('runs')
  if (entries === undefined || runs === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (entries.length === 0)
    return (
      <Empty
        title="No season yet"
        action={
          <Link to="/pocket" className={buttonLook('strong')}>
            Log a swing
          </Link>
        }
      >
        At the pool one tap logs what a swing did. Here that grows into your season: which tip at which flow.
      </Empty>
    )
  return <Season entries={entries} runs={runs} />
}

/** The filter stands in the address: it can be gone back to, and sent. @param here pool of the day, shown where nothing is asked */
function useFilter(
  here: string | undefined,
): readonly [EntryFilter, (part: Readonly<Record<string, string>>) => void] {
  const [params, setParams] = useSearchParams()
  const text = params.toString()
  const filter = useMemo((): EntryFilter => {
    const asked = new URLSearchParams(text)
    const get = (key: string): string | undefined => asked.get(key) ?? undefined
    const near = Number(get('near'))
    const saw = SAW.find((one) => one === get('saw'))
    const tip = get('tip')
    const pool =
      get('pool') ?? ([...asked.keys()].every((key) => key === 'view' || key === 'entry') ? here : undefined)
    return {
      runId: pool === ALL ? undefined : pool,
      tip: tip === NONE ? null : tip,
      saw,
      nearM3ps: near > 0 ? near : undefined,
      day: isDay(get('day')) ? get('day') : undefined,
    }
  }, [text, here])
  const set = (part: Readonly<Record<string, string>>): void =>
    setParams(
      (old) => {
        for (const [key, value] of Object.entries(part))
          if (value === ANY) old.delete(key)
          else old.set(key, value)
        return old
      },
      { replace: true },
    )
  return [filter, set]
}

interface Props {
  readonly entries: readonly Entry[]
  readonly runs: readonly Run[]
}

function Season({ entries, runs }: Props) {
  const where = useToday()?.day.where
  const here = where?.by === 'pool' ? where.pool.id : undefined
  const [filter, set] = useFilter(entries.some(({ runId }) => runId === here) ? here : undefined)
  const asked = useMemo(() => filtered(entries, filter, dayOf), [entries, filter])
  const apartFromDay = useMemo(
    () => filtered(entries, { ...filter, day: undefined }, dayOf),
    [entries, filter],
  )
  const narrowed = Object.values(filter).some((value) => value !== undefined)
  const pool = runs.find(({ id }) => id === filter.runId)
  return (
    <section aria-labelledby="season-title">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h1 id="season-title" className="text-2xl">
          {pool?.name ?? 'All pools'}
          {filter.day === undefined ? '' : `, ${dayName(filter.day)}`}
        </h1>
        <p role="status" data-swings={asked.length}>
          <b>{asked.length}</b> of {entries.length} swings
        </p>
      </div>
      <Filters entries={entries} runs={runs} filter={filter} onFilter={set} />
      {narrowed && (
        <Button
          weight="quiet"
          className="px-0"
          onClick={() => set({ pool: ALL, tip: ANY, saw: ANY, near: ANY, day: ANY })}
        >
          Show all of it
        </Button>
      )}
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
        <div className="min-w-0">
          <Suspense fallback={<div className="h-72" />}>
            <SeasonChart entries={asked} runs={runs} pool={pool} />
          </Suspense>
          <Calendar entries={apartFromDay} day={filter.day} onDay={(day) => set({ day: day ?? ANY })} />
          <SaveJournal entries={asked} />
        </div>
        <div className="min-w-0">
          <h2 className="sr-only">Swing by swing</h2>
          {asked.length === 0 ? (
            <p className="text-faint">No such swing logged.</p>
          ) : (
            <Timeline entries={asked} label="Swings, latest first" pools={pool === undefined} />
          )}
        </div>
      </div>
    </section>
  )
}

interface FiltersProps extends Props {
  readonly filter: EntryFilter
  readonly onFilter: (part: Readonly<Record<string, string>>) => void
}

function Filters({ entries, runs, filter, onFilter }: FiltersProps) {
  const { show } = useUnits()
  const today = useToday()
  const where = today?.day.where
  const now = where?.by === 'pool' ? where.flow?.m3ps : undefined
  const fished = runs.filter(({ id }) => entries.some(({ runId }) => runId === id))
  const tips = tipsOf(entries)
  const levels = [
    [ANY, 'every flow'],
    ...(now === undefined ? [] : [[String(now), `as today: ${show(now, 'flow')}`] as const]),
    ...(filter.nearM3ps === undefined || filter.nearM3ps === now
      ? []
      : [[String(filter.nearM3ps), `near ${show(filter.nearM3ps, 'flow')}`] as const]),
  ] as const
  return (
    <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
      <Select
        label="Pool"
        value={filter.runId ?? ALL}
        options={[[ALL, 'all pools'], ...fished.map(({ id, name }) => [id, name] as const)]}
        onChange={(pool) => onFilter({ pool })}
      />
      <Select
        label="Flow"
        value={filter.nearM3ps === undefined ? ANY : String(filter.nearM3ps)}
        options={levels}
        onChange={(near) => onFilter({ near })}
      />
      <Select
        label="Tip"
        value={filter.tip === null ? NONE : (filter.tip ?? ANY)}
        options={[
          [ANY, 'every tip'],
          ...tips.map((tip) => (tip === null ? ([NONE, 'no tip'] as const) : ([tip, tip] as const))),
        ]}
        onChange={(tip) => onFilter({ tip })}
      />
      <Select<Saw | typeof ANY>
        label="What it did"
        value={filter.saw ?? ANY}
        options={[[ANY, 'anything'], ...SAW.map((saw) => [saw, SAW_WORDS[saw]] as const)]}
        onChange={(saw) => onFilter({ saw })}
      />
    </div>
  )
}
