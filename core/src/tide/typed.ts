import { parseQuantity } from '../quantity/index.ts'
import type { ShorePoint } from './shore.ts'
import { type TideConstituent, unknownConstituents } from './tide.ts'

/** Fault in a line somebody typed. */
export interface TypedProblem {
  readonly code: 'typed-form' | 'typed-length' | 'unknown-constituent' | 'out-of-order' | 'too-few' | 'twice'
  readonly data: Readonly<Record<string, string | number>>
}
export type TypedReading<T> =
  | { readonly ok: true; readonly value: readonly T[] }
  | { readonly ok: false; readonly problem: TypedProblem }

const isKnown = (name: string): boolean =>
  unknownConstituents({ constituents: [{ name, amplitudeM: 0, phaseDeg: 0 }] }).length === 0

const linesOf = (text: string): readonly (readonly [line: number, text: string])[] =>
  text
    .split(/\r?\n/)
    .map((line, i) => [i + 1, line.trim()] as const)
    .filter(([, line]) => line !== '')
const wrong = (
  code: TypedProblem['code'],
  data: TypedProblem['data'],
): { ok: false; problem: TypedProblem } => ({
  ok: false,
  problem: { code, data },
})

/** A length as it is typed, below the datum too. @param unit the one it is in by default */
function lengthOf(text: string, unit: string): number | undefined {
  const below = /^[-−–]/.test(text)
  const read = parseQuantity(below ? text.slice(1) : text, 'length', unit)
  return read.ok ? (below ? -read.si : read.si) : undefined
}

/** A beach from the dry sand outward, one point a line: how far, how high over the datum. @param unit by default */
export function readProfile(text: string, unit: string): TypedReading<ShorePoint> {
  const out: ShorePoint[] = []
  for (const [line, typed] of linesOf(text)) {
    const [far, high, ...rest] = typed.split(/\s*[,;\t]\s*|\s{2,}/)
    if (far === undefined || high === undefined || rest.length > 0)
      return wrong('typed-form', { line, text: typed })
    const [fromM, heightM] = [lengthOf(far, unit), lengthOf(high, unit)]
    if (fromM === undefined || fromM < 0) return wrong('typed-length', { line, text: far })
    if (heightM === undefined) return wrong('typed-length', { line, text: high })
    if (fromM <= (out.at(-1)?.fromM ?? -1)) return wrong('out-of-order', { line, text: far })
    out.push({ fromM, heightM })
  }
  return out.length < 2 ? wrong('too-few', { count: out.length }) : { ok: true, value: out }
}

/** Harmonic constituents, one a line: name, amplitude, Greenwich phase lag in degrees. @param unit by default */
export function readConstituents(text: string, unit: string): TypedReading<TideConstituent> {
  const out: TideConstituent[] = []
  for (const [line, typed] of linesOf(text)) {
    const found = /^(\S+?)[\s,;]+([\d.,]+\s*[a-z']*)[\s,;]+(-?[\d.]+)\s*(°|deg)?$/i.exec(typed)
    const [, named = '', amplitude = '', phase = ''] = found ?? []
    if (found === null) return wrong('typed-form', { line, text: typed })
    const name = [named, named.toUpperCase()].find(isKnown)
    const amplitudeM = lengthOf(amplitude.trim().replace(/,$/, ''), unit)
    if (amplitudeM === undefined) return wrong('typed-length', { line, text: amplitude })
    if (name === undefined) return wrong('unknown-constituent', { line, text: named })
    if (out.some((each) => each.name === name)) return wrong('twice', { line, text: named })
    out.push({ name, amplitudeM, phaseDeg: Number(phase) })
  }
  return out.length === 0 ? wrong('too-few', { count: 0 }) : { ok: true, value: out }
}
