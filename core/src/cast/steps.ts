import { CASTS, type CastName } from './casts.ts'

/** A place seen from above, in rod lengths from the angler: to the side the cast is made off, and ahead over the water. */
export type PlanPoint = readonly [aside: number, ahead: number]
/** Where a rod points: to the side the cast is made off, ahead and up. Of no length of its own. */
export type RodDirection = readonly [aside: number, ahead: number, up: number]

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

/** One movement of a cast: where the rod points, and where the front of the line lies at its end. */
export interface CastStep {
  readonly code: CastStepCode
  readonly rod: RodDirection
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

/** Faults in the figures of a cast: what of its picture they change. [practice] Common practice, no source. */
export interface FaultShift {
  /** The anchor further out, less is further back, and further to the side of the cast [rod lengths]. */
  readonly anchorOut?: number
  readonly anchorAside?: number
  /** Share of its height that the rod loses while it sweeps. */
  readonly dips?: number
  /** Share of the D loop's depth that is left of it. */
  readonly loopLeft?: number
  /** The line's end is still in the air when it should lie anchored: so high, as a share of the rod. */
  readonly aloft?: number
  /** The same while the line hangs from the tip. */
  readonly lifted?: number
  /** Height at which the back cast ends, as a share of what it should be. */
  readonly backLeft?: number
}

export const FAULT_SHIFTS: Readonly<Record<CastFault, FaultShift>> = Object.freeze({
  'sweep-too-early': { aloft: 0.25, loopLeft: 0.6 },
  'anchor-far-back': { anchorOut: -1.2 },
  'anchor-ahead': { anchorOut: 1.1, loopLeft: 0.5 },
  'rod-dips': { dips: 0.7, loopLeft: 0.7 },
  'lift-too-fast': { aloft: 0.4, lifted: 0.3 },
  crossed: { anchorAside: -1 },
  'loop-stalls': { loopLeft: 0.25 },
  'back-drops': { backLeft: 0 },
})

/** Place of a cast's anchor, off the side it is made on, in rod lengths: about a rod ahead and a little aside. [practice] */
export const ANCHOR_PLACE: PlanPoint = [0.4, 0.7]

const SWEEP: CastStep = { code: 'sweep', rod: [0.85, 0.15, 0.3], lies: 'anchor' }
const LOOP: CastStep = { code: 'form-loop', rod: [0.25, -0.3, 0.92], lies: 'anchor' }
const FORWARD: CastStep = { code: 'forward', rod: [0.05, 0.75, 0.65], lies: 'out' }

interface CastMoves {
  readonly steps: readonly CastStep[]
  readonly faults: readonly CastFault[]
}

/** Steps and usual faults of each cast, in order. [practice] Common practice, no source. */
export const CAST_MOVES: Readonly<Record<CastName, CastMoves>> = Object.freeze({
  'double-spey': {
    steps: [
      { code: 'lift', rod: [0.8, 0.5, 0.6], lies: 'hangs' },
      { code: 'lay-upstream', rod: [-0.8, 0.5, 0.35], lies: 'anchor' },
      SWEEP,
      { code: 'circle-up', rod: [0.55, -0.2, 0.8], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['sweep-too-early', 'anchor-far-back', 'rod-dips'],
  },
  'snap-t': {
    steps: [
      { code: 'lift', rod: [-0.3, 0.7, 0.65], lies: 'hangs' },
      { code: 'snap', rod: [0.7, 0.65, 0.12], lies: 'anchor' },
      SWEEP,
      { code: 'circle-up', rod: [0.55, -0.2, 0.8], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['sweep-too-early', 'anchor-ahead', 'rod-dips'],
  },
  'perry-poke': {
    steps: [
      { code: 'lift', rod: [0.5, 0.7, 0.5], lies: 'hangs' },
      { code: 'dump', rod: [0.1, 0.95, 0.2], lies: 'anchor' },
      SWEEP,
      LOOP,
      FORWARD,
    ],
    faults: ['sweep-too-early', 'loop-stalls'],
  },
  'single-spey': {
    steps: [
      { code: 'lift-low', rod: [-0.7, 0.6, 0.4], lies: 'hangs' },
      { code: 'swing-touch', rod: [0.5, 0.35, 0.75], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['anchor-far-back', 'lift-too-fast', 'crossed'],
  },
  'snake-roll': {
    steps: [
      { code: 'lift', rod: [0.8, 0.5, 0.6], lies: 'hangs' },
      { code: 'draw-oval', rod: [-0.2, 0.8, 0.55], lies: 'hangs' },
      { code: 'swing-touch', rod: [0.5, 0.3, 0.78], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['anchor-ahead', 'crossed', 'lift-too-fast'],
  },
  roll: {
    steps: [{ code: 'draw-back', rod: [0.5, 0.1, 0.85], lies: 'anchor' }, LOOP, FORWARD],
    faults: ['loop-stalls', 'rod-dips'],
  },
  switch: {
    steps: [
      { code: 'lift', rod: [0.1, 0.8, 0.6], lies: 'hangs' },
      { code: 'swing-touch', rod: [0.5, 0.2, 0.8], lies: 'anchor' },
      LOOP,
      FORWARD,
    ],
    faults: ['anchor-far-back', 'lift-too-fast'],
  },
  'overhead-one-handed': {
    steps: [
      { code: 'lift', rod: [0.1, 0.8, 0.6], lies: 'hangs' },
      { code: 'back-cast', rod: [0.2, -0.4, 0.88], lies: 'behind' },
      { code: 'wait', rod: [0.2, -0.5, 0.82], lies: 'behind' },
      { code: 'forward-overhead', rod: [0.05, 0.75, 0.65], lies: 'out' },
    ],
    faults: ['back-drops', 'lift-too-fast'],
  },
  'overhead-two-handed': {
    steps: [
      { code: 'lift', rod: [0.1, 0.8, 0.6], lies: 'hangs' },
      { code: 'back-cast', rod: [0.2, -0.3, 0.92], lies: 'behind' },
      { code: 'wait', rod: [0.2, -0.4, 0.88], lies: 'behind' },
      { code: 'forward-overhead', rod: [0.05, 0.75, 0.65], lies: 'out' },
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
