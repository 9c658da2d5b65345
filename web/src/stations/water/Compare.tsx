import type { SwingSetup } from '@hoxen/core/rig'
import type { SwingResult } from '@hoxen/core/swing'
import { useState } from 'react'
import { useUnits } from '../../ui/index.ts'
import type { Others } from './useOthers.ts'

interface Props {
  readonly setup: SwingSetup
  readonly mine: SwingResult | undefined
  readonly others: Others
}

/** Up to three rigs in one swing: mine, the pinned one, or mine with another tip. */
export function Compare({ setup, mine, others }: Props) {
  const [open, setOpen] = useState(false)
  const rows = [
    { id: 'mine', name: `Mine, ${setup.parts.tip?.item.name ?? 'no tip'}`, result: mine },
    ...others.results,
  ]
  return (
    <details className="mt-3" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-11 items-center font-medium text-river">
        Compare with up to two other rigs
      </summary>
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="sr-only">Rigs to compare</legend>
        {others.options.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={others.picked.includes(id)}
            onClick={() => others.toggle(id)}
            className="min-h-11 rounded-md border border-rule bg-sheet px-3 hover:bg-shoal aria-pressed:border-2 aria-pressed:border-river aria-pressed:font-semibold"
          >
            {name}
          </button>
        ))}
        {others.options.length === 0 && <p>Pin a rig in Match, or add tips in Gear, to compare.</p>}
      </fieldset>
      {others.picked.length > 0 && <CompareTable rows={rows} />}
    </details>
  )
}

interface TableProps {
  readonly rows: readonly {
    readonly id: string
    readonly name: string
    readonly result: SwingResult | undefined
  }[]
}

function CompareTable({ rows }: TableProps) {
  const { show } = useUnits()
  return (
    <div className="mt-2 overflow-x-auto">
      <table className="w-full text-left">
        <thead className="text-[0.85rem] text-faint">
          <tr>
            <th className="py-1 pr-3 font-normal">Rig</th>
            <th className="pr-3 font-normal">With the fish</th>
            <th className="pr-3 font-normal">Hang-down</th>
            <th className="pr-3 font-normal">Touches</th>
            <th className="font-normal">Swing</th>
          </tr>
        </thead>
        <tbody className="divide-y divide-rule border-y border-rule">
          {rows.map(({ id, name, result }, i) => (
            <tr key={id}>
              <th scope="row" className="py-1.5 pr-3 font-medium">
                {['A', 'B', 'C'][i]} {name}
              </th>
              <td className="pr-3">{result ? `${result.summary.holdingS.toFixed(0)} s` : '…'}</td>
              <td className="pr-3">{result ? show(result.summary.hangDepthM, 'length') : ''}</td>
              <td className="pr-3">{result?.summary.touches}</td>
              <td>{result ? `${result.summary.swingS.toFixed(0)} s` : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
