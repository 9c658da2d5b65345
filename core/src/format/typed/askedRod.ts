import type { Rod } from '../../gear/index.ts'
import type { DecimalMark } from '../../quantity/index.ts'
import { quickAdd } from './quickAdd.ts'

/** Goes for a rod that was only asked about. */
export const ASKED_ROD = 'asked-rod'

/** Opening words of a question. */
const ASKING = /^\s*what\s+(?:goes\s+(?:on|with)|for)\s+(?:an?\s+|my\s+)?/i

/**
 * A rod as it is asked about over a counter: a line as gear is added by, or a bare length and number, whose sort then follows
 * from its length. Undefined where no rod can be read.
 * @example askedRod('12½ ft 6') // { kind: 'rod', id: 'asked-rod', name: '12½ ft 6', lineNumber: 6, lengthM: 3.81, hands: 'two-hander' }
 */
export function askedRod(text: string, mark?: DecimalMark): Rod | undefined {
  const typed = text.replace(ASKING, '').replace(/\?/g, ' ')
  const named = quickAdd(typed, ASKED_ROD, mark)
  const bare = !named.ok && named.problems[0]?.code === 'no-kind'
  const read = bare ? quickAdd(`rod ${typed}`, ASKED_ROD, mark) : named
  if (!read.ok || read.item.kind !== 'rod') return undefined
  return bare ? { ...read.item, name: text.trim().slice(0, 80) } : read.item
}

/** Rod that a question for a whole rig is about: "what for a 12½ ft 6?"; undefined where it is no such question. */
export const askedFor = (text: string, mark?: DecimalMark): Rod | undefined =>
  ASKING.test(text) ? askedRod(text, mark) : undefined
