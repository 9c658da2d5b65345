import { type Gear, itemsOf, type Rod, WINDOW_STYLES, type WindowStyle } from '../gear/index.ts'
import { type Learnt, nextHead, priorOf, trialsOf } from '../journal/index.ts'
import { type WindowOptions, windowFor } from '../rod/index.ts'

/** A head worth borrowing for a rod of the trip, to find out its window. */
export interface WorthBorrowing {
  readonly rod: Rod
  readonly style: WindowStyle
  readonly headKg: number
  readonly trials: number
}

/**
 * Heads worth trying on the rods of a kit: the next one of each window that was tried or bent, and is not yet known well. Rods nobody
 * began to find out are left alone.
 */
export function worthBorrowing(
  gear: Gear,
  ids: ReadonlySet<string>,
  learnt: Learnt,
  options: WindowOptions,
): readonly WorthBorrowing[] {
  return itemsOf(gear, 'rod')
    .filter(({ id }) => ids.has(id))
    .flatMap((rod) =>
      WINDOW_STYLES.flatMap((style): readonly WorthBorrowing[] => {
        const trials = trialsOf(learnt, rod.id, style)
        const bent = options.own?.[rod.id]?.[style]?.from === 'bend'
        const found = windowFor(rod, style, options)
        if ((trials.length === 0 && !bent) || found.outcome !== 'window') return []
        const next = nextHead(priorOf(found.window), trials)
        return next === undefined ? [] : [{ rod, style, headKg: next.headKg, trials: trials.length }]
      }),
    )
}
