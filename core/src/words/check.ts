import { printMeasure, printRange, printShare, type UnitSystem } from '../quantity/index.ts'
import { CHECK_CODES, type Check, type CheckCode } from '../rig/index.ts'
import { FRONT_WORDS } from './checkFront.ts'
import type { CheckWords, Paragraph, Say } from './checkText.ts'
import { WATER_WORDS } from './checkWater.ts'

/** All of them; the compiler sees that none is left out. */
const WORDS: CheckWords = { ...FRONT_WORDS, ...WATER_WORDS }

/** Titles of the checks. */
export const CHECK_TITLES = Object.fromEntries(
  CHECK_CODES.map((code) => [code, WORDS[code].title]),
) as Readonly<Record<CheckCode, string>>

/** What each check asks, its basis and its limits. */
export const CHECK_MEANINGS = Object.fromEntries(
  CHECK_CODES.map((code) => [code, WORDS[code].means]),
) as Readonly<Record<CheckCode, Paragraph>>

/** A figure of a check as the ledger shows it. */
export function sayFigure(
  check: Pick<Check, 'measure'>,
  si: number,
  system: UnitSystem,
  moreDecimals = 0,
): string {
  if (check.measure === 'number') return `no. ${Math.round(si * 10) / 10}`
  if (check.measure === 'none') return ''
  return check.measure === 'share' ? printShare(si) : printMeasure(si, check.measure, system, moreDecimals)
}

/** Allowed range, as the ledger shows it; empty when the check is not about a figure. */
export function sayAllowed({ measure, allowed }: Check, system: UnitSystem): string {
  const { low, high } = allowed
  if (measure === 'none' || (low === undefined && high === undefined)) return ''
  if (measure === 'share')
    return low === undefined
      ? `up to ${printShare(high ?? 1)}`
      : `${printShare(low)} to ${printShare(high ?? 1)}`
  if (measure === 'number') return `no. ${low ?? ''}${high === undefined ? ' or more' : `–${high}`}`
  return printRange(allowed, measure, system)
}

/** An estimate is no surer than this, as a share: nearer to a limit it could lie on either side. [estimate] */
const UNSURE = 0.08

/** Whether an estimated figure lies so near a limit that it could as well lie beyond it. */
function couldGoEitherWay({ tag, value, allowed: { low, high } }: Check): boolean {
  // Between two limits the middle is near neither, however close they are.
  const width = low === undefined || high === undefined ? Number.POSITIVE_INFINITY : (high - low) / 8
  const near = (limit: number | undefined): boolean =>
    limit !== undefined &&
    limit > 0 &&
    value !== null &&
    Math.abs(value - limit) < Math.min(UNSURE * limit, width)
  return tag === 'estimate' && (near(low) || near(high))
}

/** The sentence of one check, in the user's units. */
export function sayCheck(check: Check, system: UnitSystem): string {
  // The compiler has seen that every reason of every check has its words, and of which data they are made.
  const says = WORDS[check.code].says as unknown as Readonly<Record<string, Say<Check['data']>>>
  const say = says[check.reason]
  if (say === undefined) throw new Error(`no words for ${check.code} ${check.reason}`)
  const { value, allowed } = check
  const at = (si: number | undefined | null, more: number): string =>
    si == null ? '' : sayFigure(check, si, system, more)
  // A figure just past its limit must not read the same as the limit.
  const plain = at(value, 0)
  const close = check.state !== 'holds' && (plain === at(allowed.low, 0) || plain === at(allowed.high, 0))
  const figure = (si: number | undefined | null): string => at(si, close ? 1 : 0)
  const sentence = say({
    value: figure(value),
    low: figure(allowed.low),
    high: figure(allowed.high),
    estimated: check.tag === 'estimate',
    data: check.data,
    in: (si, measure) => printMeasure(si, measure, system),
  })
  return couldGoEitherWay(check)
    ? `${sentence} It is so near the limit that it could go either way.`
    : sentence
}
