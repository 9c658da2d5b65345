import type { OnTop } from './measures.ts'
import type { SwingResult } from './swing.ts'
import { SWING_THRESHOLDS } from './thresholds.ts'

/** Reasons an angler would give for a swing's verdict. */
export const SWING_REASONS = [
  'wakes',
  'drowns',
  'skates',
  'drifts',
  'drags-on-top',
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
  'unfinished',
] as const
export type SwingReason = (typeof SWING_REASONS)[number]

export interface SwingVerdict {
  readonly state: 'holds' | 'watch' | 'breaks'
  readonly reason: SwingReason
}

/** Parts of a swing that a verdict reads, and nothing else. */
export type Swung = Pick<SwingResult, 'outcome' | 'summary'>

/** A floating fly on the swing or the drift: by its speed over the water, or by the time it goes with it. C52 [practice] */
function onTopVerdict({ floats, upShare, wakeMps, dragFreeS }: OnTop): SwingVerdict {
  const t = SWING_THRESHOLDS
  if (upShare < t.onTopShare) return { state: upShare < t.underShare ? 'breaks' : 'watch', reason: 'drowns' }
  if (floats === 'dry')
    return dragFreeS >= t.driftS
      ? { state: 'holds', reason: 'drifts' }
      : { state: dragFreeS >= t.leastDriftS ? 'watch' : 'breaks', reason: 'drags-on-top' }
  if (wakeMps < t.wakesFromMps)
    return { state: wakeMps < t.wakesFromMps * (1 - t.wakesSlack) ? 'breaks' : 'watch', reason: 'drowns' }
  if (wakeMps > t.wakesToMps)
    return { state: wakeMps > t.wakesToMps * (1 + t.wakesSlack) ? 'breaks' : 'watch', reason: 'skates' }
  return { state: 'holds', reason: 'wakes' }
}

/** If it swings fast it is usually too high; when it ticks bottom, lighten or shorten. [practice] */
export function swingVerdict({ outcome, summary }: Swung): SwingVerdict {
  const { holdsShare, breaksShare, holdsBedShare, breaksBedShare, hurriedMps } = SWING_THRESHOLDS
  const { holdingShare, bedShare, touches, aboveS, belowS, crossMps, overHoldingS, onTop } = summary
  if (outcome === 'did-not-finish') return { state: 'breaks', reason: 'unfinished' }
  if (overHoldingS <= 0) return { state: 'breaks', reason: 'no-swing' }
  // With the fish deep down it is too high, whatever it does up there.
  if (onTop !== undefined && (holdingShare >= holdsShare || belowS > aboveS)) return onTopVerdict(onTop)
  if (summary.grounded) return { state: 'breaks', reason: 'grounded' }
  if (bedShare > breaksBedShare) return { state: 'breaks', reason: 'drags' }
  const deep = belowS > aboveS
  if (holdingShare < breaksShare)
    return { state: 'breaks', reason: deep ? 'too-deep' : crossMps > hurriedMps ? 'hurried' : 'too-high' }
  if (bedShare > holdsBedShare) return { state: 'watch', reason: 'scrapes' }
  if (holdingShare < holdsShare) return { state: 'watch', reason: deep ? 'seldom-deep' : 'seldom-high' }
  return { state: 'holds', reason: touches > 0 ? 'touches' : 'in-place' }
}
