import { CASTS, type CastName } from './casts.ts'

/** A place seen from above, in rod lengths from the angler: to the side the cast is made off, and ahead over the water. */
export type PlanPoint = readonly [aside: number, ahead: number]

export type CastStepCode =
  | 'lift'
  | 'lift-low'
  | 'draw-back'
  | 'lay-upstream'
  | 'snap'
  | 'dump'
  | 'draw-oval'
  | 'swing-touch'
  | 'sweep'
  | 'circle-up'
  | 'form-loop'
  | 'forward'
  | 'back-cast'
  | 'wait'
  | 'forward-overhead'

/** One movement of a cast: where the rod tip goes, and where the front of the line lies at its end. */
export interface CastStep {
  readonly code: CastStepCode
  readonly tip: PlanPoint
  /** Place of the line's end: hanging below, on its anchor, behind, or out at the fly. */
  readonly lies: 'hangs' | 'anchor' | 'behind' | 'out'
}

/** A fault that often happens in a cast. */
export type CastFault =
  | 'sweep-too-early'
  | 'anchor-far-back'
  | 'anchor-ahead'
  | 'rod-dips'
  | 'lift-too-fast'
  | 'crossed'
  | 'loop-stalls'
  | 'back-drops'

/** Place of a cast's anchor, off the side it is made on, in rod lengths: about a rod ahead and a little aside. [practice] */
export const ANCHOR_PLACE: PlanPoint = [0.4, 0.7]

const SWEEP: CastStep = { code: 'sweep', tip: [0.85, 0.15], lies: 'anchor' }
const LOOP: CastStep = { code: 'form-loop', tip: [0.25, -0.3], lies: 'anchor' }
const FORWARD: CastStep = { code: 'forward', tip: [0.05, 0.95], lies: 'out' }

interface CastMoves {
  readonly steps: readonly CastStep[]
  readonly faults: readonly CastFault[]
}

/** Steps and usual faults of each cast, in order. [practice] Common practice, no source. */
export const CAST_MOVES: Readonly<Record<CastName, CastMoves>> = Object.freeze({
  'double-spey': {
    steps: [
      { code: 'lift', tip: [0.8, 0.5], lies: 'hangs' },
      { code: 'lay-upstream', tip: [-0.7, 0.45], lies: 'anchor' },
      SWEEP,
      { code: 'circle-up', tip: [0.55, -0.2], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['sweep-too-early', 'anchor-far-back', 'rod-dips'],
  },
  'snap-t': {
    steps: [
      { code: 'lift', tip: [-0.3, 0.9], lies: 'hangs' },
      { code: 'snap', tip: [0.5, 0.4], lies: 'anchor' },
      SWEEP,
      { code: 'circle-up', tip: [0.55, -0.2], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['sweep-too-early', 'anchor-ahead', 'rod-dips'],
  },
  'perry-poke': {
    steps: [
      { code: 'lift', tip: [0.5, 0.7], lies: 'hangs' },
      { code: 'dump', tip: [0.1, 0.95], lies: 'anchor' },
      SWEEP,
      LOOP,
      FORWARD,
    ],
    faults: ['sweep-too-early', 'loop-stalls'],
  },
  'single-spey': {
    steps: [
      { code: 'lift-low', tip: [-0.7, 0.6], lies: 'hangs' },
      { code: 'swing-touch', tip: [0.5, 0.35], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['anchor-far-back', 'lift-too-fast', 'crossed'],
  },
  'snake-roll': {
    steps: [
      { code: 'lift', tip: [0.8, 0.5], lies: 'hangs' },
      { code: 'draw-oval', tip: [-0.2, 0.9], lies: 'hangs' },
      { code: 'swing-touch', tip: [0.5, 0.3], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['anchor-ahead', 'crossed', 'lift-too-fast'],
  },
  roll: {
    steps: [{ code: 'draw-back', tip: [0.5, 0.3], lies: 'anchor' }, LOOP, FORWARD],
    faults: ['loop-stalls', 'rod-dips'],
  },
  switch: {
    steps: [
      { code: 'lift', tip: [0.1, 0.9], lies: 'hangs' },
      { code: 'swing-touch', tip: [0.5, 0.2], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['anchor-far-back', 'lift-too-fast'],
  },
  'overhead-one-handed': {
    steps: [
      { code: 'lift', tip: [0.1, 0.9], lies: 'hangs' },
      { code: 'back-cast', tip: [0.2, -0.5], lies: 'behind' },
      { code: 'wait', tip: [0.2, -0.6], lies: 'behind' },
      { code: 'forward-overhead', tip: [0.05, 0.95], lies: 'out' },
    ],
    faults: ['back-drops', 'lift-too-fast'],
  },
  'overhead-two-handed': {
    steps: [
      { code: 'lift', tip: [0.1, 0.9], lies: 'hangs' },
      { code: 'back-cast', tip: [0.2, -0.35], lies: 'behind' },
      { code: 'wait', tip: [0.2, -0.4], lies: 'behind' },
      { code: 'forward-overhead', tip: [0.05, 0.95], lies: 'out' },
    ],
    faults: ['back-drops', 'lift-too-fast'],
  },
})

/** Steps of a cast in order. Casts without change of angle begin with the line straight out, others with it hanging below. */
export const stepsOf = (cast: CastName): readonly CastStep[] => CAST_MOVES[cast].steps

/** On which hand of the body the line hangs before the cast, of the side it is made off: 1 on it, −1 on the other, 0 straight ahead. */
export const hangsOn = (cast: CastName): 1 | -1 | 0 => {
  const { shoulder } = CASTS[cast]
  return shoulder === 'downstream' ? 1 : shoulder === 'upstream' ? -1 : 0
}
