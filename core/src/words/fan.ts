import { FAN_MODEL, type Fan } from '../ladder/index.ts'
import { printRange, printShare, type UnitSystem } from '../quantity/index.ts'
import { FOUR_IN_FIVE, POOL_SPREAD, type Run, spreadOf } from '../water/index.ts'

/** No deeper than this is on top [m]. */
const ON_TOP_M = 0.03

/** Sentence on how sure a swing's depth is. */
export function sayFan({ hangDepthM, holdingShare }: Fan, system: UnitSystem): string {
  const [low, high] = [printShare(holdingShare.low), printShare(holdingShare.high)]
  const share = low === high ? low : `${low.replace('%', '')} to ${high}`
  if (hangDepthM.high < ON_TOP_M) return `Likely (4 in 5): on top, and with the fish ${share} of the way.`
  return `Likely (4 in 5): ${printRange(hangDepthM, 'length', system, ' to ')} deep at the hang-down, and with the fish ${share} of the way.`
}

/** A spread as four in five see it. */
const about = (sd: number): string => `±${printShare(Math.exp(FOUR_IN_FIVE * sd) - 1)}`

const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1)

/** Sentence on what a fan varies, and by how much. */
export function saySpreads(pool: Run | undefined): string {
  const { depthSd, currentSd } = pool === undefined ? POOL_SPREAD : spreadOf(pool)
  const taught = pool?.byLog !== undefined && !pool.byLog.off
  const water = `depth ${about(depthSd)}${currentSd < 1e-9 ? ', the current with it' : `, current ${about(currentSd)}`}`
  const { sinkSd, normalDragSd, tangentialDragSd } = FAN_MODEL
  return `${capital(water)}${taught ? ' (narrowed by your log)' : ''}, sink rate ${about(sinkSd)}, drag across the line ${about(normalDragSd)} and along it ${about(tangentialDragSd)}.`
}
