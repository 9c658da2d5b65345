import { doubleTaper, massOfFirst } from '../line/index.ts'
import { M_PER_FOOT } from '../quantity/index.ts'
import { liveInLoop } from './taper.ts'

/** Front tapers that are compared: short ones of trout lines, the old salmon line's, and a long spey line's [m]. [practice] */
const TAPERS_M = [7, 15, 30].map((feet) => feet * M_PER_FOOT)
/** As much of each is carried [m]: the length over which a number weighs the same; on a rod of 9 ft. */
export const TAPER_CARRIED_M = 30 * M_PER_FOOT
/** A cast that the short one still makes from such a rod [m]. [practice] */
export const SHORT_TAPER_REACH_M = Object.freeze({ low: 50 * M_PER_FOOT, high: 55 * M_PER_FOOT })
const ROD_M = 9 * M_PER_FOOT

/** Front taper of a trout line in the D loop. */
export interface FrontTaper {
  readonly taperM: number
  readonly carriedKg: number
  /** Of it, what hangs in the upper leg and drives the cast [kg], and its share. */
  readonly liveKg: number
  readonly liveShare: number
}

/**
 * Front tapers of a line number side by side, the same mass carried: the longer one leaves less of it on the water and below, and has
 * more in the upper leg, where it works. [physics]
 * @param number single-hand line number, 1…15
 */
export const frontTapers = (number: number): readonly FrontTaper[] =>
  TAPERS_M.flatMap((taperM): FrontTaper[] => {
    const made = doubleTaper(number, taperM)
    if (made.outcome !== 'made') return []
    const carriedKg = massOfFirst(made.line, TAPER_CARRIED_M)
    const looped = { rodM: ROD_M, style: 'double-taper', carriedM: TAPER_CARRIED_M } as const
    const liveShare = liveInLoop(made.line, looped, 'full')
    return [{ taperM, carriedKg, liveKg: carriedKg * liveShare, liveShare }]
  })
