import type { Item, Kind, SchoolQuestion, WindowStyle } from '../gear/index.ts'
import { type EvidenceTag, printMeasure, type UnitSystem } from '../quantity/index.ts'
import type { CheckState, RigSlot } from '../rig/index.ts'
import { nameMaterial } from '../sink/index.ts'

export const KIND_NAMES: Readonly<
  Record<Kind, { readonly one: string; readonly many: string; readonly a: string }>
> = Object.freeze({
  rod: { one: 'rod', many: 'Rods', a: 'a rod' },
  head: { one: 'head', many: 'Heads', a: 'a head' },
  cheater: { one: 'cheater', many: 'Cheaters', a: 'a cheater' },
  tip: { one: 'tip', many: 'Tips', a: 'a tip' },
  'sinking-leader': { one: 'sinking leader', many: 'Sinking leaders', a: 'a sinking leader' },
  leader: { one: 'leader', many: 'Leaders', a: 'a leader' },
  tippet: { one: 'tippet', many: 'Tippet', a: 'a spool of tippet' },
  fly: { one: 'fly', many: 'Flies', a: 'a fly' },
  'running-line': { one: 'running line', many: 'Running lines', a: 'a running line' },
  reel: { one: 'reel', many: 'Reels', a: 'a reel' },
  backing: { one: 'backing', many: 'Backing', a: 'a spool of backing' },
})

export const SLOT_NAMES: Readonly<Record<RigSlot, string>> = Object.freeze({
  rodId: 'Rod',
  reelId: 'Reel',
  runningLineId: 'Running line',
  headId: 'Head',
  tipId: 'Tip',
  leaderId: 'Leader',
})

export const WINDOW_NAMES: Readonly<Record<WindowStyle, string>> = Object.freeze({
  skagit: 'Skagit',
  scandi: 'Scandi',
  overhead: 'Overhead',
  'trout-line': 'Trout line',
})

export const STATE_NAMES: Readonly<Record<CheckState, string>> = Object.freeze({
  holds: 'Holds',
  watch: 'Watch',
  breaks: 'Breaks',
})

/** Each evidence tag as it is shown. */
export const TAG_NAMES: Readonly<Record<EvidenceTag, string>> = Object.freeze({
  standard: 'standard',
  practice: 'rule of thumb',
  physics: 'physics',
  estimate: 'estimate',
  log: 'your log',
  printed: 'given',
})

/** Meaning of each evidence tag, shown beside it. */
export const TAG_MEANINGS: Readonly<Record<EvidenceTag, string>> = Object.freeze({
  standard: 'A published standard or table',
  practice: 'A rule of thumb among experienced anglers; no published source',
  physics: 'Follows from mechanics or geometry',
  estimate: 'Our own model, shown with its likely range; never a fact',
  log: 'Learned from your own log',
  printed: 'Printed on the box or rod, or measured by you',
})

const words = (text: string): string => text.replaceAll('-', ' ')

/** A choice as people say it. */
const CHOICES: Readonly<Record<string, string>> = {
  'trout-two-hander': 'trout spey rod',
  'two-hander': 'two-hander',
  single: 'single-hander',
  'head+tip': 'head and tip',
  switch: 'switch rod',
  surf: 'surf rod',
  'double-taper': 'double taper',
  'weight-forward': 'weight forward',
  'multi-density': 'multi-density',
  'part-sinking': 'part-sinking',
  skagit: 'Skagit',
  scandi: 'Scandi',
  'gel-spun': 'gel-spun',
}
export const sayChoice = (choice: string): string => CHOICES[choice] ?? words(choice)

function tipSummary(item: Extract<Item, { kind: 'tip' }>, system: UnitSystem): string {
  const lengthText = printMeasure(item.lengthM, 'length', system)
  const massKg = item.massKg ?? (item.kgPerM === undefined ? undefined : item.kgPerM * item.lengthM)
  const material =
    item.build === 'level' && massKg !== undefined ? nameMaterial(massKg, item.lengthM).material : null
  const sinks =
    item.sinkingLengthM === undefined ? '' : `, ${printMeasure(item.sinkingLengthM, 'length', system)} sinks`
  return `${material ?? sayChoice(item.build)}, ${lengthText}${sinks}`
}

/** Summary of an item in one short line, in the user's units. */
export function summarize(item: Item, system: UnitSystem): string {
  const show = (si: number | undefined, measure: Parameters<typeof printMeasure>[1]): string | undefined =>
    si === undefined ? undefined : printMeasure(si, measure, system)
  const join = (...parts: (string | undefined)[]): string =>
    parts.filter((p) => p !== undefined && p !== '').join(', ')
  switch (item.kind) {
    case 'rod':
      return join(
        `no. ${item.lineNumber}${item.lineNumberHigh === undefined ? '' : `/${item.lineNumberHigh}`}`,
        show(item.lengthM, 'rodLength'),
        sayChoice(item.hands),
      )
    case 'head':
      return join(
        sayChoice(item.style),
        show(item.massKg, 'lineMass'),
        show(item.lengthM, 'length'),
        item.labelNumber === undefined ? undefined : `box says ${item.labelNumber}`,
        item.cheaterM === undefined ? undefined : `${show(item.cheaterM, 'length')} cheater included`,
      )
    case 'cheater':
      return join(show(item.kgPerM, 'massPerLength'), show(item.lengthM, 'length'))
    case 'tip':
      return tipSummary(item, system)
    case 'sinking-leader':
      return join(
        show(item.lengthM, 'length'),
        item.sinkRateMps === 0 ? 'floats' : `sinks ${show(item.sinkRateMps, 'sinkRate')}`,
      )
    case 'leader':
      return join(
        item.form,
        show(item.lengthM, 'length'),
        item.material,
        show(item.breakingN, 'breakingLoad'),
      )
    case 'tippet':
      return join(item.material, show(item.diameterM, 'diameter'), show(item.breakingN, 'breakingLoad'))
    case 'fly':
      return join(item.dress, item.weighting, show(item.massKg, 'flyMass'))
    case 'running-line':
      return join(item.build, show(item.diameterM, 'diameter'), show(item.breakingN, 'breakingLoad'))
    case 'reel':
      return join(
        item.forNumber === undefined ? undefined : `for no. ${item.forNumber}`,
        item.spool && `spool ${show(item.spool.rimDiameterM, 'spoolSize')}`,
        item.cage && `${item.cage} frame`,
        show(item.massKg, 'gearMass'),
      )
    case 'backing':
      return join(item.material, show(item.breakingN, 'breakingLoad'), show(item.lengthM, 'backingLength'))
  }
}

/** A question good anglers differ on, with each side's reason in one sentence. */
export interface SchoolWords {
  readonly question: string
  readonly choices: Readonly<Record<string, { readonly label: string; readonly reason: string }>>
  /** Whether a figure depends on it; what no figure follows is told, and not asked. */
  readonly inUse: boolean
}

export const SCHOOL_WORDS: Readonly<Record<SchoolQuestion, SchoolWords>> = Object.freeze({
  twoHandNumber: {
    question: 'How many sizes heavier does a two-hander throw than a single-hander of the same number?',
    inUse: true,
    choices: {
      'by-number': {
        label: 'Two for trout spey rods, three for the rest',
        reason: 'Fits the heads people really use on trout spey rods and full two-handers.',
      },
      'plus-two': { label: 'Always two', reason: 'A two-hander no. 5 fishes like a single-hander no. 7.' },
      'plus-three': {
        label: 'Always three',
        reason: 'A two-hander no. 4 fishes like a single-hander no. 7.',
      },
    },
  },
  boxNumber: {
    question: 'The number on the box',
    inUse: true,
    choices: {
      'read-grains': {
        label: 'Read grains and length',
        reason: 'The same number means very different weights by class and length.',
      },
      'trust-label': {
        label: 'Trust the number',
        reason: 'Makers now match heads to rods by number.',
      },
    },
  },
  headJoint: {
    question: 'Joining head and running line',
    inUse: true,
    choices: {
      'loop-to-loop': {
        label: 'Loop to loop',
        reason: 'Change anything on the bank; one reel serves several rods.',
      },
      integrated: { label: 'Integrated line', reason: 'Nothing clicks through the guides.' },
    },
  },
  runningLine: {
    question: 'Running line',
    inUse: true,
    choices: {
      coated: { label: 'Coated', reason: 'Good feel and grip, even with cold hands.' },
      mono: { label: 'Mono', reason: 'Shoots further and takes less room on the spool.' },
    },
  },
  sinkTipLeader: {
    question: 'Leader on a sink tip',
    inUse: true,
    choices: {
      stepped: {
        label: 'Tapered and stepped',
        reason: 'Turns over well, and lands clear of the brush.',
      },
      level: { label: 'One level piece', reason: 'Quickly replaced, no knots.' },
    },
  },
  sinkingLeaders: {
    question: 'Tapered sinking leaders',
    inUse: true,
    choices: {
      'main-tip': {
        label: 'The tip for a Scandi',
        reason: 'Light enough for a Scandi to turn over all day.',
      },
      'quick-fix': {
        label: 'A fix for a few casts',
        reason: 'They sink butt first and turn over no weight.',
      },
    },
  },
  weightPlace: {
    question: 'Which fly carries the weight',
    inUse: true,
    choices: {
      dropper: { label: 'In the dropper', reason: 'In slow water a heavy point fly hardly swims.' },
      'point-fly': { label: 'In the point fly', reason: 'In fast water it holds the whole rig down.' },
    },
  },
  reelWeight: {
    question: 'Reel weight',
    inUse: true,
    choices: {
      heavy: { label: 'Heavy', reason: 'Balances a long rod at the upper hand.' },
      light: { label: 'Light', reason: 'A short switch rod needs no counterweight.' },
    },
  },
  headMass: {
    question: 'Head weight for the same rod',
    inUse: true,
    choices: {
      'by-trials': { label: 'By trials', reason: 'Only trying heads settles it for you.' },
      lighter: { label: 'Lighter', reason: 'For a caster who bends the rod fully.' },
      heavier: { label: 'Heavier', reason: 'For a caster who pushes late with the top hand.' },
    },
  },
  overheadSize: {
    question: 'Overhead heads on a rod that mainly spey casts',
    inUse: true,
    choices: {
      'one-up-for-spey': {
        label: 'One size up',
        reason: 'Spey casting bends the rod with less line in the air.',
      },
      standard: { label: 'The standard size', reason: 'The whole head is in the air either way.' },
    },
  },
  alternatingPools: {
    question: 'Two pools that need different tips',
    inUse: false,
    choices: {
      'change-tip': { label: 'Change the tip', reason: 'One rod to carry, two minutes to change.' },
      'second-rod': { label: 'Carry a second rod', reason: 'No re-rigging between pools.' },
    },
  },
  backingJoint: {
    question: 'Joining backing to running line',
    inUse: true,
    choices: {
      loop: { label: 'Loop to loop', reason: 'The whole line comes off in a minute.' },
      knot: { label: 'Knotted straight to the line', reason: 'Nothing to catch in the guides.' },
    },
  },
  splitWeight: {
    question: 'Split weight',
    inUse: false,
    choices: {
      'on-leader': { label: 'On the leader', reason: 'Simple, and moved in a moment.' },
      'on-tag': { label: 'On a knotted tag', reason: 'The leader is not kinked.' },
    },
  },
})

/** The leader that a tip is judged with; null for none. */
export const sayLeader = (name: string | null): string =>
  name === null ? 'without a leader' : `with ${name}`

/** The same added to what was said of the tip; undefined where the leader stays the same. */
export const sayLeaderWith = (name: string | null | undefined): string =>
  name === undefined ? '' : `, ${sayLeader(name)}`
