import type { DecimalMark } from './decimal.ts'
import { M_PER_FOOT, M_PER_INCH } from './factor.ts'
import { MEASURES, type Measure, type UnitSystem } from './measure.ts'
import { unitOf } from './unit.ts'

/** Symbols as people write them, where the plain symbol would read oddly. */
const SPOKEN: Readonly<Record<string, string>> = { go: 'gō', lbf: 'lb', kgf: 'kg', 'ft³/s': 'cfs' }

export function spokenUnit(symbol: string): string {
  return SPOKEN[symbol] ?? symbol
}

function trimmed(value: number, decimals: number): string {
  const text = value.toFixed(decimals)
  return decimals > 0 ? text.replace(/\.?0+$/, '') : text
}

/** The sign between thousands; whoever writes a decimal comma reads a thin space rather than a second kind of comma. */
let betweenThousands = ','
export function readBy(mark: DecimalMark): void {
  betweenThousands = mark === '.' ? ',' : '\u202f'
}
/** Thousands apart, as the reader parts them. */
const grouped = (figure: string): string =>
  figure.replace(/\B(?<!\.\d*)(?=(\d{3})+(?!\d))/g, betweenThousands)

/** Feet and inches to a tenth of an inch: 13 ft, 10 ft 9 in. */
function feetAndInches(m: number): string {
  const tenths = Math.round((m / M_PER_INCH) * 10)
  const feet = Math.floor(tenths / 120)
  const inches = (tenths - feet * 120) / 10
  if (inches === 0) return `${feet} ft`
  return feet === 0 ? `${trimmed(inches, 1)} in` : `${feet} ft ${trimmed(inches, 1)} in`
}

/**
 * A figure as it is shown, in the chosen face, rounded to what the trade reads.
 * @param moreDecimals finer than usual, where two figures would otherwise read the same
 * @example printMeasure(0.0330474441, 'lineMass', 'trade') // "510 gr"
 */
export function printMeasure(si: number, measure: Measure, system: UnitSystem, moreDecimals = 0): string {
  if (measure === 'rodLength' && system === 'trade') return feetAndInches(si)
  const [symbol, decimals] = MEASURES[measure][system]
  const figure = trimmed(unitOf(symbol).fromSi(si), decimals + moreDecimals)
  return `${measure === 'flow' ? grouped(figure) : figure} ${spokenUnit(symbol)}`
}

/** Prints figures in a reader's units. */
export const printIn =
  (system: UnitSystem) =>
  (si: number, measure: Measure): string =>
    printMeasure(si, measure, system)

/** A range that shares one unit: "470–550 gr"; one that does not, or with a sign: "12 ft 6 in to 13 ft". Either end may be open. @param between ' to ' in running text */
export function printRange(
  range: { low?: number; high?: number },
  measure: Measure,
  system: UnitSystem,
  between = '–',
): string {
  const one = (si: number): string => printMeasure(si, measure, system)
  if (range.low === undefined) return range.high === undefined ? 'any' : `up to ${one(range.high)}`
  if (range.high === undefined) return `${one(range.low)} or more`
  const unit = ` ${spokenUnit(MEASURES[measure][system][0])}`
  const low = one(range.low)
  const bare = low.endsWith(unit) ? low.slice(0, -unit.length) : low
  return /^[\d.,]+$/.test(bare) ? `${bare}${between}${one(range.high)}` : `${low} to ${one(range.high)}`
}

/** A share of a whole: 0.14 is "14%". */
export const printShare = (share: number, decimals = 0): string => `${(share * 100).toFixed(decimals)}%`

/**
 * A figure for a field that will be read back: the fewest figures (up to 15) that still give the same value.
 * `parseQuantity(printExact(x, u), …)` returns x to one part in 10¹².
 */
export function printExact(si: number, symbol: string): string {
  const unit = unitOf(symbol)
  const value = unit.fromSi(si)
  for (let figures = 3; figures < 15; figures++) {
    const text = String(Number(value.toPrecision(figures)))
    if (Math.abs(unit.toSi(Number(text)) - si) <= Math.abs(si) * 1e-12) return `${text} ${spokenUnit(symbol)}`
  }
  return `${Number(value.toPrecision(15))} ${spokenUnit(symbol)}`
}

export const feetOf = (m: number): number => m / M_PER_FOOT

/** Finer than so much nobody types a figure by hand: a field shows it rounded, and what is stored stays as it is. */
const ROUND_TO = 0.01
const FINEST = 3

/**
 * A figure for a field as a person would write it: as round as it may be within a share of itself, a hundredth unless told.
 * @example printRound(3.962, 'rodLength', 'trade', 0.0025) // "13 ft"
 */
export function printRound(si: number, measure: Measure, system: UnitSystem, within = ROUND_TO): string {
  const [symbol] = MEASURES[measure][system]
  const { toSi, fromSi } = unitOf(symbol)
  const value = fromSi(si)
  const near = (figure: number): boolean => Math.abs(toSi(figure) - si) <= Math.abs(si) * within
  if (measure === 'rodLength' && system === 'trade' && si > M_PER_FOOT) return feetAndInches(si)
  const texts = [
    ...Array.from({ length: FINEST }, (_, decimals) => trimmed(value, decimals)),
    ...Array.from({ length: FINEST }, (_, i) => String(Number(value.toPrecision(i + 2)))),
  ]
  const text = texts.find((one) => near(Number(one)))
  return text === undefined ? printExact(si, symbol) : `${text} ${spokenUnit(symbol)}`
}

/** A bare figure with the unit that it gets; anything else as it was typed. */
export const withUnit = (text: string, symbol: string): string =>
  /^\s*(?:\d+(?:[.,]\d+)?|[.,]\d+)\s*(?:[¼½¾⅓⅔⅛⅜⅝⅞]|\d\/\d)?\s*$/.test(text)
    ? `${text.trim()} ${spokenUnit(symbol)}`
    : text
