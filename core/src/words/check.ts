import { type Measure, printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import type { Check, CheckCode } from '../rig/index.ts'

/** What each line of the ledger is called. */
export const CHECK_TITLES: Readonly<Record<CheckCode, string>> = Object.freeze({
  'mass-in-window': 'Mass in the rod’s window',
  'rod-number': 'Rod number and line number',
  'skagit-tip': 'Skagit carries a tip',
  'joint-step': 'Joint of head and tip',
  'leader-joint': 'Joint to the leader',
  'tip-material': 'Tip material for the head',
  'fly-tip': 'Fly and what turns it over',
  'leader-length': 'Leader length',
  depth: 'Depth of the fly',
  'room-behind': 'Room behind',
  'running-line': 'Running line for the head',
  'reel-room': 'Room on the reel',
  'reel-cage': 'Frame of the reel',
  'rod-fish': 'Rod for the fish',
  'rod-cast': 'Rod for the cast',
  season: 'Season',
  water: 'Head for the water',
  'loop-in-guides': 'Loop in the guides',
})

type Say = (text: {
  value: string
  low: string
  high: string
  data: Readonly<Record<string, unknown>>
  in: (si: unknown, m: Measure) => string
}) => string

const JOINT_UP: Say = ({ value, data, in: show }) =>
  data.level === true && data.style !== 'skagit'
    ? `A level tip of ${value} hangs on a front of about ${show(data.behindKgPerM, 'massPerLength')}: the fine front cannot turn it over.`
    : `Mass per length rises from ${show(data.behindKgPerM, 'massPerLength')} to ${value}: the lighter part behind cannot turn over the heavier one ahead.`

/** One sentence for each way a check can come out. */
const SENTENCES: Readonly<Record<CheckCode, Readonly<Record<string, Say>>>> = {
  'mass-in-window': {
    inside: ({ data }) =>
      data.counts === 'head+tip'
        ? 'Head and tip together load this rod.'
        : 'The head, weighed without its tip, loads this rod.',
    'too-light': ({ value, low }) =>
      `${value} is less than the ${low} this rod wants: it will not bend far enough to cast by itself.`,
    'too-heavy': ({ value, high }) =>
      `${value} is more than the ${high} this rod carries: it folds and the loop opens. Never above the printed window at full power.`,
    'no-window': () =>
      'The line standard ends below this rod’s strength, so no window can be estimated. Enter the one its maker prints.',
  },
  'rod-number': {
    'own-number': ({ data }) =>
      `By its mass this is a line for a single-hand ${data.own}. A two-handed ${data.own} wants the mass of about a single-hand ${data.wanted}: it will not load.`,
    clear: ({ data }) => `Heavier than a single-hand ${data.own} line, as a two-handed ${data.own} wants.`,
  },
  'skagit-tip': {
    bare: () =>
      'A Skagit head must always carry a tip, a floating one if nothing else: bare, its blunt front dumps the leader in a heap.',
    'carries-tip': () => 'The blunt front has a tip to turn over.',
  },
  'joint-step': { 'steps-down': () => 'Mass per length falls from head to tip.', 'steps-up': JOINT_UP },
  'leader-joint': { 'steps-down': () => 'Mass per length falls on to the leader.', 'steps-up': JOINT_UP },
  'tip-material': {
    carries: ({ data }) => `A head of this mass turns over up to ${data.material}.`,
    'tip-too-heavy': ({ value, data, in: show }) =>
      `A ${show(data.headKg, 'lineMass')} head turns over up to ${data.material}; ${value} sinks the cast before it unrolls.`,
  },
  'fly-tip': {
    carries: ({ data }) => `The ${data.carrier} has the mass to turn this fly over.`,
    'fly-too-heavy': ({ low, data }) =>
      `This fly wants about ${low} behind it; the ${data.carrier === 'head' ? 'bare front of the head' : 'tip'} dies before it straightens.`,
    'quick-fix': () => 'By your setting a sinking leader is a fix for a few casts, not the tip of the rig.',
  },
  'leader-length': {
    fits: () => 'Long enough to anchor or turn over, short enough to lift.',
    missing: ({ low, high }) => `No leader chosen: tie one of ${low} to ${high}.`,
    'too-short': ({ value, low, data }) =>
      data.rule === 'fast-tip' || data.rule === 'slow-tip'
        ? `${value} puts the fly too close behind the tip; ${low} at least.`
        : `${value} is too short to anchor the cast; it slips. ${low} at least.`,
    'too-long': ({ value, high, data }) =>
      data.rule === 'fast-tip'
        ? `${value} behind a fast tip lets the fly ride up; ${high} at most.`
        : `${value} will not lift and turn over with this fly; ${high} at most.`,
  },
  depth: {
    'in-place': ({ value, data, in: show }) =>
      `Rides about ${value} down, between ${show(data.lowM, 'length')} and ${show(data.highM, 'length')}.`,
    'too-high': ({ value, low }) =>
      `Rides about ${value} down where ${low} is wanted: too high, and probably too fast.`,
    'too-deep': ({ value, high }) =>
      `Rides about ${value} down where ${high} is the most: it will touch or pass under the fish.`,
  },
  'room-behind': {
    enough: ({ value }) => `The cast takes about ${value} behind you.`,
    'd-loop': ({ value, high }) => `The D loop of this head takes about ${value}; there is ${high}.`,
    'back-cast': ({ value, high }) =>
      `An overhead cast takes the whole line’s ${value} behind; there is ${high}.`,
  },
  'running-line': {
    fits: () => 'Suits a head of this mass.',
    missing: () => 'No running line chosen.',
    'too-thin': ({ value, low }) =>
      `${value} is thin for this head; ${low} or more is kinder to the hand and the loop.`,
    'too-thick': ({ value, high }) => `${value} holds a head this light back; ${high} or less.`,
    core: ({ value }) => `A core of ${value} is outside what running lines for heads are made with.`,
    'cold-hands': () => 'Mono slips through cold fingers; coated line grips.',
  },
  'reel-room': {
    'holds-all': ({ data }) =>
      `Backing, running line and head fill about ${percent(data.share)} of the spool.`,
    overfull: ({ data }) =>
      `Backing, running line and head would fill about ${percent(data.share)} of the spool.`,
    'number-fits': () => 'By the number on its box it holds backing, running line and head.',
    'number-small': ({ data }) =>
      `A reel is bought by what must go on it: this rod wants a single-hand ${data.low} to ${data.high}, not its own number.`,
    'number-large': ({ data }) =>
      `Far bigger than this rod needs (a single-hand ${data.low} to ${data.high}): dead weight on the hand.`,
    'half-empty': ({ data }) =>
      `Everything fills only ${percent(data.share)} of the spool: big and heavy for this line.`,
    missing: () => 'No reel chosen, so room and balance are not checked.',
  },
  'reel-cage': {
    full: () => 'A full frame keeps thin mono in.',
    open: () => 'Thin mono slips out between spool and an open frame.',
    unknown: () => 'Mono wants a full frame; say in Gear which this reel has.',
  },
  'rod-fish': {
    suits: () => 'The rod is made for fish of this size.',
    'too-weak': ({ value, high }) => `Fish of ${value} are more than this rod lands quickly (about ${high}).`,
    'too-strong': ({ value, high }) => `Made for fish up to ${high}; ones of ${value} will hardly bend it.`,
  },
  'rod-cast': {
    suits: () => 'Long enough, and no longer than it need be.',
    'too-short': ({ value, low }) => `${value} is short for casts this long; ${low} is usual.`,
    'too-long': ({ value, high }) => `${value} is much rod for casts this short; ${high} would do.`,
    'too-far': ({ high }) => `One hand casts about ${high} in comfort.`,
  },
  season: {
    'in-season': ({ value }) =>
      value === '' ? 'A usual head for the time of year.' : `A usual head for water of ${value}.`,
    'fine-head-in-cold': () => 'In cold water fish move little: most carry a Skagit and a heavier tip now.',
    'short-head-in-summer': () => 'In warm water a finer head lands quieter and fishes the top.',
  },
  water: {
    'surf-head': () => 'Goes out in one back cast.',
    'river-head-in-surf': () =>
      'In the surf there is no current to set an anchor: an overhead head goes out in one back cast.',
  },
  'loop-in-guides': {
    'loop-outside': () => 'The head’s rear loop stays outside the tip-top.',
    'loop-inside': ({ value, low }) =>
      `Stripping to ${value} draws the joint inside the tip-top (${low} from the fly): it clicks, and catches on a fish.`,
  },
}

const percent = (share: unknown): string => `${Math.round(Number(share) * 100)} %`

/** A figure of a check as the ledger shows it. */
export function sayFigure(
  check: Pick<Check, 'measure'>,
  si: number,
  system: UnitSystem,
  moreDecimals = 0,
): string {
  if (check.measure === 'number') return `no. ${Math.round(si * 10) / 10}`
  return check.measure === 'none' ? percent(si) : printMeasure(si, check.measure, system, moreDecimals)
}

/** What is allowed, as the ledger shows it; empty when the check is not about a figure. */
export function sayAllowed({ measure, allowed }: Check, system: UnitSystem): string {
  if (allowed.low === undefined && allowed.high === undefined) return ''
  if (measure === 'none')
    return `${allowed.low === undefined ? 'up to' : `${percent(allowed.low)} –`} ${percent(allowed.high ?? 1)}`
  if (measure === 'number')
    return `no. ${allowed.low ?? ''}${allowed.high === undefined ? ' or more' : ` – ${allowed.high}`}`
  return printRange(allowed, measure, system)
}

/** The sentence of one ledger line, in the user's units. */
export function sayCheck(check: Check, system: UnitSystem): string {
  const say = SENTENCES[check.code][check.reason]
  if (say === undefined) throw new Error(`no words for ${check.code} ${check.reason}`)
  const { value, allowed } = check
  const at = (si: number | undefined | null, more: number): string =>
    si == null ? '' : sayFigure(check, si, system, more)
  // A figure just past its limit must not read the same as the limit.
  const plain = at(value, 0)
  const close = check.state !== 'holds' && (plain === at(allowed.low, 0) || plain === at(allowed.high, 0))
  const figure = (si: number | undefined | null): string => at(si, close ? 1 : 0)
  return say({
    value: figure(value),
    low: figure(allowed.low),
    high: figure(allowed.high),
    data: check.data,
    in: (si, measure) => printMeasure(Number(si), measure, system),
  })
}
