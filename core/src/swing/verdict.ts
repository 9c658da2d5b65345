import type { SwingSummary } from './measures.ts'

/** What an angler would say of a swing. */
export const SWING_VERDICTS = ['drags', 'hurried', 'above', 'late', 'ticks', 'holds'] as const
export type SwingVerdict = (typeof SWING_VERDICTS)[number]

/** A fly that crosses faster than this is usually too high [m/s]. Common practice, no source. */
const HURRIED_MPS = 0.45
/** Dragged further than this, it is not fishing any more [m]. Common practice, no source. */
const DRAGS_M = 3
/** Shares of the time over holding water below which it rides above the fish, and only ends where they are. [estimate] */
const IN_BAND = { above: 0.2, late: 0.5 } as const

/** If it swings fast it is usually too high; when it ticks bottom, lighten or shorten. [practice] */
export function swingVerdict({
  holdingS,
  overHoldingS,
  touches,
  draggedM,
  crossMps,
}: SwingSummary): SwingVerdict {
  const share = overHoldingS > 0 ? holdingS / overHoldingS : 0
  if (touches > 0 && draggedM > DRAGS_M) return 'drags'
  if (share < IN_BAND.above) return crossMps > HURRIED_MPS ? 'hurried' : 'above'
  if (share < IN_BAND.late) return 'late'
  return touches > 0 ? 'ticks' : 'holds'
}
