import { type DecimalMark, withPoints } from '../../quantity/index.ts'

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '.25',
  '½': '.5',
  '¾': '.75',
  '⅓': '.333',
  '⅔': '.667',
  '⅛': '.125',
  '⅜': '.375',
  '⅝': '.625',
  '⅞': '.875',
}
const FULL_WIDTH = 0xfee0

/** A line in plain signs: full-width figures, typographic primes, fractions and thousands as everybody's figures. @param mark decimal sign of whoever types */
export const plainLine = (typed: string, mark?: DecimalMark): string =>
  withPoints(typed, mark)
    .replace(/[\uff01-\uff5e]/g, (sign) => String.fromCharCode(sign.charCodeAt(0) - FULL_WIDTH))
    .replace(/[\u00a0\u2000-\u200a\u3000]/g, ' ')
    .replace(/[’‘′`´]/g, "'")
    .replace(/[“”″„]|''/g, '"')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/号/g, ' gō')
    .replace(/(\d)\s?([¼½¾⅓⅔⅛⅜⅝⅞])/g, (_all, figure: string, sign: string) => `${figure}${VULGAR[sign]}`)
    .replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (sign) => `0${VULGAR[sign]}`)
    // "13 1/2 ft", but not "6 7/8": a pair of numbers has no unit behind it.
    .replace(
      /(\d+)\s+(\d)\/([2348])(?=\s*(?:ft|feet|foot|'|in\b|inch|"|m\b))/gi,
      (_all, whole: string, a: string, b: string) => String(Number(whole) + Number(a) / Number(b)),
    )
    .trim()
