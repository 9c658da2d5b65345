import type { Hands, Item, Rod } from '../gear/index.ts'
import { printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import { itemIn, type RigParts, type RigSlot } from '../rig/index.ts'
import { ratedNumber, singleHandEquivalent, twoHandEquivalents } from '../rod/index.ts'
import type {
  Beside,
  Cover,
  FigureName,
  FigureSpan,
  Neighbour,
  OtherSchool,
  OverDaysQuestion,
  ReelMass,
  Served,
  SpecifiedRig,
  SpecifiedStyle,
} from '../specify/index.ts'
import { sayCheck } from './check.ts'
import { KIND_NAMES, SLOT_NAMES, sayChoice, summarize } from './names.ts'
import { SCHOOL_WORDS } from './schools.ts'

/** Kinds of head that a rig is put together for: as a title, and after "with". */
export const SPECIFIED_NAMES: Readonly<
  Record<SpecifiedStyle, { readonly title: string; readonly with: string }>
> = Object.freeze({
  skagit: { title: 'Skagit', with: 'a Skagit' },
  scandi: { title: 'Scandi', with: 'a Scandi' },
  integrated: { title: 'Integrated line', with: 'an integrated line' },
  overhead: { title: 'Overhead head', with: 'an overhead head' },
  'weight-forward': { title: 'Trout line', with: 'a trout line' },
})

export const FIGURE_NAMES: Readonly<Record<FigureName, string>> = Object.freeze({
  lineNumber: 'line number',
  rodLengthM: 'length',
  headKg: 'weight',
  headM: 'length',
  boxNumber: 'number on the box, single-hand',
  tipKgPerM: 'material',
  tipM: 'length',
  sinkingM: 'sinking part',
  tipNumber: 'made for a rod no.',
  sinkMps: 'sink rate',
  leaderM: 'length',
  leaderN: 'weakest piece',
  runningN: 'core',
  reelNumber: 'single-hand number on its box',
})

/** One figure of a part in the user's units. */
const one = (value: number, measure: FigureSpan['measure'], system: UnitSystem): string =>
  measure === 'number' ? String(value) : printMeasure(value, measure, system)

/** Text of a figure's span: "445–520 gr"; open where nothing of the rig ends it. */
export function saySpan({ low, high, below, above, measure }: FigureSpan, system: UnitSystem): string {
  if (below === undefined && above === undefined) return 'any'
  if (low === high) return one(low, measure, system)
  if (measure === 'number')
    return below === undefined ? `up to ${high}` : above === undefined ? `${low} or more` : `${low}–${high}`
  return printRange(
    { ...(below === undefined ? {} : { low }), ...(above === undefined ? {} : { high }) },
    measure,
    system,
  )
}

/** The best of a span. */
export const sayTarget = ({ target, measure }: FigureSpan, system: UnitSystem): string =>
  one(target, measure, system)

/** Limits that end a span either way, in the checks' words. */
export const sayEnds = ({ below, above }: FigureSpan, system: UnitSystem): readonly string[] =>
  [below, above].flatMap((check) => (check === undefined ? [] : [sayCheck(check, system)]))

/** Sort of part, apart from its figures. */
export function saySort(parts: RigParts, slot: RigSlot): string {
  const { rod, head, tip, leader, runningLine, reel } = parts
  switch (slot) {
    case 'rodId':
      return sayChoice(rod.hands)
    case 'headId':
      return head.head.density === undefined || head.head.density === 'floating'
        ? `${sayChoice(head.head.style)}, floating`
        : `${sayChoice(head.head.style)}, ${head.head.density}`
    case 'tipId':
      return tip === null
        ? 'none'
        : tip.item.kind === 'tip'
          ? `${sayChoice(tip.item.build)} tip`
          : 'sinking leader'
    case 'leaderId':
      return leader === null ? 'none' : `${leader.form}, nylon`
    case 'runningLineId':
      return runningLine === null ? 'part of the line' : runningLine.item.build
    case 'reelId':
      return reel?.cage === undefined ? 'any frame' : `${reel.cage} frame`
  }
}

/** A rod in the other world's numbers, by both schools (C9). */
export function sayStrength(rod: Rod): string {
  if (rod.hands === 'single') {
    const numbers = twoHandEquivalents(ratedNumber(rod))
    return numbers.length === 0 ? '' : `about as strong as a two-hander no. ${numbers.join(' or ')}`
  }
  const numbers = (['plus-two', 'plus-three'] as const).map((school) => singleHandEquivalent(rod, school))
  return `about as strong as a single-hand no. ${numbers.join(' or ')}`
}

/** A part as one typed line, as gear is added by. */
export function quickLine(item: Item): string {
  const ft = (m: number): string => printMeasure(m, 'length', 'trade')
  const lb = (n: number | undefined): string =>
    n === undefined ? '' : ` ${printMeasure(n, 'breakingLoad', 'trade')}`
  switch (item.kind) {
    case 'rod':
      return `${printMeasure(item.lengthM, 'length', 'trade')} no. ${item.lineNumber} ${sayChoice(item.hands)}`
    case 'head':
      return item.massKg === undefined
        ? `${sayChoice(item.style)} no. ${item.labelNumber ?? ''} ${ft(item.lengthM)}`
        : `${sayChoice(item.style)} ${printMeasure(item.massKg, 'lineMass', 'trade')} ${ft(item.lengthM)}${item.density === undefined || item.density === 'floating' ? '' : ` ${item.density}`}`
    case 'cheater':
      return `cheater ${ft(item.lengthM)} ${printMeasure(item.kgPerM, 'massPerLength', 'trade')}`
    case 'tip':
      return item.kgPerM === undefined
        ? `${item.build} tip ${ft(item.lengthM)}${item.sinkingLengthM === undefined ? '' : ` ${ft(item.sinkingLengthM)}`}${item.rodNumber === undefined ? '' : ` no. ${item.rodNumber}`}`
        : `T-${printMeasure(item.kgPerM, 'massPerLength', 'trade').split(' ')[0]} ${ft(item.lengthM)}`
    case 'sinking-leader':
      return `sinking leader ${ft(item.lengthM)} ${printMeasure(item.sinkRateMps, 'sinkRate', 'trade')}`
    case 'leader':
      return `leader ${ft(item.lengthM)}${lb(item.breakingN)} ${item.form}`
    case 'running-line':
      return `running line ${item.build}${lb(item.breakingN)}`
    case 'reel':
      return `reel no. ${item.forNumber ?? ''}${item.cage === undefined ? '' : ` ${item.cage} frame`}`
    default:
      return item.name
  }
}

/** A specified rig as plain text: a card to carry to a shop or a friend's garage. @param reel what else is said of the reel */
export function lookForText(
  { rig, open, spans }: SpecifiedRig,
  system: UnitSystem,
  reel: readonly string[] = [],
): string {
  const lines = open.flatMap((slot) => [
    `${SLOT_NAMES[slot]}: ${saySort(rig.parts, slot)}`,
    ...spans
      .filter((span) => span.slot === slot)
      .map(
        (span) => `  ${FIGURE_NAMES[span.figure]}: ${saySpan(span, system)}; best ${sayTarget(span, system)}`,
      ),
    ...(slot === 'reelId' ? reel.map((said) => `  ${said}`) : []),
  ])
  return `${lines.join('\n')}\n`
}

/** The same as rows of a table, its head first. */
export const lookForRows = (
  { rig, open, spans }: SpecifiedRig,
  system: UnitSystem,
  reel: readonly string[] = [],
): readonly (readonly string[])[] => [
  ['part', 'sort', 'figure', 'span', 'best', 'why this limit'],
  ...open.flatMap((slot) =>
    spans
      .filter((span) => span.slot === slot)
      .map((span) => [
        SLOT_NAMES[slot],
        saySort(rig.parts, slot),
        FIGURE_NAMES[span.figure],
        saySpan(span, system),
        sayTarget(span, system),
        sayEnds(span, system).join(' '),
      ]),
  ),
  ...(open.includes('reelId')
    ? reel.map((said) => [SLOT_NAMES.reelId, saySort(rig.parts, 'reelId'), said, '', '', ''])
    : []),
]

/** Rods that a head is for: "two-hander no. 6–7, 12 ft 6 in or longer". */
export function sayServed(served: Served | undefined, hands: Hands, system: UnitSystem): string {
  if (served === undefined) return `no ${sayChoice(hands)}`
  const [low, high] = served.numbers
  const numbers = low === high ? String(low) : `${low}–${high}`
  return `${sayChoice(hands)} no. ${numbers}, ${printMeasure(served.fromM, 'rodLength', system)} or longer`
}

const list = (names: readonly string[]): string =>
  names.length < 2 ? names.join() : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** Sort and figures of a part, apart from its name. */
export const saySortOf = (item: Item, system: UnitSystem): string =>
  item.kind === 'tip' || item.kind === 'rod' || item.kind === 'head'
    ? summarize(item, system)
    : `${KIND_NAMES[item.kind].one}, ${summarize(item, system)}`

/** Sentence on the parts that cannot go together on a day. */
export function sayClash(parts: readonly RigSlot[]): string {
  const names = parts.map((slot) => SLOT_NAMES[slot].toLowerCase())
  if (names.length === 0) return 'No rig works on a day like this.'
  if (names.length === 1) return `No rig with this ${names.join()} works on a day like this.`
  return `This ${names.slice(0, -1).join(', ')} and this ${names.at(-1)} don’t work together on a day like this.`
}

/** Questions over several days, as they are asked. */
export const OVER_DAYS_NAMES: Readonly<Record<OverDaysQuestion, string>> = Object.freeze({
  tips: 'Two tips for most of my days',
  line: 'One line for most of my days',
  next: 'What to get next',
})

/** Sentences on what serves on the most of several days. */
export function sayCover(
  question: OverDaysQuestion,
  { items, days, without, of }: Cover,
  system: UnitSystem,
): readonly string[] {
  const named = list(items.map((item) => saySortOf(item, system)))
  const enough =
    without.length === 0
      ? []
      : question === 'next'
        ? [
            without.length === of
              ? 'Your gear already holds on every usual day: you need nothing.'
              : `Your gear already holds on: ${list(without)}.`,
          ]
        : [`No tip is needed on: ${list(without)}.`]
  if (items.length === 0)
    return without.length === of
      ? enough
      : [
          ...enough,
          question === 'next'
            ? 'On the other days no single part would do: more than one is missing. Start from a whole rig above.'
            : 'Nothing works on the other days: this rod isn’t made for them.',
        ]
  const serves =
    question === 'next'
      ? `${named}: with it, one of your rigs holds on ${list(days)}.`
      : `${named}: ${items.length > 1 ? 'one or the other works' : 'it works'} on ${list(days)}.`
  return [serves, ...enough, `That is ${days.length + without.length} of ${of} days.`]
}

const BESIDE: Readonly<Record<Beside, string>> = {
  lighter: 'One line size down',
  stronger: 'One line size up',
  shorter: 'Shorter',
  longer: 'Longer',
  'other-hands': 'The other grip',
}
/** Nearer than this two casts are the same [m]. */
const SAME_CAST_M = 0.3

/** A neighbouring rod, and what it gives up against the one that was found. */
export function sayNeighbour({ beside, rig, worse, furtherM }: Neighbour, system: UnitSystem): string {
  const { rod } = rig.parts
  const made = `${BESIDE[beside]}, ${sayChoice(rod.hands)} no. ${rod.lineNumber} of ${printMeasure(rod.lengthM, 'rodLength', system)}`
  const far = printMeasure(Math.abs(furtherM), 'length', system)
  const casts =
    Math.abs(furtherM) < SAME_CAST_M
      ? 'casts as far'
      : furtherM > 0
        ? `casts ${far} further`
        : `gives up ${far} of the cast`
  const mass = `takes ${printMeasure(rig.massKg, 'lineMass', system)}`
  const [worst] = worse
  return worst === undefined
    ? `${made}: no check is worse; it ${casts} and ${mass}.`
    : `${made}: it ${casts} and ${mass}. ${sayCheck(worst, system)}`
}

/** Sentence on the room a rig's line and backing need on the reel, and the mass the reel should weigh. */
export function sayReel(volumeM3: number, mass: ReelMass | undefined, system: UnitSystem): readonly string[] {
  const room = `room for ${Math.ceil(volumeM3 * 1e6)} cm³ of line and backing, or more`
  return mass === undefined
    ? [room]
    : [
        room,
        `weight ${printRange(mass, 'gearMass', system)}, best ${printMeasure(mass.target, 'gearMass', system)}`,
      ]
}

/** Sentence on what another school would look for instead. */
export function sayOtherSchool({ question, choice, rig, changed }: OtherSchool, system: UnitSystem): string {
  const { question: asked, choices } = SCHOOL_WORDS[question]
  const parts = changed.map((slot) => {
    const item = itemIn(rig.parts, slot)
    return `${SLOT_NAMES[slot].toLowerCase()} ${item === null ? 'none' : summarize(item, system)}`
  })
  return `${asked.replace(/\?$/, '')} — ${(choices[choice]?.label ?? choice).toLowerCase()}: ${parts.join('; ')}.`
}
