import { type Measure, printMeasure, printRange, type UnitSystem } from '../quantity/index.ts'
import { CHECK_CODES, type Check, type CheckCode, type CheckReasons } from '../rig/index.ts'
import type { SwingReason } from '../swing/index.ts'
import { CAST_TITLES, sayAgainst } from './castNames.ts'
import { sayContact, saySwing } from './swing.ts'

/** Material of a sentence: the figure and its limits as they are printed, and the data of its reason. */
interface Text<Data> {
  readonly value: string
  readonly low: string
  readonly high: string
  /** An estimated limit is a band with soft ends, and is spoken of as one. */
  readonly estimated: boolean
  readonly data: Data
  readonly in: (si: number, measure: Measure) => string
}

type Say<Data> = (text: Text<Data>) => string

/** Title of a line of the ledger, and one sentence for each way it can come out; none can be left out. */
type CheckWords = {
  readonly [C in CheckCode]: {
    readonly title: string
    readonly says: { readonly [R in keyof CheckReasons<C>]: Say<CheckReasons<C>[R]> }
  }
}

const percent = (share: number): string => `${Math.round(share * 100)} %`

const JOINT_UP: Say<CheckReasons<'joint-step'>['steps-up']> = ({ value, data, in: show }) =>
  data.levelOnFine
    ? `A level tip of ${value} hangs on a front of about ${show(data.behindKgPerM, 'massPerLength')}: the fine front cannot turn it over.`
    : `Mass per length rises from ${show(data.behindKgPerM, 'massPerLength')} to ${value}: the lighter part behind cannot turn over the heavier one ahead.`

/** Sentence of a swing's outcome, with its figures. */
const swung =
  (reason: SwingReason): Say<CheckReasons<'depth'>['in-place']> =>
  ({ data, in: show }) => {
    const contact = data.touches === 0 ? '' : `, ${sayContact(data)}`
    return `${saySwing(reason, data.fishAt)} ${data.holdingS.toFixed(0)} s of ${data.overHoldingS.toFixed(0)} s where they are, about ${show(data.ridesM, 'length')} down${contact}.`
  }

/** The same of a fly that stays on top: how fast it goes over the water, or how long with it. */
const overTop =
  (reason: SwingReason): Say<CheckReasons<'depth'>['wakes']> =>
  ({ data, in: show }) =>
    `${saySwing(reason, data.fishAt)} About ${show(data.wakeMps, 'current')} against the water around it.`
const drifted =
  (reason: SwingReason): Say<CheckReasons<'depth'>['drifts']> =>
  ({ data }) =>
    `${saySwing(reason, data.fishAt)} ${Math.round(data.dragFreeS)} s without drag.`

const WORDS: CheckWords = {
  'mass-in-window': {
    title: 'Mass in the rod’s window',
    says: {
      inside: ({ data }) =>
        data.counts === 'head+tip'
          ? 'Head and tip together load this rod.'
          : 'The head, weighed without its tip, loads this rod.',
      'too-light': ({ value, low, high, estimated }) =>
        estimated
          ? `${value} lies below the band estimated for such a rod, about ${low} to ${high}: it may not bend far enough to cast by itself.`
          : `${value} is less than the ${low} this rod wants: it will not bend far enough to cast by itself.`,
      'too-heavy': ({ value, low, high, estimated }) =>
        estimated
          ? `${value} lies above the band estimated for such a rod, about ${low} to ${high}: it may fold it and open the loop.`
          : `${value} is more than the ${high} this rod carries: it folds and the loop opens. Never above the printed window at full power.`,
      'no-window': () =>
        'The line standard ends below this rod’s strength, so no window can be estimated. Enter the one its maker prints.',
    },
  },
  'rod-number': {
    title: 'Rod number and line number',
    says: {
      'own-number': ({ data }) =>
        `By its mass this is a line for a single-hand ${data.own}. A two-handed ${data.own} wants the mass of about a single-hand ${data.wanted}: it will not load.`,
      clear: ({ data }) => `Heavier than a single-hand ${data.own} line, as a two-handed ${data.own} wants.`,
    },
  },
  'skagit-tip': {
    title: 'Skagit carries a tip',
    says: {
      bare: () =>
        'A Skagit head must always carry a tip, a floating one if nothing else: bare, its blunt front dumps the leader in a heap.',
      'carries-tip': () => 'The blunt front has a tip to turn over.',
    },
  },
  'joint-step': {
    title: 'Joint of head and tip',
    says: { 'steps-down': () => 'Mass per length falls from head to tip.', 'steps-up': JOINT_UP },
  },
  'cheater-joint': {
    title: 'Cheater behind the head',
    says: {
      'steps-down': () => 'Mass per length falls from the cheater to the head.',
      'steps-up': ({ value, data, in: show }) =>
        `Mass per length rises from the cheater’s ${show(data.behindKgPerM, 'massPerLength')} to ${value} of the head: a hinge.`,
      'lighter-than-line': ({ value, data, in: show }) =>
        `The cheater has ${value}, the running line ${show(data.behindKgPerM, 'massPerLength')}: a hinge.`,
    },
  },
  'leader-joint': {
    title: 'Joint to the leader',
    says: { 'steps-down': () => 'Mass per length falls on to the leader.', 'steps-up': JOINT_UP },
  },
  'tip-material': {
    title: 'Tip material for the head',
    says: {
      carries: ({ data }) => `A head of this mass turns over up to ${data.material}.`,
      'tip-too-heavy': ({ value, data, in: show }) =>
        `A ${show(data.headKg, 'lineMass')} head turns over up to ${data.material}; ${value} sinks the cast before it unrolls.`,
      'tip-too-light': ({ value, data, in: show }) =>
        `A ${show(data.headKg, 'lineMass')} head is made for about ${data.material}; on ${value} it kicks and lands hard.`,
    },
  },
  'tip-share': {
    title: 'Weight of the tip for the head',
    says: {
      carries: ({ data, in: show }) =>
        `A tip of ${show(data.tipKg, 'lineMass')} is light enough for this head.`,
      'too-heavy': ({ value, high, data, in: show }) =>
        `A tip of ${show(data.tipKg, 'lineMass')} is ${value} of its head’s weight: more than about ${high}, and the head has not enough left to throw it.`,
      'floats-on-sinking': () =>
        'A floating tip in front of a head whose front sinks holds the fly up and bends the line the wrong way.',
    },
  },
  simplest: {
    title: 'No more parts than it needs',
    says: {
      'needs-tip': () => 'A Skagit needs its tip.',
      'without-tip': () => 'Leader straight on the head: nothing to spare.',
      'with-tip': () =>
        'This head needs no tip: one is worth it only where it takes the fly down to the fish. Of rigs that do the same, take the simplest.',
    },
  },
  'cold-front': {
    title: 'Cold water, fish at the bottom',
    says: {
      sinks: () => 'Enough of it sinks for cold water and fish at the bottom.',
      'front-floats': ({ data, in: show }) =>
        `Fish that lie at the bottom in cold water want ${show(data.sinksM, 'length')} or more that sinks, even where a long leader would get the fly down.`,
      'sinks-little': ({ value, low }) =>
        `${value} of it sinks; for fish that lie at the bottom in cold water ${low} or more comes first.`,
    },
  },
  'cold-leader': {
    title: 'Leader in cold water',
    says: {
      short: () => 'Short enough to keep the fly down at the bottom.',
      long: ({ value, high }) =>
        `In cold water ${value} of leader lets the fly rise off the bottom: ${high} at most comes first.`,
    },
  },
  'fly-tip': {
    title: 'Fly and what turns it over',
    says: {
      straight: ({ data }) =>
        `The ${data.carrier} turns this fly over: it arrives with speed, before it can drop.`,
      'rule-doubts': ({ data, in: show }) =>
        `It turns over straight, though the rule of thumb would want ${show(data.needsKgPerM, 'massPerLength')} behind such a fly: an open loop, and no hurry.`,
      falls: ({ value, data }) =>
        `The fly drops about ${value} before the loop is out: a shorter leader, more mass in front, or a lighter fly. The ${data.carrier} is light for it.`,
      'rule-trusts': ({ value }) =>
        `By the rule of thumb there is mass enough behind this fly, yet it drops about ${value} before the loop is out: shorten the leader.`,
      dies: ({ data }) =>
        `The cast dies before it straightens: the ${data.carrier} has not the mass to carry this fly through the air.`,
    },
  },
  'fly-head': {
    title: 'Heavy fly on the head',
    says: {
      'blunt-front': () => 'A blunt front throws a heavy fly.',
      'fine-front': () =>
        'A heavy fly, or a heavy dropper, wants a Skagit: a fine front throws it badly, and it drops.',
    },
  },
  'fly-floats': {
    title: 'Fly that stays on top',
    says: {
      'all-floats': () => 'Everything in front of it floats; grease the leader.',
      'part-sinks': () =>
        'Something in front of it sinks and draws it under: it wants a line and tip that float.',
      'lands-hard': () =>
        'A blunt front lands hard beside a dry fly: a fine head or a trout line lays it down.',
    },
  },
  'sinking-leader': {
    title: 'Sinking leader as the tip',
    says: {
      'own-tip': () => 'A head of this kind turns over a tapered sinking leader.',
      makeshift: () =>
        'On a full-size Skagit a tapered sinking leader is a makeshift: it lands in a heap when thrown hard.',
      'quick-fix': () => 'By your setting a sinking leader is a fix for a few casts, not the tip of the rig.',
    },
  },
  'head-length': {
    title: 'Head against rod length',
    says: {
      suits: () => 'Not too long a head for this rod.',
      'trout-line': () => 'A trout line casts by what is carried; heads reach further.',
      short: () => 'A head shorter than the rod: easy in tight places; it reaches and anchors less.',
      long: ({ value, high }) =>
        `${value} is a long head for this rod: ${high} is about what it lifts and sweeps.`,
      'long-with-tip': ({ value, high }) =>
        `Head and tip together are ${value}: more than about ${high} is hard to lift with this rod.`,
    },
  },
  'line-out': {
    title: 'Line outside the rod',
    says: {
      'all-out': () => 'On a cast of this length the whole head is outside the rod.',
      'inside-rod': ({ value, data, in: show }) =>
        `A cast of ${show(data.castM, 'length')} leaves ${value} of ${show(data.wholeM, 'length')} outside the rod, and only that loads it: cast further, shorten leader or tip, or take a shorter head.`,
    },
  },
  reach: {
    title: 'Reach',
    says: {
      reaches: ({ value }) => `Casts about ${value}, with what shoots after the head.`,
      short: ({ value, low }) =>
        `Casts about ${value}, and ${low} is asked: wade, shorten the cast, or take a rig that carries further.`,
      'short-in-wind': ({ value, low }) =>
        `Casts about ${value} into this wind, and ${low} is asked: in still air it would reach.`,
      'short-compact': ({ value, low }) =>
        `Casts about ${value} in the compact stroke, and ${low} is asked: with more room behind it would reach.`,
    },
  },
  'leader-fish': {
    title: 'Leader and the fish',
    says: {
      'strong-enough': () => 'Its weakest piece holds such a fish on a tight line.',
      weak: ({ value, data, in: show }) =>
        `Fish of ${show(data.fishKg, 'fishMass')} that hit a tight line want about ${show(data.wantedN, 'breakingLoad')} on the spool; this breaks at ${value}.`,
    },
  },
  'leader-length': {
    title: 'Leader length',
    says: {
      fits: () => 'Long enough to anchor or turn over, short enough to lift.',
      missing: ({ low, high }) => `No leader chosen: tie one of ${low} to ${high}.`,
      'too-short': ({ value, low, data }) =>
        data.behindTip
          ? `${value} puts the fly too close behind the tip; ${low} at least.`
          : `${value} is too short to anchor the cast; it slips. ${low} at least.`,
      'too-long': ({ value, high, data }) =>
        data.fast
          ? `${value} behind a fast tip lets the fly ride up; ${high} at most.`
          : `${value} will not lift and turn over with this fly; ${high} at most.`,
    },
  },
  depth: {
    title: 'Depth of the fly',
    says: {
      'not-swung': ({ value, data, in: show }) =>
        `Not yet let swing. At a first look it rides about ${value} down, between ${show(data.lowM, 'length')} and ${show(data.highM, 'length')}.`,
      wakes: overTop('wakes'),
      drowns: overTop('drowns'),
      skates: overTop('skates'),
      drifts: drifted('drifts'),
      'drags-on-top': drifted('drags-on-top'),
      'in-place': swung('in-place'),
      touches: swung('touches'),
      'seldom-high': swung('seldom-high'),
      'seldom-deep': swung('seldom-deep'),
      scrapes: swung('scrapes'),
      'too-high': swung('too-high'),
      hurried: swung('hurried'),
      'too-deep': swung('too-deep'),
      drags: swung('drags'),
      grounded: swung('grounded'),
      'no-swing': ({ data }) => saySwing('no-swing', data.fishAt),
      'float-set': ({ data, in: show }) =>
        `Leader enough to set the float ${show(data.lowM, 'length')} to ${show(data.highM, 'length')} above the weight. Start light, and add.`,
      'float-short': ({ value, data, in: show }) =>
        `From float to weight it wants ${show(data.lowM, 'length')} to ${show(data.highM, 'length')}; this leader is ${value}.`,
      'float-drowned': () =>
        'A line that sinks draws the float under: it wants one that floats from end to end.',
    },
  },
  'room-behind': {
    title: 'Room behind',
    says: {
      enough: ({ value }) => `The cast takes about ${value} behind you.`,
      compact: ({ value, high }) =>
        `The D loop of this head takes about ${value}; there is ${high}: only with the compact stroke.`,
      'd-loop': ({ value, high }) => `The D loop of this head takes about ${value}; there is ${high}.`,
      'back-cast': ({ value, high }) =>
        `An overhead cast takes the whole line’s ${value} behind; there is ${high}.`,
      'goes-over': ({ value }) =>
        `An overhead cast lays ${value} out behind, over what stands there: keep it high.`,
    },
  },
  cast: {
    title: 'A cast for it',
    says: {
      good: ({ data }) =>
        `${CAST_TITLES[data.cast]} off the ${data.side} shoulder: good here, and in this wind.`,
      care: ({ data }) =>
        `${CAST_TITLES[data.cast]} off the ${data.side} shoulder, with care: the Cast page says why.`,
      none: ({ data }) =>
        `No cast is safe here with this rig. ${CAST_TITLES[data.cast]} comes nearest, but ${sayAgainst(data.reasons)}.`,
    },
  },
  season: {
    title: 'Season',
    says: {
      'in-season': ({ value }) =>
        value === '' ? 'A usual head for the time of year.' : `A usual head for water of ${value}.`,
      'fine-head-in-cold': () => 'In cold water fish move little: most carry a Skagit and a heavier tip now.',
      'short-head-in-summer': () => 'In warm water a finer head lands quieter and fishes the top.',
    },
  },
  water: {
    title: 'Head for the water',
    says: {
      'surf-head': () => 'Goes out in one back cast.',
      'surf-rod-on-river': () =>
        'A surf rod is made for one overhead back cast; on a river it is heavy work and lands hard.',
      'river-head-in-surf': () =>
        'In the surf there is no current to set an anchor: an overhead head goes out in one back cast.',
    },
  },
  'loop-in-guides': {
    title: 'Loop in the guides',
    says: {
      'loop-outside': () => 'The head’s rear loop stays outside the tip-top.',
      'loop-inside': ({ value, low }) =>
        `Stripping to ${value} draws the joint inside the tip-top (${low} from the fly): it clicks, and catches on a fish.`,
    },
  },
  'running-line': {
    title: 'Running line for the head',
    says: {
      fits: () => 'Suits a head of this mass.',
      missing: () => 'No running line chosen.',
      'too-thin': ({ value, low }) =>
        `${value} is thin for this head; ${low} or more is kinder to the hand and the loop.`,
      'too-thick': ({ value, high }) => `${value} holds a head this light back; ${high} or less.`,
      'cold-hands': () => 'Mono slips through cold fingers; coated line grips.',
    },
  },
  'running-core': {
    title: 'What parts first',
    says: {
      'leader-first': () => 'The leader parts before the running line: only the fly is lost.',
      'core-first': ({ data, in: show }) =>
        `The running line’s core breaks at ${show(data.coreN, 'breakingLoad')}, the leader at ${show(data.leaderN, 'breakingLoad')}: a break would leave the fish with the head.`,
    },
  },
  balance: {
    title: 'Balance at the hand',
    says: {
      'at-hand': () => 'Rigged, the rod balances at or just ahead of the upper hand.',
      'tip-heavy': ({ data, in: show }) =>
        `Rigged, it balances ${show(data.offM, 'length')} ahead of the upper hand: it wants a heavier reel.`,
      'butt-heavy': ({ data, in: show }) =>
        `Rigged, it balances ${show(data.offM, 'length')} behind the upper hand: it wants a lighter reel.`,
    },
  },
  'reel-room': {
    title: 'Room on the reel',
    says: {
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
  },
  'reel-cage': {
    title: 'Frame of the reel',
    says: {
      full: () => 'A full frame keeps thin mono in.',
      open: () => 'Thin mono slips out between spool and an open frame.',
      unknown: () => 'Mono wants a full frame; say in Gear which this reel has.',
    },
  },
  'rod-fish': {
    title: 'Rod for the fish',
    says: {
      suits: () => 'The rod is made for fish of this size.',
      'too-weak': ({ value, high }) =>
        `Fish of ${value} are more than this rod lands quickly (about ${high}).`,
      'too-strong': ({ value, high }) => `Made for fish up to ${high}; ones of ${value} will hardly bend it.`,
    },
  },
  'rod-cast': {
    title: 'Rod for the cast',
    says: {
      suits: () => 'Long enough, and no longer than it need be.',
      'too-short': ({ value, low }) => `${value} is short for casts this long; ${low} is usual.`,
      'too-long': ({ value, high }) => `${value} is much rod for casts this short; ${high} would do.`,
      'too-far': ({ high }) => `One hand casts about ${high} in comfort.`,
    },
  },
}

/** Titles of the lines of the ledger. */
export const CHECK_TITLES = Object.fromEntries(
  CHECK_CODES.map((code) => [code, WORDS[code].title]),
) as Readonly<Record<CheckCode, string>>

/** A figure of a check as the ledger shows it. */
export function sayFigure(
  check: Pick<Check, 'measure'>,
  si: number,
  system: UnitSystem,
  moreDecimals = 0,
): string {
  if (check.measure === 'number') return `no. ${Math.round(si * 10) / 10}`
  if (check.measure === 'none') return ''
  return check.measure === 'share' ? percent(si) : printMeasure(si, check.measure, system, moreDecimals)
}

/** Allowed range, as the ledger shows it; empty when the check is not about a figure. */
export function sayAllowed({ measure, allowed }: Check, system: UnitSystem): string {
  const { low, high } = allowed
  if (measure === 'none' || (low === undefined && high === undefined)) return ''
  if (measure === 'share') return `${low === undefined ? 'up to' : `${percent(low)} –`} ${percent(high ?? 1)}`
  if (measure === 'number') return `no. ${low ?? ''}${high === undefined ? ' or more' : ` – ${high}`}`
  return printRange(allowed, measure, system)
}

/** An estimate is no surer than this, as a share: nearer to a limit it could lie on either side. [estimate] */
const UNSURE = 0.08

/** Whether an estimated figure lies so near a limit that it could as well lie beyond it. */
function couldGoEitherWay({ tag, value, allowed: { low, high } }: Check): boolean {
  const near = (limit: number | undefined): boolean =>
    limit !== undefined && limit > 0 && value !== null && Math.abs(value / limit - 1) < UNSURE
  return tag === 'estimate' && (near(low) || near(high))
}

/** The sentence of one ledger line, in the user's units. */
export function sayCheck(check: Check, system: UnitSystem): string {
  // The compiler has seen that every reason of every check has its words, and of which data they are made.
  const says = WORDS[check.code].says as unknown as Readonly<Record<string, Say<Check['data']>>>
  const say = says[check.reason]
  if (say === undefined) throw new Error(`no words for ${check.code} ${check.reason}`)
  const { value, allowed } = check
  const at = (si: number | undefined | null, more: number): string =>
    si == null ? '' : sayFigure(check, si, system, more)
  // A figure just past its limit must not read the same as the limit.
  const plain = at(value, 0)
  const close = check.state !== 'holds' && (plain === at(allowed.low, 0) || plain === at(allowed.high, 0))
  const figure = (si: number | undefined | null): string => at(si, close ? 1 : 0)
  const sentence = say({
    value: figure(value),
    low: figure(allowed.low),
    high: figure(allowed.high),
    estimated: check.tag === 'estimate',
    data: check.data,
    in: (si, measure) => printMeasure(si, measure, system),
  })
  return couldGoEitherWay(check) ? `${sentence} So near the limit that it could go either way.` : sentence
}
