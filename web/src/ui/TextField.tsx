import { useEffect, useId, useState } from 'react'
import { fieldLook } from './fieldLook.ts'
import { useTyped } from './useTyped.ts'

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
  const [error, setError] = useState<string>()
  const done = (typed: string): void => {
    const wrong = typed.trim() === value.trim() ? undefined : take(typed)
    setError(wrong)
    if (wrong === undefined) taken(typed)
  }
  const { text, setText, type, taken } = useTyped(label, value, (before) => {
    setText(before)
    done(before)
  })
  // biome-ignore lint/correctness/useExhaustiveDependencies: only what is kept decides
  useEffect(() => {
    setText(value)
    setError(undefined)
  }, [value])
  const common = {
    id,
    value: text,
    autoComplete: 'off',
    'aria-invalid': error !== undefined,
    'aria-describedby': error === undefined ? undefined : `${id}-error`,
    onBlur: () => done(text),
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
          onChange={(event) => type(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && done(text)}
        />
      ) : (
        <textarea {...common} rows={lines} onChange={(event) => type(event.target.value)} />
      )}
      {error !== undefined && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          {error}
        </p>
      )}
    </div>
  )
}
