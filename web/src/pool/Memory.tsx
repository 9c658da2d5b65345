import { type Entry, nearestTo, remembers } from '@hoxen/core/journal'
import type { Run } from '@hoxen/core/water'
import { sayNotLogged, sayRemembered } from '@hoxen/core/words'

interface Props {
  readonly run: Run
  readonly flowM3ps: number
  readonly entries: readonly Entry[]
}

/** Observations in a pool at levels near this one, tip by tip; where nothing was, the nearest that was. */
export function Memory({ run, flowM3ps, entries }: Props) {
  const known = remembers(run, flowM3ps, entries)
  const nearest = known.length === 0 ? nearestTo(run, flowM3ps, entries) : undefined
  if (known.length === 0) return <p className="text-faint">{sayNotLogged(nearest)}</p>
  return (
    <ul data-memory>
      {known.map((one) => (
        <li key={`${one.tip ?? '_'} ${one.leader ?? '_'}`}>{sayRemembered(one)}</li>
      ))}
    </ul>
  )
}
