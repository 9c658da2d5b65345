import { FAN_MODEL, type Fan } from '../ladder/index.ts'
import { printRange, type UnitSystem } from '../quantity/index.ts'
import { FOUR_IN_FIVE, POOL_SPREAD, type Run, spreadOf } from '../water/index.ts'

const percent = (share: number): string => `${Math.round(share * 100)} %`

/** No deeper than this is on top [m]. */
const ON_TOP_M = 0.03

/** Sentence on how sure a swing's depth is. */
export function sayFan({ hangDepthM, holdingShare }: Fan, system: UnitSystem): string {
  const [low, high] = [percent(holdingShare.low), percent(holdingShare.high)]
  const share = low === high ? low : `${low} to ${high}`
  if (hangDepthM.high < ON_TOP_M)
    return `Four times in five it stays on top, with the fish ${share} of the way.`
  return `Four times in five it hangs ${printRange(hangDepthM, 'length', system)} deep, and is with the fish ${share} of the way.`
}

/** A spread as four in five see it. */
const about = (sd: number): string => `± ${Math.round((Math.exp(FOUR_IN_FIVE * sd) - 1) * 100)} %`

/** Sentence on the unknowns that a fan is spread over, and by how much. */
export function saySpreads(pool: Run | undefined): string {
  const { depthSd, currentSd } = pool === undefined ? POOL_SPREAD : spreadOf(pool)
  const taught = pool?.byLog !== undefined && !pool.byLog.off
  const water = `the bed ${about(depthSd)}${currentSd < 1e-9 ? ', current with it' : `, the current ${about(currentSd)}`}`
  const { sinkSd, normalDragSd, tangentialDragSd } = FAN_MODEL
  return `Over ${water}${taught ? ' (as your log has taught)' : ''}, sink rate ${about(sinkSd)}, drag across the line ${about(normalDragSd)} and along it ${about(tangentialDragSd)}.`
}
