import { byFigures, type Item } from '../gear/index.ts'
import {
  type Front,
  frontWith,
  offTop,
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

/** Tips to try behind a head: the tips, the gear they and their leaders are in, and which leader is on which. */
export interface TipsOwned {
  readonly tips: readonly TipItem[]
  readonly items: ReadonlyMap<string, Item>
  readonly wallet: Wallet
}

/** Tips worth trying on a rig, by their figures, each with the leader it is judged with; and none where the head may go bare. */
export function frontsToTry(parts: RigParts, { tips, items, wallet }: TipsOwned): readonly Front[] {
  const sorted: readonly TipItem[] = byFigures(tips)
  const fronts = wantsTip(parts.head) ? sorted : [...sorted, null]
  return fronts.map((tip) => frontWith(parts, wallet, tip, items))
}

/** Identifier of a front's tip. */
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

/** Shares of the time that fall into the same hundredth count alike: nobody could tell them apart. */
const SHARE_STEP = 0.01

/** Fewer seconds than this make no difference an angler could tell. [estimate] */
const TELLING_S = 0.5

/** Seconds longer that one swing holds the fly with the fish than another; 0 where nobody could tell. */
export function gainS(than: SwingSummary, now: SwingSummary): number {
  const gain = now.holdingS - than.holdingS
  return Math.abs(gain) < TELLING_S ? 0 : gain
}

const STATES = ['holds', 'watch', 'breaks']

/** Nobody could tell a chance of a snag, or a depth, nearer than this [m]; nor a floating fly’s pace or drift by so much of a step. [estimate] */
const STEPS = { snag: 0.05, ridesM: 0.1, onTop: 0.1 } as const
const inSteps = (value: number, step: number): number => Math.round(value / step)

/** Ranks that order swings, the first that differs decides; lower is better. */
function ranksOf(swung: Swung): readonly number[] {
  const { holdingShare, ridesM, snagRisk, onTop } = swung.summary
  const share = inSteps(holdingShare, SHARE_STEP)
  const state = STATES.indexOf(swingVerdict(swung).state)
  if (onTop !== undefined) return [state, -share, inSteps(offTop(onTop), STEPS.onTop)]
  // Where neither gets to the fish, the deeper is nearer; else the one that snags less.
  const snag = share === 0 ? 0 : inSteps(snagRisk, STEPS.snag)
  return [state, -share, snag, -inSteps(ridesM, STEPS.ridesM)]
}

/**
 * Tells two swings apart by their verdict, then by the share of the time with the fish in whole hundredths, then by risk, then
 * by depth. A total order: shares within one hundredth of one another may fall into different ones, but any list of swings
 * sorts alike from whatever order. @returns below 0 where the first is better
 */
export function betterRide(a: Swung, b: Swung): number {
  const [x, y] = [ranksOf(a), ranksOf(b)]
  const at = x.findIndex((rank, i) => rank !== y[i])
  return at < 0 ? 0 : (x[at] ?? 0) - (y[at] ?? 0)
}
