import type { Run } from '../water/index.ts'
import type { Stand } from './stand.ts'

/** Obstruction behind: as was said today, or else as the pool says. */
export function behindOf(pool: Run | undefined, stand: Stand): Pick<Stand, 'obstruction' | 'behindHighM'> {
  const spot = pool?.spot
  if (stand.obstruction !== 'none' || spot?.behind === undefined)
    return { obstruction: stand.obstruction, behindHighM: stand.behindHighM }
  return { obstruction: spot.behind, behindHighM: stand.behindHighM ?? spot.behindHighM }
}

/** Height of brush or cliff behind [m]; undefined for what cannot be cast over. */
export function highBehind(pool: Run | undefined, stand: Stand): number | undefined {
  const { obstruction, behindHighM } = behindOf(pool, stand)
  return obstruction === 'brush' || obstruction === 'cliff' ? behindHighM : undefined
}
