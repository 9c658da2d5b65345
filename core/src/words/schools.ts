import type { SchoolQuestion } from '../gear/index.ts'

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
