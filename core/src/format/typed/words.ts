import type { Kind } from '../../gear/index.ts'
import { M_PER_INCH } from '../../quantity/index.ts'

/** Fields that a word says of the thing; a field that it only suggests is guessed. */
interface Says {
  readonly fields?: Readonly<Record<string, unknown>>
  readonly guessed?: readonly string[]
}
export type KindWord = readonly [pattern: RegExp, kind: Kind, says: Says]

const two = '(?:two|double|2)'
const hand = '[- ]?hand(?:er|ed)?'

/** Words that settle the kind, first match wins; each also fills what it says. */
export const KIND_WORDS: readonly KindWord[] = [
  [/\b(?:tapered\s+)?sink(?:ing)?\s+leader\b/i, 'sinking-leader', {}],
  // A leader that sinks, by the name of its speed before or behind.
  [
    /\b(?:tapered\s+|poly[- ]?)?leader\b(?=.*(?:\b(?:sink\w*|fast|slow|intermediate|ips)\b|in\/s))|(?<=\b(?:sink\w*|fast|slow|intermediate)\b.*)\b(?:tapered\s+|poly[- ]?)?leader\b/i,
    'sinking-leader',
    {},
  ],
  [/\bcheater\b/i, 'cheater', {}],
  [/\bpart[- ]?sink(?:ing)?(?:\s+tip)?\b/i, 'tip', { fields: { build: 'part-sinking' } }],
  [/\btapered\s+tip\b/i, 'tip', { fields: { build: 'tapered' } }],
  [/\bfloating\s+tip\b/i, 'tip', { fields: { build: 'floating' } }],
  [/\blevel\s+tip\b/i, 'tip', { fields: { build: 'level' } }],
  [/\bsink(?:ing)?[- ]tip\b/i, 'tip', {}],
  [/\bfly\s+rod\b/i, 'rod', {}],
  [/\b(?:running|shooting)\s+line\b/i, 'running-line', {}],
  [/\bbacking\b/i, 'backing', {}],
  [/\b(?:fly\s+)?reel\b/i, 'reel', {}],
  [/\btippet\b/i, 'tippet', {}],
  [/\bleader\b/i, 'leader', {}],
  [/\b(?:tube\s+fly|fly|streamer)\b/i, 'fly', {}],
  [
    new RegExp(`\\btrout\\s+(?:spey|${two}${hand})(?:\\s+rod)?\\b`, 'i'),
    'rod',
    { fields: { hands: 'trout-two-hander' } },
  ],
  [
    new RegExp(`\\b(?:single|one)${hand}(?:\\s+rod)?\\b(?!\\s+skagit)`, 'i'),
    'rod',
    { fields: { hands: 'single' } },
  ],
  [new RegExp(`\\b${two}${hand}(?:\\s+rod)?\\b`, 'i'), 'rod', { fields: { hands: 'two-hander' } }],
  [/\bswitch(?:\s+rod)?\b/i, 'rod', { fields: { hands: 'switch' } }],
  [/\b(?:surf|beach)\s+rod\b/i, 'rod', { fields: { hands: 'surf' } }],
  [/\bspey\s+rod\b/i, 'rod', { fields: { hands: 'two-hander' } }],
  [/\brod\b/i, 'rod', {}],
  [
    /\b(?:[fhi]|s\d)(?:\/(?:[hi]|s\d))+(?:\s+(?:scandi|skagit))?(?:\s+head)?\b/i,
    'head',
    { fields: { style: 'multi-density' } },
  ],
  [
    /\bmulti[- ]density(?:\s+(?:scandi|skagit))?(?:\s+head)?\b/i,
    'head',
    { fields: { style: 'multi-density' } },
  ],
  [/\bintegrated(?:\s+(?:scandi|skagit|line|head))?\b/i, 'head', { fields: { style: 'integrated' } }],
  [/\bskagit(?:\s+head)?\b/i, 'head', { fields: { style: 'skagit' } }],
  [/\bscandi(?:\s+head)?\b/i, 'head', { fields: { style: 'scandi' } }],
  [
    /\b(?:overhead|shooting|surf)\s+(?:head|taper)\b|\boverhead\b/i,
    'head',
    { fields: { style: 'overhead' } },
  ],
  [/\bdouble[- ]taper\b|\bDT(?=\s?\d|\b)/i, 'head', { fields: { style: 'double-taper' } }],
  [/\bweight[- ]forward\b|\bWF(?=\s?\d|\b)/i, 'head', { fields: { style: 'weight-forward' } }],
  [/\btip\b(?!\s+action)/i, 'tip', {}],
  [/\bhead\b/i, 'head', {}],
]

/** A level material by its name: so many grains a foot. */
export const MATERIAL = /(?:^|\s)T\s?-?\s?(\d{1,2}(?:\.\d)?)(?=[\s,]|$)/i
/** Level line of one strand, where nothing else says what it is. */
export const MONO = /\bmono\b/i

/** Words that fill one field of the kinds that have it. */
export const FIELD_WORDS: readonly (readonly [RegExp, readonly Kind[], string, unknown, guess?: true])[] = [
  [/\bcoated\b/i, ['running-line'], 'build', 'coated'],
  [/\b(?:flat\s+)?mono\b/i, ['running-line'], 'build', 'mono'],
  [/\bfluoro(?:carbon)?\b/i, ['leader', 'tippet'], 'material', 'fluorocarbon'],
  [/\bnylon\b/i, ['leader', 'tippet'], 'material', 'nylon'],
  [/\btapered\b/i, ['leader', 'tip'], 'form', 'tapered'],
  [/\bstepped\b/i, ['leader'], 'form', 'stepped'],
  [/\blevel\b/i, ['leader'], 'form', 'level'],
  [/\bsparse\b/i, ['fly'], 'dress', 'sparse'],
  [/\bmedium(?:[- ]dressed)?\b/i, ['fly'], 'dress', 'medium'],
  [/\bbulky\b/i, ['fly'], 'dress', 'bulky'],
  [/\b(?:hitched|waking)\b/i, ['fly'], 'floats', 'waking'],
  [/\bdry\b/i, ['fly'], 'floats', 'dry'],
  [/\bunweighted\b/i, ['fly'], 'weighting', 'unweighted'],
  [/\b(?:heavily\s+weighted|heavy)\b/i, ['fly'], 'weighting', 'heavy'],
  [/\b(?:light(?:ly)?\s+weighted|light)\b/i, ['fly'], 'weighting', 'light'],
  [/\bweighted\b/i, ['fly'], 'weighting', 'heavy', true],
  [/\bfull\s+(?:cage|frame)\b/i, ['reel'], 'cage', 'full'],
  [/\bopen\s+(?:cage|frame)\b/i, ['reel'], 'cage', 'open'],
  [/\bfull\s+action\b/i, ['rod'], 'action', 'full'],
  [/\bmid(?:dle)?\s+action\b/i, ['rod'], 'action', 'middle'],
  [/\btip\s+action\b/i, ['rod'], 'action', 'tip'],
  [/\bfloating\b/i, ['head'], 'density', 'floating'],
  [/\bintermediate\b/i, ['head'], 'density', 'intermediate'],
  [/\bsinking\b/i, ['head'], 'density', 'sinking'],
  [/\bgel[- ]?spun\b/i, ['backing'], 'material', 'gel-spun'],
  [/\bbraid(?:ed)?\b/i, ['backing'], 'material', 'braided'],
  [/\bmono\b/i, ['backing'], 'material', 'mono'],
  // A sinking leader by the name of its speed: what is usual for it. [practice]
  [/\bfloating\b/i, ['sinking-leader'], 'sinkRateMps', 0],
  [/\bintermediate\b/i, ['sinking-leader'], 'sinkRateMps', 1.5 * M_PER_INCH, true],
  [/\bslow(?:\s+sink(?:ing)?)?\b/i, ['sinking-leader'], 'sinkRateMps', 3 * M_PER_INCH, true],
  [
    /\b(?:extra|super)[- ]fast(?:\s+sink(?:ing)?)?\b/i,
    ['sinking-leader'],
    'sinkRateMps',
    7 * M_PER_INCH,
    true,
  ],
  [/\bfast(?:\s+sink(?:ing)?)?\b/i, ['sinking-leader'], 'sinkRateMps', 5 * M_PER_INCH, true],
]

/** Words that say nothing more: they stand beside what was understood. */
export const EMPTY_WORDS =
  /\b(?:of|for|a|an|the|with|and|line|head|rod|reel|no|number|class|long|wide|test|dressed|sinks?|frame)\b|[,;:]/gi
