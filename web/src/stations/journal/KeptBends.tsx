import type { Rod } from '@hoxen/core/gear'
import type { Bent } from '@hoxen/core/journal'
import { commit, noticeFailed } from '../../store/index.ts'
import { Button, onDay } from '../../ui/index.ts'

interface KeptProps {
  readonly bends: readonly Bent[]
  readonly rods: readonly Rod[]
  readonly onOpen: (bent: Bent) => void
}

/** Bend tests that are saved, to be shown again or deleted. */
export function KeptBends({ bends, rods, onOpen }: KeptProps) {
  const name = (id: string): string => rods.find((r) => r.id === id)?.name ?? 'a deleted rod'
  if (bends.length === 0) return null
  return (
    <ol aria-label="Saved bend tests" className="mt-5 divide-y divide-rule border-y border-rule">
      {bends.map((bent) => (
        <li key={bent.id} className="flex flex-wrap items-center justify-between gap-x-4 py-1.5">
          <span>
            {name(bent.unknown.rodId)} beside {name(bent.known.rodId)}
            {bent.on === undefined ? '' : <span className="text-faint">, {onDay(bent.on)}</span>}
          </span>
          <span className="flex gap-x-1">
            <Button weight="quiet" onClick={() => onOpen(bent)}>
              Show it
            </Button>
            <Button
              weight="quiet"
              onClick={() =>
                void commit('Delete a bend test', (tx) => tx.remove('bends', [bent.id])).catch(noticeFailed)
              }
            >
              Delete
            </Button>
          </span>
        </li>
      ))}
    </ol>
  )
}
