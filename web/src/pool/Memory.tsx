import { type Entry, remembers } from '@hoxen/core/journal'
import type { Run } from '@hoxen/core/water'
import { sayRemembered } from '@hoxen/core/words'

interface Props {
  readonly run: Run
  readonly flowM3ps: number
  readonly entries: readonly Entry[]
}

/** What was seen in a pool at levels near this one, tip by tip. */
export function Memory({ run, flowM3ps, entries }: Props) {
  const known = remembers(run, flowM3ps, entries)
  if (known.length === 0)
    return <p className="text-faint">Nothing was logged here at a level near this one.</p>
  return (
    <ul data-memory>
      {known.map((one) => (
        <li key={one.tip ?? '_'}>{sayRemembered(one)}</li>
      ))}
    </ul>
  )
}
