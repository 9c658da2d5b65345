import { type LineProfile, massOfFirst } from '../line/index.ts'
import { type Looped, loopLine, type Stroke } from './room.ts'

/**
 * Share of what is carried that hangs in the upper leg of its D loop and drives the cast; the rest lies on the water or hangs below.
 * A long front taper leaves little mass there, and casts better for it. [physics]
 * @param line front first
 */
export function liveInLoop(line: LineProfile, looped: Looped, stroke: Stroke): number {
  const { anchoredM, arcM } = loopLine(looped, stroke)
  const upperKg = massOfFirst(line, anchoredM + arcM) - massOfFirst(line, anchoredM + arcM / 2)
  return upperKg / massOfFirst(line, looped.carriedM)
}
