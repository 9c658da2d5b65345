import type { Kind } from '../../gear/index.ts'
import { type Dimension, parseQuantity } from '../../quantity/index.ts'

/** Field of each kind's quantities, by what it measures. Order settles doubtful units ("lb"). */
const QUANTITY_FIELDS: Readonly<Record<Kind, readonly (readonly [Dimension, string])[]>> = {
  rod: [
    ['length', 'lengthM'],
    ['mass', 'massKg'],
  ],
  head: [
    ['mass', 'massKg'],
    ['length', 'lengthM'],
  ],
  cheater: [
    ['massPerLength', 'kgPerM'],
    ['length', 'lengthM'],
  ],
  tip: [
    ['mass', 'massKg'],
    ['length', 'lengthM'],
    ['speed', 'sinkRateMps'],
    ['massPerLength', 'kgPerM'],
    ['length', 'sinkingLengthM'],
  ],
  'sinking-leader': [
    ['length', 'lengthM'],
    ['speed', 'sinkRateMps'],
    ['mass', 'massKg'],
  ],
  leader: [
    ['force', 'breakingN'],
    ['length', 'lengthM'],
    ['length', 'pointDiameterM'],
  ],
  tippet: [
    ['force', 'breakingN'],
    ['length', 'diameterM'],
    ['length', 'lengthM'],
  ],
  fly: [
    ['mass', 'massKg'],
    ['length', 'lengthM'],
  ],
  'running-line': [
    ['force', 'breakingN'],
    ['massPerLength', 'kgPerM'],
    ['length', 'diameterM'],
    ['length', 'lengthM'],
  ],
  reel: [['mass', 'massKg']],
  backing: [
    ['force', 'breakingN'],
    ['length', 'diameterM'],
    ['length', 'lengthM'],
  ],
}

/** Longest thing that is a diameter rather than a length [m]. */
const LARGEST_DIAMETER_M = 0.02

const FIGURE = String.raw`(?:\d+(?:[.,]\d+)?|[.,]\d+)`
const UNIT = String.raw`(?:gr\/ft|g\/m|grains?|gramm(?:e?s)?|grams?|gr|g|kg|kilos?|oz|ounces?|lbs?|pounds?|in\/s|ips|cm\/s|m\/s|inches|inch|in|"|feet|foot|ft|'|yards?|yds?|mm|cm|metres?|meters?|m|gō|go)(?![a-zō/])`
const X_SIZE = String.raw`\d(?:\.\d)?X\b`
export const QUANTITY = new RegExp(
  String.raw`(?<![\w.,])(?:${FIGURE}\s*(?:ft|feet|foot|')\s*${FIGURE}\s*(?:inches|inch|in|")(?![\w/])|\d+'\d{1,2}(?![\w./'"])|${FIGURE}\s*${UNIT}|${X_SIZE})`,
  'gi',
)

/** Names of units beyond the ones that fields know. */
const spoken = (text: string): string =>
  text
    .replace(/gramm(?:e?s)?\b/i, 'g')
    .replace(/\bmetres?|\bmeters?/i, 'm')
    .replace(/^[.,]/, '0.')

/**
 * Fills the first free field of this kind that the quantity can mean; its name, or undefined when there is none.
 * @param into what is known so far; the figure is put there
 */
export function place(into: Record<string, unknown>, kind: Kind, text: string): string | undefined {
  for (const [dimension, path] of QUANTITY_FIELDS[kind]) {
    if (into[path] !== undefined) continue
    const read = parseQuantity(
      spoken(text),
      dimension,
      dimension === 'length' ? 'ft' : dimension === 'mass' ? 'gr' : 'N',
    )
    if (!read.ok) continue
    const wantsDiameter = path.endsWith('iameterM')
    if (dimension === 'length' && wantsDiameter !== read.si <= LARGEST_DIAMETER_M) continue
    into[path] = read.si
    return path
  }
  return undefined
}

export const NUMBER_FIELD: Readonly<Partial<Record<Kind, string>>> = {
  rod: 'lineNumber',
  reel: 'forNumber',
  head: 'labelNumber',
  tip: 'rodNumber',
}
/** A line number with its sign: "no. 7", "#7/8", "8/9", "7wt", "6 weight". */
export const LINE_NUMBER =
  /(?:\bn[or]\.?|\bnumber|#)\s*(\d{1,2})(?:\/(\d{1,2}))?(?![\d.])|(?<![\w.])(\d{1,2})\/(\d{1,2})(?![\w/])(?:\s?-?(?:wt|weight)\b)?|(?<![\w.])(\d{1,2})\s?-?(?:wt|weight)\b/i
/** A sink rate as the trade says it: "type 6", "sink 3". */
export const SINK_TYPE = /\b(?:type|sink)\s*-?\s*(\d)(?![\d.]|\s*(?:ft|feet|foot|'|m\b|in\b|x\b))/i
