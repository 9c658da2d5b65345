import type { SwingResult } from './swing.ts'
import { SWING_THRESHOLDS } from './thresholds.ts'

/** Reasons an angler would give for a swing's verdict. */
export const SWING_REASONS = [
  'in-place',
  'touches',
  'seldom-high',
  'seldom-deep',
  'scrapes',
  'too-high',
  'hurried',
  'too-deep',
  'drags',
  'grounded',
  'no-swing',
] as const
export type SwingReason = (typeof SWING_REASONS)[number]

export interface SwingVerdict {
  readonly state: 'holds' | 'watch' | 'breaks'
  readonly reason: SwingReason
}

/** Parts of a swing that a verdict reads, and nothing else. */
export type Swung = Pick<SwingResult, 'outcome' | 'summary'>

/** If it swings fast it is usually too high; when it ticks bottom, lighten or shorten. [practice] */
export function swingVerdict({ outcome, summary }: Swung): SwingVerdict {
  const { holdsShare, breaksShare, holdsBedShare, breaksBedShare, hurriedMps } = SWING_THRESHOLDS
  const { holdingShare, bedShare, touches, aboveS, belowS, crossMps, overHoldingS } = summary
  if (outcome === 'did-not-finish' || overHoldingS <= 0) return { state: 'breaks', reason: 'no-swing' }
  if (summary.grounded) return { state: 'breaks', reason: 'grounded' }
  if (bedShare > breaksBedShare) return { state: 'breaks', reason: 'drags' }
  const deep = belowS > aboveS
  if (holdingShare < breaksShare)
    return { state: 'breaks', reason: deep ? 'too-deep' : crossMps > hurriedMps ? 'hurried' : 'too-high' }
  if (bedShare > holdsBedShare) return { state: 'watch', reason: 'scrapes' }
  if (holdingShare < holdsShare) return { state: 'watch', reason: deep ? 'seldom-deep' : 'seldom-high' }
  return { state: 'holds', reason: touches > 0 ? 'touches' : 'in-place' }
}
