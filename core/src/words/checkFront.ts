import type { CheckReasons } from '../rig/index.ts'
import type { CheckWords, Say } from './checkText.ts'

const JOINT_UP: Say<CheckReasons<'joint-step'>['steps-up']> = ({ value, data, in: show }) =>
  data.levelOnFine
    ? `A level tip of ${value} hangs on a front of about ${show(data.behindKgPerM, 'massPerLength')}: the fine front cannot turn it over.`
    : `Mass per length rises from ${show(data.behindKgPerM, 'massPerLength')} to ${value}: the lighter part behind cannot turn over the heavier one ahead.`

/** Lines of the ledger about what is joined to what: head, tip, leader and fly. */
export const FRONT_WORDS = {
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
} satisfies Partial<CheckWords>
