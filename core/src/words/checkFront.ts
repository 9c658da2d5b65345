import { SEASON_C } from '../day/index.ts'
import { printMeasure } from '../quantity/index.ts'
import type { CheckReasons } from '../rig/index.ts'
import { type CheckWords, type Say, sayFeet } from './checkText.ts'

const JOINT_UP: Say<CheckReasons<'joint-step'>['steps-up']> = ({ value, data, in: show }) =>
  data.levelOnFine
    ? `A level tip of ${value} on a front of about ${show(data.behindKgPerM, 'massPerLength')}: so fine a front can’t turn it over.`
    : `The weight per foot steps up, ${show(data.behindKgPerM, 'massPerLength')} to ${value}: the lighter part can’t turn over the heavier one in front.`

/** Checks of what is joined to what: head, tip, leader and fly. */
export const FRONT_WORDS = {
  'mass-in-window': {
    title: 'Weight in the rod’s window',
    means:
      'For each kind of head a rod casts a range of weights well: its window. Printed windows have hard ends, and the upper one holds at full power; estimated ones fade out. Your own head trials outrank both. Whether the tip counts is shown beside the figure.',
    says: {
      inside: ({ data }) =>
        data.counts === 'head+tip'
          ? 'Head and tip together load this rod.'
          : 'The head, weighed without its tip, loads this rod.',
      'too-light': ({ value, low, high, estimated }) =>
        estimated
          ? `${value} is under the estimated window, about ${low} to ${high}: it may not load this rod.`
          : `${value} is under the ${low} this rod needs: it won’t load it.`,
      'too-heavy': ({ value, low, high, estimated }) =>
        estimated
          ? `${value} is over the estimated window, about ${low} to ${high}: it may fold the rod and open the loop.`
          : `${value} is over the rod’s ${high}: the rod folds and the loop opens. Never cast above the printed window at full power.`,
      'no-window': () =>
        'The line standard stops below this rod’s strength, so no window can be estimated. Enter the one printed on the rod.',
    },
  },
  'rod-number': {
    title: 'Rod number and line number',
    means:
      'The number on a box is only a name: the same number means a far heavier line on a two-handed rod. This check compares the number on the box with what the rod’s own number stands for. Grains always outrank it.',
    says: {
      'own-number': ({ data }) =>
        `By its weight this is a line for a single-hand ${data.own}. A two-handed ${data.own} needs about the weight of a single-hand ${data.wanted}: it won’t load.`,
      clear: ({ data }) => `Heavier than a single-hand ${data.own} line, as a two-handed ${data.own} needs.`,
    },
  },
  'skagit-tip': {
    title: 'Skagit carries a tip',
    means: 'A Skagit has a blunt front that needs a tip: bare, the cast kicks and the anchor slips.',
    says: {
      bare: () =>
        'A Skagit head must always carry a tip, a floating one if nothing else: bare, its blunt front dumps the leader in a heap.',
      'carries-tip': () => 'The blunt front has a tip to turn over.',
    },
  },
  'joint-step': {
    title: 'Joint of head and tip',
    means:
      'Where head and tip meet, the weight per foot may step down a little, never up: a big step hinges, and a tip heavier than the head’s front kicks.',
    says: { 'steps-down': () => 'The weight per foot steps down from head to tip.', 'steps-up': JOINT_UP },
  },
  'cheater-joint': {
    title: 'Cheater behind the head',
    means:
      'A cheater lengthens a head at its rear. It must be about as heavy per foot as the head where it joins, and heavier than the running line.',
    says: {
      'steps-down': () => 'The weight per foot steps down from cheater to head.',
      'steps-up': ({ value, data, in: show }) =>
        `The weight per foot steps up from the cheater’s ${show(data.behindKgPerM, 'massPerLength')} to the head’s ${value}: it will hinge.`,
      'lighter-than-line': ({ value, data, in: show }) =>
        `The cheater has ${value}, the running line ${show(data.behindKgPerM, 'massPerLength')}: it will hinge.`,
    },
  },
  'leader-joint': {
    title: 'Joint to the leader',
    means:
      'The leader’s butt against the end of the line: a butt much heavier than that hinges, one far lighter lets the turnover die.',
    says: { 'steps-down': () => 'The weight per foot steps down to the leader.', 'steps-up': JOINT_UP },
  },
  'tip-material': {
    title: 'Tip material for the head',
    means:
      'Heavy heads turn over heavy tips, light heads light ones, by the ranges of grains that casters use. It works both ways: too light a tip kicks.',
    says: {
      carries: ({ data }) => `A head of this weight turns over up to ${data.material}.`,
      'tip-too-heavy': ({ value, data, in: show }) =>
        `A ${show(data.headKg, 'lineMass')} head turns over up to ${data.material}; ${value} sinks the cast before it unrolls.`,
      'tip-too-light': ({ value, data, in: show }) =>
        `A ${show(data.headKg, 'lineMass')} head is made for about ${data.material}; on ${value} it kicks and lands hard.`,
    },
  },
  'tip-share': {
    title: 'Weight of the tip for the head',
    means:
      'A floating or part-sinking tip should weigh no more than about a quarter of its head: the head has to turn it over and still load the rod. Level sinking tips go by their material instead.',
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
    means:
      'Of rigs that do the same, casters fish the one with the fewest parts. A tip on a head that can do without ranks a little lower, unless it gains enough depth to earn its place.',
    says: {
      'needs-tip': () => 'A Skagit needs its tip.',
      'without-tip': () => 'The leader is looped straight to the head: nothing to spare.',
      'with-tip': () =>
        'This head needs no tip. One is worth it only where it takes the fly down to the fish; of rigs that do the same, fish the simplest.',
    },
  },
  'cold-front': {
    title: 'Cold water, fish at the bottom',
    means: (system) =>
      `Below ${printMeasure(SEASON_C.cold, 'temperature', system)}, for fish at the bottom, rigs with ${sayFeet(5, system)} or more of sinking line rank first.`,
    says: {
      sinks: () => 'Enough of the line sinks for cold water and fish at the bottom.',
      'front-floats': ({ data, in: show }) =>
        `Fish at the bottom in cold water call for ${show(data.sinksM, 'length')} or more of sinking line, even where a long leader would get the fly down.`,
      'sinks-little': ({ value, low }) =>
        `${value} of the line sinks; for fish at the bottom in cold water ${low} or more is better.`,
    },
  },
  'cold-leader': {
    title: 'Leader in cold water',
    means: (system) =>
      `Below ${printMeasure(SEASON_C.cold, 'temperature', system)}, for fish at the bottom, leaders of ${sayFeet(6, system)} or less rank first: a longer one lets the fly ride up.`,
    says: {
      short: () => 'Short enough to keep the fly down at the bottom.',
      long: ({ value, high }) =>
        `In cold water ${value} of leader lets the fly ride up off the bottom: ${high} at most is better.`,
    },
  },
  'fly-tip': {
    title: 'Fly and what turns it over',
    means: (system) =>
      `An unrolling loop loses energy to the air and carries the fly along. In the turnover model the cast is straight when the fly arrives with speed and has dropped no more than about ${sayFeet(1, system)}; the rule of thumb is a second witness. An estimate, for comparing.`,
    says: {
      straight: ({ data }) =>
        `The ${data.carrier} turns this fly over: it arrives with speed, before it can drop.`,
      'rule-doubts': ({ data, in: show }) =>
        `It turns over straight, though the rule of thumb asks for ${show(data.needsKgPerM, 'massPerLength')} to carry this fly: open the loop and don’t rush.`,
      falls: ({ value, data }) =>
        `The fly drops about ${value} before the loop is out: shorten the leader, put more weight in front, or fish a lighter fly. The ${data.carrier} is light for it.`,
      'rule-trusts': ({ value }) =>
        `By the rule of thumb there is weight enough to carry this fly, yet it drops about ${value} before the loop is out: shorten the leader.`,
      dies: ({ data }) =>
        `The cast dies before it straightens: the ${data.carrier} is too light to carry this fly through the air.`,
    },
  },
  'fly-head': {
    title: 'Head for a heavy fly',
    means:
      'Heavy flies and heavy droppers go on Skagits: a Scandi’s fine front hasn’t the weight to turn them over.',
    says: {
      'blunt-front': () => 'A blunt front throws a heavy fly.',
      'fine-front': () =>
        'A heavy fly, or a heavy dropper, needs a Skagit: a Scandi’s fine front throws it badly, and it drops.',
    },
  },
  'fly-floats': {
    title: 'Fly that stays on top',
    means:
      'Hitched, waking and dry flies stay on top until the line pulls them under. Leader and line must float too; a sinking tip or head drowns them.',
    says: {
      'all-floats': () => 'The whole line floats; grease the leader.',
      'part-sinks': () => 'Part of the line sinks and pulls the fly under: fish a line and tip that float.',
      'lands-hard': () => 'A blunt front lands hard beside a dry fly: a Scandi or a trout line lays it down.',
    },
  },
  'sinking-leader': {
    title: 'Sinking leader as the tip',
    means:
      'Tapered sinking leaders weigh little: Scandis and light Skagits turn them over, a full-size Skagit hardly does.',
    says: {
      'own-tip': () => 'A head of this kind turns over a tapered sinking leader.',
      makeshift: () =>
        'On a full-size Skagit a tapered sinking leader is a makeshift: thrown hard, it lands in a heap.',
      'quick-fix': () => 'By your setting a sinking leader is a fix for a few casts, not the tip of the rig.',
    },
  },
  'head-length': {
    title: 'Head length for the rod',
    means:
      'A Skagit longer than two rod lengths, or a Scandi longer than three, is hard to lift and needs a lot of room. A shorter head is mentioned, never marked down.',
    says: {
      suits: () => 'Not too long a head for this rod.',
      'trout-line': () => 'A trout line casts with the length you carry; heads reach further.',
      short: () => 'A head shorter than the rod: easy in tight places, but it reaches and anchors less.',
      long: ({ value, high }) => `${value} is a long head for this rod: it lifts and sweeps about ${high}.`,
      'long-with-tip': ({ value, high }) =>
        `Head and tip together are ${value}: more than about ${high} is hard to lift with this rod.`,
    },
  },
  'line-out': {
    title: 'Line outside the rod',
    means:
      'Only the part of a head outside the rod tip loads the rod. On a short cast, rod, tip and leader take up most of the distance and part of the head stays inside. Trout lines on single-handers are cast at any length.',
    says: {
      'all-out': () => 'On a cast of this length the whole head is outside the rod.',
      'inside-rod': ({ value, data, in: show }) =>
        `A cast of ${show(data.castM, 'length')} leaves ${value} of the ${show(data.wholeM, 'length')} head outside the rod, and only that loads it: cast further, shorten the leader or tip, or use a shorter head.`,
    },
  },
  reach: {
    title: 'Reach',
    means:
      'How far a clean cast goes: rod, overhang, head, tip, leader and the line that shoots. It allows for wind along the cast, the stroke there is room for and, with a trout line, the weight in the upper leg. A rough estimate.',
    says: {
      reaches: ({ value }) => `Casts about ${value}, running line and all.`,
      short: ({ value, low }) =>
        `Casts about ${value}; you need ${low}. Wade, shorten the cast, or use a rig that reaches further.`,
      'short-in-wind': ({ value, low }) =>
        `Casts about ${value} into this wind; you need ${low}. In still air it would reach.`,
      'short-compact': ({ value, low }) =>
        `Casts about ${value} in the compact stroke; you need ${low}. With more room behind it would reach.`,
    },
  },
  'leader-fish': {
    title: 'Leader and the fish',
    means:
      'A fish that takes on a tight line can break fine tippet. The check goes by the weakest spool, with your own knot counted in. The formula: 4 × (the fish in pounds)^0.53, in pounds as printed.',
    says: {
      'strong-enough': () => 'Its weakest piece holds a fish of this size on a tight line.',
      weak: ({ value, low, data, in: show }) =>
        `Fish of ${show(data.fishKg, 'fishMass')} on a tight line call for about ${show(data.wantedN, 'breakingLoad')} tippet, ${low} at the least; this breaks at ${value}.`,
    },
  },
  'leader-length': {
    title: 'Leader length',
    means: (system) =>
      `On a floating head one to one and a half rod lengths, shorter for weighted flies; on a fast sink tip ${sayFeet(3, system)} to ${sayFeet(6, system)}.`,
    says: {
      fits: () => 'Long enough to hold the anchor, short enough to lift.',
      missing: ({ low, high }) => `No leader chosen: tie one of ${low} to ${high}.`,
      'too-short': ({ value, low, data }) =>
        data.behindTip
          ? `${value} puts the fly too close to the tip; ${low} at least.`
          : `${value} is too short to hold the anchor; ${low} at least.`,
      'too-long': ({ value, high, data }) =>
        data.fast
          ? `${value} on a fast tip lets the fly ride up; ${high} at most.`
          : `${value} won’t lift and turn over with this fly; ${high} at most.`,
    },
  },
} satisfies Partial<CheckWords>
