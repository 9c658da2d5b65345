import {
  FIELDS,
  type Field,
  type Item,
  itemSchema,
  type Kind,
  problemsOf,
  readField,
  withField,
} from '@hoxen/core/gear'
import { dimensionOf, parseQuantity, printRound, type UnitSystem, unitFor } from '@hoxen/core/quantity'
import { sayProblem, sayReadAs } from '@hoxen/core/words'
import { DECIMAL_MARK } from '../../ui/index.ts'

/** Text in the fields of a form, by field path with dots written as "/". */
export type FormText = Record<string, string>

/** Form libraries read dots as levels; the form is flat. */
export const fieldName = (path: string): string => path.replaceAll('.', '/')

/** A figure is shown this exactly, as a share of it; what is not touched stays as it was kept. */
const SHOWN_WITHIN = 0.0025

function textOf(value: unknown, field: Field, system: UnitSystem): string {
  if (value === undefined) return ''
  if (field.type.as !== 'quantity' || typeof value !== 'number') return String(value)
  return printRound(value, field.type.measure, system, SHOWN_WITHIN)
}

export function formText(kind: Kind, item: Item | undefined, system: UnitSystem): FormText {
  return Object.fromEntries(
    FIELDS[kind].map((field) => [
      fieldName(field.path),
      item === undefined ? '' : textOf(readField(item, field.path), field, system),
    ]),
  )
}

interface One {
  readonly value?: unknown
  readonly error?: string
  /** Added to whatever refuses the figure. */
  readonly readAs?: string
}

function readOne(field: Field, text: string, system: UnitSystem): One {
  if (field.type.as === 'count') {
    const whole = text.replace(/^(no\.?|#)\s*/i, '')
    return /^\d+$/.test(whole)
      ? { value: Number(whole) }
      : { error: sayProblem({ path: [], code: 'not-a-count', data: { text } }, system) }
  }
  if (field.type.as !== 'quantity') return { value: text }
  const read = parseQuantity(
    text,
    dimensionOf(field.type.measure),
    unitFor(field.type.measure, system),
    DECIMAL_MARK,
  )
  if (read.ok) return { value: read.si, readAs: sayReadAs(text, read) }
  const { ok: _ok, code, ...data } = read
  return { error: sayProblem({ path: [], code, data }, system) }
}

export type FormReading = { readonly item: Item } | { readonly errors: Readonly<Record<string, string>> }

/**
 * Item that was typed, or one sentence for each field that cannot be. A field that was not touched keeps its exact
 * stored figure; parts of the item that the form does not show are kept.
 */
export function readForm(
  kind: Kind,
  id: string,
  text: FormText,
  before: Item | undefined,
  system: UnitSystem,
): FormReading {
  const shown = formText(kind, before, system)
  const errors: Record<string, string> = {}
  const readAs: Record<string, string> = {}
  let draft: Record<string, unknown> = { ...before, kind, id }
  for (const field of FIELDS[kind]) {
    const name = fieldName(field.path)
    const typed = (text[name] ?? '').trim()
    if (before !== undefined && typed === (shown[name] ?? '').trim()) continue
    if (typed === '') {
      draft = withField(draft, field.path, undefined)
      continue
    }
    const read = readOne(field, typed, system)
    if (read.error !== undefined) errors[name] = read.error
    else {
      draft = withField(draft, field.path, read.value)
      readAs[name] = read.readAs ?? ''
    }
  }
  if (Object.keys(errors).length > 0) return { errors }
  const checked = itemSchema.safeParse(draft)
  if (checked.success) return { item: checked.data }
  for (const problem of problemsOf(checked.error, itemSchema, draft)) {
    const name = fieldName(problem.path.join('.'))
    const owner = name in shown ? name : Object.keys(shown).find((n) => n.startsWith(`${name}/`))
    errors[owner ?? 'name'] ??= `${sayProblem(problem, system)}${readAs[name] ?? ''}`
  }
  return { errors }
}
