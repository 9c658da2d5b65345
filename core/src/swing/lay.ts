import { type Chain, lengthOfChain } from './chain.ts'

export interface RodTip {
  /** Above the water [m]. */
  readonly heightM: number
  readonly xM: number
  readonly yM: number
}

/** Line from rod tip to water, as a multiple of the tip's height, as the cast comes down. [estimate] */
const SLOPE = 1.5

/**
 * Lays the line as the cast leaves it: straight in plan from the rod tip, down to the water and along it, each link short of
 * its length by the slack.
 * @param angleRad 0 straight downstream, π/2 straight across @param slack share of the line's length, [0, 0.5]
 */
export function layLine(chain: Chain, tip: RodTip, angleRad: number, slack: number): void {
  const given = lengthOfChain(chain) * (1 - slack)
  // A line shorter than the slope hangs straight towards where it was cast.
  const slope = Math.min(SLOPE * tip.heightM, given)
  const drop = Math.min(tip.heightM, slope)
  const run = Math.sqrt(Math.max(0, slope * slope - drop * drop))
  let along = given
  for (let i = 0; i < chain.count; i++) {
    if (i > 0) along -= (chain.lengthM[i - 1] ?? 0) * (1 - slack)
    const share = slope > 0 ? Math.min(1, along / slope) : 1
    const out = share * run + Math.max(0, along - slope)
    chain.x[i] = tip.xM + out * Math.cos(angleRad)
    chain.y[i] = tip.yM + out * Math.sin(angleRad)
    chain.z[i] = tip.heightM - share * drop
    chain.vx[i] = chain.vy[i] = chain.vz[i] = 0
  }
}
