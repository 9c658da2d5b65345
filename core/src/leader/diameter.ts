import type { Leader } from '../gear/index.ts'

/** A leader's butt where its owner does not say [m], and its point as a share of that when it tapers. [practice] */
const USUAL = { buttM: 0.0005, pointShare: 0.5 } as const

/** Diameter of a leader along its length [m]. @param share 0 at the butt, 1 at the point */
export function leaderDiameterM(leader: Leader, share: number): number {
  const buttM = leader.buttDiameterM ?? USUAL.buttM
  const pointM = leader.pointDiameterM ?? (leader.form === 'level' ? buttM : buttM * USUAL.pointShare)
  return buttM + (pointM - buttM) * share
}
