import type { Run } from '@hoxen/core/water'
import { Plus } from 'lucide-react'

interface Props {
  readonly runs: readonly Run[]
  readonly chosen: Run | undefined
  readonly onChoose: (run: Run | undefined) => void
  readonly onNew: () => void
}

const look =
  'min-h-11 shrink-0 rounded-md border border-rule bg-sheet px-3 hover:bg-shoal aria-pressed:border-river aria-pressed:bg-river aria-pressed:font-semibold aria-pressed:text-sheet'

/** Choice of water: the pools, in the order they were added, or the water the job describes. */
export function PoolBar({ runs, chosen, onChoose, onNew }: Props) {
  return (
    <nav aria-label="Pools" className="no-print flex gap-1.5 overflow-x-auto pb-1">
      <button
        type="button"
        aria-pressed={chosen === undefined}
        onClick={() => onChoose(undefined)}
        className={look}
      >
        As the job describes it
      </button>
      {runs.map((run) => (
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
      <button
        type="button"
        onClick={onNew}
        className="inline-flex min-h-11 shrink-0 items-center gap-1.5 rounded-md px-3 font-medium text-river hover:bg-shoal"
      >
        <Plus size={18} aria-hidden="true" /> New pool
      </button>
    </nav>
  )
}
