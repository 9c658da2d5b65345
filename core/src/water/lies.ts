import { type DecimalMark, parseQuantity } from '../quantity/index.ts'
import type { Lie } from './run.ts'

/** Stretches as they were typed, or the part that is none. */
export type ReadLies =
  | { readonly ok: true; readonly lies: readonly Lie[] }
  | { readonly ok: false; readonly text: string }

/**
 * Reads stretches across the river, nearest first: “40 – 55 ft; 70 – 80 ft”. The first figure of a stretch takes the second’s
 * unit where it has none.
 * @param unit symbol of the unit of bare figures @param mark decimal sign of whoever types
 */
export function readLies(text: string, unit: string, mark?: DecimalMark): ReadLies {
  const lies: Lie[] = []
  for (const part of text.split(';').map((one) => one.trim())) {
    if (part === '') continue
    const [, from = '', to = ''] = /^(.*?)\s*(?:–|—|-|\bto\b)\s*(.*)$/.exec(part) ?? []
    const end = parseQuantity(to, 'length', unit, mark)
    const start = parseQuantity(from, 'length', end.ok ? end.unit : unit, mark)
    if (!end.ok || !start.ok || end.si <= start.si) return { ok: false, text: part }
    lies.push({ fromM: start.si, toM: end.si })
  }
  return { ok: true, lies: lies.sort((a, b) => a.fromM - b.fromM) }
}
