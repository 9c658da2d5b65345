import { useEffect, useId, useState } from 'react'
import { fieldLook } from './fieldLook.ts'

interface Props {
  readonly label: string
  readonly value: string
  /** More than one line: so many are shown. */
  readonly lines?: number
  /** Takes what was typed; returns the sentence where it cannot. */
  readonly take: (text: string) => string | undefined
}

/** Something typed that is taken when one leaves it; what is wrong is said beneath, and what was typed stays. */
export function TextField({ label, value, lines, take }: Props) {
  const id = useId()
  const [text, setText] = useState(value)
  const [error, setError] = useState<string>()
  useEffect(() => {
    setText(value)
    setError(undefined)
  }, [value])
  const done = (): void => setError(text.trim() === value.trim() ? undefined : take(text))
  const common = {
    id,
    value: text,
    autoComplete: 'off',
    'aria-invalid': error !== undefined,
    'aria-describedby': error === undefined ? undefined : `${id}-error`,
    onBlur: done,
    className: fieldLook,
  }
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        {label}
      </label>
      {lines === undefined ? (
        <input
          {...common}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && done()}
        />
      ) : (
        <textarea {...common} rows={lines} onChange={(event) => setText(event.target.value)} />
      )}
      {error !== undefined && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          {error}
        </p>
      )}
    </div>
  )
}
