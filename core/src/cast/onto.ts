import { RAD_PER_DEG } from '../quantity/index.ts'
import type { CastWind, Side } from './wind.ts'

/**
 * The worst of a wind onto one side of the body [m/s], below 0 from the other side: in its gusts, and turned as far that way as it
 * veers. What puts a hook into the caster is the gust, not the mean.
 */
export function windOnto(
  { fromDeg, mps, gustMps = mps, veerDeg = 0 }: CastWind,
  side: Side,
  targetDeg = 0,
): number {
  const way = side === 'right' ? 1 : -1
  const off = ((((fromDeg - targetDeg - way * 90) % 360) + 540) % 360) - 180
  const nearest = Math.abs(off) <= veerDeg ? 0 : Math.abs(off) - veerDeg
  const onto = Math.cos(nearest * RAD_PER_DEG)
  return onto * (onto > 0 ? Math.max(gustMps, mps) : mps)
}
