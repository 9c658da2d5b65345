import {
  dimensionOf,
  type Measure,
  parseQuantity,
  printRound,
  type UnitSystem,
  unitFor,
  withUnit,
} from '@hoxen/core/quantity'
import { sayProblem, sayReadAs } from '@hoxen/core/words'
import { useEffect, useId, useRef, useState } from 'react'
import { fieldLook } from './fieldLook.ts'
import { DECIMAL_MARK, useUnits } from './units.ts'
import { useTyped } from './useTyped.ts'

interface Props {
  readonly label: string
  readonly measure: Measure
  readonly value: number | undefined
  readonly onChange: (si: number) => void
  /** Refuses a figure that reads well but cannot be; returns the sentence. */
  readonly refuse?: (si: number) => string | undefined
}

/** A figure as it is typed: read when it is left, refused with a sentence, else handed on. */
function useFigure({ label, measure, value, onChange, refuse }: Props) {
  const { system } = useUnits()
  const symbol = unitFor(measure, system)
  const printed = value === undefined ? '' : printRound(value, measure, system)
  const { text, setText, type, taken } = useTyped(label, printed, (before) => {
    setText(before)
    take(before)
  })
  const [error, setError] = useState<string>()
  /** What was refused stays as it was typed, whatever is shown elsewhere. */
  const refusedText = useRef(false)
  // biome-ignore lint/correctness/useExhaustiveDependencies: only what is kept decides
  useEffect(() => {
    if (!refusedText.current) setText(printed)
  }, [printed])
  const say = (text: string, sentence: string | undefined): void => {
    setError(sentence)
    refusedText.current = sentence !== undefined
    // The unit it had: another face does not make another figure of it.
    if (sentence !== undefined) setText(withUnit(text, symbol))
  }
  const take = (text: string): void => {
    const figure = text.trim() === printed ? undefined : readFigure(text, measure, system, refuse)
    say(text, figure !== undefined && 'wrong' in figure ? figure.wrong : undefined)
    if (figure !== undefined && 'wrong' in figure) return
    if (figure !== undefined) {
      setText(printRound(figure.si, measure, system))
      onChange(figure.si)
    }
    taken(text)
  }
  return { text, type, take, error }
}

/** The figure that was typed, or why there is none. */
function readFigure(
  text: string,
  measure: Measure,
  system: UnitSystem,
  refuse: Props['refuse'],
): { readonly si: number } | { readonly wrong: string } {
  const parsed = parseQuantity(text, dimensionOf(measure), unitFor(measure, system), DECIMAL_MARK)
  if (parsed.ok) {
    const wrong = refuse?.(parsed.si)
    return wrong === undefined ? { si: parsed.si } : { wrong: `${wrong}${sayReadAs(text, parsed)}` }
  }
  const { ok: _ok, code, ...data } = parsed
  return { wrong: sayProblem({ path: [], code, data }, system) }
}

/** A figure that can be typed in any unit of its kind; what it means is shown beside it, and so is what is wrong. */
export function QuantityField(props: Props) {
  const id = useId()
  const { text, type, take, error } = useFigure(props)
  return (
    <div>
      <label htmlFor={id} className="block text-sm text-faint">
        {props.label}
      </label>
      <input
        id={id}
        value={text}
        inputMode="text"
        autoComplete="off"
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        onChange={(event) => type(event.target.value)}
        onBlur={() => take(text)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take(text)
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
