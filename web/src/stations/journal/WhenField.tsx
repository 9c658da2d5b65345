import { isAhead } from '@hoxen/core/journal'
import { useId, useState } from 'react'
import { fieldLook } from '../../ui/index.ts'

interface Props {
  readonly atMs: number
  readonly onTake: (atMs: number) => void
}

/** As a date-time field writes it, in the angler's own zone. */
const written = (ms: number): string => new Date(ms).toLocaleString('sv').slice(0, 16).replace(' ', 'T')

/** When a swing was; what lies ahead is refused, what another clock wrote there is said. */
export function WhenField({ atMs, onTake }: Props) {
  const id = useId()
  const [error, setError] = useState<string>()
  const ahead = isAhead(atMs, Date.now())
  const refused = (ms: number): string | undefined =>
    Number.isNaN(ms) || ms < 0
      ? 'Enter a day and a time.'
      : isAhead(ms, Date.now())
        ? 'That’s in the future. Enter when you fished it.'
        : undefined
  const take = (text: string): void => {
    const ms = new Date(text).getTime()
    const why = refused(ms)
    setError(why)
    if (why === undefined && written(ms) !== written(atMs)) onTake(ms)
  }
  const said =
    error ??
    (ahead ? 'By this device’s clock that is in the future: one of two clocks was wrong.' : undefined)
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        When
      </label>
      <input
        id={id}
        key={atMs}
        type="datetime-local"
        defaultValue={written(atMs)}
        aria-invalid={error !== undefined}
        aria-describedby={said === undefined ? undefined : `${id}-error`}
        onBlur={(event) => take(event.target.value)}
        className={fieldLook}
      />
      {said !== undefined && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          {said}
        </p>
      )}
    </div>
  )
}
