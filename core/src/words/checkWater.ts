import type { CheckReasons } from '../rig/index.ts'
import type { SwingReason } from '../swing/index.ts'
import { CAST_TITLES, sayAgainst } from './castNames.ts'
import { type CheckWords, percent, type Say } from './checkText.ts'
import { sayContact, saySwing } from './swing.ts'

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

/** Lines of the ledger about the water, the cast, the reel and the rod. */
export const WATER_WORDS = {
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
} satisfies Partial<CheckWords>
