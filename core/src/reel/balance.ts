import type { Rod } from '../gear/index.ts'

/** A mass hung on the rod, by where it hangs. All distances from the butt end [m]. */
export interface Hung {
  readonly massKg: number
  readonly atM: number
}

export interface BalancedRod {
  readonly massKg: number
  /** Bare balance point. */
  readonly balanceM: number
  readonly reelSeatM: number
}

export type BalanceResult =
  | { readonly outcome: 'balanced'; readonly reelKg: number }
  | { readonly outcome: 'no-lever' | 'butt-heavy' }

/** Moment about the hand that pulls the tip down [kg·m]. [physics] */
export function tipMoment(rod: BalancedRod, handM: number, hung: readonly Hung[] = []): number {
  return hung.reduce((sum, h) => sum + h.massKg * (h.atM - handM), rod.massKg * (rod.balanceM - handM))
}

/**
 * Reel mass that balances a rod at the hand: moments of rod and line ahead equal the reel's behind. [physics]
 * @returns `no-lever` when the reel seat is not behind the hand, `butt-heavy` when no reel is needed
 * @example reelForBalance({ massKg: 0.2, balanceM: 1.6, reelSeatM: 0.1 }, 0.6) // { outcome: 'balanced', reelKg: 0.4 }
 */
export function reelForBalance(rod: BalancedRod, handM: number, hung: readonly Hung[] = []): BalanceResult {
  const lever = handM - rod.reelSeatM
  if (!(lever > 0)) return { outcome: 'no-lever' }
  const reelKg = tipMoment(rod, handM, hung) / lever
  return reelKg >= 0 ? { outcome: 'balanced', reelKg } : { outcome: 'butt-heavy' }
}

/** Balance point of a rod with a reel on it and line in its rings [m from the butt]. [physics] */
export function balancePointM(rod: BalancedRod, reelKg: number, hung: readonly Hung[] = []): number {
  const masses = [{ massKg: rod.massKg, atM: rod.balanceM }, { massKg: reelKg, atM: rod.reelSeatM }, ...hung]
  const total = masses.reduce((sum, m) => sum + m.massKg, 0)
  return masses.reduce((sum, m) => sum + m.massKg * m.atM, 0) / total
}

/** Usual handles [m from the butt]: the reel seat, and the upper hand near the top of the cork. [practice] */
const USUAL_HANDLE = Object.freeze({
  twoHand: { reelSeatM: 0.13, handM: 0.62 },
  switch: { reelSeatM: 0.11, handM: 0.48 },
  single: { reelSeatM: 0.05, handM: 0.2 },
})

/** Usual places of reel seat and upper hand on a rod of this kind [m from the butt]. [practice] */
export function usualHandle(rod: Rod): { readonly reelSeatM: number; readonly handM: number } {
  const kind = rod.hands === 'single' ? 'single' : rod.hands === 'two-hander' ? 'twoHand' : 'switch'
  return USUAL_HANDLE[kind]
}

/** Length of a rod ahead of its upper grip where nobody has measured it, to the centimetre [m]: what bends when it is clamped there. [estimate] */
export const usualFreeM = (rod: Rod): number => Math.round((rod.lengthM - usualHandle(rod).handM) * 100) / 100

/** Of several reels the one nearest in mass to the one wanted; undefined where none was weighed. @param wantedKg > 0 [kg] */
export function nearestReel<R extends { readonly massKg?: number | undefined }>(
  reels: readonly R[],
  wantedKg: number,
): (R & { readonly massKg: number }) | undefined {
  const weighed = reels.filter((reel): reel is R & { readonly massKg: number } => reel.massKg !== undefined)
  const off = ({ massKg }: { readonly massKg: number }): number => Math.abs(massKg - wantedKg)
  return weighed.length === 0 ? undefined : weighed.reduce((a, b) => (off(b) < off(a) ? b : a))
}
