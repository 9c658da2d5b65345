import type { Kind } from '../gear/index.ts'
import { type Item, itemSchema, type Problem, problemsOf } from '../gear/index.ts'
import { type Dimension, parseQuantity } from '../quantity/index.ts'

export type QuickAddResult =
  | { readonly ok: true; readonly item: Item }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** Words that settle the kind, first match wins; each also fills what it says. */
const KIND_WORDS: readonly (readonly [RegExp, Kind, Readonly<Record<string, unknown>>])[] = [
  [/\bsink(?:ing)?\s+leader\b/i, 'sinking-leader', {}],
  [/\bcheater\b/i, 'cheater', {}],
  [/\bpart[- ]sink(?:ing)?(?:\s+tip)?\b/i, 'tip', { build: 'part-sinking' }],
  [/\btapered\s+tip\b/i, 'tip', { build: 'tapered' }],
  [/\bfloating\s+tip\b/i, 'tip', { build: 'floating' }],
  [/\bT\s?-?\s?(\d{1,2}(?:\.\d)?)(?:\s+tip)?(?=\s|,|$)/i, 'tip', { build: 'level' }],
  [/\b(?:level\s+)?tip\b/i, 'tip', { build: 'level' }],
  [/\brunning\s+line\b/i, 'running-line', {}],
  [/\bbacking\b/i, 'backing', {}],
  [/\breel\b/i, 'reel', {}],
  [/\btippet\b/i, 'tippet', {}],
  [/\bleader\b/i, 'leader', {}],
  [/\bfly\b/i, 'fly', {}],
  [/\bsingle[- ]hand(?:ed)?(?:\s+rod)\b/i, 'rod', { hands: 'single' }],
  [/\btrout\s+(?:spey|two[- ]hand(?:er|ed))(?:\s+rod)?\b/i, 'rod', { hands: 'trout-two-hander' }],
  [/\btwo[- ]hand(?:er|ed)(?:\s+rod)?\b/i, 'rod', { hands: 'two-hander' }],
  [/\bswitch(?:\s+rod)?\b/i, 'rod', { hands: 'switch' }],
  [/\bsurf(?:\s+rod)?\b/i, 'rod', { hands: 'surf' }],
  [/\brod\b/i, 'rod', {}],
  [/\bskagit(?:\s+head)?\b/i, 'head', { style: 'skagit' }],
  [/\bscandi(?:\s+head)?\b/i, 'head', { style: 'scandi' }],
  [/\bmulti[- ]density(?:\s+head)?\b/i, 'head', { style: 'multi-density' }],
  [/\b(?:overhead|shooting)(?:\s+(?:head|taper))?\b/i, 'head', { style: 'overhead' }],
  [/\bintegrated(?:\s+line)?\b/i, 'head', { style: 'integrated' }],
  [/\bdouble[- ]taper\b/i, 'head', { style: 'double-taper' }],
  [/\bweight[- ]forward\b/i, 'head', { style: 'weight-forward' }],
]

/** Words that fill one field of the kinds that have it. */
const FIELD_WORDS: readonly (readonly [RegExp, readonly Kind[], string, string])[] = [
  [/\bcoated\b/i, ['running-line'], 'build', 'coated'],
  [/\bmono\b/i, ['running-line'], 'build', 'mono'],
  [/\bfluoro(?:carbon)?\b/i, ['leader', 'tippet'], 'material', 'fluorocarbon'],
  [/\bnylon\b/i, ['leader', 'tippet'], 'material', 'nylon'],
  [/\btapered\b/i, ['leader'], 'form', 'tapered'],
  [/\bstepped\b/i, ['leader'], 'form', 'stepped'],
  [/\blevel\b/i, ['leader'], 'form', 'level'],
  [/\bsparse\b/i, ['fly'], 'dress', 'sparse'],
  [/\bmedium\b/i, ['fly'], 'dress', 'medium'],
  [/\bbulky\b/i, ['fly'], 'dress', 'bulky'],
  [/\bunweighted\b/i, ['fly'], 'weighting', 'unweighted'],
  [/\b(?:heavy|weighted)\b/i, ['fly'], 'weighting', 'heavy'],
  [/\blight(?:ly weighted)?\b/i, ['fly'], 'weighting', 'light'],
  [/\bfull\s+(?:cage|frame)\b/i, ['reel'], 'cage', 'full'],
  [/\bopen\s+(?:cage|frame)\b/i, ['reel'], 'cage', 'open'],
  [/\b(?:full|middle|tip)\s+action\b/i, ['rod'], 'action', 'middle'],
  [/\bintermediate\b/i, ['head'], 'density', 'intermediate'],
  [/\bsinking\b/i, ['head'], 'density', 'sinking'],
]

/** What a bare quantity means for each kind, by what it measures. Order settles doubtful units ("lb"). */
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
const LARGEST_DIAMETER_M = 0.003
const NUMBER_FIELD: Readonly<Partial<Record<Kind, string>>> = {
  rod: 'lineNumber',
  reel: 'forNumber',
  head: 'labelNumber',
  tip: 'rodNumber',
}

const FIGURE = String.raw`\d+(?:[.,]\d+)?(?:\s?[¼½¾]|\s\d\/\d)?`
const UNIT = String.raw`(?:gr\/ft|g\/m|grains?|gr|grams?|g|kg|oz|lbs?|in\/s|ips|cm\/s|m\/s|inches|inch|in|"|feet|foot|ft|'|yards?|yd|mm|cm|metres?|meters?|m|gō|go)(?![a-zō/])`
const X_SIZE = String.raw`\d(?:\.\d)?X\b`
const QUANTITY = new RegExp(
  String.raw`${FIGURE}\s*(?:ft|feet|foot|')\s*${FIGURE}\s*(?:in|inches|")|${FIGURE}\s*${UNIT}|${X_SIZE}`,
  'gi',
)
const LINE_NUMBER =
  /(?:\bno\.?|\bnumber|#)\s*(\d{1,2})(?:\/(\d{1,2}))?|\b(\d{1,2})\/(\d{1,2})(?!\S)|\b(\d{1,2})\s?-?(?:wt|weight)\b/i

const problem = (code: string, data: Record<string, unknown> = {}, path: string[] = []): QuickAddResult => ({
  ok: false,
  problems: [{ path, code, data }],
})

/** Fills the first free field of this kind that the quantity can mean; false when there is none. */
function place(draft: Record<string, unknown>, kind: Kind, text: string): boolean {
  for (const [dimension, path] of QUANTITY_FIELDS[kind]) {
    if (draft[path] !== undefined) continue
    const read = parseQuantity(
      text,
      dimension,
      dimension === 'length' ? 'ft' : dimension === 'mass' ? 'gr' : 'N',
    )
    if (!read.ok) continue
    const wantsDiameter = path.endsWith('iameterM')
    if (dimension === 'length' && wantsDiameter !== read.si <= LARGEST_DIAMETER_M) continue
    draft[path] = read.si
    return true
  }
  return false
}

function readNumber(draft: Record<string, unknown>, kind: Kind, text: string): string {
  const found = LINE_NUMBER.exec(text)
  const field = NUMBER_FIELD[kind]
  if (!found || field === undefined) return text
  draft[field] = Number(found[1] ?? found[3] ?? found[5])
  const high = found[2] ?? found[4]
  if (high !== undefined && kind === 'rod') draft.lineNumberHigh = Number(high)
  return text.replace(found[0], ' ')
}

/** What the text leaves unsaid and the trade takes for granted. */
function fillUsual(draft: Record<string, unknown>, kind: Kind): void {
  if (kind === 'rod' && draft.hands === undefined && typeof draft.lengthM === 'number') {
    const number = Number(draft.lineNumber ?? 0)
    draft.hands =
      draft.lengthM < 3.05
        ? 'single'
        : number <= 5
          ? 'trout-two-hander'
          : draft.lengthM < 3.6
            ? 'switch'
            : 'two-hander'
  }
  if (kind === 'leader') draft.form ??= 'tapered'
  if (kind === 'tippet') draft.material ??= 'nylon'
  if (kind === 'fly') draft.dress ??= 'medium'
  if (kind === 'fly') draft.weighting ??= 'unweighted'
  if (kind === 'running-line') draft.build ??= 'coated'
}

/** A name from what was typed, in the order it was typed, when no other words are left over. */
function nameFrom(text: string): string {
  const name = text.replace(/\s+/g, ' ').trim()
  return (name.charAt(0).toUpperCase() + name.slice(1)).slice(0, 80)
}

/**
 * One typed line becomes one item: "skagit 510 gr 23 ft", "T-11 10 ft", "13 ft no 7 two-hander".
 * Words that mean nothing else become the name; a figure that means nothing is refused, not dropped.
 * @param id identifier the new item gets
 */
export function quickAdd(text: string, id: string): QuickAddResult {
  const typed = text.trim().slice(0, 200)
  if (typed === '') return problem('empty')
  const word = KIND_WORDS.find(([pattern]) => pattern.test(typed))
  if (word === undefined) return problem('no-kind', { text: typed })
  const [pattern, kind, fills] = word
  const draft: Record<string, unknown> = { kind, id, ...fills }
  const material = pattern.exec(typed)?.[1]
  if (material !== undefined) place(draft, kind, `${material} gr/ft`)
  let rest = readNumber(draft, kind, typed.replace(pattern, ' '))
  for (const quantity of rest.match(QUANTITY) ?? []) {
    if (!place(draft, kind, quantity)) return problem('figure-without-place', { text: quantity.trim(), kind })
    rest = rest.replace(quantity, ' ')
  }
  for (const [fieldWord, kinds, path, value] of FIELD_WORDS) {
    if (!kinds.includes(kind) || !fieldWord.test(rest)) continue
    draft[path] = path === 'action' ? (fieldWord.exec(rest)?.[0] ?? value).split(/\s/)[0] : value
    rest = rest.replace(fieldWord, ' ')
  }
  const leftOver = rest.replace(/[,;]/g, ' ').replace(/\s+/g, ' ').trim()
  const stray = /(?:^|\s)(\d\S*)/.exec(leftOver)?.[1]
  if (stray !== undefined) return problem('figure-without-unit', { text: stray })
  fillUsual(draft, kind)
  draft.name = nameFrom(leftOver === '' ? typed : leftOver)
  const parsed = itemSchema.safeParse(draft)
  return parsed.success
    ? { ok: true, item: parsed.data }
    : { ok: false, problems: problemsOf(parsed.error, draft) }
}
