import { type RigParts, wantsTip } from '../rig/index.ts'
import { type TipFacts, type TipItem, tipFacts } from '../sink/index.ts'
import type { SwingInput, SwingOptions, SwingResult, SwingSummary } from '../swing/index.ts'
import { type SwingSetup, swingInput } from './setup.ts'

/** Each tip is tried at the plan's angle, and steeper and squarer by this [°]. */
export const ANGLE_STEP_DEG = 15
/** Angles a cast is tried at [°]: what is fished, of all that can be cast. [practice] */
const ANGLES = { low: 20, high: 110 } as const
/** Coarser than the swing that is shown: right for comparing, and three times as quick. */
export const QUICK: Partial<SwingOptions> = Object.freeze({ nodes: 40, stepS: 0.04, maxS: 120, sampleS: 0.2 })

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
      return { id: `${tipId ?? '_'}@${angleDeg}`, tipId, angleDeg, input: swingInput(changed, QUICK) }
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

/** Seconds in the band that nobody could tell apart. */
const SAME_S = 0.05
/** Fewer seconds than this make no difference an angler could tell. [estimate] */
const TELLING_S = 0.5

/** How many seconds longer one swing holds the fly in the band than another; 0 where nobody could tell. */
export function gainS(than: SwingSummary, now: SwingSummary): number {
  const gain = now.holdingS - than.holdingS
  return Math.abs(gain) < TELLING_S ? 0 : gain
}

/** Tells two rides apart by time in the holding band over holding water, then by risk; where neither gets there, by depth. */
export function betterRide(a: SwingSummary, b: SwingSummary): number {
  const band = b.holdingS - a.holdingS
  if (Math.abs(band) > SAME_S) return band
  const deeper = b.maxDepthM - a.maxDepthM
  return b.holdingS < SAME_S ? deeper : a.snagRisk - b.snagRisk || deeper
}
