import { type DecimalMark, withPoints } from './decimal.ts'
import { type Dimension, findUnit, type Unit, unitOf } from './unit.ts'

export type ParseResult =
  | { readonly ok: true; readonly si: number; readonly unit: string }
  | { readonly ok: false; readonly code: 'empty' | 'not-a-number' | 'negative' | 'out-of-range' }
  | { readonly ok: false; readonly code: 'unknown-unit' | 'other-dimension'; readonly unit: string }

const VULGAR: Readonly<Record<string, number>> = {
  '¼': 0.25,
  '½': 0.5,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 0.125,
  '⅜': 0.375,
  '⅝': 0.625,
  '⅞': 0.875,
}
const NUMBER = /^\s*(\d+(?:\.\d+)?(?:e[+-]?\d+)?|\.\d+(?:e[+-]?\d+)?)?\s*(?:(\d+)\/(\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))?/i
const MAX_TEXT = 60

interface Term {
  readonly value: number
  readonly unitText: string
}

function readNumber(text: string): { value: number; rest: string } | undefined {
  // "1/2" alone has no whole part: read the fraction before the whole number takes its first digits.
  const fraction = /^\s*(\d+)\/(\d+)/.exec(text)
  if (fraction)
    return { value: Number(fraction[1]) / Number(fraction[2]), rest: text.slice(fraction[0].length) }
  const found = NUMBER.exec(text)
  if (!found || (found[1] === undefined && found[2] === undefined && found[4] === undefined)) return undefined
  const whole = found[1] === undefined ? 0 : Number(found[1])
  const part =
    found[4] === undefined
      ? found[2] === undefined
        ? 0
        : Number(found[2]) / Number(found[3])
      : (VULGAR[found[4]] ?? 0)
  return { value: whole + part, rest: text.slice(found[0].length) }
}

/** Splits "23 ft 6 in" into its terms; undefined when it does not start with a number. */
function terms(text: string): readonly Term[] | undefined {
  const out: Term[] = []
  let rest = text
  while (rest.trim() !== '') {
    const number = readNumber(rest)
    if (number === undefined) return undefined
    const unit = /^\s*([^\d¼½¾⅓⅔⅛⅜⅝⅞.]*)/.exec(number.rest)
    const unitText = (unit?.[1] ?? '')
      .trim()
      .replace(/^-\s*|,$|\band$/g, '')
      .trim()
    out.push({ value: number.value, unitText })
    rest = number.rest.slice(unit?.[0].length ?? 0)
    if (out.length > 2) return undefined
  }
  return out.length > 0 ? out : undefined
}

/** Ways of the trade that put the figure after the word: "T-11", "type 6", "sink 3". */
function spokenForm(text: string, dimension: Dimension): string {
  if (dimension === 'massPerLength') return text.replace(/^T\s*-?\s*(\d+(?:\.\d+)?)$/i, '$1 gr/ft')
  if (dimension === 'speed') return text.replace(/^(?:type|sink|s)\s*-?\s*(\d+(?:\.\d+)?)$/i, '$1 in/s')
  if (dimension === 'flow') return text.replace(/\b(m|ft)\^?3\s*\/\s*s/i, '$1³/s')
  return text
}

function unitFor(text: string, dimension: Dimension, fallback: Unit): Unit | 'unknown' | 'other' {
  if (text === '') return fallback
  const unit = findUnit(text, dimension)
  if (unit) return unit
  return findUnit(text) ? 'other' : 'unknown'
}

/**
 * Reads what a person types into a field, into SI.
 * A bare number takes the field's unit; after feet, a bare number is inches.
 * @param dimension what the field measures
 * @param fieldUnit symbol of the unit shown beside the field
 * @param mark decimal sign of whoever types; it settles what one comma before three figures is
 * @example parseQuantity("23'6\"", 'length', 'ft') // { ok: true, si: 7.1628, unit: 'ft' }
 */
export function parseQuantity(
  text: string,
  dimension: Dimension,
  fieldUnit: string,
  mark?: DecimalMark,
): ParseResult {
  const clean = withPoints(spokenForm(text.trim(), dimension), mark).replace(/\u00a0/g, ' ')
  if (clean === '') return { ok: false, code: 'empty' }
  if (/^[-−–]\s*[\d.]/.test(clean)) return { ok: false, code: 'negative' }
  const parts = clean.length > MAX_TEXT ? undefined : terms(clean)
  const [first, second] = parts ?? []
  if (first === undefined) return { ok: false, code: 'not-a-number' }
  const unit = unitFor(first.unitText, dimension, unitOf(fieldUnit))
  if (unit === 'unknown' || unit === 'other')
    return { ok: false, code: unit === 'other' ? 'other-dimension' : 'unknown-unit', unit: first.unitText }
  let si = unit.toSi(first.value)
  if (second !== undefined) {
    const small = unit.symbol === 'ft' ? unitFor(second.unitText, dimension, unitOf('in')) : 'unknown'
    if (small === 'unknown' || small === 'other' || small.symbol !== 'in')
      return { ok: false, code: 'not-a-number' }
    si += small.toSi(second.value)
  }
  if (!Number.isFinite(si)) return { ok: false, code: 'not-a-number' }
  // Only a temperature can lie below nothing: 20 °F is no mistake.
  const impossible = si < 0 && dimension !== 'temperature'
  return impossible ? { ok: false, code: 'out-of-range' } : { ok: true, si, unit: unit.symbol }
}
