import type { Day } from '@hoxen/core/day'
import type { Item } from '@hoxen/core/gear'
import type { MatchResult, Wanted } from '@hoxen/core/match'
import type { Swung } from '@hoxen/core/swing'
import { proxy } from 'comlink'
import { askOfGear } from './gearDoor.ts'
import { ridesInPool } from './pool.ts'

/** Swings worked out, of those asked for so far. */
export interface Progress {
  readonly done: number
  readonly of: number
}

/** A page that redraws for every swing takes the time from the swings [ms]. */
const TELL_EVERY_MS = 100

/** A ranking with its best let swing: judged in the one worker, swung by the pool. */
export function secondLookInWorkers(
  items: readonly Item[],
  day: Day,
  first: MatchResult,
  onProgress: (progress: Progress) => void,
  signal: AbortSignal,
): Promise<MatchResult> {
  let [done, of, told] = [0, 0, 0]
  const letSwing = proxy(async (wanted: Wanted): Promise<readonly Swung[]> => {
    of += wanted.length
    const swings: Swung[] = []
    await ridesInPool(
      wanted.map((input, i) => ({ id: String(i), input })),
      (id, { outcome, summary }) => {
        swings[Number(id)] = { outcome, summary }
        done++
        const now = performance.now()
        if (now - told < TELL_EVERY_MS) return
        told = now
        onProgress({ done, of })
      },
      signal,
    )
    return swings
  })
  return askOfGear(items, (api, about) => api.secondLook(about, day, first, letSwing), signal)
}
