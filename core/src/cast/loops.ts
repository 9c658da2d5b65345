import type { RunningLine } from '../gear/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'

/** One pull of the stripping hand [m]. [practice] */
export const PULL_M = 3 * M_PER_FOOT
const COATED_LOOPS = 4

/**
 * Loops to hold for this much running line, first laid first, each in metres (C26): coated line staggered, each loop a pull
 * shorter than the one before, for equal loops tangle; mono in loops as long as the rod. [practice]
 * @param lengthM running line to hold [m], [0, ∞)
 */
export function loopsToHold(
  build: RunningLine['build'],
  lengthM: number,
  rodLengthM: number,
): readonly number[] {
  if (lengthM <= 0) return []
  if (build === 'mono') {
    const loopM = rodLengthM * 1.7
    const count = Math.max(1, Math.round(lengthM / loopM))
    return Array.from({ length: count }, () => lengthM / count)
  }
  const pulls = pullsFor(lengthM)
  const count = Math.min(COATED_LOOPS, Math.max(1, Math.floor((Math.sqrt(8 * pulls + 1) - 1) / 2)))
  // The least stagger is count…1 pulls; what is over goes on all loops alike, the odd ones on the first.
  const over = pulls - (count * (count + 1)) / 2
  const each = Math.floor(over / count)
  return Array.from({ length: count }, (_, i) => (count - i + each + (i < over % count ? 1 : 0)) * PULL_M)
}

/** Hands as they are today: fingers that do not feel, or that hurt. */
export const HANDS = ['cold', 'sore'] as const
export type HandState = (typeof HANDS)[number]

/** Wading depth, hands and basket that the line is held with. */
export interface Holding {
  readonly wadingM?: number | undefined
  readonly hands?: HandState | undefined
  readonly basket?: boolean | undefined
}

/** Line that is held at ankle depth, easily and at most [m]. [practice] */
const HELD_M: Readonly<Record<RunningLine['build'], { readonly easyM: number; readonly mostM: number }>> =
  Object.freeze({
    coated: { easyM: 45 * M_PER_FOOT, mostM: 55 * M_PER_FOOT },
    mono: { easyM: 60 * M_PER_FOOT, mostM: 70 * M_PER_FOOT },
  })
/** From the ankle down to the waist the current takes more of the loops: so much is left at the waist. [estimate] */
const AT_WAIST = { shareM: 0.7, fromM: 0.2, toM: 1.1 } as const
/** Of it, with such hands: coated grips well, mono slips. [estimate through the practice] */
const WITH_HANDS: Readonly<Record<RunningLine['build'], number>> = Object.freeze({ coated: 0.9, mono: 0.6 })

/** Running line that can be held here, easily and at most [m]; undefined with a basket, which holds all. */
export function holdable(
  build: RunningLine['build'],
  { wadingM = 0, hands, basket }: Holding,
): { readonly easyM: number; readonly mostM: number } | undefined {
  if (basket) return undefined
  const deep = Math.max(0, Math.min(1, (wadingM - AT_WAIST.fromM) / (AT_WAIST.toM - AT_WAIST.fromM)))
  const share = (1 - deep * (1 - AT_WAIST.shareM)) * (hands === undefined ? 1 : WITH_HANDS[build])
  const { easyM, mostM } = HELD_M[build]
  return { easyM: easyM * share, mostM: mostM * share }
}

/** Whether so much line is held easily, with trouble, or not at all. */
export type HeldState = 'easy' | 'much' | 'too-much'
export function heldState(build: RunningLine['build'], stripM: number, holding: Holding): HeldState {
  const limit = holdable(build, holding)
  if (limit === undefined || stripM <= limit.easyM) return 'easy'
  return stripM <= limit.mostM ? 'much' : 'too-much'
}

/** Pulls until so much line is in, the last one as long as is left. [practice] */
export const pullsFor = (stripM: number): number => Math.max(0, Math.ceil(stripM / PULL_M - 1e-9))
