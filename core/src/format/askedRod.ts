import type { Item, Rod } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { quickAdd } from './quickAdd.ts'

/** Goes for a rod that was only asked about. */
export const ASKED_ROD = 'asked-rod'

const FRACTIONS: Readonly<Record<string, string>> = { '½': '.5', '¼': '.25', '¾': '.75' }
/** A length in feet and a number beside it: "12½ ft 6", "no. 6, 12.5'". */
const FEET = /(\d+(?:\.\d+)?)\s*(?:ft|feet|foot|')/i
const NUMBER = /(?:no\.?|nr\.?|#)?\s*(\d{1,2})(?:\s*(?:wt|weight))?\b/i
/** Longer than this a rod is taken for a full two-hander, shorter than this for one held in one hand [ft]. [practice] */
const BY_LENGTH = { twoHander: 11.75, single: 10.25 } as const
/** Up to this number a two-handed rod of middling length is a trout two-hander. [practice] */
const TROUT_NUMBER = 4

/** How the question begins. */
const ASKING = /^\s*what\s+(?:goes\s+(?:on|with)|for)\s+(?:an?\s+|my\s+)?/i

const plain = (text: string): string =>
  text
    .replace(ASKING, '')
    .replace(/[½¼¾]/g, (sign) => FRACTIONS[sign] ?? sign)
    .replace(/\?/g, ' ')

function handsOf(lengthFt: number, lineNumber: number): Rod['hands'] {
  if (lengthFt >= BY_LENGTH.twoHander) return 'two-hander'
  if (lengthFt <= BY_LENGTH.single) return 'single'
  return lineNumber <= TROUT_NUMBER ? 'trout-two-hander' : 'switch'
}

const asRod = (item: Item): Rod | undefined => (item.kind === 'rod' ? item : undefined)

/**
 * A rod as it is asked about over a counter: a line as gear is added by, or a bare length and number, whose sort then follows
 * from its length. Undefined where no rod can be read.
 * @example askedRod('12½ ft 6') // { kind: 'rod', id: 'asked-rod', name: '12½ ft 6', lineNumber: 6, lengthM: 3.81, hands: 'two-hander' }
 */
export function askedRod(text: string): Rod | undefined {
  const typed = plain(text)
  const read = quickAdd(typed, ASKED_ROD)
  if (read.ok) return asRod(read.item)
  const feet = FEET.exec(typed)
  const number = NUMBER.exec(typed.replace(FEET, ' '))
  if (feet === null || number === null) return undefined
  const [lengthFt, lineNumber] = [Number(feet[1]), Number(number[1])]
  if (lengthFt < 6 || lengthFt > 18 || lineNumber < 1 || lineNumber > 15) return undefined
  return {
    kind: 'rod',
    id: ASKED_ROD,
    name: text.trim().slice(0, 80) || 'A rod',
    lineNumber,
    lengthM: lengthFt * M_PER_FOOT,
    hands: handsOf(lengthFt, lineNumber),
  }
}

/** What a question for a whole rig is about: "what for a 12½ ft 6?"; undefined where it is no such question. */
export const askedFor = (text: string): Rod | undefined => (ASKING.test(text) ? askedRod(text) : undefined)
