import { writeCsv } from '@hoxen/core/format'
import { type Item, KINDS, type Kind } from '@hoxen/core/gear'
import { KIND_NAMES, summarize } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useGear } from '../../store/index.ts'
import { Button, buttonLook, fieldLook, saveFile, today, useInAddress, useUnits } from '../../ui/index.ts'
import { GearChart } from './GearChart.tsx'
import { ImportSheet } from './ImportSheet.tsx'
import { ItemList } from './ItemList.tsx'
import { QuickAdd } from './QuickAdd.tsx'
import { SORTS, type Sort, sorted } from './sorting.ts'

const isKind = (text: string | null): text is Kind => (KINDS as readonly (string | null)[]).includes(text)
const isSort = (text: string | null): text is Sort => text !== null && text in SORTS

/** Heads and rods are drawn against each other; every other kind by itself. */
const chartNeeds = (shown: Kind | undefined, kind: Kind): boolean =>
  shown === 'head' || shown === 'rod' ? kind === 'head' || kind === 'rod' : kind === shown

/** The gear that is asked for by the address: of one kind, found by words, in an order. */
function useGearList(gear: readonly Item[] | undefined) {
  const [params, setParams] = useSearchParams()
  const { system } = useUnits()
  const kindText = params.get('kind')
  const kind = isKind(kindText) ? kindText : undefined
  const sortText = params.get('sort')
  const sort: Sort = isSort(sortText) ? sortText : 'added'
  const query = params.get('q') ?? ''
  const set = (name: string, value: string | undefined): void =>
    setParams(
      (old) => {
        if (value === undefined || value === '') old.delete(name)
        else old.set(name, value)
        return old
      },
      { replace: true },
    )
  const shown = useMemo(() => {
    const words = query.toLowerCase().split(/\s+/).filter(Boolean)
    const text = (item: Item): string =>
      `${item.name} ${KIND_NAMES[item.kind].one} ${summarize(item, system)}`.toLowerCase()
    const some = (gear ?? []).filter(
      (item) => (kind === undefined || item.kind === kind) && words.every((w) => text(item).includes(w)),
    )
    return sorted(some, sort)
  }, [gear, kind, query, sort, system])
  return { kind, sort, query, set, shown, adding: params.has('add') }
}
type ListAsked = Pick<ReturnType<typeof useGearList>, 'kind' | 'sort' | 'query' | 'set'>

/** Everything the angler owns, by kind. */
export function GearStation() {
  const gear = useGear()?.items
  const { system } = useUnits()
  const importing = useInAddress('import')
  const { kind, sort, query, set, shown, adding } = useGearList(gear)
  if (gear === undefined) return <p className="py-10 text-faint">Opening the tackle room…</p>
  const exportTable = (): void => saveFile(`hoxen-gear-${today()}.csv`, writeCsv(shown, system), 'text/csv')
  return (
    <>
      <div className="flex flex-wrap items-start justify-between gap-x-5 gap-y-1">
        <h1 className="pt-1.5 text-2xl">Gear</h1>
        <QuickAdd focus={adding} />
        <div className="flex flex-wrap gap-2 pt-1">
          <Button onClick={() => importing.show('file')}>Import</Button>
          <Link to="/gear/labels" className={buttonLook('plain')}>
            Bag labels
          </Link>
          <Button onClick={exportTable} disabled={shown.length === 0}>
            Export table
          </Button>
        </div>
      </div>
      <KindFilter gear={gear} kind={kind} onKind={(k) => set('kind', k)} />
      <Narrow {...{ kind, sort, query, set }} />
      {gear.length === 0 ? (
        <p className="mt-8 max-w-xl">
          Nothing here yet. Type what is in your bag, one item at a time, like “skagit 510 gr 23 ft” or “T-11
          10 ft”; import a table; or try the demo gear in Settings.
        </p>
      ) : shown.length === 0 ? (
        <p className="mt-8">None of your gear matches that.</p>
      ) : (
        <>
          <GearChart kind={kind} items={gear.filter((item) => chartNeeds(kind, item.kind))} />
          <ItemList items={shown} />
        </>
      )}
      <ImportSheet
        open={importing.open !== null}
        list={importing.open === 'list'}
        onClose={importing.close}
      />
    </>
  )
}

/** Narrows the list down, and orders it. */
const Narrow = ({ kind, sort, query, set }: ListAsked) => (
  <div className="mt-1 flex flex-wrap items-end gap-3">
    <label className="min-w-40 flex-1 text-sm text-faint">
      Search
      <input
        type="search"
        value={query}
        onChange={(event) => set('q', event.target.value)}
        className={fieldLook}
      />
    </label>
    <label className="text-sm text-faint">
      Sort by
      <select value={sort} onChange={(event) => set('sort', event.target.value)} className={fieldLook}>
        {Object.entries(SORTS).map(([value, { label }]) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </label>
    {kind !== undefined && (
      <Link to={`/gear/new/${kind}`} className={buttonLook('plain')}>
        Add {KIND_NAMES[kind].a} with a form
      </Link>
    )}
  </div>
)

interface FilterProps {
  readonly gear: readonly Item[]
  readonly kind: Kind | undefined
  readonly onKind: (kind: Kind | undefined) => void
}

function KindFilter({ gear, kind, onKind }: FilterProps) {
  const counts = new Map<Kind, number>()
  for (const item of gear) counts.set(item.kind, (counts.get(item.kind) ?? 0) + 1)
  const entries: readonly (readonly [Kind | undefined, string, number])[] = [
    [undefined, 'All', gear.length],
    ...KINDS.map((k) => [k, KIND_NAMES[k].many, counts.get(k) ?? 0] as const),
  ]
  return (
    <ul className="mt-2 flex gap-1.5 overflow-x-auto pb-1 lg:flex-wrap" aria-label="Kinds of gear">
      {entries.map(([value, label, count]) => (
        <li key={label}>
          <button
            type="button"
            aria-pressed={kind === value}
            onClick={() => onKind(value)}
            className="min-h-11 shrink-0 whitespace-nowrap rounded-full border border-rule px-3 hover:bg-shoal aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
          >
            {label} <span className="opacity-75">{count}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
