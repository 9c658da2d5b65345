import { poolsFirst } from '@hoxen/core/journal'
import type { Run } from '@hoxen/core/water'
import { ChevronDown, Plus } from 'lucide-react'
import { useId, useState } from 'react'
import { useList } from '../../../store/index.ts'
import { fieldLook, Sheet } from '../../../ui/index.ts'
import { GAUGES } from './gauges.ts'

interface Props {
  readonly runs: readonly Run[]
  readonly chosen: Run | undefined
  readonly onChoose: (run: Run | undefined) => void
  readonly onNew: () => void
}

/** Pools that stand in a row; of more, those used last, and all in a list to search. */
const IN_A_ROW = 8

const look =
  'min-h-11 shrink-0 rounded-md border border-rule bg-sheet px-3 hover:bg-shoal aria-pressed:border-river aria-pressed:bg-river aria-pressed:font-semibold aria-pressed:text-sheet'

/** Choice of water: the pools, or the water the job describes. */
export function PoolBar({ runs, chosen, onChoose, onNew }: Props) {
  const [listed, setListed] = useState(false)
  const entries = useList('entries')
  const many = runs.length > IN_A_ROW
  const row = many ? poolsFirst(runs, entries ?? [], chosen?.id).slice(0, IN_A_ROW / 2) : runs
  return (
    <nav aria-label="Pools" className="no-print flex gap-1.5 overflow-x-auto pb-1">
      <button
        type="button"
        aria-pressed={chosen === undefined}
        onClick={() => onChoose(undefined)}
        className={look}
      >
        No pool, as described
      </button>
      {row.map((run) => (
        <button
          key={run.id}
          type="button"
          aria-pressed={run.id === chosen?.id}
          onClick={() => onChoose(run)}
          className={look}
        >
          {run.name}
        </button>
      ))}
      {many && (
        <button
          type="button"
          onClick={() => setListed(true)}
          className={`inline-flex items-center gap-1.5 ${look}`}
        >
          All {runs.length} pools <ChevronDown size={18} aria-hidden="true" />
        </button>
      )}
      <button
        type="button"
        onClick={onNew}
        className="inline-flex min-h-11 shrink-0 items-center gap-1.5 rounded-md px-3 font-medium text-river hover:bg-shoal"
      >
        <Plus size={18} aria-hidden="true" /> New pool
      </button>
      <Sheet open={listed} title="All pools" onClose={() => setListed(false)}>
        <PoolList
          runs={poolsFirst(runs, entries ?? [], chosen?.id)}
          chosen={chosen}
          onChoose={(run) => {
            setListed(false)
            onChoose(run)
          }}
        />
      </Sheet>
    </nav>
  )
}

const river = ({ gaugeId }: Run): string =>
  GAUGES.find(([id]) => id === gaugeId)?.[1] ?? (gaugeId === undefined ? 'No gauge' : gaugeId)

type ListProps = Pick<Props, 'runs' | 'chosen'> & { readonly onChoose: (run: Run) => void }

/** Many pools, found by their name, by the gauge of their river; those used last come first. */
function PoolList({ runs, chosen, onChoose }: ListProps) {
  const id = useId()
  const [text, setText] = useState('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const found = runs.filter((run) =>
    words.every((word) => `${run.name} ${river(run)}`.toLowerCase().includes(word)),
  )
  const rivers = [...new Set(found.map(river))]
  return (
    <>
      <label htmlFor={id} className="sr-only">
        Search the pools
      </label>
      <input
        id={id}
        type="search"
        value={text}
        placeholder="Search"
        onChange={(event) => setText(event.target.value)}
        className={fieldLook}
      />
      {rivers.map((name) => (
        <section key={name} aria-label={name} className="mt-3">
          <h3 className="text-[0.92rem] text-faint">{name}</h3>
          <ul className="divide-y divide-rule">
            {found
              .filter((run) => river(run) === name)
              .map((run) => (
                <li key={run.id}>
                  <button
                    type="button"
                    aria-pressed={run.id === chosen?.id}
                    onClick={() => onChoose(run)}
                    className="min-h-11 w-full truncate px-2 text-left hover:bg-shoal aria-pressed:font-semibold aria-pressed:text-river"
                  >
                    {run.name}
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
      {found.length === 0 && <p className="mt-3 text-faint">No pool by that name.</p>}
    </>
  )
}
