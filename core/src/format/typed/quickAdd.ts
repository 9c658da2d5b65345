import { type Item, itemSchema, type Kind, type Problem, problemsOf } from '../../gear/index.ts'
import { type DecimalMark, KG_PER_GRAIN, M_PER_FOOT, M_PER_INCH } from '../../quantity/index.ts'
import { LINE_NUMBER, NUMBER_FIELD, place, QUANTITY, SINK_TYPE } from './figures.ts'
import { plainLine } from './plain.ts'
import { EMPTY_WORDS, FIELD_WORDS, KIND_WORDS, type KindWord, MATERIAL, MONO } from './words.ts'

export type QuickAddResult =
  | {
      readonly ok: true
      readonly item: Item
      /** Fields that the line does not say outright: they are shown as guesses, and asked about. */
      readonly guessed: readonly string[]
    }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** A thing as far as it is read. */
interface PartialItem {
  readonly kind: Kind
  readonly fields: Record<string, unknown>
  readonly guessed: Set<string>
  /** Text typed for a field, to name it when it cannot be. */
  readonly typed: Record<string, string>
  rest: string
}

const refused = (code: string, data: Record<string, unknown> = {}, kind?: Kind): QuickAddResult => ({
  ok: false,
  problems: [{ path: [], code, data, ...(kind === undefined ? {} : { kind }) }],
})
/** The first word that says what it is, what it is by its material or by what stands there, or nothing. */
function kindOf(text: string): KindWord | undefined {
  const said = KIND_WORDS.find(([pattern]) => pattern.test(text))
  const material = MATERIAL.test(text)
  // A material is a tip's; a part-sinking one has one too.
  if (material && (said === undefined || said[1] === 'head' || said[1] === 'rod'))
    return [MATERIAL, 'tip', {}]
  if (said !== undefined) return said
  if (MONO.test(text) && /\d\s*(?:lbs?|kg|mm|gō|go)\b/i.test(text)) return [/(?!)/, 'running-line', {}]
  if (/\b(?:fluoro(?:carbon)?|nylon)\b/i.test(text) && /\d\s*mm|\dX\b/i.test(text))
    return [/(?!)/, 'tippet', {}]
  // A length and a number with its sign are a rod.
  return LINE_NUMBER.test(text) && /\d\s*(?:ft|feet|foot|'|m\b)/i.test(text) ? [/(?!)/, 'rod', {}] : undefined
}

/** Takes a pattern out of what is left; what it matched. */
function take(draft: PartialItem, pattern: RegExp): RegExpExecArray | null {
  const found = pattern.exec(draft.rest)
  if (found !== null)
    draft.rest = `${draft.rest.slice(0, found.index)} ${draft.rest.slice(found.index + found[0].length)}`
  return found
}

function readMaterial(draft: PartialItem): void {
  const found = draft.kind === 'tip' ? take(draft, MATERIAL) : null
  if (found === null) return
  draft.fields.kgPerM = (Number(found[1]) * KG_PER_GRAIN) / M_PER_FOOT
  draft.fields.build ??= 'level'
}

/** Halves of a tip that floats and sinks: "5/5". */
const HALVES = /(?<![\w.])(\d{1,2}(?:\.\d)?)\/(\d{1,2}(?:\.\d)?)(?![\w/])/

function readNumber(draft: PartialItem): void {
  const { kind, fields, guessed } = draft
  const halves = kind === 'tip' ? take(draft, HALVES) : null
  if (halves !== null) {
    const [floatsFt, sinksFt] = [Number(halves[1]), Number(halves[2])]
    Object.assign(fields, {
      build: 'part-sinking',
      lengthM: (floatsFt + sinksFt) * M_PER_FOOT,
      sinkingLengthM: sinksFt * M_PER_FOOT,
    })
  }
  const field = NUMBER_FIELD[kind]
  const found = field === undefined ? null : take(draft, LINE_NUMBER)
  if (found === null || field === undefined) return
  const low = found[1] ?? found[3] ?? found[5]
  const high = found[2] ?? found[4]
  draft.typed[field] = found[0].trim()
  // A reel for two numbers is taken for the larger.
  fields[field] = Number(kind === 'reel' ? (high ?? low) : low)
  if (high === undefined) return
  if (kind === 'rod') fields.lineNumberHigh = Number(high)
  else guessed.add(field)
}

/** "WF7", "DT5F": the number on the box stands at the letters; F floats. */
function readBox(draft: PartialItem): void {
  const { style } = draft.fields
  if ((style !== 'double-taper' && style !== 'weight-forward') || draft.fields.labelNumber !== undefined)
    return
  const found = take(draft, /(?<![\w.])(\d{1,2})\s?([FIS])?(?![\w.'"]|\s*(?:ft|feet|m\b|gr?\b))/i)
  if (found === null) return
  draft.fields.labelNumber = Number(found[1])
  const density = { F: 'floating', I: 'intermediate', S: 'sinking' }[(found[2] ?? '').toUpperCase()]
  if (density !== undefined) draft.fields.density = density
}

/** A spool by its three measures: "10 cm rim, 6 cm arbor, 28 mm wide". */
const SPOOL = [
  [/(\S+\s?(?:cm|mm|in|inches|"))\s+rim\b/i, 'rimDiameterM'],
  [/(\S+\s?(?:cm|mm|in|inches|"))\s+arbor\b/i, 'arborDiameterM'],
  [/(\S+\s?(?:cm|mm|in|inches|"))\s+wid(?:e|th)\b/i, 'widthM'],
] as const
function readSpool(draft: PartialItem): void {
  if (draft.kind !== 'reel') return
  const spool: Record<string, unknown> = {}
  for (const [pattern, path] of SPOOL) {
    const found = take(draft, pattern)
    const read: Record<string, unknown> = {}
    if (found?.[1] !== undefined && place(read, 'fly', found[1]) !== undefined) spool[path] = read.lengthM
  }
  if (Object.keys(spool).length > 0) draft.fields.spool = spool
}

function readQuantities(draft: PartialItem): QuickAddResult | undefined {
  const { kind, fields, typed } = draft
  for (const quantity of draft.rest.match(QUANTITY) ?? []) {
    const path = place(fields, kind, quantity)
    if (path === undefined) return refused('figure-without-place', { text: quantity.trim() }, kind)
    typed[path] = quantity.trim()
    draft.rest = draft.rest.replace(quantity, ' ')
  }
  const sinks = kind === 'tip' || kind === 'sinking-leader' ? take(draft, SINK_TYPE) : null
  if (sinks !== null) fields.sinkRateMps ??= Number(sinks[1]) * M_PER_INCH
  return undefined
}

function readWords(draft: PartialItem): void {
  const { kind, fields, guessed } = draft
  for (const [word, kinds, path, value, guess] of FIELD_WORDS) {
    if (!kinds.includes(kind) || !word.test(draft.rest)) continue
    const at = kind === 'tip' ? 'build' : path
    if (fields[at] !== undefined && fields[at] !== value) continue
    take(draft, word)
    fields[at] = value
    if (guess) guessed.add(at)
  }
}

/** A bare figure where only one thing can be meant: a rod's number, a reel's, a head's grains. */
function readBare(draft: PartialItem): void {
  const { kind, fields, guessed } = draft
  const field = NUMBER_FIELD[kind]
  if ((kind === 'rod' || kind === 'reel') && field !== undefined && fields[field] === undefined) {
    const found = take(draft, /(?<![\w.])(\d{1,2})(?![\w.])/)
    if (found !== null) fields[field] = Number(found[1])
  }
  if (kind === 'head' && fields.massKg === undefined && fields.labelNumber === undefined) {
    const found = take(draft, /(?<![\w.])(\d{3})(?![\w.])/)
    if (found === null) return
    fields.massKg = Number(found[1]) * KG_PER_GRAIN
    guessed.add('massKg')
  }
}

/** Lengths that are usual, as defaults [m]. [practice] */
const USUAL_M: Readonly<Record<string, number>> = {
  skagit: 22 * M_PER_FOOT,
  scandi: 33 * M_PER_FOOT,
  'multi-density': 31 * M_PER_FOOT,
  overhead: 30 * M_PER_FOOT,
  integrated: 36 * M_PER_FOOT,
  'double-taper': 90 * M_PER_FOOT,
  'weight-forward': 90 * M_PER_FOOT,
  level: 10 * M_PER_FOOT,
}

/** Longer than this a rod is a full two-hander, no longer than that it is held in one hand [m]. [practice] */
const BY_LENGTH_M = { twoHander: 11.75 * M_PER_FOOT, single: 10.25 * M_PER_FOOT } as const
/** Up to this number a two-handed rod of middling length is a trout two-hander. [practice] */
const TROUT_NUMBER = 5

/** A rod's sort by its length and number. [practice] */
function usualHands(lengthM: number, number: number): string {
  if (lengthM >= BY_LENGTH_M.twoHander) return 'two-hander'
  if (lengthM <= BY_LENGTH_M.single) return 'single'
  return number <= TROUT_NUMBER ? 'trout-two-hander' : 'switch'
}

/** Fills in what the text leaves unsaid and the trade takes for granted: each a guess. */
function guess({ kind, fields, guessed }: PartialItem): void {
  const suppose = (path: string, value: unknown): void => {
    if (fields[path] !== undefined || value === undefined) return
    fields[path] = value
    guessed.add(path)
  }
  if (kind === 'rod' && typeof fields.lengthM === 'number')
    suppose('hands', usualHands(fields.lengthM, Number(fields.lineNumber ?? 9)))
  if (kind === 'head' && (fields.massKg !== undefined || fields.labelNumber !== undefined))
    suppose('lengthM', USUAL_M[String(fields.style)])
  if (kind === 'tip') {
    if (fields.rodNumber !== undefined) suppose('build', 'tapered')
    if (fields.massKg !== undefined) suppose('build', 'level')
    if (fields.sinkRateMps !== undefined) suppose('build', 'tapered')
    if (fields.kgPerM !== undefined) suppose('lengthM', USUAL_M.level)
  }
  if (kind === 'leader') suppose('form', 'tapered')
  if (kind === 'tippet') suppose('material', 'nylon')
  if (kind === 'fly') {
    suppose('dress', 'medium')
    suppose('weighting', 'unweighted')
  }
}

/** A name from what was typed, in the order it was typed, when no other words are left over. */
function nameFrom(text: string): string {
  const name = text.replace(/\s+/g, ' ').trim()
  return (name.charAt(0).toUpperCase() + name.slice(1)).slice(0, 80)
}

/** Another word of the same sort, which says otherwise: "skagit scandi". */
function contradiction({ kind, fields, rest }: PartialItem): string | undefined {
  for (const [pattern, other, { fields: says = {} }] of KIND_WORDS) {
    const found = other === kind ? pattern.exec(rest) : null
    if (found !== null && Object.entries(says).some(([path, value]) => fields[path] !== value))
      return found[0]
  }
  const material = kind === 'tip' ? MATERIAL.exec(rest) : null
  if (material !== null) return material[0].trim()
  const floating =
    kind === 'tip' && fields.build !== 'floating' && fields.kgPerM !== undefined
      ? /\bfloating\b/i.exec(rest)
      : null
  return floating?.[0]
}

/**
 * One typed line becomes one item: "skagit 510 gr 23 ft", "T-11 10 ft", "13 ft no 7 two-hander".
 * Words that mean nothing else become the name; a figure that means nothing is refused, not dropped; what is only supposed is told.
 * @param id identifier the new item gets
 * @param mark decimal sign of whoever types
 */
export function quickAdd(text: string, id: string, mark?: DecimalMark): QuickAddResult {
  const typed = plainLine(text.trim().slice(0, 200), mark).replace(/(^|\s)\+(?=\d)/g, '$1')
  if (typed === '') return refused('empty')
  const negative = /(?:^|\s)(-\s?\d\S*(?:\s*[a-z'"/]+)?)/i.exec(typed)?.[1]
  if (negative !== undefined) return refused('negative-figure', { text: negative })
  const word = kindOf(typed)
  if (word === undefined) return refused('no-kind', { text: typed })
  const [pattern, kind, { fields = {}, guessed = [] }] = word
  const draft: PartialItem = {
    kind,
    fields: { kind, id, ...fields },
    guessed: new Set(guessed),
    typed: {},
    rest: typed,
  }
  readMaterial(draft)
  if (pattern !== MATERIAL) take(draft, pattern)
  if (kind === 'tip') take(draft, /\btip\b(?!\s+action)/i)
  if (
    kind === 'tip' &&
    draft.fields.build === undefined &&
    draft.fields.kgPerM === undefined &&
    take(draft, /\bfloating\b/i)
  )
    draft.fields.build = 'floating'
  readSpool(draft)
  readNumber(draft)
  readBox(draft)
  const wrong = readQuantities(draft)
  if (wrong !== undefined) return wrong
  const against = contradiction(draft)
  if (against !== undefined) return refused('says-otherwise', { text: against }, kind)
  readWords(draft)
  readBare(draft)
  const leftOver = draft.rest.replace(EMPTY_WORDS, ' ').replace(/\s+/g, ' ').trim()
  const stray = /(?:^|\s)(\S*\d\S*)/.exec(draft.rest.replace(/[,;]/g, ' '))?.[1]
  if (stray !== undefined) return refused('figure-without-unit', { text: stray }, kind)
  guess(draft)
  draft.fields.name = nameFrom(leftOver === '' ? text : leftOver)
  const parsed = itemSchema.safeParse(draft.fields)
  if (parsed.success) return { ok: true, item: parsed.data, guessed: [...draft.guessed] }
  const problems = problemsOf(parsed.error, itemSchema, draft.fields).map((problem) => {
    const said = draft.typed[String(problem.path[0])]
    return said === undefined ? problem : { ...problem, data: { ...problem.data, typed: said } }
  })
  return { ok: false, problems }
}
