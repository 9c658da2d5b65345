import { printMeasure, printShare } from '../quantity/index.ts'
import { BALANCES, type CheckReasons } from '../rig/index.ts'
import type { SwingReason } from '../swing/index.ts'
import { CAST_TITLES, sayAgainst } from './castNames.ts'
import type { CheckWords, Say } from './checkText.ts'
import { sayContact, saySwing } from './swing.ts'
import { sayWithFish } from './swingPicture.ts'

/** Sentence of a swing's outcome, with its figures. */
const swung =
  (reason: SwingReason): Say<CheckReasons<'depth'>['in-place']> =>
  ({ data, in: show }) => {
    const contact = data.touches === 0 ? '' : `, ${sayContact(data)}`
    return `${saySwing(reason, data.fishAt)} ${sayWithFish(data)}, about ${show(data.ridesM, 'length')} down${contact}.`
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

/** Checks of the water, the cast, the reel and the rod. */
export const WATER_WORDS = {
  depth: {
    title: 'Depth of the fly',
    means:
      'The whole line is swung through the pool at today’s flow: how long the fly is with the fish, how often it touches, and how long it lies on the bottom (the last rod length before the hang-down left out). Until then a first look stands in; it can never say Holds. Under a float its own rule counts.',
    says: {
      'not-swung': ({ value, data, in: show }) =>
        `Not swung yet. First look: about ${value} down, likely ${show(data.lowM, 'length')} to ${show(data.highM, 'length')}.`,
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
      unfinished: ({ data }) => saySwing('unfinished', data.fishAt),
      'float-set': ({ data, in: show }) =>
        `Leader enough to set the float ${show(data.lowM, 'length')} to ${show(data.highM, 'length')} above the weight. Start light, and add.`,
      'float-short': ({ value, data, in: show }) =>
        `Set the float ${show(data.lowM, 'length')} to ${show(data.highM, 'length')} above the weight; this leader is only ${value}.`,
      'float-drowned': () => 'A sinking line pulls the float under: fish one that floats from end to end.',
    },
  },
  'room-behind': {
    title: 'Room behind',
    means:
      'The D loop is drawn as half an ellipse as high as the rod tip; its curve is the line that is neither anchored nor shot. Where room is tight a Skagit can be cast with the compact stroke, and a trout line roll cast with half a rod length behind. An overhead cast lays the whole line out behind you, or over what is there.',
    says: {
      enough: ({ value }) => `The cast needs about ${value} behind you.`,
      compact: ({ value, high }) =>
        `This head’s D loop needs about ${value}; you have ${high}. Cast it with the compact stroke: a short, upright D loop with more of the head left on the water.`,
      'd-loop': ({ value, high }) => `This head’s D loop needs about ${value}; you have ${high}.`,
      'back-cast': ({ value, high }) =>
        `An overhead cast lays ${value} of line out behind you; you have ${high}.`,
      'goes-over': ({ value }) =>
        `An overhead cast lays ${value} of line out behind, over what is there: keep it high.`,
    },
  },
  cast: {
    title: 'A cast that works here',
    means:
      'Every cast off either side is judged for this rig where you stand: wind, room and what is behind you, current, change of direction, hand, skill and shoulder. The best safe one is named; if there is none, the rig breaks. The Cast page shows it step by step.',
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
    means:
      'Scandis suit warm water and small flies, Skagits cold water and big flies: by the water temperature if it is known, else by the season.',
    says: {
      'in-season': ({ value }) =>
        value === '' ? 'A usual head for the time of year.' : `A usual head for water of ${value}.`,
      'fine-head-in-cold': () => 'In cold water fish move little: most carry a Skagit and a heavier tip now.',
      'short-head-in-summer': () => 'In warm water a Scandi lands quieter and fishes higher.',
    },
  },
  water: {
    title: 'Head for the water',
    means: 'In the surf the whole head goes out in one back cast; a surf rod is made only for that.',
    says: {
      'surf-head': () => 'It goes out in one back cast.',
      'surf-rod-on-river': () =>
        'A surf rod is made for one overhead back cast; on a river it is heavy work and lands hard.',
      'river-head-in-surf': () =>
        'In the surf there is no current to set an anchor: an overhead head goes out in one back cast.',
    },
  },
  'loop-in-guides': {
    title: 'Loop in the guides',
    means:
      'If you strip in further than head, tip and leader are long, the rear loop runs into the guides and catches.',
    says: {
      'loop-outside': () => 'The head’s rear loop stays outside the tip-top.',
      'loop-inside': ({ value, low }) =>
        `Stripping in to ${value} pulls the joint (${low} from the fly) inside the tip-top: it clicks, and can jam with a fish on.`,
    },
  },
  'running-line': {
    title: 'Running line for the head',
    means:
      'Light heads shoot best on thin running lines, heavy ones need thicker. Coated line grips but twists in small loops; mono flies but slips.',
    says: {
      fits: () => 'Suits a head of this weight.',
      missing: () => 'No running line chosen.',
      'too-thin': ({ value, low }) =>
        `${value} is thin for this head; ${low} or more is kinder to hand and loop.`,
      'too-thick': ({ value, high }) => `${value} holds back a head this light; ${high} or less.`,
      'cold-hands': () => 'Mono slips through cold fingers; coated line grips.',
    },
  },
  'running-core': {
    title: 'What breaks first',
    means:
      'Something has to break first, and it should be the tippet: if the running line’s core is weakest, you lose the lot.',
    says: {
      'leader-first': () => 'The leader breaks before the running line: you lose only the fly.',
      'core-first': ({ data, in: show }) =>
        `The running line’s core breaks at ${show(data.coreN, 'breakingLoad')}, the leader at ${show(data.leaderN, 'breakingLoad')}: a break would cost you the head.`,
    },
  },
  balance: {
    title: 'Balance at the hand',
    means: (system) =>
      `Where the rigged rod balances relative to your upper hand, from weight and balance point. Up to ${printMeasure(BALANCES.aheadM, 'length', system)} in front of the hand is right; it never breaks a rig.`,
    says: {
      'at-hand': () => 'Rigged, the rod balances at the upper hand or just in front of it.',
      'tip-heavy': ({ data, in: show }) =>
        `Rigged, it balances ${show(data.offM, 'length')} forward of the upper hand: fit a heavier reel.`,
      'butt-heavy': ({ data, in: show }) =>
        `Rigged, it balances ${show(data.offM, 'length')} behind the upper hand: fit a lighter reel.`,
    },
  },
  'reel-room': {
    title: 'Room on the reel',
    means:
      'Backing, running line and head as you wind them, by volume and how tightly hands wind, with some clearance below the rim.',
    says: {
      'holds-all': ({ data }) =>
        `Backing, running line and head fill about ${printShare(data.share)} of the spool.`,
      overfull: ({ data }) =>
        `Backing, running line and head would fill about ${printShare(data.share)} of the spool.`,
      'number-fits': () => 'Going by the number on its box, it holds backing, running line and head.',
      'number-small': ({ data }) =>
        `Buy a reel for what must go on it: this rod needs a single-hand ${data.low} to ${data.high}, not its own number.`,
      'number-large': ({ data }) =>
        `Far bigger than this rod needs (a single-hand ${data.low} to ${data.high}): dead weight in the hand.`,
      'half-empty': ({ data }) =>
        `Everything fills only ${printShare(data.share)} of the spool: big and heavy for this line.`,
      missing: () => 'No reel chosen, so room and balance can’t be checked.',
    },
  },
  'reel-cage': {
    title: 'Frame of the reel',
    means: 'Mono slips out between spool and frame of an open-frame reel; a full frame keeps it in.',
    says: {
      full: () => 'A full frame keeps thin mono in.',
      open: () => 'Thin mono slips out between the spool and an open frame.',
      unknown: () => 'Mono needs a full frame; set in Gear which one this reel has.',
    },
  },
  'rod-fish': {
    title: 'Rod for the fish',
    means: 'Light rods for small fish, strong ones for big fish: what such a rod can turn.',
    says: {
      suits: () => 'This rod is made for fish of this size.',
      'too-weak': ({ value, high }) =>
        `Fish of ${value} are more than this rod lands quickly (about ${high}).`,
      'too-strong': ({ value, high }) => `Made for fish up to ${high}; ones of ${value} will hardly bend it.`,
    },
  },
  'rod-cast': {
    title: 'Rod for the cast',
    means: 'Longer rods for longer casts and bigger rivers.',
    says: {
      suits: () => 'Long enough, and no longer than it needs to be.',
      'too-short': ({ value, low }) => `${value} is short for casts this long; ${low} is usual.`,
      'too-long': ({ value, high }) => `${value} is a lot of rod for casts this short; ${high} would do.`,
      'too-far': ({ high }) => `One hand casts about ${high} in comfort.`,
    },
  },
} satisfies Partial<CheckWords>
