import { type RigParts, type SwingSetup, swingInput, wantsTip } from '../rig/index.ts'
import { type TipFacts, type TipItem, tipFacts } from '../sink/index.ts'
import {
  type SwingInput,
  type SwingResult,
  type SwingSummary,
  type Swung,
  swingVerdict,
} from '../swing/index.ts'

/** Each tip is tried at the plan's angle, and steeper and squarer by this [°]. */
export const ANGLE_STEP_DEG = 15
/** Angles a cast is tried at [°]: what is fished, of all that can be cast. [practice] */
const ANGLES = { low: 20, high: 110 } as const
/** One tip at one angle. */
export interface Rung {
  readonly id: string
  readonly tipId: string | null
  readonly angleDeg: number
  readonly input: SwingInput
}

/** Tips worth trying on a rig: all of the wallet, and none where the head may go bare. */
export function tipsToTry(
  { head }: Pick<RigParts, 'head'>,
  tips: readonly TipItem[],
): readonly (TipItem | null)[] {
  return wantsTip(head) ? tips : [...tips, null]
}

export const anglesAround = (angleDeg: number): readonly number[] =>
  [angleDeg, angleDeg - ANGLE_STEP_DEG, angleDeg + ANGLE_STEP_DEG].filter(
    (a) => a >= ANGLES.low && a <= ANGLES.high,
  )

/** Every tip at every angle: all tips at the plan's own angle first, so that each strand shows soon. */
export function tipRungs(setup: SwingSetup, tips: readonly (TipItem | null)[]): readonly Rung[] {
  const facts: readonly (TipFacts | null)[] = tips.map((tip) => tip && tipFacts(tip))
  return anglesAround(setup.plan.angleDeg).flatMap((angleDeg) =>
    facts.map((tip): Rung => {
      const tipId = tip?.item.id ?? null
      const changed = { ...setup, parts: { ...setup.parts, tip }, plan: { ...setup.plan, angleDeg } }
      return { id: `${tipId ?? '_'}@${angleDeg}`, tipId, angleDeg, input: swingInput(changed) }
    }),
  )
}

/** A swing summed up, with what a ladder draws of it. */
export interface Ride {
  readonly outcome: SwingResult['outcome']
  readonly summary: SwingSummary
  /** Distance from the angler's bank and depth of the fly, through the swing [m]. */
  readonly track: readonly (readonly [yM: number, depthM: number])[]
}

/** What a ladder keeps of a swing. */
export function rideOf({ outcome, summary, samples }: SwingResult): Ride {
  return { outcome, summary, track: samples.map(({ flyM: [, y, z] }) => [y, Math.max(0, -z)]) }
}

/** Shares of the time that nobody could tell apart. */
const SAME_SHARE = 0.01
/** Fewer seconds than this make no difference an angler could tell. [estimate] */
const TELLING_S = 0.5

/** How many seconds longer one swing holds the fly with the fish than another; 0 where nobody could tell. */
export function gainS(than: SwingSummary, now: SwingSummary): number {
  const gain = now.holdingS - than.holdingS
  return Math.abs(gain) < TELLING_S ? 0 : gain
}

const STATES = ['holds', 'watch', 'breaks']

/** Tells two swings apart by their verdict, then by the share of the time with the fish, then by risk; where neither gets there, by depth. */
export function betterRide(a: Swung, b: Swung): number {
  const state = STATES.indexOf(swingVerdict(a).state) - STATES.indexOf(swingVerdict(b).state)
  if (state !== 0) return state
  const share = b.summary.holdingShare - a.summary.holdingShare
  if (Math.abs(share) > SAME_SHARE) return share
  const deeper = b.summary.ridesM - a.summary.ridesM
  return b.summary.holdingShare < SAME_SHARE ? deeper : a.summary.snagRisk - b.summary.snagRisk || deeper
}
