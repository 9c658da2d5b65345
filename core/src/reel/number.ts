import type { Rod } from '../gear/index.ts'
import { type EvidenceTag, M_PER_FOOT } from '../quantity/index.ts'
import { ratedNumber } from '../rod/index.ts'

export interface ReelNumbers {
  readonly low: number
  readonly high: number
  readonly tag: EvidenceTag
}

/** From this length on, a no. 7 takes the reel of a no. 8. [practice] */
const LONG_ROD_M = 12.75 * M_PER_FOOT

/**
 * Single-hand reel numbers that hold what this rod needs (C30): switch rod one or two above its number; 12–12½ ft
 * no. 7 about a 10; 13 ft no. 8 an 11–12, and a longer 7 the same. Surf by the same reasoning. [practice]
 */
export function reelNumbersFor(rod: Rod): ReelNumbers {
  const number = ratedNumber(rod)
  if (rod.hands === 'single') return { low: number, high: number + 1, tag: 'practice' }
  if (rod.hands === 'surf') return { low: number + 1, high: number + 3, tag: 'estimate' }
  if (rod.hands === 'switch' || rod.hands === 'trout-two-hander')
    return { low: number + 1, high: number + 2, tag: 'practice' }
  if (rod.lengthM < LONG_ROD_M) return { low: number + 3, high: number + 4, tag: 'practice' }
  const low = Math.max(number, 8) + 3
  return { low, high: low + 1, tag: 'practice' }
}
