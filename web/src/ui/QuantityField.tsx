import {
  dimensionOf,
  type Measure,
  parseQuantity,
  printExact,
  spokenUnit,
  unitFor,
} from '@hoxen/core/quantity'
import { sayProblem } from '@hoxen/core/words'
import { useEffect, useId, useState } from 'react'
import { fieldLook } from './fieldLook.ts'
import { useUnits } from './units.ts'

interface Props {
  readonly label: string
  readonly measure: Measure
  readonly value: number | undefined
  readonly onChange: (si: number) => void
  /** Refuses a figure that reads well but cannot be; returns the sentence. */
  readonly refuse?: (si: number) => string | undefined
}

/** A figure that can be typed in any unit of its kind; what it means is shown beside it, and so is what is wrong. */
export function QuantityField({ label, measure, value, onChange, refuse }: Props) {
  const id = useId()
  const { system } = useUnits()
  const symbol = unitFor(measure, system)
  const printed = value === undefined ? '' : rounded(value, symbol)
  const [text, setText] = useState(printed)
  const [error, setError] = useState<string>()
  useEffect(() => {
    setText(printed)
    setError(undefined)
  }, [printed])

  const take = (): void => {
    if (text === printed) {
      setError(undefined)
      return
    }
    const read = parseQuantity(text, dimensionOf(measure), symbol)
    if (!read.ok) {
      const { ok: _ok, code, ...data } = read
      setError(sayProblem({ path: [], code, data }, system))
      return
    }
    const refused = refuse?.(read.si)
    setError(refused)
    if (refused === undefined) onChange(read.si)
  }
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        {label}
      </label>
      <input
        id={id}
        value={text}
        inputMode="text"
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take()
        }}
        className={fieldLook}
      />
      {error !== undefined && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          {error}
        </p>
      )}
    </div>
  )
}

/** As exact as a person would type it; the stored figure stays untouched until it is changed. */
function rounded(si: number, symbol: string): string {
  const exact = printExact(si, symbol)
  const [figure = ''] = exact.split(' ')
  return figure.length <= 6 ? exact : `${Number(Number(figure).toPrecision(4))} ${spokenUnit(symbol)}`
}
