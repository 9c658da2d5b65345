/**
 * Questions good practitioners answer differently (common practice, no source). The first choice of each is the
 * default. Each is a preference of this angler, never a correction.
 */
export const SCHOOLS = {
  twoHandNumber: ['by-number', 'plus-two', 'plus-three'],
  boxNumber: ['read-grains', 'trust-label'],
  headJoint: ['loop-to-loop', 'integrated'],
  runningLine: ['coated', 'mono'],
  sinkTipLeader: ['stepped', 'level'],
  sinkingLeaders: ['main-tip', 'quick-fix'],
  weightPlace: ['dropper', 'point-fly'],
  reelWeight: ['heavy', 'light'],
  headMass: ['by-trials', 'lighter', 'heavier'],
  overheadSize: ['one-up-for-spey', 'standard'],
  alternatingPools: ['change-tip', 'second-rod'],
  backingJoint: ['loop', 'knot'],
  splitWeight: ['on-leader', 'on-tag'],
} as const

export type SchoolQuestion = keyof typeof SCHOOLS

export type Schools = { readonly [Q in SchoolQuestion]: (typeof SCHOOLS)[Q][number] }

export const DEFAULT_SCHOOLS: Schools = Object.freeze({
  twoHandNumber: 'by-number',
  boxNumber: 'read-grains',
  headJoint: 'loop-to-loop',
  runningLine: 'coated',
  sinkTipLeader: 'stepped',
  sinkingLeaders: 'main-tip',
  weightPlace: 'dropper',
  reelWeight: 'heavy',
  headMass: 'by-trials',
  overheadSize: 'one-up-for-spey',
  alternatingPools: 'change-tip',
  backingJoint: 'loop',
  splitWeight: 'on-leader',
})
