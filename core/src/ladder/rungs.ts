import type { Item } from '../gear/index.ts'
import {
  type Front,
  frontWith,
  type RigParts,
  type SwingSetup,
  swingInput,
  type Wallet,
  wantsTip,
} from '../rig/index.ts'
import type { TipItem } from '../sink/index.ts'
import { type SwingInput, type SwingSummary, type Swung, swingVerdict } from '../swing/index.ts'

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

/** What one owns to try behind a head: the tips, the gear they and their leaders are in, and which leader is on which. */
export interface TipsOwned {
  readonly tips: readonly TipItem[]
  readonly items: ReadonlyMap<string, Item>
  readonly wallet: Wallet
}

/** Tips worth trying on a rig, each with the leader it is judged with; and none where the head may go bare. */
export function frontsToTry(parts: RigParts, { tips, items, wallet }: TipsOwned): readonly Front[] {
  const fronts: readonly (TipItem | null)[] = wantsTip(parts.head) ? tips : [...tips, null]
  return fronts.map((tip) => frontWith(parts, wallet, tip, items))
}

/** Which tip a front has. */
export const tipIdOf = ({ tip }: Pick<Front, 'tip'>): string | null => tip?.item.id ?? null

export const anglesAround = (angleDeg: number): readonly number[] =>
  [angleDeg, angleDeg - ANGLE_STEP_DEG, angleDeg + ANGLE_STEP_DEG].filter(
    (a) => a >= ANGLES.low && a <= ANGLES.high,
  )

/** Every tip with its leader at every angle: all at the plan's own angle first, so that each strand shows soon. */
export function tipRungs(setup: SwingSetup, fronts: readonly Front[]): readonly Rung[] {
  return anglesAround(setup.plan.angleDeg).flatMap((angleDeg) =>
    fronts.map((front): Rung => {
      const tipId = tipIdOf(front)
      const changed = { ...setup, parts: { ...setup.parts, ...front }, plan: { ...setup.plan, angleDeg } }
      return { id: `${tipId ?? '_'}@${angleDeg}`, tipId, angleDeg, input: swingInput(changed) }
    }),
  )
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
